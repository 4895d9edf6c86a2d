package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.watch.Task;

/** A plan that holds together has no faults; each contradiction is found, at its path. */
class PlanCheckTest {
    private static final TankPlan SOUND = PlanFileTest.everything(new TankShape.Box(150, 55, 58));

    private static List<String> faults(TankPlan plan) {
        return PlanCheck.faults(plan, Fixtures.CATALOGUE).stream()
                .map(Fault::toString)
                .toList();
    }

    private static TankPlan of(
            Tank tank,
            List<Resident> residents,
            List<Wish> wishes,
            List<LogEntry> log,
            List<Loss> losses,
            Schedule schedule,
            Observations journal) {
        return TankPlan.of(TODAY, tank, HouseRules.USUAL)
                .with(as -> as.residents(residents)
                        .wishes(wishes)
                        .log(log)
                        .losses(losses)
                        .ownSpecies(SOUND.ownSpecies())
                        .schedule(schedule)
                        .waterTests(SOUND.waterTests())
                        .observations(journal));
    }

    private static TankPlan withResidents(List<Resident> residents) {
        return of(
                SOUND.tank(),
                residents,
                SOUND.wishes(),
                SOUND.log(),
                SOUND.losses(),
                SOUND.schedule(),
                SOUND.observations());
    }

    private static TankPlan withRecord(List<LogEntry> log, List<Loss> losses) {
        return of(SOUND.tank(), SOUND.residents(), SOUND.wishes(), log, losses, SOUND.schedule(), SOUND.observations());
    }

    private static TankPlan withJournal(Observations journal) {
        return of(
                SOUND.tank(),
                SOUND.residents(),
                SOUND.wishes(),
                SOUND.log(),
                SOUND.losses(),
                SOUND.schedule(),
                journal);
    }

    private static <T> List<T> and(List<T> all, T more) {
        List<T> longer = new ArrayList<>(all);
        longer.add(more);
        return longer;
    }

    @Test
    void aSoundPlanHasNone() {
        assertThat(faults(SOUND)).isEmpty();
    }

    @Test
    void aKeyUsedTwiceIsFoundWhereverItStands() {
        assertThat(faults(withResidents(and(SOUND.residents(), Fixtures.resident("w", "gramma-loreto", 10, 4)))))
                .singleElement()
                .asString()
                .contains("'w' is used twice");
        Observations journal = SOUND.observations();
        assertThat(faults(withJournal(Observations.EMPTY.with(as -> as.watches(journal.watches())
                        .rollCalls(journal.rollCalls())
                        .signs(journal.signs())
                        .remedies(journal.remedies())
                        .crew(journal.crew())
                        .tasks(List.of(new Task("x", TODAY, "catch it", false)))
                        .unlearned(journal.unlearned())))))
                .singleElement()
                .asString()
                .startsWith("/journal/tasks")
                .contains("'x' is used twice");
    }

    @Test
    void aSpeciesNobodyKnowsAndAnArrivalToComeAreFound() {
        assertThat(faults(withResidents(and(SOUND.residents(), Fixtures.resident("n", "piscis-ignotus", 10, 4)))))
                .singleElement()
                .asString()
                .startsWith("/residents/2/speciesId");
        assertThat(faults(withResidents(and(SOUND.residents(), Fixtures.resident("n", "gramma-loreto", -1, 4)))))
                .singleElement()
                .asString()
                .startsWith("/residents/2/arrivedOn");
    }

    @Test
    void fishTheRecordSpeaksOfMustBeOfTheTank() {
        LogEntry stranger = new LogEntry(
                "s2",
                TODAY.atTime(9, 0),
                LogEntry.Kind.CHASE,
                Optional.of(new FishId("nobody")),
                Optional.of(new FishId("b")),
                Optional.of(1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(faults(withRecord(and(SOUND.log(), stranger), SOUND.losses())))
                .singleElement()
                .asString()
                .startsWith("/log/2/aggressorId")
                .contains("nobody");
    }

    @Test
    void aFishIsLostOnceAndOnTheDayItLeft() {
        Loss again = new Loss(
                "y",
                new FishId("c"),
                TODAY.minusDays(3),
                Loss.Cause.JUMPED,
                Loss.Certainty.GUESS,
                Optional.empty(),
                Optional.empty());
        assertThat(faults(withRecord(SOUND.log(), and(SOUND.losses(), again))))
                .singleElement()
                .asString()
                .contains("lost twice");
        Loss another = new Loss(
                "y",
                new FishId("b"),
                TODAY.minusDays(1),
                Loss.Cause.JUMPED,
                Loss.Certainty.GUESS,
                Optional.empty(),
                Optional.empty());
        assertThat(faults(withRecord(SOUND.log(), and(SOUND.losses(), another))))
                .singleElement()
                .asString()
                .startsWith("/losses/1/on");
    }

    @Test
    void theScheduleNamesWishesOfThePlan() {
        Schedule astray = Schedule.NONE
                .withOrder(List.of(List.of(new WishId("gone"))))
                .withNotBefore(Map.of(new WishId("w"), TODAY));
        assertThat(faults(of(
                        SOUND.tank(),
                        SOUND.residents(),
                        SOUND.wishes(),
                        SOUND.log(),
                        SOUND.losses(),
                        astray,
                        SOUND.observations())))
                .singleElement()
                .asString()
                .startsWith("/schedule")
                .contains("'gone'");
    }

    @Test
    void theJournalSpeaksOfFishOfTheTank() {
        Observations astray = Observations.EMPTY.with(as -> as.rollCalls(List.of(new RollCall(
                        "r2", TODAY.atTime(7, 0), Map.of(new FishId("p"), RollCall.State.HIDING), Optional.empty())))
                .signs(List.of(new Sign(
                        "s2",
                        TODAY.atTime(7, 0),
                        new FishId("q"),
                        Sign.Kind.CLOUDY_EYE,
                        Optional.empty(),
                        Optional.empty())))
                .remedies(List.of(new Remedy(
                        "m2",
                        Remedy.Kind.MIRROR,
                        Optional.of(new FishId("r")),
                        TODAY,
                        Optional.empty(),
                        Optional.empty())))
                .unlearned(Set.of(new FishId("s"))));
        assertThat(faults(withJournal(astray)))
                .hasSize(4)
                .anyMatch(one -> one.startsWith("/journal/rollCalls") && one.contains("'p'"))
                .anyMatch(one -> one.startsWith("/journal/signs") && one.contains("'q'"))
                .anyMatch(one -> one.startsWith("/journal/remedies") && one.contains("'r'"))
                .anyMatch(one -> one.startsWith("/journal/unlearned") && one.contains("'s'"));
    }

    @Test
    void aSwimFarLongerThanTheTankIsFound() {
        Tank impossible = new Fixtures.TankBuilder().swim(400).build();
        assertThat(faults(of(
                        impossible,
                        SOUND.residents(),
                        SOUND.wishes(),
                        SOUND.log(),
                        SOUND.losses(),
                        SOUND.schedule(),
                        SOUND.observations())))
                .singleElement()
                .asString()
                .startsWith("/tank/swimLengthCm");
    }
}
