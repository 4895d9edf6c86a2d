package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.PlanFile;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The short version of {@code ./pelluna trial large}: a tank with a record of five years. */
class LargeTest extends PageTest {
    private static final int ENTRIES = 20_000;
    private static final int MOST_BYTES = 600_000;

    @Autowired
    JdbcClient database;

    @Test
    void aRecordOfFiveYearsIsShownOnEveryPageAndGoesOutWhole() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        int before = tanks.plan(keeper.id(), tank).log().size();
        int written =
                database.sql("""
                        insert into log_entry
                            (id, version, tank_id, plan_key, seen_at, kind, aggressor_key, fish_key, hardness)
                        select gen_random_uuid(), 0, :tank, 'large' || i,
                            date_trunc('minute', localtimestamp) - i * interval '131 minutes', 'CHASE',
                            f.keys[1 + i % cardinality(f.keys)],
                            f.keys[1 + (i + 1 + i / 7 % (cardinality(f.keys) - 1)) % cardinality(f.keys)],
                            1 + i % 3
                        from (select array_agg(plan_key order by place) keys from resident where tank_id = :tank) f,
                            generate_series(1, :entries) i
                        """).param("tank", tank).param("entries", ENTRIES).update();
        assertThat(written).isEqualTo(ENTRIES);
        for (String path : List.of(
                "",
                "/plan",
                "/wishes",
                "/company",
                "/arrivals",
                "/water",
                "/log",
                "/headroom",
                "/reef",
                "/watch",
                "/watch/settling",
                "/watch/rank",
                "/watch/learned",
                "/watch/what-now",
                "/losses",
                "/species")) {
            String page = page(keeper, "/tanks/" + tank + path);
            assertThat(page).as(path).contains("masthead");
            if (path.equals("/log")) {
                assertThat(page.getBytes(StandardCharsets.UTF_8)).hasSizeLessThan(MOST_BYTES);
            }
        }
        assertThat(PlanFile.read(page(keeper, "/tanks/" + tank + "/plan.json"), catalogue)
                        .log())
                .hasSize(before + ENTRIES);
    }
}
