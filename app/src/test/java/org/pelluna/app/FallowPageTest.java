package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;

/** A display left without fish: decided, emptied, waited for, broken and taken back, on every page that speaks of it. */
class FallowPageTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;
    private String here;
    private String page;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        here = "/tanks/" + tank;
        page = here + "/watch/without-fish";
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private String decide(String parasite) throws Exception {
        String key = UUID.randomUUID().toString();
        send(keeper, page, "key", key, "parasite", parasite, "on", plan().asOf().toString())
                .andExpect(redirectedUrl(page));
        return key;
    }

    private void empty() throws Exception {
        for (Resident one : plan().residents()) {
            if (one.livesHere(plan().asOf())) {
                send(
                                keeper,
                                here + "/fish/" + one.id() + "/out",
                                "form",
                                UUID.randomUUID().toString(),
                                "place",
                                "QUARANTINE",
                                "on",
                                plan().asOf().toString())
                        .andExpect(status().isFound());
            }
        }
    }

    @Test
    void theDaysBeginWhenTheLastFishIsOutAndEveryPageSaysSo() throws Exception {
        assertThat(page(keeper, page)).contains("Is a disease in this tank?", "Velvet: 42 days without fish");
        String key = decide("VELVET");
        assertThat(page(keeper, page)).contains("<p class=\"headline", "out: the 42 days without fish begin when");
        empty();
        LocalDate safe = plan().asOf().plusDays(42);
        assertThat(page(keeper, page))
                .contains("Keep the display without fish until", "in quarantine since", "Who goes back, and when");
        assertThat(page(keeper, "/today")).contains("Keep the display without fish until");
        assertThat(page(keeper, here + "/wishes")).contains("Keep the display without fish until");
        assertThat(page(keeper, here + "/plan.json")).contains("\"fallows\"");
        assertThat(plan().observations().fallows()).hasSize(1);

        Resident back = plan().residents().stream()
                .filter(one -> one.belongsHere(plan().asOf()))
                .findFirst()
                .orElseThrow();
        send(
                        keeper,
                        here + "/fish/" + back.id() + "/back",
                        "form",
                        UUID.randomUUID().toString(),
                        "on",
                        plan().asOf().toString())
                .andExpect(status().isFound());
        assertThat(page(keeper, page)).doesNotContain("Keep the display without fish until " + safe);

        send(keeper, here + "/watch/items/" + key + "/remove", "back", "without-fish")
                .andExpect(redirectedUrl(page));
        assertThat(page(keeper, page)).contains("Is a disease in this tank?");
        assertThat(page(keeper, "/today")).doesNotContain("without fish");
        send(keeper, here + "/watch/items/" + key + "/restore").andExpect(status().isFound());
        assertThat(plan().observations().fallows()).hasSize(1);
    }

    @Test
    void withoutADiseaseNothingIsKept() throws Exception {
        send(
                keeper,
                page,
                "key",
                UUID.randomUUID().toString(),
                "on",
                plan().asOf().toString());
        assertThat(plan().observations().fallows()).isEmpty();
    }
}
