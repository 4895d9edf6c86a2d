package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.Observations;

/** Invertebrates through the pages: planned, bought, seen fighting. */
class CrewPageTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;
    private String crew;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        TankPlan demo = demoPlan();
        tank = tanks.add(
                keeper.id(),
                demo.withObservations(demo.observations()
                        .with(as -> as.crewPlans(java.util.List.of()).crewEncounters(java.util.List.of()))));
        crew = "/tanks/" + tank + "/losses/crew";
    }

    private Observations seen() {
        return tanks.plan(keeper.id(), tank).observations();
    }

    private String today() {
        return tanks.plan(keeper.id(), tank).asOf().toString();
    }

    @Test
    void aShrimpIsPlannedBoughtAndTakenBack() throws Exception {
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            send(keeper, crew + "/plan", "key", form, "name", "Tiger pistol shrimp", "count", "1")
                    .andExpect(redirectedUrl(crew));
        }
        assertThat(seen().crewPlans())
                .singleElement()
                .satisfies(one -> assertThat(one.group().words()).isEqualTo("shrimps"));
        assertThat(page(keeper, crew)).contains("To buy", "Tiger pistol shrimp", "Alpheus");
        assertThat(page(keeper, "/tanks/" + tank + "/arrivals"))
                .contains("Shrimps, snails and others to add", "Tiger pistol shrimp, ");
        assertThat(page(keeper, "/tanks/" + tank + "/arrivals/paper")).contains("Tiger pistol shrimp");
        assertThat(page(keeper, "/tanks/" + tank + "/arrivals/calendar.ics")).contains("Look for Tiger pistol shrimp");
        assertThat(page(keeper, "/today")).contains("Look for Tiger pistol shrimp");

        int before = seen().crew().size();
        String bought = UUID.randomUUID().toString();
        send(keeper, crew + "/plan/" + form + "/bought", "key", bought, "on", today(), "count", "1", "smallest", "3")
                .andExpect(redirectedUrl(crew));
        assertThat(seen().crewPlans()).isEmpty();
        assertThat(seen().crew()).hasSize(before + 1);
        assertThat(page(keeper, "/today")).doesNotContain("Look for Tiger pistol shrimp");
        send(keeper, crew + "/plan/" + form + "/bought/undo/" + bought).andExpect(redirectedUrl(crew));
        assertThat(seen().crewPlans()).hasSize(1);
        assertThat(seen().crew()).hasSize(before);
    }

    /** In a tank where nothing speaks against an animal there is no finding to quote. */
    @Test
    void whatNothingSpeaksAgainstMayComeNow() throws Exception {
        var plan = tanks.plan(keeper.id(), tank);
        tank = tanks.add(
                keeper.id(), plan.with(as -> as.residents(java.util.List.of()).wishes(java.util.List.of())));
        send(
                keeper,
                "/tanks/" + tank + "/losses/crew/plan",
                "key",
                UUID.randomUUID().toString(),
                "name",
                "my own stars",
                "group",
                "STARFISH",
                "count",
                "1");
        for (String page : java.util.List.of("", "/paper", "/calendar.ics", "/alternatives")) {
            String words = page(keeper, "/tanks/" + tank + "/arrivals" + page);
            assertThat(words).doesNotContain("no day yet");
        }
        assertThat(page(keeper, "/tanks/" + tank + "/arrivals")).contains("my own stars, can arrive now");
        assertThat(page(keeper, "/today")).isNotEmpty();
    }

    @Test
    void aWarAmongHermitsAndAWrasseOnAShrimpAreLogged() throws Exception {
        send(
                        keeper,
                        crew,
                        "key",
                        UUID.randomUUID().toString(),
                        "name",
                        "Blue-legged hermit crab",
                        "what",
                        CrewCount.Kind.ADDED.name(),
                        "count",
                        "8",
                        "smallest",
                        "1.5",
                        "on",
                        today())
                .andExpect(redirectedUrl(crew));
        String log = "/tanks/" + tank + "/watch";
        assertThat(page(keeper, log)).contains("value=\"crew:Blue-legged hermit crab\"");
        String key = UUID.randomUUID().toString();
        send(
                        keeper,
                        log,
                        "key",
                        key,
                        "at",
                        today() + "T00:01",
                        "kind",
                        "NIP",
                        "aggressor",
                        "crew:Blue-legged hermit crab",
                        "fish",
                        "crew:Blue-legged hermit crab",
                        "hardness",
                        "2")
                .andExpect(redirectedUrl(log));
        assertThat(seen().crewEncounters()).hasSize(1);
        assertThat(page(keeper, log)).contains("Blue-legged hermit crab nipped others of their species");
        assertThat(page(keeper, crew)).contains("Seen between them and others");
        send(
                        keeper,
                        log,
                        "key",
                        UUID.randomUUID().toString(),
                        "at",
                        today() + "T00:01",
                        "kind",
                        "NIP",
                        "fish",
                        "crew:x")
                .andExpect(status().is4xxClientError());
        send(keeper, log + "/items/" + key + "/remove").andExpect(status().is3xxRedirection());
        assertThat(seen().crewEncounters()).isEmpty();
        String fish = tanks.plan(keeper.id(), tank).residents().get(0).id().key();
        send(
                        keeper,
                        log,
                        "key",
                        UUID.randomUUID().toString(),
                        "at",
                        today() + "T00:01",
                        "kind",
                        "CHASE",
                        "aggressor",
                        fish,
                        "fish",
                        "crew:cleaner shrimp")
                .andExpect(redirectedUrl(log));
        assertThat(seen().crewEncounters())
                .singleElement()
                .satisfies(one -> assertThat(one.by().fish()).isPresent());
    }
}
