package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.TankPlan;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.DynamicPropertyRegistry;

/** A database as an earlier version left it, written by that version itself (pg_dump), comes up under today's code: no row of yesterday is forgotten. */
abstract class YesterdayTest extends PageTest {
    private static final List<String> PLACES = List.of(
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
            "/species");

    @Autowired
    JdbcClient database;

    /** Makes a database of one's own of what a version left, and lets the application start on it. */
    static void startOn(String schema, DynamicPropertyRegistry properties) throws SQLException, IOException {
        String url = System.getenv("PELLUNA_TEST_DB_URL");
        String user = System.getenv("PELLUNA_TEST_DB_USER");
        String password = System.getenv("PELLUNA_TEST_DB_PASSWORD");
        String name = "yesterday_" + UUID.randomUUID().toString().replace("-", "");
        String yesterday = url.substring(0, url.lastIndexOf('/') + 1) + name;
        try (Connection connection = DriverManager.getConnection(url + "_1", user, password);
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name);
        }
        try (Connection connection = DriverManager.getConnection(yesterday, user, password);
                Statement statement = connection.createStatement()) {
            statement.execute(text(schema + ".sql"));
        }
        properties.add("spring.datasource.url", () -> yesterday);
    }

    static String text(String file) throws IOException {
        return new ClassPathResource("yesterday/" + file).getContentAsString(StandardCharsets.UTF_8);
    }

    KeeperPrincipal keeper() {
        UUID id = database.sql("select id from keeper where username = 'demo'")
                .query(UUID.class)
                .single();
        return new KeeperPrincipal(id, "demo", "");
    }

    UUID reef() {
        return database.sql("select id from tank where name like 'Skerry%'")
                .query(UUID.class)
                .single();
    }

    /** Without what moves with the day: the day itself, and until when the quarantine tank is taken. */
    private static TankPlan asOfNoDay(TankPlan plan) {
        return plan.with(as -> as.asOf(LocalDate.EPOCH).schedule(plan.schedule().booked(List.of())));
    }

    /** The reef is read as it was, and its pages open. */
    void isReadAsItWasAndOpens(String planThen) throws Exception {
        KeeperPrincipal keeper = keeper();
        TankPlan then = PlanFile.read(text(planThen), catalogue);
        TankPlan now = tanks.plan(keeper.id(), reef());
        assertThat(asOfNoDay(now)).isEqualTo(asOfNoDay(then));
        for (String path : PLACES) {
            pages.perform(get(keeper, "/tanks/" + reef() + path)).andExpect(status().isOk());
        }
        pages.perform(get(keeper, "/today")).andExpect(status().isOk());
    }
}
