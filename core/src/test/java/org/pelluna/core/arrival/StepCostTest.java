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
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.forecast.FishWaste;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Habitat;
import org.pelluna.core.pressure.Meetings;
import org.pelluna.core.pressure.PressureModel;
import org.pelluna.core.pressure.PressureStrengths;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.species.Species;

/**
 * What a step of an order costs, added up once more in the plainest way: every fish of the newcomers with every fish that is here,
 * each pair as a meeting of its own, with the newcomers and the rivals counted by name. The search adds it up from sums prepared
 * beforehand.
 */
class StepCostTest {
    /** Families whose members see rivals in one another, so that crowding, sharing and kinds occur. */
    private static final List<Species> QUARRELSOME = CATALOGUE.all().stream()
            .filter(one -> Set.of("Pomacentridae", "Acanthuridae", "Labridae").contains(one.family()))
            .toList();

    /** One water for all, whose limits are worked out once. */
    private static final WaterLimit LIMIT = Answers.WORKED_OUT.to(
            FishWaste.water(plan(Fixtures.reef(), HouseRules.USUAL, List.of(), List.of()), WaterFit.NONE));

    private static final Answers KNOWN_LIMIT = new Answers() {
        @Override
        @SuppressWarnings("unchecked") // the limit is all that a reserve asks for
        public <A> A to(Question<A> question) {
            return (A) LIMIT;
        }
    };

    private final Random random = new Random();
    private ResolvedPlan stock;
    private List<OrderItem> units;
    private OrderProblem problem;
    private WaterReserve water;
    private boolean everyoneBoxed;
    private HouseRules rules;

    /** The day of the step, and of those that came before it. */
    private int day;

    private int[] came = {};

    static IntStream seeds() {
        return IntStream.range(0, 40);
    }

