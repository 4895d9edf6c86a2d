package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.springframework.beans.factory.annotation.Autowired;

/** A way among the alternatives is taken: order and tasks follow, and are taken back. A quiet watch of the past is noted. */
class StockingStrategiesTest extends PageTest {
    @Autowired
    TankCache cache;

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

    private String page(String path) throws Exception {
        return pages.perform(get(keeper, "/tanks/" + tank + path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void everyWayCanBeTakenAndTakenBack() throws Exception {
        TankPlan before = plan();
        assertThat(page("/arrivals/alternatives")).contains("Use this order").contains("This is your order.");
        var answers = cache.of(keeper.id(), tank);
        var ways = Alternative.of(answers.planning(), answers.assessment().judgements(), answers.reserve());
        assertThat(ways).hasSizeGreaterThan(2);
        for (Alternative way : ways) {
            String form = UUID.randomUUID().toString();
            for (int i = 0; i < 2; i++) {
                pages.perform(post(keeper, "/tanks/{t}/arrivals/alternatives/{w}/take", tank, way.key())
                                .param("form", form))
                        .andExpect(redirectedUrl("/tanks/" + tank + "/arrivals"));
            }
            TankPlan taken = plan();
            boolean computed = way.key().equals("best") || way.key().equals(Alternative.FEWER);
            assertThat(taken.schedule().order())
                    .as(way.key())
                    .isEqualTo(computed ? java.util.List.of() : way.wishOrder(answers.planning()));
            assertThat(taken.wishes().stream().filter(one -> one.decision() == Wish.Decision.STRUCK))
                    .as(way.key())
                    .hasSize(way.key().equals(Alternative.FEWER) ? 1 : 0);
            boolean bully = way.outMeanwhile(answers.planning()).isPresent();
            assertThat(taken.observations().tasks())
                    .as(way.key())
                    .hasSize(before.observations().tasks().size() + (bully ? 2 : 0));
            assertThat(cache.of(keeper.id(), tank).assessment().order().cost().total())
                    .as("the price of " + way.key() + " once it is taken")
                    .isCloseTo(way.cost().total(), within(1e-9));
            assertThat(page("/arrivals").contains("returns last, on"))
                    .as(way.key())
                    .isEqualTo(bully);
            assertThat(page("/arrivals/alternatives")).contains("This is your order.");
            pages.perform(post(keeper, "/tanks/{t}/arrivals/alternatives/undo/{f}", tank, form))
                    .andExpect(status().isFound());
            assertThat(plan()).as(way.key()).isEqualTo(before);
        }
        assertThat(ways).anyMatch(way -> way.outMeanwhile(answers.planning()).isPresent());
        pages.perform(post(keeper, "/tanks/{t}/arrivals/alternatives/none/take", tank)
                        .param("form", UUID.randomUUID().toString()))
                .andExpect(status().isNotFound());
    }

    @Test
    void aQuietWatchOfThePastIsNotedOnce() throws Exception {
        int before = plan().observations().watches().size();
        assertThat(page("/watch")).contains("a quiet one too");
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            pages.perform(post(keeper, "/tanks/{t}/watch/watches", tank)
                            .param("key", key)
                            .param("start", plan().asOf().minusDays(2) + "T19:30")
                            .param("minutes", "25"))
                    .andExpect(redirectedUrl("/tanks/" + tank + "/watch"));
        }
        assertThat(plan().observations().watches()).hasSize(before + 1);
        pages.perform(post(keeper, "/tanks/{t}/watch/watches", tank)
                        .param("key", UUID.randomUUID().toString())
                        .param("start", plan().asOf().minusDays(2) + "T19:30")
                        .param("minutes", "0"))
                .andExpect(status().isBadRequest());
        pages.perform(post(keeper, "/tanks/{t}/watch/items/{k}/remove", tank, key))
                .andExpect(status().isFound());
        assertThat(plan().observations().watches()).hasSize(before);
    }
}
