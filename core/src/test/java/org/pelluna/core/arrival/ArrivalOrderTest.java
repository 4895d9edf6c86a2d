package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;

class ArrivalOrderTest {

    static IntStream seeds() {
        return IntStream.range(0, 120);
    }

    private static Approaches kin(Approaches schools, Approaches.Kin kin) {
        return new Approaches(
                schools.ceiling(),
                schools.bigFish(),
                kin,
                schools.anthias(),
                schools.clownfish(),
                schools.tangs(),
                schools.pause(),
                schools.quarantine(),
                schools.bacteria(),
                schools.salinity(),
                schools.rock());
    }

    /** A random problem of up to six units with gates, groups, residents and a young tank. */
    private static OrderProblem problem(int seed, int most) {
        return problem(seed, most, Schedule.NONE);
    }

    private static OrderProblem problem(int seed, int most, Schedule schedule) {
        Random random = new Random(seed);
        List<Species> all = new ArrayList<>(CATALOGUE.all());
        Collections.shuffle(all, random);
        List<Resident> residents = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            residents.add(resident("r" + i, all.get(i).id(), random.nextInt(90), 4 + random.nextInt(5)));
        }
        Tank tank = new Fixtures.TankBuilder()
                .cycledOn(TODAY.minusMonths(random.nextInt(14)))
                .build();
        int n = 1 + random.nextInt(most);
        List<Wish> wishes = IntStream.range(0, n)
                .mapToObj(i -> wish(all.get(10 + i).id().key(), 1 + random.nextInt(3)))
                .toList();
        HouseRules usual = HouseRules.USUAL;
        HouseRules rules = HouseRules.USUAL
                .with(as -> as.capacity(new HouseRules.Capacity(5, 3, 12, 4))
                        .pauses(new HouseRules.Pauses(14, 28))
                        .widestGapMm(6)
                        .weights(new HouseRules.Weights(
                                4, random.nextDouble() * usual.weights().lateness() * 2, random.nextDouble() * 2)))
                .with(as -> as.schools(kin(usual.schools(), Approaches.Kin.values()[random.nextInt(3)]))
                        .husbandry(usual.husbandry())
                        .overruled(Map.of()));
        ResolvedPlan stock =
                ResolvedPlan.of(plan(tank, rules, residents, wishes).withSchedule(schedule), CATALOGUE);
        List<OrderItem> units = stock.wishes().stream()
                .map(one ->
                        new OrderItem(one.fish(), one.count(), random.nextBoolean() ? 0 : random.nextInt(200), "gate"))
                .toList();
        return new OrderProblem(stock, units);
    }

    /** What the proof adds up, step by step, is the cost of the step: what has no date and what has. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aStepCostsItsUndatedPartAndItsWaiting(int seed) {
        OrderProblem problem = problem(seed, 6);
        Random random = new Random(seed);
        for (int i = 0; i < problem.size(); i++) {
            int group = 1 << i;
            int settled = random.nextInt(problem.all() + 1) & ~group;
            int day = random.nextInt(300);
            assertThat(problem.undated(settled, group) + problem.lateness(group, day))
                    .isCloseTo(problem.step(settled, group, day).total(), within(1e-9));
            assertThat(problem.day(settled, group, day))
                    .isEqualTo(Math.max(day, problem.gate(settled, group)))
                    .isGreaterThanOrEqualTo(problem.release(group));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theProvedOrderCostsWhatTheBestOfAllOrdersCosts(int seed) {
        OrderProblem problem = problem(seed, 6);
        List<Integer> proved = ExactOrder.solve(problem);
        assertThat(proved.stream().reduce(0, (set, group) -> {
                    assertThat(set & group).as("each unit once").isZero();
                    return set | group;
                }))
                .isEqualTo((1 << problem.size()) - 1);
        assertThat(problem.cost(proved).total()).isCloseTo(bruteForce(problem, new ArrayList<>(), 0), within(1e-9));
    }

    /** Fish of other tanks have the quarantine tank now and then: whoever comes has it for themselves all their days, and the order is still best. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theProvedOrderIsTheBestBesideWhatOtherTanksHaveBooked(int seed) {
        Random random = new Random(seed);
        List<Schedule.Booking> bookings = new ArrayList<>();
        for (int from = random.nextInt(20) - 10; bookings.size() < 3; from += 20 + random.nextInt(60)) {
            bookings.add(new Schedule.Booking(
                    TODAY.plusDays(from), TODAY.plusDays(from + 14), "Yellow tang of the Lagoon", Optional.empty()));
        }
        OrderProblem problem = problem(
                seed,
                5,
                Schedule.NONE
                        .quarantine(Optional.of(new QuarantineTank(70, 4, 2, 1.021)))
                        .booked(bookings));
        List<Integer> proved = ExactOrder.solve(problem);
        double best = bruteForce(problem, new ArrayList<>(), 0);
        if (proved.isEmpty()) {
            assertThat(best).as("the water bears some of them in no order").isInfinite();
            return;
        }
        assertThat(problem.cost(proved).total()).isCloseTo(best, within(1e-9));
        int days = problem.quarantine().days();
        assertThat(days).isEqualTo(14);
        int settled = 0;
        int ready = problem.firstDay();
        for (int group : proved) {
            int out = problem.day(settled, group, ready);
            for (Schedule.Booking one : bookings) {
                assertThat(TODAY.plusDays(out - days).isBefore(one.until())
                                && TODAY.plusDays(out).isAfter(one.from()))
                        .as("shared with %s", one)
                        .isFalse();
            }
            ready = problem.readyAfter(settled, group, out);
            settled |= group;
        }
    }

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
                .contains("Yellow tang has the quarantine tank until", "14 days of quarantine");
    }

    /** Tries every order of every way to group the units. */
    private static double bruteForce(OrderProblem problem, List<Integer> order, int settled) {
        if (settled == (1 << problem.size()) - 1) {
            return problem.cost(order).total();
        }
        double best = Double.POSITIVE_INFINITY;
        for (int group : problem.groups()) {
            if ((settled & group) == 0 && problem.allows(settled, group)) {
                order.add(group);
                best = Math.min(best, bruteForce(problem, order, settled | group));
                order.remove(order.size() - 1);
            }
        }
        return best;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void localSearchNeverBeatsTheProof(int seed) {
        OrderProblem problem = problem(seed, 8);
        assertThat(problem.cost(InsertionOrder.solve(problem)).total())
                .isGreaterThanOrEqualTo(problem.cost(ExactOrder.solve(problem)).total() - 1e-9);
    }

    /** Two rivals that are best brought in on one day come so from the search too, not only from the proof. */
    @Test
    void theSearchBringsRivalsInTogetherWhereThatIsBest() {
        int together = 0;
        double worst = 0;
        for (int seed = 1; seed <= 120; seed++) {
            OrderProblem problem = problem(seed, 8);
            List<Integer> proved = ExactOrder.solve(problem);
            List<Integer> found = InsertionOrder.solve(problem);
            if (found.isEmpty() || problem.cost(proved).total() < 1) {
                continue;
            }
            boolean pairs = proved.stream().anyMatch(group -> Integer.bitCount(group) > 1);
            together += pairs && found.stream().anyMatch(group -> Integer.bitCount(group) > 1) ? 1 : 0;
            worst = Math.max(
                    worst, problem.cost(found).total() / problem.cost(proved).total() - 1);
        }
        assertThat(together).as("orders with rivals on one day").isGreaterThanOrEqualTo(3);
        assertThat(worst).as("above the best, worst of 120").isLessThan(0.5);
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
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence()).contains("Strike wishes"));
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
        HouseRules apart = usual.with(as -> as.schools(kin(usual.schools(), Approaches.Kin.NEVER))
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
        assertThat(order.arrivals()).hasSize(ExactOrder.MOST_UNITS + 2);
    }

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

    private static Wish kept(String speciesId) {
        return new Wish(
                new WishId("wish-" + speciesId),
                new SpeciesId(speciesId),
                1,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.IN,
                Optional.of("kept for the test"));
    }
}
