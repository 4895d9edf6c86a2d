package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.lang.ref.WeakReference;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.question.Answers;
import org.pelluna.core.watch.LogEntry;
import org.springframework.beans.factory.annotation.Autowired;

/** The judgement that all pages share is kept, and never outlives what it rests on: after each kind of change it is the new one. */
class TankCacheTest extends PageTest {
    @Autowired
    TankCache cache;

    @Autowired
    RecordStore record;

    @Autowired
    ScheduleStore schedules;

    @Autowired
    JournalStore journal;

    @Autowired
    org.springframework.jdbc.core.simple.JdbcClient database;

    @Autowired
    org.springframework.transaction.support.TransactionTemplate transaction;

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

    /** Asks as a page does, makes the change, asks again; what comes is what judging from scratch gives. */
    private void after(String what, Runnable change) {
        Assessment before = cache.of(keeper.id(), tank).assessment();
        assertThat(cache.of(keeper.id(), tank).assessment())
                .as("kept before %s", what)
                .isSameAs(before);
        change.run();
        Assessment now = cache.of(keeper.id(), tank).assessment();
        assertThat(now).as(what).isNotSameAs(before);
        assertThat(now).as(what).isEqualTo(Assessment.of(plan(), catalogue));
    }

    @Test
    void everyKindOfChangeIsJudgedAnew() {
        UUID id = keeper.id();
        LocalDate today = record.today();
        after(
                "a wish",
                () -> record.addWish(
                        id,
                        tank,
                        new Wish(
                                new WishId("more"),
                                new SpeciesId("gramma-loreto"),
                                1,
                                Optional.empty(),
                                Optional.empty(),
                                Wish.Decision.OPEN,
                                Optional.empty())));
        after(
                "a wish struck",
                () -> record.decide(
                        id,
                        tank,
                        "more",
                        Optional.of(VersionMark.mark(
                                plan().wishes().get(plan().wishes().size() - 1))),
                        Wish.Decision.STRUCK,
                        Optional.of("enough")));
        after("a wish removed", () -> record.removeWish(id, tank, "more"));
        after(
                "an individual",
                () -> record.differs(
                        id,
                        tank,
                        "gale",
                        Optional.of(VersionMark.mark(fish(plan(), "gale"))),
                        Optional.of(new Individual(2, Optional.empty(), "a terror"))));
        after(
                "an entry of the log",
                () -> record.addEntry(
                        id,
                        tank,
                        new LogEntry(
                                "seen",
                                today.atTime(0, 1),
                                LogEntry.Kind.CHASE,
                                Optional.of(new FishId("gale")),
                                Optional.of(new FishId("pip")),
                                Optional.of(3),
                                Optional.empty(),
                                Optional.of(30),
                                Optional.empty())));
        after("an entry removed", () -> record.removeEntry(id, tank, "seen"));
        after("a lesson taken back", () -> journal.learns(id, tank, "gale", false));
        after(
                "an arrival put off",
                () -> schedules.change(id, tank, old -> old.notBefore(new WishId("w-fairy"), today.plusDays(200))));
        after("the house rules", () -> {
            var row = tanks.get(id, tank);
            tanks.change(
                    id,
                    tank,
                    row.version(),
                    row.tank(),
                    Preset.of("slack-water").orElseThrow().rules());
        });
        after(
                "a loss",
                () -> record.addLoss(
                        id,
                        tank,
                        new Loss(
                                "gone",
                                new FishId("pip"),
                                today,
                                Loss.Cause.MISSING,
                                Loss.Certainty.GUESS,
                                Optional.empty(),
                                Optional.empty())));
    }

    /** Two instances over one database, each with a memory of its own: what one acknowledges, the other shows. */
    @Test
    void anotherInstanceNeverShowsAnOlderState() {
        TankCache other = new TankCache(tanks, catalogue, Answers.WORKED_OUT, java.time.Clock.systemDefaultZone());
        LogEntry entry = new LogEntry(
                "again",
                record.today().atTime(0, 1),
                LogEntry.Kind.NOTE,
                Optional.empty(),
                Optional.of(new FishId("gale")),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of("first words"));
        record.addEntry(keeper.id(), tank, entry);
        assertThat(other.of(keeper.id(), tank).plan().log()).contains(entry);
        database.sql("delete from log_entry where tank_id = ? and plan_key = 'again'")
                .param(1, tank)
                .update();
        LogEntry anew = new LogEntry(
                "again",
                entry.at(),
                entry.kind(),
                entry.aggressorId(),
                entry.fishId(),
                entry.hardness(),
                entry.place(),
                entry.watchedMinutes(),
                Optional.of("second words"));
        record.addEntry(keeper.id(), tank, anew);
        assertThat(other.of(keeper.id(), tank).plan().log()).contains(anew).doesNotContain(entry);
        assertThat(cache.of(keeper.id(), tank).plan()).isEqualTo(plan());
    }