    private void pose(int seed) {
        random.setSeed(seed);
        List<Resident> residents = new ArrayList<>();
        for (int i = 0; i < random.nextInt(5); i++) {
            residents.add(resident("r" + i, any().id(), 1 + random.nextInt(300), 3 + random.nextInt(6)));
        }
        List<Wish> wishes = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            Wish one = wish(any().id().key(), 1 + random.nextInt(3));
            if (wishes.stream().noneMatch(other -> other.id().equals(one.id()))) {
                wishes.add(one);
            }
        }
        Approaches usual = Approaches.USUAL;
        rules = HouseRules.USUAL.with(
                as -> as.weights(new HouseRules.Weights(4, 15, 0.2 + random.nextDouble(), 0.5 + random.nextDouble()))
                        .approaches(new Approaches(
                                usual.ceiling(),
                                usual.bigFish(),
                                usual.kin(),
                                usual.anthias(),
                                random.nextBoolean() ? Approaches.Clownfish.FIRST : Approaches.Clownfish.LAST,
                                usual.tangs(),
                                usual.pause(),
                                usual.quarantine(),
                                usual.bacteria(),
                                usual.salinity(),
                                usual.rock())));
        stock = ResolvedPlan.of(plan(Fixtures.reef(), rules, residents, wishes), CATALOGUE);
        units = stock.wishes().stream()
                .map(one -> new OrderItem(one.fish(), one.count(), random.nextInt(60), "gate", random.nextInt(4) == 0))
                .toList();
        everyoneBoxed = random.nextBoolean();
        water = WaterReserve.of(stock, WaterFit.NONE, KNOWN_LIMIT);
        problem = new OrderProblem(stock, units, new OrderOptions(true, everyoneBoxed, 0), water);
    }

    private Species any() {
        return QUARRELSOME.get(random.nextInt(QUARRELSOME.size()));
    }

    private boolean in(int set, int unit) {
        return (set >> unit) % 2 == 1;
    }

    private int count(int set) {
        return IntStream.range(0, units.size())
                .filter(i -> in(set, i))
                .map(i -> units.get(i).count())
                .sum();
    }

    /** Fish of a species among residents and all that are planned. */
    private int ofKind(Fish fish) {
        return stock.residentsOf(fish.species())
                + units.stream()
                        .filter(unit ->
                                unit.fish().species().id().equals(fish.species().id()))
                        .mapToInt(OrderItem::count)
                        .sum();
    }

    private double meeting(Fish one, Fish other, int ahead, int newcomers, int rivals, Set<ArrivalAid> aids) {
        return new PressureModel(Habitat.of(stock.plan().tank(), TODAY))
                .of(
                        one,
                        other,
                        Meetings.firstWeek(one, other, ahead, newcomers, rivals, ofKind(one), aids),
                        TODAY.plusDays(day))
                .perHour();
    }

    private Fish settled(int unit) {
        return units.get(unit).fish().on(TODAY.plusDays(came[unit]));
    }

    private int ahead(Fish resident) {
        return Math.max(1, day + (int) ChronoUnit.DAYS.between(resident.arrivesOn(), TODAY));
    }

    /** The rivals of a fish that are here: residents, and the fish of settled units. */
    private int rivalsHere(Fish fish, int settled) {
        long residents = stock.residents().stream()
                .filter(other -> !other.id().equals(fish.id()) && Meetings.crowds(fish, other))
                .count();
        return (int) residents
                + IntStream.range(0, units.size())
                        .filter(i -> in(settled, i)
                                && Meetings.crowds(fish, units.get(i).fish()))
                        .map(i -> units.get(i).count())
                        .sum();
    }

    /** What each who lives here attacks one newcomer without a box; a wish for several counts each. */
    private List<Double> attacked(int settled, int group, Fish newcomer) {
        List<Double> each = new ArrayList<>();
        for (Fish resident : stock.residents()) {
            each.add(meeting(
                    resident,
                    newcomer,
                    ahead(resident),
                    count(group),
                    rivalsHere(resident, settled),
                    Set.of(ArrivalAid.LIGHTS_OUT)));
        }
        for (int a = 0; a < units.size(); a++) {
            for (int i = 0; in(settled, a) && i < units.get(a).count(); i++) {
                Fish other = settled(a);
                each.add(meeting(
                        other,
                        newcomer,
                        day - came[a],
                        count(group),
                        rivalsHere(other, settled),
                        Set.of(ArrivalAid.LIGHTS_OUT)));
            }
        }
        return each;
    }

    /** A week in the box if one alone attacks it as hard as asks for care, or all together twice as hard; two days if all together press it half as hard; where everyone is boxed, a week. */
    private int boxDays(int settled, int group, Fish newcomer) {
        List<Double> each = attacked(settled, group, newcomer);
        double all = each.stream().mapToDouble(Double::doubleValue).sum();
        return everyoneBoxed || all >= 8 || each.stream().anyMatch(one -> one >= 4) ? 7 : all >= 2 ? 2 : 0;
    }

    private double pressure(int settled, int group) {
        double sum = 0;
        for (int b = 0; b < units.size(); b++) {
            if (!in(group, b)) {
                continue;
            }
            Fish newcomer = units.get(b).fish().on(TODAY.plusDays(day));
            int each = units.get(b).count();
            Set<ArrivalAid> welcome = boxDays(settled, group, newcomer) > 0
                    ? Set.of(ArrivalAid.BOX, ArrivalAid.LIGHTS_OUT)
                    : Set.of(ArrivalAid.LIGHTS_OUT);
            for (Fish resident : stock.residents()) {
                int ahead = ahead(resident);
                sum += each * meeting(resident, newcomer, ahead, count(group), rivalsHere(resident, settled), welcome);
                sum += each * meeting(newcomer, resident, -ahead, 1, 0, Set.of());
            }
            for (int a = 0; a < units.size(); a++) {
                Fish other = in(settled, a) ? settled(a) : units.get(a).fish().on(TODAY.plusDays(day));
                int pairs = each * units.get(a).count();
                if (in(settled, a)) {
                    int ahead = day - came[a];
                    sum += pairs * meeting(other, newcomer, ahead, count(group), rivalsHere(other, settled), welcome);
                    sum += pairs * meeting(newcomer, other, -ahead, 1, 0, Set.of());
                } else if (a == b) {
                    sum += each * (each - 1) * meeting(newcomer, newcomer, 0, 1, 0, Set.of());
                } else if (in(group, a)) {
                    sum += pairs * meeting(newcomer, other, 0, 1, 0, Set.of());
                }
            }
        }
        return sum;
    }

    /** A box costs what it saves a fish that all together press half as hard as asks for care. */
    private double boxes(int settled, int group) {
        double left = PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX);
        return IntStream.range(0, units.size())
                        .filter(i -> in(group, i)
                                && boxDays(settled, group, units.get(i).fish().on(TODAY.plusDays(day))) > 0)
                        .map(i -> units.get(i).count())
                        .sum()
                * (1 - left)
                * 2;
    }

    private double shyness(int settled, int group) {
        double sum = 0;
        for (int b = 0; b < units.size(); b++) {
            for (int a = 0; a < units.size(); a++) {
                if (in(group, b) && in(settled, a)) {
                    Species late = units.get(b).fish().species();
                    Species early = units.get(a).fish().species();
                    double bolder = Math.max(
                            0, early.temper().boldness() - late.temper().boldness());
                    sum += units.get(b).count() * bolder * (1 + late.temper().delicacy()) / 2;
                }
            }
        }
        return sum * rules.weights().shyness();
    }

    private double lateness(int group, int day) {
        double sum = 0;
        for (int b = 0; b < units.size(); b++) {
            if (in(group, b)) {
                int own = units.get(b).release();
                int free = units.get(b).inside()
                        ? own
                        : Math.max(own, problem.quarantine().days());
                double weeks = (day - Math.max(problem.firstDay(), free)) / 7.0;
                sum += units.get(b).count() * weeks * (1 + weeks / 26);
            }
        }
        return sum * rules.weights().lateness();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aStepCostsWhatItsMeetingsItsWaitingAndItsShynessComeTo(int seed) {
        pose(seed);
        for (int trial = 0; trial < 12; trial++) {
            int group = 1 + random.nextInt(problem.all());
            int settled = random.nextInt(problem.all() + 1) & ~group;
            int before = settled;
            int longest = IntStream.range(0, units.size())
                    .filter(i -> in(before, i))
                    .map(i -> rules.pauseAfter(units.get(i).count()))
                    .max()
                    .orElse(0);
            int[] first = IntStream.range(0, units.size())
                    .map(i -> Math.max(problem.firstDay(), problem.release(1 << i)))
                    .toArray();
            day = Math.max(Arrays.stream(first).max().orElse(0) + longest, problem.gate(settled, group));
            came = Arrays.stream(first)
                    .map(from -> from + random.nextInt(day - longest - from + 1))
                    .toArray();
            OrderCost step = problem.cost(settled, group, day, came);
            assertThat(step.pressure()).isCloseTo(pressure(settled, group), within(1e-9));
            assertThat(problem.least().of(settled, group))
                    .as("the least that any dates can bring")
                    .isLessThanOrEqualTo(step.pressure() + boxes(settled, group) + 1e-9);
            assertThat(step.shyness()).isCloseTo(shyness(settled, group), within(1e-9));
            assertThat(step.lateness()).isCloseTo(lateness(group, day) + boxes(settled, group), within(1e-9));
            assertThat(problem.fish(group)).isEqualTo(count(group));
            assertThat(problem.week(settled, group, day, came).boxDays())
                    .isEqualTo(IntStream.range(0, units.size())
                            .filter(i -> in(group, i))
                            .map(i ->
                                    boxDays(settled, group, units.get(i).fish().on(TODAY.plusDays(day))))
                            .max()
                            .orElse(0));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void betweenTwoAloneNobodyElseCounts(int seed) {
        pose(seed);
        int pause = rules.pauses().afterOneDays();
        day = pause;
        came = new int[units.size()];
        for (int a = 0; a < units.size(); a++) {
            for (int b = 0; b < units.size(); b++) {
                if (a != b) {
                    Fish here = units.get(a).fish();
                    Fish comes = units.get(b).fish().on(TODAY.plusDays(pause));
                    double both = meeting(here, comes, pause, 1, 0, Set.of(ArrivalAid.LIGHTS_OUT))
                            + meeting(comes, here, -pause, 1, 0, Set.of());
                    assertThat(problem.between(1 << a, 1 << b))
                            .isCloseTo(units.get(a).count() * units.get(b).count() * both, within(1e-9));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoMayComeNextIsWhomTheWaterBearsAndWhoseTurnItIs(int seed) {
        pose(seed);
        FishWaste waste = new FishWaste(stock.plan().tank(), rules.husbandry());
        double here = stock.residents().stream()
                .mapToDouble(fish -> waste.nitrogen(fish, TODAY))
                .sum();
        double today = new WaterForecast(stock, WaterFit.NONE).colony();
        for (int trial = 0; trial < 12; trial++) {
            int group = 1 + random.nextInt(problem.all());
            int settled = random.nextInt(problem.all() + 1) & ~group;
            double adds = nitrogen(group, waste);
            double before = here + nitrogen(settled, waste);
            double colony = settled == 0
                    ? today * water.forecast().leftAfter(problem.firstDay())
                    : Math.max(
                            before,
                            today * water.forecast().leftAfter(rules.pauses().afterOneDays()));
            double most = Math.max(WaterRoom.LEAST, colony + LIMIT.mostExtra(colony) - before);
            assertThat(problem.water().nitrogen(group)).isCloseTo(adds, within(1e-9));
            assertThat(problem.water().bears(settled, group)).isEqualTo(adds <= most);
            boolean waiting =
                    IntStream.range(0, units.size()).anyMatch(i -> units.get(i).inside() && !in(settled, i));
            boolean onlyInside = IntStream.range(0, units.size())
                    .allMatch(i -> !in(group, i) || units.get(i).inside());
            assertThat(problem.isPossible(settled, group))
                    .isEqualTo(
                            (!waiting || onlyInside) && adds <= most && !leavesKinBehind(settled, group, waste, most));
            assertThat(problem.allows(settled, group))
                    .isEqualTo(problem.isPossible(settled, group)
                            && problem.precedence().allows(settled, group));
            boolean left =
                    IntStream.range(0, units.size()).anyMatch(i -> units.get(i).inside() && !in(settled | group, i));
            int pause = count(group) > 1
                    ? rules.pauses().afterMoreDays()
                    : rules.pauses().afterOneDays();
            assertThat(problem.readyAfter(settled, group, 7))
                    .isEqualTo(7
                            + (left
                                    ? pause
                                    : Math.max(pause, problem.quarantine().days())));
        }
    }

    /** By the usual house rules rivals of one genus come together; so nobody comes alone, or with peaceful fish of its quarantine, whose kin could come along. */
    private boolean leavesKinBehind(int settled, int group, FishWaste waste, double most) {
        return (Integer.bitCount(group) == 1 || problem.days().isBatch(group))
                && IntStream.range(0, units.size())
                        .filter(i -> in(group, i))
                        .anyMatch(i -> IntStream.range(0, units.size())
                                .filter(j -> !in(settled | group, j))
                                .anyMatch(j -> mayComeTogether(units.get(i), units.get(j))
                                        && nitrogen(group | 1 << j, waste) <= most));
    }

    /** One genus, two species, both in quarantine or neither. */
    private static boolean mayComeTogether(OrderItem one, OrderItem other) {
        Species mine = one.fish().species();
        Species theirs = other.fish().species();
        return mine.genus().equals(theirs.genus()) && !mine.id().equals(theirs.id()) && one.inside() == other.inside();
    }

    private double nitrogen(int set, FishWaste waste) {
        return IntStream.range(0, units.size())
                .filter(i -> in(set, i))
                .mapToDouble(
                        i -> units.get(i).count() * waste.nitrogen(units.get(i).fish(), TODAY))
                .sum();
    }
}
