package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** A database as migration 8 left it: what happened was not kept with its inverse yet. */
class Schema8Test extends YesterdayTest {
    @DynamicPropertySource
    static void aDatabaseOfYesterday(DynamicPropertyRegistry properties) throws Exception {
        startOn("schema-8", properties);
    }

    @Test
    void itsTanksAreReadAsTheyWereOpenAndCanBeChanged() throws Exception {
        isReadAsItWasAndOpens("plan-of-schema-8.json");
        KeeperPrincipal keeper = keeper();
        UUID reef = reef();
        // What happened before inverses were kept is taken back as well as it could be then.
        pages.perform(post(keeper, "/tanks/" + reef + "/arrivals/w-neon/undo")).andExpect(status().isFound());
        TankPlan plan = tanks.plan(keeper.id(), reef);
        assertThat(plan.wishes()).extracting(Wish::id).contains(new WishId("w-neon"));
        String late = plan.schedule().setbacks().stream()
                .filter(one -> one.kind() == Setback.Kind.DIED)
                .findFirst()
                .orElseThrow()
                .id();
        pages.perform(post(keeper, "/tanks/" + reef + "/arrivals/w-fairy/setback/" + late + "/undo"))
                .andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), reef).wishes())
                .filteredOn(one -> one.id().key().equals("w-fairy"))
                .singleElement()
                .satisfies(one -> assertThat(one.decision()).isEqualTo(Wish.Decision.OPEN));
    }
}
