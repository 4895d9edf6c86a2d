package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.kept;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;

class ArrivalOrderTest {

    @Test
    void whoHasTheQuarantineTankIsSaid() {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto")
                .withSchedule(Schedule.NONE
                        .quarantine(Optional.of(new QuarantineTank(70, 4, 2, 1.021)))
                        .booked(List.of(
                                new Schedule.Booking(TODAY, TODAY.plusDays(200), "Yellow tang", Optional.empty()))));
        Arrival only = Assessment.of(plan, CATALOGUE).order().arrivals().get(0);
        assertThat(only.date()).isEqualTo(TODAY.plusDays(214));
        assertThat(only.reasons().get(0).sentence())
                .contains("Yellow tang has the quarantine tank until", "14 days in it");
    }

    /** The order's pressure, summed again from the directed pressures that a page shows. */
    @Test
    void thePressureInTheCostIsTheSumOfThePressuresShown() {
        TankPlan plan = plan(
                Fixtures.reef(),
                List.of(resident("gale", "chrysiptera-parasema", 200, 5), resident("plum", "gramma-loreto", 150, 6)),
                "cirrhilabrus-solorensis",
                "pterapogon-kauderni",
                "zebrasoma-flavescens",
                "cryptocentrus-cinctus");
        Assessment assessment = Assessment.of(plan, CATALOGUE);
        double shown =
                assessment.planned().stream().mapToDouble(Pressure::perHour).sum();
        assertThat(assessment.order().arrivals()).hasSize(4);
        assertThat(assessment.order().cost().pressure()).isCloseTo(shown, within(1e-9));
    }

    /** Common practice: the gentle first, the terror last. */
    @Test
    void theTerrorGoesInLast() {
        ArrivalPlan order = Assessment.of(
                        plan(
                                Fixtures.reef(),
                                List.of(),
                                "pseudocheilinus-hexataenia",
                                "elacatinus-oceanops",
                                "nemateleotris-magnifica",
                                "pterapogon-kauderni"),
                        CATALOGUE)
                .order();
        assertThat(order.proved()).isTrue();
        assertThat(last(order).wishIds()).containsExactly(new WishId("wish-pseudocheilinus-hexataenia"));
    }

    /** Common practice: two weeks after one fish, four after two. */
    @Test
    void pausesFollowTheHouseRules() {
        ArrivalPlan order = Assessment.of(
                        plan(
                                Fixtures.reef(),
                                HouseRules.USUAL,
                                List.of(resident("plum", "gramma-loreto", 3, 4)),
                                List.of(wish("amphiprion-ocellaris", 2), wish("elacatinus-oceanops"))),
                        CATALOGUE)
                .order();
        assertThat(order.arrivals().get(0).date()).isEqualTo(TODAY.plusDays(11));
        long pause = ChronoUnit.DAYS.between(
                order.arrivals().get(0).date(), order.arrivals().get(1).date());
        assertThat(pause).isEqualTo(order.arrivals().get(0).fish() == 2 ? 28 : 14);
    }

    @Test
    void aGateHoldsAnArrivalAndSaysSo() {
        Tank young = new Fixtures.TankBuilder().cycledOn(TODAY.minusMonths(7)).build();
        ArrivalPlan order = Assessment.of(
                        plan(young, List.of(), "synchiropus-splendidus", "elacatinus-oceanops"), CATALOGUE)
                .order();
        Arrival mandarin = last(order);
        assertThat(mandarin.wishIds()).containsExactly(new WishId("wish-synchiropus-splendidus"));
        assertThat(mandarin.date()).isEqualTo(TODAY.minusMonths(7).plusMonths(12));
        assertThat(mandarin.reasons())
                .anySatisfy(reason -> assertThat(reason.rule()).isEqualTo("gate"));
    }

    @Test
    void anUndatedGateHoldsAWishOutOfTheOrder() {
        Tank open = new Fixtures.TankBuilder().cover(Cover.Kind.OPEN, 0).build();
        ArrivalPlan order = Assessment.of(
                        plan(open, List.of(), "nemateleotris-magnifica", "elacatinus-oceanops"), CATALOGUE)
                .order();
        assertThat(order.held()).singleElement().satisfies(held -> {
            assertThat(held.wishId()).isEqualTo(new WishId("wish-nemateleotris-magnifica"));
            assertThat(held.gate().rule()).isEqualTo("cover");
        });
        assertThat(order.arrivals()).hasSize(1);
    }

    @Test
    void headroomOfAYoungTankMakesTheLastOnesWaitForMaturity() {
        Tank young = new Fixtures.TankBuilder().cycledOn(TODAY.minusMonths(11)).build();
        ArrivalPlan order = Assessment.of(
                        plan(
                                young,
                                List.of(
                                        resident("a", "siganus-vulpinus", 100, 20),
                                        resident("b", "zebrasoma-flavescens", 90, 15)),
                                "cirrhilabrus-solorensis",
                                "centropyge-bispinosa",
                                "gramma-loreto"),
                        CATALOGUE)
                .order();
        Arrival last = last(order);
        assertThat(last.date()).isEqualTo(TODAY.plusMonths(1));
        assertThat(last.reasons())
                .anySatisfy(reason -> assertThat(reason.rule()).isEqualTo("headroom"));
        assertThat(order.arrivals()).noneMatch(Arrival::overHeadroom);
    }