    /** Whatever row of a tank changes, by whatever way, hard deletions included, raises its revision; another tank's stays. */
    @Test
    void everyRowOfATankRaisesItsRevision() {
        UUID another = tanks.add(keeper.id(), demoPlan());
        journal.addPhoto(keeper.id(), tank, "photo", new byte[] {1});
        record.addWish(
                keeper.id(),
                tank,
                new Wish(
                        new WishId("w-extra"),
                        new SpeciesId("gramma-loreto"),
                        1,
                        Optional.empty(),
                        Optional.empty(),
                        Wish.Decision.OPEN,
                        Optional.empty()));
        database.sql(
                        "insert into own_species (id, tank_id, plan_key, content) values (gen_random_uuid(), ?, 'own-x', '{}')")
                .param(1, tank)
                .update();
        long anothers = tanks.state(keeper.id(), another).revision();
        var tables = database.sql("select table_name from information_schema.columns where column_name = 'tank_id'"
                        + " and table_schema = 'public'")
                .query(String.class)
                .list();
        assertThat(tables).hasSizeGreaterThanOrEqualTo(12);
        var apart = java.util.Set.of("share", "table_draft", "entry_history", "message", "happening", "remark");
        for (String table : tables) {
            if (!apart.contains(table)) {
                for (String change :
                        new String[] {"update " + table + " set tank_id = tank_id", "delete from " + table}) {
                    long before = tanks.state(keeper.id(), tank).revision();
                    int rows = database.sql(change + " where tank_id = ?")
                            .param(1, tank)
                            .update();
                    assertThat(rows).as(change).isPositive();
                    assertThat(tanks.state(keeper.id(), tank).revision())
                            .as(change)
                            .isGreaterThan(before);
                }
            }
        }
        long before = tanks.state(keeper.id(), tank).revision();
        database.sql("update tank set name = name where id = ?").param(1, tank).update();
        assertThat(tanks.state(keeper.id(), tank).revision()).isGreaterThan(before);
        assertThat(tanks.state(keeper.id(), another).revision()).isEqualTo(anothers);
    }

    /** What was not committed is not seen, and does not stay in any memory. */
    @Test
    void aChangeThatIsTurnedBackIsNotRemembered() {
        TankPlan before = cache.of(keeper.id(), tank).plan();
        transaction.executeWithoutResult(status -> {
            record.removeWish(keeper.id(), tank, "w-fairy");
            status.setRollbackOnly();
        });
        assertThat(cache.of(keeper.id(), tank).plan()).isEqualTo(before).isEqualTo(plan());
    }

    /** Each entry makes a new state: fifty keepers' old ones, all kept, once filled the memory of a server. */
    @Test
    void whatWasWorkedOutOfAnOlderStateIsLetGo() {
        WeakReference<TankAnswers> older = new WeakReference<>(cache.of(keeper.id(), tank));
        record.removeWish(keeper.id(), tank, "w-fairy");
        assertThat(cache.of(keeper.id(), tank).plan()).isEqualTo(plan());
        await().untilAsserted(() -> {
            System.gc();
            assertThat(older.get()).isNull();
        });
    }

    @Test
    void twoKeepersWithTheSameReefHaveEachTheirOwn() {
        KeeperPrincipal other = newKeeper();
        UUID theirs = tanks.add(other.id(), demoPlan());
        Assessment mine = cache.of(keeper.id(), tank).assessment();
        record.removeWish(other.id(), theirs, "w-fairy");
        assertThat(cache.of(keeper.id(), tank).assessment()).isSameAs(mine);
        assertThat(cache.of(other.id(), theirs).assessment().judgements())
                .hasSize(mine.judgements().size() - 1);
    }
}
