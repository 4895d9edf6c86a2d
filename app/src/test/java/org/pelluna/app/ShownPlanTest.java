package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.RemarkRow;
import org.pelluna.app.storage.RemarkRow.State;
import org.pelluna.app.storage.RemarkStore;
import org.pelluna.app.storage.ShareStore;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A plan shown by its link: read by anyone who has it, changed by nobody, remarked on within bounds. */
class ShownPlanTest extends PageTest {
    @Autowired
    ShareStore shares;

    @Autowired
    RemarkStore remarks;

    private KeeperPrincipal owner;
    private UUID tank;

    @BeforeEach
    void aKeeperWithAReef() {
        owner = newKeeper();
        tank = tanks.add(owner.id(), demoPlan());
    }

    private String link(boolean name, boolean log) {
        return shares.open(owner.id(), tank, ShareStore.Purpose.PLAN, new ShareStore.Shows(name, log));
    }

    private String seen(String token) throws Exception {
        return pages.perform(MockMvcRequestBuilders.get("/share/plan/" + token))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private int send(String token, UUID key, String about, String author, String words) throws Exception {
        return pages.perform(MockMvcRequestBuilders.post("/share/plan/" + token + "/remarks")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_FORM_URLENCODED)
                        .param("key", key.toString())
                        .param("about", about)
                        .param("author", author)
                        .param("words", words))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private List<RemarkRow> kept() {
        return remarks.of(owner.id(), tank);
    }

    @Test
    void itTellsThePlanAndOnlyWhatItsKeeperWantsTold() throws Exception {
        String bare = seen(link(false, false));
        assertThat(bare).contains("Skerry reef", "Living here", "Gale", "Arrivals", "Send remark");
        assertThat(bare).doesNotContain("A keeper", "What happened", owner.getUsername());
        // Nothing of a tank is reached from it.
        assertThat(bare).doesNotContain("/tanks/");
        String told = seen(link(true, true));
        assertThat(told).contains("kept by A keeper", "What happened");
    }

    @Test
    void aNewLinkEndsTheOldAndAnEndedOneShowsNothing() throws Exception {
        String old = link(false, false);
        String now = link(false, false);
        pages.perform(MockMvcRequestBuilders.get("/share/plan/" + old)).andExpect(status().isNotFound());
        seen(now);
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + tank + "/plan/show/revoke")
                        .with(csrf())
                        .with(user(owner)))
                .andExpect(status().isFound());
        pages.perform(MockMvcRequestBuilders.get("/share/plan/" + now)).andExpect(status().isNotFound());
        assertThat(send(now, UUID.randomUUID(), "", "Runa", "Too late.")).isEqualTo(404);
        // A link for another purpose is none for this.
        String wishes = shares.open(owner.id(), tank, ShareStore.Purpose.WISHES);
        pages.perform(MockMvcRequestBuilders.get("/share/plan/" + wishes)).andExpect(status().isNotFound());
    }

    @Test
    void aRemarkWaitsForTheKeeperStandsWhenItMayAndIsEscaped() throws Exception {
        String token = link(false, false);
        UUID key = UUID.randomUUID();
        assertThat(send(token, key, "gale", "Runa", "She will <b>rule</b> the left cave."))
                .isEqualTo(302);
        // Sent twice, it is there once.
        assertThat(send(token, key, "gale", "Runa", "She will <b>rule</b> the left cave."))
                .isEqualTo(302);
        assertThat(kept()).hasSize(1);
        assertThat(seen(token)).doesNotContain("the left cave");
        assertThat(page(owner, "/tanks/" + tank + "/plan/show")).contains("Runa", "of Gale", "only you see it");
        decide(State.STANDS);
        assertThat(seen(token))
                .contains("She will &lt;b&gt;rule&lt;/b&gt; the left cave.")
                .doesNotContain("<b>rule");
        decide(State.WAITS);
        assertThat(seen(token)).doesNotContain("the left cave");
        decide(State.REMOVED);
        assertThat(kept()).isEmpty();
    }

    private void decide(State state) throws Exception {
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + tank + "/plan/remarks/"
                                + kept().get(0).id())
                        .with(csrf())
                        .with(user(owner))
                        .param("state", state.name()))
                .andExpect(status().isFound());
    }

    @Test
    void whatIsNoRemarkIsRefusedAndItsWordsAreKept() throws Exception {
        String token = link(false, false);
        assertThat(send(token, UUID.randomUUID(), "gale", "", "No name.")).isEqualTo(422);
        assertThat(send(token, UUID.randomUUID(), "gale", "Runa", " ")).isEqualTo(422);
        assertThat(send(token, UUID.randomUUID(), "gale", "Runa", "x".repeat(601)))
                .isEqualTo(422);
        assertThat(send(token, UUID.randomUUID(), "nobody", "Runa", "Who?")).isEqualTo(422);
        assertThat(kept()).isEmpty();
        String again = pages.perform(MockMvcRequestBuilders.post("/share/plan/" + token + "/remarks")
                        .with(csrf())
                        .param("key", UUID.randomUUID().toString())
                        .param("about", "gale")
                        .param("words", "Mind the small ones."))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(again).contains("Mind the small ones.</textarea>", "Say who you are");
    }

    @Test
    void muchAtOnceIsRefused() throws Exception {
        String token = link(false, false);
        for (int i = 0; i < 5; i++) {
            assertThat(send(token, UUID.randomUUID(), "", "Runa", "Remark " + i))
                    .isEqualTo(302);
        }
        assertThat(send(token, UUID.randomUUID(), "", "Runa", "One more")).isEqualTo(422);
        assertThat(kept()).hasSize(5);
    }

    @Test
    void anotherKeeperDecidesNothing() throws Exception {
        String token = link(false, false);
        send(token, UUID.randomUUID(), "", "Runa", "A word.");
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + tank + "/plan/remarks/"
                                + kept().get(0).id())
                        .with(csrf())
                        .with(user(newKeeper()))
                        .param("state", "STANDS"))
                .andExpect(status().isNotFound());
        KeeperPrincipal other = newKeeper();
        UUID theirs = tanks.add(other.id(), demoPlan());
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + theirs + "/plan/remarks/"
                                + kept().get(0).id())
                        .with(csrf())
                        .with(user(other))
                        .param("state", "STANDS"))
                .andExpect(status().isNotFound());
        assertThat(kept().get(0).state()).isEqualTo(State.WAITS);
    }

    @Test
    void theSheetStandsByItself() throws Exception {
        String svg = pages.perform(get(owner, "/tanks/" + tank + "/plan/sheet.svg"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(svg).startsWith("<svg").contains("Skerry reef", "Living here", "To come", "@font-face");
        // Every portrait it uses it carries, and nothing is fetched.
        java.util.regex.Pattern.compile("href=\"#([^\"]+)\"")
                .matcher(svg)
                .results()
                .forEach(use -> assertThat(svg).contains("id=\"" + use.group(1) + "\""));
        assertThat(svg).doesNotContain("href=\"/", "http://127");
    }
}
