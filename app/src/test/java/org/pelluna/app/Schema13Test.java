package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** A database as migration 13 left it: an arrival with its inverse, a fish that is out, one that was sold, a quarantine tank under way. */
class Schema13Test extends YesterdayTest {
    @DynamicPropertySource
    static void aDatabaseOfYesterday(DynamicPropertyRegistry properties) throws Exception {
        startOn("schema-13", properties);
    }

    @Test
    void itsTanksAreReadAsTheyWereOpenAndCanBeChanged() throws Exception {
        isReadAsItWasAndOpens("plan-of-schema-13.json");
        KeeperPrincipal keeper = keeper();
        UUID bare = database.sql("select id from tank where name like 'Side room%'")
                .query(UUID.class)
                .single();
        pages.perform(get(keeper, "/tanks/" + bare + "/quarantine")).andExpect(status().isOk());

        pages.perform(post(keeper, "/tanks/" + reef() + "/arrivals/w-neon/undo"))
                .andExpect(status().isFound());
        TankPlan plan = tanks.plan(keeper.id(), reef());
        assertThat(plan.wishes()).extracting(Wish::id).contains(new WishId("w-neon"));
        assertThat(plan.residents()).extracting(Resident::name).doesNotContain("Spark");
    }
}
