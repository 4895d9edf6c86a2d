package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.wish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;

/** The forecast's own colony is the order's gate: no plan is dated whose forecast passes a limit. */
class WaterGateTest {
    private static final String[] LARGE = {
        "zebrasoma-flavescens", "naso-lituratus", "siganus-vulpinus", "ctenochaetus-tominiensis"
    };

    /** A tank that was full until some weeks ago, and now waits without a fish. */
    private static ResolvedPlan fallow(int weeks, String... wishes) {
        List<Resident> gone = new ArrayList<>(IntStream.range(0, 10)
                .mapToObj(i -> Fixtures.resident("g" + i, "pterapogon-kauderni", 500, 7)
                        .withLeftOn(Optional.of(TODAY.minusWeeks(weeks))))
                .toList());
        List<Wish> in = List.of(wishes).stream()
                .map(species -> wish(species, 1).withDecision(Wish.Decision.IN))
                .toList();
        return ResolvedPlan.of(plan(Fixtures.reef(), HouseRules.USUAL, gone, in), CATALOGUE);
    }

    private static boolean bearable(ResolvedPlan stock, ArrivalPlan order) {
        LocalDate last = order.arrivals().get(order.arrivals().size() - 1).date();
        return WaterForecast.peak(
                        WaterReserve.of(stock, WaterFit.NONE)
                                .forecast()
                                .days(Alternative.coming(stock, order), last.plusDays(28)),
                        TODAY)
                .bearable();
    }

    /** Ten weeks without a fish: today the order was checked against a fixed capacity, while the forecast then poisoned the tank. */
    @ParameterizedTest
    @ValueSource(ints = {0, 4, 10, 16})
    void whatIsDatedTheForecastBears(int weeks) {
        ResolvedPlan stock = fallow(weeks, LARGE);
        ArrivalPlan order = Assessment.of(stock).order();
        if (!order.arrivals().isEmpty()) {
            assertThat(bearable(stock, order)).isTrue();
        }
        int placed =
                order.arrivals().stream().mapToInt(one -> one.wishIds().size()).sum();
        assertThat(placed + order.held().size()).isEqualTo(LARGE.length);
    }

    /** Random wishes at a random pace, some weeks after the last fish left: what is dated is borne, and no wish is forgotten. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noDateIsReturnedUnchecked(int seed) {
        Random random = new Random(seed);
        String[] wishes = random.ints(0, CATALOGUE.all().size())
                .distinct()
                .limit(2 + random.nextInt(6))
                .mapToObj(i -> List.copyOf(CATALOGUE.all()).get(i).id().key())
                .toArray(String[]::new);
        HouseRules pace =
                HouseRules.USUAL.withPauses(new HouseRules.Pauses(1 + random.nextInt(10), 11 + random.nextInt(20)));
        TankPlan plan = fallow(random.nextInt(20), wishes).plan().withHouseRules(pace);
        ResolvedPlan stock = ResolvedPlan.of(plan, CATALOGUE);
        ArrivalPlan order = Assessment.of(stock).order();
        assertThat(order.arrivals().isEmpty() || bearable(stock, order)).isTrue();
        assertThat(order.arrivals().stream()
                                .mapToInt(one -> one.wishIds().size())
                                .sum()
                        + order.held().size())
                .isEqualTo(wishes.length);
    }

    private static IntStream seeds() {
        return IntStream.range(0, 40);
    }

    /** A keeper's own order that comes too fast waits, with the reason. */
    @Test
    void anOrderTooFastForTheColonyIsHeldBackAndSaysWhy() {
        ResolvedPlan stock = fallow(10, LARGE);
        HouseRules quick = HouseRules.USUAL.withPauses(new HouseRules.Pauses(1, 1));
        ResolvedPlan fast = ResolvedPlan.of(
                stock.plan()
                        .withHouseRules(quick)
                        .withSchedule(Schedule.NONE.ordered(List.of(LARGE).stream()
                                .map(species -> List.of(new WishId("wish-" + species)))
                                .toList())),
                CATALOGUE);
        ArrivalPlan order = Assessment.of(fast).order();
        assertThat(order.arrivals()).hasSize(4);
        assertThat(bearable(fast, order)).isTrue();
        assertThat(order.arrivals().get(3).date()).isAfter(TODAY.plusDays(7));
        assertThat(order.arrivals())
                .anySatisfy(one -> assertThat(one.reasons().get(0).sentence())
                        .contains("ammonia or nitrite would pass its limit"));
    }

    /** What the water would not bear even without newcomers is no newcomer's fault. */
    @Test
    void aSettledTankBearsOneMoreAtATime() {
        List<Resident> ten = IntStream.range(0, 10)
                .mapToObj(i -> Fixtures.resident("g" + i, "pterapogon-kauderni", 500, 7))
                .toList();
        ResolvedPlan stock = ResolvedPlan.of(
                plan(
                        Fixtures.reef(),
                        HouseRules.USUAL,
                        ten,
                        List.of(wish("gramma-loreto", 1).withDecision(Wish.Decision.IN))),
                CATALOGUE);
        OrderProblem problem = new OrderProblem(
                stock, List.of(new OrderItem(stock.wishes().get(0).fish(), 1, 0, "")));
        assertThat(problem.water().notBorne(problem, List.of(1))).isEmpty();
    }
}
