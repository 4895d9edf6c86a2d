package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Fish entered from a table and with who bosses whom; what is written, photographed and seen spawning of one. */
class EnterPageTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    @Test
    void aTableFillsTheLinesAndNothingIsKeptBefore() throws Exception {
        TankPlan before = plan();
        String enter = "/tanks/" + tank + "/residents/enter";
        send(keeper, enter + "/table", "table", "fish;count;since\nroyal gramma;2;spring 2024\nquxfish;1;2020")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("value=\"royal gramma\"")))
                .andExpect(content().string(containsString("2024-04-15")))
                .andExpect(content().string(containsString("not in the catalogue")));
        send(keeper, enter + "/table", "table", "who;when\na;b")
                .andExpect(content().string(containsString("No heading says which fish")));
        send(keeper, enter + "/table", "table", "")
                .andExpect(content().string(containsString("Paste the table first")));
        assertThat(plan()).isEqualTo(before);
    }

    @Test
    void whoBossesWhomIsKeptAsANoteAndTakenBackWithTheFish() throws Exception {
        TankPlan before = plan();
        String enter = "/tanks/" + tank + "/residents/enter";
        String key = UUID.randomUUID().toString();
        String[] row = {"key", key, "rows[0].fish", "Royal gramma", "rows[0].name", "Plume", "ranks", "Gale over Nobody"
        };
        send(keeper, enter, row)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("is not understood")));
        row[7] = "gale over plume; Plume bosses Gale";
        send(keeper, enter, row).andExpect(redirectedUrl("/tanks/" + tank));
        assertThat(plan().log()).hasSize(before.log().size() + 2);
        assertThat(page(keeper, "/tanks/" + tank + "/fish/gale")).contains("bosses Plume, as said");
        send(keeper, enter + "/undo/" + key).andExpect(status().isFound());
        assertThat(plan()).isEqualTo(before);
    }

    @Test
    void aPhotographAndASpawningStandInItsStory() throws Exception {
        String gale = "/tanks/" + tank + "/fish/gale";
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB), "png", png);
        String key = UUID.randomUUID().toString();
        String day = plan().asOf().minusDays(1).toString();
        for (int i = 0; i < 2; i++) {
            pages.perform(MockMvcRequestBuilders.multipart(gale + "/note")
                            .file(new MockMultipartFile("photo", "gale.png", "image/png", png.toByteArray()))
                            .param("form", key)
                            .param("on", day)
                            .param("note", "colours up")
                            .with(user(keeper))
                            .with(csrf()))
                    .andExpect(redirectedUrl(gale));
        }
        assertThat(page(keeper, gale)).contains("colours up", "/watch/photos/" + key + "-photo");
        pages.perform(get(keeper, "/tanks/" + tank + "/watch/photos/" + key + "-photo"))
                .andExpect(status().isOk());
        send(keeper, gale + "/note", "form", UUID.randomUUID().toString(), "on", day, "spawned", "true")
                .andExpect(redirectedUrl(gale));
        assertThat(page(keeper, gale)).contains("spawned");
        assertThat(plan().log()).anyMatch(entry -> entry.kind() == LogEntry.Kind.SPAWNED);
        send(keeper, gale + "/note", "form", UUID.randomUUID().toString(), "on", day)
                .andExpect(status().isBadRequest());
        send(keeper, "/tanks/" + tank + "/watch/" + key + "/remove").andExpect(status().isFound());
        assertThat(page(keeper, gale)).doesNotContain("colours up");
    }
}
