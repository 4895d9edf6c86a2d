package org.pelluna.core.fallow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.resident;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.MovingHouse;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.watch.Fallow;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Parasite;

class FallowPeriodTest {
    private static final Resident CLOWN = resident("clown", "amphiprion-ocellaris", 300, 5);
    private static final Resident GOBY = resident("goby", "elacatinus-oceanops", 300, 3);

    private static Life life(Absence... absences) {
        return new Life(
                List.of(),
                List.of(),
                List.of(absences),
                Optional.empty(),
                Life.DatePrecision.DAY,
                Optional.empty(),
                List.of());
    }

    private static Resident out(Resident fish, int daysAgo, Integer... back) {
        Absence absence = new Absence(
                "out " + fish.id(),
                TODAY.minusDays(daysAgo),
                Stream.of(back).findFirst().map(TODAY::minusDays),
                Absence.Place.QUARANTINE,
                Optional.empty());
        return fish.with(life(absence));
    }

    private static TankPlan plan(int decidedDaysAgo, Resident... fish) {
        return Fixtures.plan(Fixtures.reef(), List.of(fish), "gramma-loreto")
                .withObservations(Observations.EMPTY.withFallows(
                        List.of(new Fallow("f", Parasite.WHITE_SPOT, TODAY.minusDays(decidedDaysAgo)))));
    }

    private static FallowPeriod period(TankPlan plan) {
        return FallowPeriod.of(plan).orElseThrow();
    }

    @Test
    void theDaysBeginWhenTheLastFishIsOut() {
        FallowPeriod waiting = period(plan(30, out(CLOWN, 30), out(GOBY, 26)));
        assertThat(waiting.state()).isEqualTo(FallowPeriod.State.WAITING);
        assertThat(waiting.since()).isEqualTo(TODAY.minusDays(26));
        assertThat(waiting.safeOn()).isEqualTo(TODAY.plusDays(50));
        assertThat(waiting.sentence(TODAY)).startsWith("Keep the display without fish until 12 Jan 2027");
    }

    @Test
    void theDaysCountFromTheLastFishAlsoIfTheReasonIsGivenLater() {
        assertThat(period(plan(2, out(CLOWN, 30), out(GOBY, 26))).since()).isEqualTo(TODAY.minusDays(26));
    }

    @Test
    void whileAFishIsInNoDayCounts() {
        FallowPeriod begun = period(plan(3, out(CLOWN, 3), GOBY));
        assertThat(begun.state()).isEqualTo(FallowPeriod.State.STILL_FISH);
        assertThat(begun.sentence(TODAY)).startsWith("Take goby out: the 76 days without fish begin");
    }

    @Test
    void aFishPutInTooEarlyEndsIt() {
        FallowPeriod ended = period(plan(40, out(CLOWN, 40), out(GOBY, 40, 5)));
        assertThat(ended.state()).isEqualTo(FallowPeriod.State.ENDED_EARLY);
        assertThat(ended.sentence(TODAY))
                .isEqualTo(
                        "goby was put in too early: white spot disease may have survived. Take it out; the 76 days then"
                                + " begin again.");
    }

    @Test
    void takenOutAgainTheDaysBeginAgain() {
        Resident goby = GOBY.with(life(
                new Absence(
                        "a",
                        TODAY.minusDays(40),
                        Optional.of(TODAY.minusDays(5)),
                        Absence.Place.QUARANTINE,
                        Optional.empty()),
                new Absence("b", TODAY.minusDays(2), Optional.empty(), Absence.Place.QUARANTINE, Optional.empty())));
        assertThat(period(plan(40, out(CLOWN, 40), goby)).since()).isEqualTo(TODAY.minusDays(2));
    }

    @Test
    void afterAllItsDaysItIsSafeAndFishThatComeBackEndIt() {
        assertThat(period(plan(80, out(CLOWN, 80), out(GOBY, 76))).state()).isEqualTo(FallowPeriod.State.SAFE);
        assertThat(FallowPeriod.of(plan(80, out(CLOWN, 80, 1), out(GOBY, 80)))).isEmpty();
        assertThat(FallowPeriod.of(Fixtures.plan(Fixtures.reef(), List.of(CLOWN))))
                .isEmpty();
    }

    @Test
    void aTankThatNeverHadFishCountsFromTheDecision() {
        assertThat(period(plan(10)).since()).isEqualTo(TODAY.minusDays(10));
    }

    /** Colorni and Burgess 1997: cysts of the white spot parasite hatched after up to 72 days; the years of others, common practice. */
    @Test
    void theDaysDependOnTheParasiteAndTheWarmth() {
        assertThat(Parasite.WHITE_SPOT.daysWithoutFish(25)).isGreaterThan(72);
        assertThat(Parasite.VELVET.daysWithoutFish(25)).isEqualTo(42);
        for (Parasite one : Parasite.values()) {
            assertThat(one.daysWithoutFish(18)).isGreaterThanOrEqualTo(one.daysWithoutFish(26));
        }
        TankPlan cool = plan(10, out(CLOWN, 10));
        TankPlan cooler = cool.withTank(cool.tank().withRegime(new WaterRegime(19, 1.025)));
        assertThat(period(cooler).safeOn()).isAfter(period(cool).safeOn());
    }

    @Test
    void noWishArrivesBeforeItIsSafeAndTheWishSaysWhy() {
        TankPlan plan = plan(26, out(CLOWN, 26), out(GOBY, 26));
        LocalDate safe = period(plan).safeOn();
        Assessment judged = Assessment.of(plan, CATALOGUE);
        assertThat(judged.judgements().get(0).verdict()).isEqualTo(Verdict.LATER);
        assertThat(judged.order().arrivals())
                .allSatisfy(one -> assertThat(one.date()).isAfterOrEqualTo(safe));
        assertThat(judged.judgements().get(0).findings())
                .extracting(Finding::sentence)
                .anyMatch(said -> said.startsWith("Keep the display without fish until"));
    }

    @Test
    void theFishComeBackInAnOrderThatTheWaterBears() {
        TankPlan plan = plan(26, out(CLOWN, 26), out(GOBY, 26));
        LocalDate safe = period(plan).safeOn();
        Assessment back = MovingHouse.back(Assessment.of(plan, CATALOGUE).stock(), safe, CATALOGUE);
        assertThat(back.order().arrivals().stream().map(Arrival::date)).allMatch(on -> !on.isBefore(safe));
        assertThat(back.order().arrivals().stream().flatMap(one -> one.wishIds().stream()))
                .extracting(Object::toString)
                .containsExactlyInAnyOrder("clown", "goby");
    }
}