    @Test
    void moreThanTheMatureTankBearsIsSaidOfTheWholePlan() {
        List<Wish> forced = List.of(
                kept("naso-lituratus"),
                kept("paracanthurus-hepatus"),
                kept("pomacanthus-imperator"),
                kept("siganus-vulpinus"));
        ArrivalPlan order = Assessment.of(plan(Fixtures.reef(), HouseRules.USUAL, List.of(), forced), CATALOGUE)
                .order();
        assertThat(order.findings())
                .filteredOn(finding -> finding.rule().equals("headroom"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence()).contains("Drop wishes"));
        // Each that is kept against a stop is told of once.
        assertThat(order.findings())
                .filteredOn(finding -> finding.rule().equals("overruled"))
                .hasSize(3)
                .allSatisfy(finding -> assertThat(finding.sentence()).contains("against our advice"));
        assertThat(last(order).overHeadroom()).isTrue();
    }

    @Test
    void everyPlaceHasReasonsAndEverySwapItsPrice() {
        ArrivalPlan order = Assessment.of(
                        plan(
                                Fixtures.reef(),
                                List.of(),
                                "gramma-loreto",
                                "pseudochromis-fridmani",
                                "elacatinus-oceanops"),
                        CATALOGUE)
                .order();
        assertThat(order.arrivals())
                .allSatisfy(arrival -> assertThat(arrival.reasons()).hasSizeGreaterThanOrEqualTo(2));
        order.arrivals().stream()
                .flatMap(arrival -> arrival.reasons().stream())
                .filter(reason -> reason.rule().startsWith("swap"))
                .forEach(reason -> assertThat(reason.figures().get(0).value())
                        .as("no swap may be cheaper than the proved order")
                        .isGreaterThanOrEqualTo(-1e-9));
    }

    /** Common practice: rivals of one genus go in on the same day. */
    @Test
    void rivalsOfOneGenusShareADayUnlessTheHouseForbidsIt() {
        List<Wish> rivals = List.of(kept("centropyge-loriculus"), kept("centropyge-bispinosa"));
        HouseRules usual = HouseRules.USUAL;
        HouseRules apart = usual.with(as -> as.approaches(usual.approaches().withKin(Approaches.Kin.NEVER))
                .husbandry(usual.husbandry())
                .overruled(Map.of()));
        assertThat(arrivals(plan(Fixtures.reef(), usual, List.of(), rivals))).hasSize(1);
        assertThat(arrivals(plan(Fixtures.reef(), apart, List.of(), rivals))).hasSize(2);
    }

    @Test
    void beyondWhatCanBeProvedTheOrderDoesNotClaimIt() {
        List<Wish> many = CATALOGUE.all().stream()
                .limit(ExactOrder.MOST_UNITS + 2)
                .map(species -> kept(species.id().key()))
                .toList();
        ArrivalPlan order = Assessment.of(plan(Fixtures.reef(), HouseRules.USUAL, List.of(), many), CATALOGUE)
                .order();
        assertThat(order.proved()).isFalse();
        assertThat(order.arrivals().stream().mapToInt(Arrival::fish).sum()).isEqualTo(ExactOrder.MOST_UNITS + 2);
    }

    @Tag("long")
    @Test
    void moreThanCanBeOrderedAtOnceAreHeldAndToldWhy() {
        List<Wish> many = CATALOGUE.all().stream()
                .map(species -> kept(species.id().key()))
                .toList();
        Tank sealed = new Fixtures.TankBuilder().cover(Cover.Kind.LID, 0).build();
        ArrivalPlan order = Assessment.of(plan(sealed, HouseRules.USUAL, List.of(), many), CATALOGUE)
                .order();
        assertThat(order.arrivals().stream()
                        .mapToInt(arrival -> arrival.wishIds().size())
                        .sum())
                .isEqualTo(OrderProblem.MOST_UNITS);
        assertThat(order.held())
                .hasSize(many.size() - OrderProblem.MOST_UNITS)
                .allSatisfy(held -> assertThat(held.gate().rule()).isEqualTo("order"));
    }

    @Test
    void nothingWishedMakesAnEmptyOrder() {
        ArrivalPlan order =
                Assessment.of(plan(Fixtures.reef(), List.of()), CATALOGUE).order();
        assertThat(order.arrivals()).isEmpty();
        assertThat(order.cost().total()).isZero();
    }

    private static List<Arrival> arrivals(TankPlan plan) {
        return Assessment.of(plan, CATALOGUE).order().arrivals();
    }

    private static Arrival last(ArrivalPlan order) {
        return order.arrivals().get(order.arrivals().size() - 1);
    }
}
