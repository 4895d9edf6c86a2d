package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.init.ScriptUtils;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/**
 * A database as migration 8 left it, with a keeper's data, comes up under today's code: every page of it, and the plan it held. It was
 * written by that version itself (pg_dump), and is kept so that no row of yesterday is forgotten.
 */
class DatabaseOfYesterdayTest extends PageTest {
    private static final String NAME =
            "yesterday_" + UUID.randomUUID().toString().replace("-", "");

    @Autowired
    JdbcClient database;

    @Autowired
    HappeningStore happenings;

    @DynamicPropertySource
    static void aDatabaseOfYesterday(DynamicPropertyRegistry properties) throws Exception {
        String url = System.getenv("PELLUNA_TEST_DB_URL");
        String user = System.getenv("PELLUNA_TEST_DB_USER");
        String password = System.getenv("PELLUNA_TEST_DB_PASSWORD");
        String yesterday = url.substring(0, url.lastIndexOf('/') + 1) + NAME;
        try (Connection connection = DriverManager.getConnection(url + "_1", user, password);
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + NAME);
        }
        try (Connection connection = DriverManager.getConnection(yesterday, user, password)) {
            ScriptUtils.executeSqlScript(connection, new ClassPathResource("yesterday/schema-8.sql"));
        }
        properties.add("spring.datasource.url", () -> yesterday);
    }

    private KeeperPrincipal keeper() {
        return new KeeperPrincipal(
                database.sql("select id from keeper where username = 'demo'")
                        .query(UUID.class)
                        .single(),
                "demo",
                "");
    }

    @Test
    void itsTanksAreReadAsTheyWereOpenAndCanBeChanged() throws Exception {
        KeeperPrincipal keeper = keeper();
        UUID reef = database.sql("select id from tank where name like 'Skerry%'")
                .query(UUID.class)
                .single();
        TankPlan then = PlanFile.read(
                new ClassPathResource("yesterday/plan-of-schema-8.json").getContentAsString(StandardCharsets.UTF_8),
                catalogue);
        TankPlan now = tanks.plan(keeper.id(), reef);
        assertThat(now.withAsOf(then.asOf())).isEqualTo(then);
        for (String path : new String[] {
            "",
            "/wishes",
            "/arrivals",
            "/arrivals/money",
            "/company",
            "/headroom",
            "/rules",
            "/water",
            "/watch",
            "/losses",
            "/reef",
            "/shop",
            "/species"
        }) {
            pages.perform(get(keeper, "/tanks/" + reef + path)).andExpect(status().isOk());
        }
        pages.perform(get(keeper, "/today")).andExpect(status().isOk());
        // What happened before inverses were kept is taken back as well as it could be then.
        pages.perform(post(keeper, "/tanks/" + reef + "/arrivals/w-neon/undo")).andExpect(status().isFound());
        TankPlan plan = tanks.plan(keeper.id(), reef);
        assertThat(plan.wishes()).extracting(Wish::id).contains(new WishId("w-neon"));
        String late = plan.schedule().setbacks().stream()
                .filter(one -> one.kind() == org.pelluna.core.plan.Setback.Kind.DIED)
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
