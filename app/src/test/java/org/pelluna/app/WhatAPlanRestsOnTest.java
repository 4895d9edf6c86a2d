package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.TankState;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.species.SpeciesFigure;
import org.pelluna.core.watch.Reservation;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** What is remembered of a plan rests on all that the plan was read from: the tank, the keeper's other tanks, figures and species. */
class WhatAPlanRestsOnTest extends PageTest {
    @Autowired
    TankCache cache;

    @Autowired
    JdbcClient database;

    @Autowired
    TransactionTemplate transaction;

    private KeeperPrincipal keeper;
    private UUID reef;
    private UUID sideRoom;

    @BeforeEach
    void aReefAndAQuarantineTank() throws Exception {
        keeper = newKeeper();
        LocalDate today = LocalDate.now();
        reef = tanks.add(
                keeper.id(),
                demoPlan()
                        .withCorrections(List.of(new Correction(
                                new SpeciesId("gramma-loreto"), SpeciesFigure.ADULT, 9, "a long one", today))));
        TankPlan room = sideRoom();
        sideRoom = tanks.add(
                keeper.id(),
                room.withObservations(room.observations()
                        .withReservations(List.of(new Reservation(
                                "days",
                                UUID.randomUUID().toString(),
                                new WishId("gobies"),
                                "two gobies",
                                today,
                                today.plusDays(20))))));
    }

    private TankPlan sideRoom() throws IOException, PlanFileException {
        return PlanFile.read(
                new ClassPathResource("demo/side-room.json").getContentAsString(StandardCharsets.UTF_8), catalogue);
    }

    /**
     * The tables are those that reading a plan asks. Touching any row of them that belongs to this keeper makes another state: what is
     * remembered of the old one is not shown again.
     */
    @Test
    void everyRowThatAPlanIsReadFromMakesAnotherState() {
        Set<String> tables = tablesOfAPlan();
        assertThat(tables)
                .contains(
                        "tank",
                        "resident",
                        "wish",
                        "log_entry",
                        "journal_item",
                        "own_figure",
                        "own_species",
                        "schedule");
        for (String table : tables) {
            String whose = table.equals("tank") ? "id" : has(table, "tank_id") ? "tank_id" : "keeper_id";
            List<UUID> owners = whose.equals("keeper_id") ? List.of(keeper.id()) : List.of(reef, sideRoom);
            for (UUID owner : owners) {
                boolean readHere = owner.equals(sideRoom)
                        && !Set.of("tank", "resident", "journal_item").contains(table);
                String where = " where " + whose + " = ?";
                changes(readHere, "update " + table + " set " + whose + " = " + whose + where, owner);
                if (!table.equals("tank")) {
                    changes(readHere, "delete from " + table + where, owner);
                }
            }
        }
    }

    /** Which tables the database looks into while a plan is read. */
    private Set<String> tablesOfAPlan() {
        return transaction.execute(status -> {
            Map<String, Long> before = looks();
            tanks.plan(keeper.id(), reef);
            Map<String, Long> after = looks();
            after.entrySet().removeIf(one -> one.getValue().equals(before.get(one.getKey())));
            return after.keySet();
        });
    }

    /** How often this connection has looked into each table. */
    private Map<String, Long> looks() {
        Map<String, Long> looks = new HashMap<>();
        database.sql("select relname, coalesce(seq_scan, 0) + coalesce(idx_scan, 0) from pg_stat_xact_user_tables")
                .query((row, number) -> looks.put(row.getString(1), row.getLong(2)))
                .list();
        return looks;
    }

    /** @param unread whether a plan does not read these rows, so that the state may stay */
    private void changes(boolean unread, String sql, UUID owner) {
        TankState before = tanks.state(keeper.id(), reef);
        transaction.executeWithoutResult(status -> {
            int rows = database.sql(sql).param(1, owner).update();
            if (rows > 0 && !unread) {
                assertThat(tanks.state(keeper.id(), reef)).as(sql).isNotEqualTo(before);
            }
            status.setRollbackOnly();
        });
        assertThat(tanks.state(keeper.id(), reef)).isEqualTo(before);
    }

    private boolean has(String table, String column) {
        return database.sql("select count(*) from information_schema.columns where table_name = ? and column_name = ?")
                        .params(table, column)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** A quarantine tank that is added, changed or deleted shows at once, on another instance too. */
    @Test
    void theKeepersQuarantineTanksShowAtOnce() throws Exception {
        KeeperPrincipal alone = newKeeper();
        UUID display = tanks.add(alone.id(), demoPlan());
        TankCache second = new TankCache(tanks, catalogue, Answers.WORKED_OUT, java.time.Clock.systemDefaultZone());
        for (TankCache instance : List.of(cache, second)) {
            instance.of(alone.id(), display).assessment();
        }
        UUID added = shows(alone, display, second, () -> tanks.add(alone.id(), quietly(this::sideRoom)));
        shows(alone, display, second, () -> {
            tanks.change(alone.id(), added, tank -> tank.withRefugiumLitres(5));
            return null;
        });
        shows(alone, display, second, () -> tanks.remove(alone.id(), added));
        shows(alone, display, second, () -> {
            tanks.restore(alone.id(), added);
            return null;
        });
    }

    private <T> T shows(KeeperPrincipal who, UUID tank, TankCache second, Supplier<T> change) {
        TankState before = tanks.state(who.id(), tank);
        T made = change.get();
        assertThat(tanks.state(who.id(), tank)).isNotEqualTo(before);
        TankPlan now = tanks.plan(who.id(), tank);
        for (TankCache instance : List.of(cache, second)) {
            assertThat(instance.of(who.id(), tank).plan()).isEqualTo(now);
        }
        return made;
    }

    private interface Reading<T> {
        T read() throws Exception;
    }

    private static <T> T quietly(Reading<T> reading) {
        try {
            return reading.read();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
