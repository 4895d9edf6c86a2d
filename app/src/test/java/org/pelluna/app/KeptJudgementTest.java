package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.web.Assessments;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.watch.LogEntry;
import org.springframework.beans.factory.annotation.Autowired;

/** The judgement that all pages share is kept, and never outlives what it rests on: after each kind of change it is the new one. */
class KeptJudgementTest extends PageTest {
    @Autowired
    Assessments assessments;

    @Autowired
    RecordStore record;

    @Autowired
    ScheduleStore schedules;

    @Autowired
    JournalStore journal;

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
        Assessment before = assessments.of(tank, plan());
        assertThat(assessments.of(tank, plan())).as("kept before %s", what).isSameAs(before);
        change.run();
        Assessment now = assessments.of(tank, plan());
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
                                "more",
                                "gramma-loreto",
                                1,
                                Optional.empty(),
                                Optional.empty(),
                                Wish.Decision.OPEN,
                                Optional.empty())));
        after("a wish struck", () -> record.decide(id, tank, "more", Wish.Decision.STRUCK, Optional.of("enough")));
        after("a wish removed", () -> record.removeWish(id, tank, "more"));
        after(
                "an individual",
                () -> record.differs(id, tank, "gale", Optional.of(new Individual(2, Optional.empty(), "a terror"))));
        after(
                "an entry of the log",
                () -> record.addEntry(
                        id,
                        tank,
                        new LogEntry(
                                "seen",
                                today.atTime(0, 1),
                                LogEntry.Kind.CHASE,
                                Optional.of("gale"),
                                Optional.of("pip"),
                                Optional.of(3),
                                Optional.empty(),
                                Optional.of(30),
                                Optional.empty())));
        after("an entry removed", () -> record.removeEntry(id, tank, "seen"));
        after("a lesson taken back", () -> journal.learns(id, tank, "gale", false));
        after(
                "an arrival put off",
                () -> schedules.change(id, tank, old -> old.notBefore("w-fairy", today.plusDays(200))));
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
                                "pip",
                                today,
                                Loss.Cause.MISSING,
                                Loss.Certainty.GUESS,
                                Optional.empty(),
                                Optional.empty())));
    }

    @Test
    void twoKeepersWithTheSameReefHaveEachTheirOwn() {
        KeeperPrincipal other = newKeeper();
        UUID theirs = tanks.add(other.id(), demoPlan());
        Assessment mine = assessments.of(tank, plan());
        record.removeWish(other.id(), theirs, "w-fairy");
        assertThat(assessments.of(tank, plan())).isSameAs(mine);
        assertThat(assessments.of(theirs, tanks.plan(other.id(), theirs)).judgements())
                .hasSize(mine.judgements().size() - 1);
    }
}
