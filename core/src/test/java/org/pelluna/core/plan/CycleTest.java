package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;

/** When a tank that still cycles may be estimated to be ready; six weeks, four to eight, are common practice. */
class CycleTest {
    private static TankPlan cycling(Integer daysAgo, WaterTest... tests) {
        Optional<LocalDate> since = Optional.ofNullable(daysAgo).map(ago -> TODAY.minusDays(ago));
        return Fixtures.plan(new Fixtures.TankBuilder().cycling().build().with(as -> as.cyclingSince(since)), List.of())
                .withWaterTests(List.of(tests));
    }

    private static WaterTest test(WaterTest.Kind kind, int daysAgo, double value) {
        return new WaterTest(kind + "-" + daysAgo, TODAY.minusDays(daysAgo), kind, value);
    }

    private static Cycle cycle(TankPlan plan) {
        return Cycle.of(plan).orElseThrow();
    }

    @Test
    void sixWeeksFromTheSourceOfAmmonia() {
        Cycle cycle = cycle(cycling(10));
        assertThat(cycle.endsOn()).isEqualTo(TODAY.plusDays(32));
        assertThat(cycle.earliest()).isEqualTo(TODAY.plusDays(18));
        assertThat(cycle.latest()).isEqualTo(TODAY.plusDays(46));
        assertThat(cycle.because()).contains("the first ammonia on " + TODAY.minusDays(10));
    }

    @Test
    void withoutADayItIsEstimatedFromToday() {
        assertThat(cycle(cycling(null)).endsOn()).isEqualTo(TODAY.plusDays(42));
        assertThat(cycle(cycling(null)).because()).contains("if you add ammonia then");
    }

    /** Time alone frees nobody: as long as no test shows both gone it is a week from now, every day anew. */
    @Test
    void noDayThatMerelyPassesEndsIt() {
        assertThat(cycle(cycling(60)).endsOn()).isEqualTo(TODAY.plusDays(7));
        assertThat(cycle(cycling(200)).because()).contains("no test shows");
    }

    @Test
    void testsThatShowBothComeAndGoneEndIt() {
        Cycle cycle = cycle(cycling(
                30,
                test(WaterTest.Kind.AMMONIA, 20, 2),
                test(WaterTest.Kind.AMMONIA, 3, 0),
                test(WaterTest.Kind.NITRITE, 2, 0)));
        assertThat(cycle.endsOn()).isEqualTo(TODAY.minusDays(2));
        assertThat(cycle.isGoingOn(TODAY)).isFalse();
    }

    /** Clean water in which nothing ever showed has not begun to cycle. */
    @Test
    void cleanTestsBeforeAnythingShowedEndNothing() {
        assertThat(cycle(cycling(30, test(WaterTest.Kind.AMMONIA, 3, 0), test(WaterTest.Kind.NITRITE, 2, 0)))
                        .endsOn())
                .isEqualTo(TODAY.plusDays(12));
    }

    @Test
    void aTestThatStillShowsOnePutsItOff() {
        Cycle nitrite = cycle(cycling(40, test(WaterTest.Kind.AMMONIA, 1, 0), test(WaterTest.Kind.NITRITE, 1, 2)));
        assertThat(nitrite.endsOn()).isEqualTo(TODAY.plusDays(13));
        assertThat(nitrite.because()).contains("nitrite was 2 mg/L").contains("2 weeks");
        Cycle ammonia = cycle(cycling(40, test(WaterTest.Kind.AMMONIA, 0, 1)));
        assertThat(ammonia.endsOn()).isEqualTo(TODAY.plusDays(21));
        // What was measured before ammonia went in says nothing.
        assertThat(cycle(cycling(40, test(WaterTest.Kind.AMMONIA, 50, 1))).endsOn())
                .isEqualTo(TODAY.plusDays(7));
    }

    /** A keeper of many years need not know the day. */
    @Test
    void fishThatHaveLivedHereLongerThanACycleSayThatItIsOver() {
        TankPlan lived = cycling(null).withResidents(List.of(Fixtures.resident("plum", "gramma-loreto", 90, 6)));
        assertThat(cycle(lived).isGoingOn(TODAY)).isFalse();
        TankPlan fresh = cycling(null).withResidents(List.of(Fixtures.resident("plum", "gramma-loreto", 20, 6)));
        assertThat(cycle(fresh).isGoingOn(TODAY)).isTrue();
        TankPlan sick = lived.withWaterTests(List.of(test(WaterTest.Kind.AMMONIA, 0, 0.5)))
                .withTank(lived.tank().with(as -> as.cyclingSince(Optional.of(TODAY.minusDays(90)))));
        assertThat(cycle(sick).isGoingOn(TODAY)).isTrue();
    }

    @Test
    void aTankKnownToBeCycledHasNoneAndAPlanMayNotSayBoth() {
        TankPlan done = Fixtures.plan(new Fixtures.TankBuilder().build(), List.of());
        assertThat(Cycle.of(done)).isEmpty();
        TankPlan both = done.withTank(done.tank().with(as -> as.cyclingSince(Optional.of(TODAY))));
        assertThat(PlanCheck.faults(both, Fixtures.CATALOGUE))
                .anySatisfy(fault -> assertThat(fault.path()).isEqualTo("/tank/cyclingSince"));
    }

    /** Whoever cycles is planned: an order with dates, none before the cycle's end, and the dates move with the tests. */
    @Test
    void wishesOfACyclingTankAreDatedFromItsEstimatedEnd() {
        List<Wish> wishes = new ArrayList<>();
        wishes.add(Fixtures.wish("gramma-loreto"));
        wishes.add(Fixtures.wish("ecsenius-midas"));
        TankPlan plan = cycling(10).withWishes(wishes);
        Assessment first = Assessment.of(plan, Fixtures.CATALOGUE);
        assertThat(first.order().arrivals()).hasSize(2);
        assertThat(first.order().arrivals().get(0).date()).isAfterOrEqualTo(TODAY.plusDays(32));
        Assessment later = Assessment.of(
                plan.withWaterTests(List.of(test(WaterTest.Kind.AMMONIA, 0, 3)))
                        .withTank(plan.tank().with(as -> as.cyclingSince(Optional.of(TODAY.minusDays(41))))),
                Fixtures.CATALOGUE);
        assertThat(later.order().arrivals().get(0).date()).isAfterOrEqualTo(TODAY.plusDays(21));
    }
}
