package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasToString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.OwnFigureStore;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.plan.CorrectionFile;
import org.pelluna.core.species.SpeciesFigure;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** A keeper's own figure beside the catalogue's: for all tanks of that keeper, for nobody else. */
class OwnFigurePageTest extends PageTest {
    @Autowired
    OwnFigureStore figures;

    private KeeperPrincipal keeper;
    private UUID tank;
    private UUID second;
    private String entry;

    @BeforeEach
    void twoReefs() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        second = tanks.add(keeper.id(), demoPlan());
        entry = "/tanks/" + tank + "/species/gramma-loreto";
    }

    private ResultActions enter(String figure, String value, String... seen) throws Exception {
        return pages.perform(post(keeper, entry + "/figures")
                .param("figure", figure)
                .param("value", value)
                .param("note", "my own fish, measured")
                .param("seen", seen));
    }

    @Test
    void itCountsInAllTanksOfItsKeeperAndForNobodyElse() throws Exception {
        pages.perform(get(keeper, "/tanks/{t}/species/gramma-loreto", second))
                .andExpect(content().string(not(containsString("5000"))));
        enter("VOLUME", "5000").andExpect(status().isFound());
        for (UUID one : new UUID[] {tank, second}) {
            pages.perform(get(keeper, "/tanks/{t}/species/gramma-loreto", one))
                    .andExpect(content().string(containsString("5000\u00a0L")))
                    .andExpect(content().string(containsString("my own fish, measured")))
                    .andExpect(content().string(containsString("as entered")));
        }
        KeeperPrincipal other = newKeeper();
        UUID theirs = tanks.add(other.id(), demoPlan());
        pages.perform(get(other, "/tanks/{t}/species/gramma-loreto", theirs))
                .andExpect(content().string(not(containsString("5000"))));
        pages.perform(post(other, entry + "/figures/VOLUME/remove")).andExpect(status().isNotFound());
        pages.perform(post(other, "/tanks/" + theirs + "/species/gramma-loreto/figures/VOLUME/remove"))
                .andExpect(status().isNotFound());
        assertThat(figures.of(keeper.id())).hasSize(1);
        assertThat(figures.of(other.id())).isEmpty();
    }

    @Test
    void whatWasTypedAndRefusedStandsInTheForm() throws Exception {
        var answer = pages.perform(post(keeper, entry + "/figures")
                        .header("Referer", "http://localhost" + entry)
                        .header("Sec-Fetch-Mode", "navigate")
                        .param("figure", "SOLD")
                        .param("value", "900")
                        .param("note", "seen on the reef wall"))
                .andExpect(status().isFound())
                .andReturn();
        pages.perform(get(keeper, entry).cookie(answer.getResponse().getCookie("pelluna")))
                .andExpect(content().string(containsString("value=\"seen on the reef wall\"")))
                .andExpect(content().string(containsString("value=\"900\"")))
                .andExpect(content().string(containsString("value=\"SOLD\" selected")));
        pages.perform(get(keeper, entry)).andExpect(content().string(not(containsString("seen on the reef wall"))));
    }

    @Test
    void whatCannotBeIsTurnedBackWithASentence() throws Exception {
        enter("SOLD", "900").andExpect(status().is4xxClientError());
        enter("ADULT", "-3").andExpect(status().is4xxClientError());
        enter("ADULT", "NaN").andExpect(status().is4xxClientError());
        enter("COLOUR", "3").andExpect(status().is4xxClientError());
        pages.perform(post(keeper, "/tanks/" + tank + "/species/salmo-salar/figures")
                        .param("figure", "ADULT")
                        .param("value", "3")
                        .param("note", "x"))
                .andExpect(status().isNotFound());
        assertThat(figures.of(keeper.id())).isEmpty();
    }

    @Test
    void aSecondWindowDoesNotOverwriteWhatItHasNotSeen() throws Exception {
        enter("ADULT", "9").andExpect(status().isFound());
        enter("ADULT", "10").andExpect(status().isConflict());
        String mark =
                org.pelluna.app.storage.VersionMark.mark(figures.of(keeper.id()).get(0));
        enter("ADULT", "10", mark).andExpect(status().isFound());
        assertThat(figures.of(keeper.id()))
                .singleElement()
                .satisfies(one -> assertThat(one.value()).isEqualTo(10));
    }

    @Test
    void takenBackItCanBeHadAgainAndItGoesOutAsAFile() throws Exception {
        enter("ADULT", "9");
        String file = pages.perform(get(keeper, "/figures.json"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(CorrectionFile.read(file)).isEqualTo(figures.of(keeper.id()));
        Correction was = figures.of(keeper.id()).get(0);
        pages.perform(post(keeper, entry + "/figures/ADULT/remove"))
                .andExpect(flash().attribute("undo", hasToString(containsString("note=my%20own%20fish"))));
        assertThat(figures.of(keeper.id())).isEmpty();
        pages.perform(post(keeper, entry + "/figures?figure=ADULT&value=9.0&note={n}", "my own fish, measured"))
                .andExpect(status().isFound());
        assertThat(figures.of(keeper.id())).containsExactly(was);
    }

    /** What an imported tank brought goes with it, and comes back with it; what its keeper has said since stays. */
    @Test
    void figuresThatCameWithATankGoWithIt() throws Exception {
        Correction volume = correction(SpeciesFigure.VOLUME, 5000);
        Correction longest = correction(SpeciesFigure.ADULT, 7);
        UUID imported = tanks.add(keeper.id(), demoPlan().with(as -> as.corrections(List.of(volume, longest))));
        assertThat(figures.of(keeper.id())).containsExactlyInAnyOrder(volume, longest);
        assertThat(page(keeper, "/tanks/" + second + "/species/gramma-loreto")).contains("5000\u00a0L");

        send(keeper, "/tanks/" + imported + "/remove")
                .andExpect(flash().attribute("undo", hasToString(containsString("no longer count"))));
        assertThat(figures.of(keeper.id())).isEmpty();
        assertThat(page(keeper, "/tanks/" + second + "/species/gramma-loreto")).doesNotContain("5000\u00a0L");
        enter("ADULT", "8").andExpect(status().isFound());

        send(keeper, "/tanks/" + imported + "/restore");
        assertThat(figures.of(keeper.id()))
                .contains(volume)
                .hasSize(2)
                .extracting(Correction::value)
                .contains(8.0);
        assertThat(page(keeper, "/tanks/" + second + "/species/gramma-loreto")).contains("5000\u00a0L");

        send(keeper, "/tanks/" + imported + "/remove");
        tanks.add(keeper.id(), demoPlan().with(as -> as.corrections(List.of(volume, longest))));
        assertThat(figures.of(keeper.id()))
                .as("what came again counts again")
                .contains(volume)
                .hasSize(2);
    }

    private static Correction correction(SpeciesFigure figure, double value) {
        return new Correction(new SpeciesId("gramma-loreto"), figure, value, "a friend's", LocalDate.of(2026, 3, 1));
    }
}
