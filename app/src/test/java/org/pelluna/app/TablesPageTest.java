package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.TableStore;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Tables of the log, the tests and the losses: looked into, taken in, taken out. */
class TablesPageTest extends PageTest {
    @Autowired
    TableStore tables;

    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private UUID bring(String kind, String text) throws Exception {
        String form = UUID.randomUUID().toString();
        java.util.Set<String> pages = new java.util.HashSet<>();
        for (int i = 0; i < 2; i++) {
            pages.add(this.pages
                    .perform(MockMvcRequestBuilders.multipart("/tanks/{t}/tables", tank)
                            .file(new MockMultipartFile(
                                    "file", "t.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)))
                            .param("kind", kind)
                            .param("key", form)
                            .with(user(keeper))
                            .with(csrf()))
                    .andExpect(status().isFound())
                    .andReturn()
                    .getResponse()
                    .getRedirectedUrl());
        }
        assertThat(pages).as("sent twice, kept once").hasSize(1);
        String page = pages.iterator().next();
        return UUID.fromString(page.substring(page.lastIndexOf('/') + 1));
    }

    private void take(UUID draft) throws Exception {
        pages.perform(post(keeper, "/tanks/{t}/tables/{d}/take", tank, draft)).andExpect(status().isFound());
        long until = System.nanoTime() + Duration.ofSeconds(20).toNanos();
        while (!tables.get(keeper.id(), tank, draft).isFinished() && System.nanoTime() < until) {
            Thread.onSpinWait();
        }
        assertThat(tables.get(keeper.id(), tank, draft).isFinished()).isTrue();
    }

    @Test
    void testsAreLookedIntoTakenInOnceAndTakenOutAgain() throws Exception {
        int before = tanks.plan(keeper.id(), tank).waterTests().size();
        UUID draft = bring("TESTS", "Date,NO3,PO4\n2026-11-03,4.5,0.03\n2026-11-04,many,\n");
        pages.perform(get(keeper, "/tanks/{t}/tables/{d}", tank, draft))
                .andExpect(content().string(containsString("1 row cannot be read")))
                .andExpect(content().string(containsString("&#39;nitrate&#39; is a number")));
        assertThat(tanks.plan(keeper.id(), tank).waterTests()).hasSize(before);
        take(draft);
        assertThat(tanks.plan(keeper.id(), tank).waterTests()).hasSize(before + 2);
        UUID again = bring("TESTS", "Date,NO3,PO4\n2026-11-03,4.5,0.03\n");
        pages.perform(get(keeper, "/tanks/{t}/tables/{d}", tank, again))
                .andExpect(content().string(containsString("Nothing in it is new")));
        pages.perform(post(keeper, "/tanks/{t}/tables/{d}/undo", tank, draft)).andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), tank).waterTests()).hasSize(before);
    }

    @Test
    void theLogAndTheLossesGoOutAndComeInElsewhere() throws Exception {
        String log = pages.perform(get(keeper, "/tanks/{t}/tables/log.csv", tank))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        String losses = pages.perform(get(keeper, "/tanks/{t}/tables/losses.csv", tank))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        var plan = tanks.plan(keeper.id(), tank);
        plan.log().forEach(entry -> removed("/tanks/" + tank + "/watch/" + entry.id() + "/remove"));
        plan.losses().forEach(loss -> removed("/tanks/" + tank + "/losses/" + loss.id() + "/remove"));
        assertThat(tanks.plan(keeper.id(), tank).log()).isEmpty();
        // What was removed keeps its key, so the same keys cannot come in twice; fresh ones can.
        take(bring("LOG", log.replaceAll("(?m),[^,\r\n]*$", ",").replaceFirst("note,(\r?\n)", "note,id$1")));
        take(bring("LOSSES", losses.replaceAll("(?m),[^,\r\n]*$", ",").replaceFirst("note,(\r?\n)", "note,id$1")));
        assertThat(tanks.plan(keeper.id(), tank).log())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .containsExactlyInAnyOrderElementsOf(plan.log());
        assertThat(tanks.plan(keeper.id(), tank).losses())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .containsExactlyInAnyOrderElementsOf(plan.losses());
    }

    private void removed(String path) {
        try {
            pages.perform(post(keeper, path)).andExpect(status().isFound());
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whatIsNoTableIsRefusedInASentence() throws Exception {
        UUID draft = bring("LOG", "just some words");
        pages.perform(get(keeper, "/tanks/{t}/tables/{d}", tank, draft))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("No heading matches")));
        pages.perform(get(newKeeper(), "/tanks/{t}/tables/{d}", tank, draft)).andExpect(status().isNotFound());
    }
}
