package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.kept;
import static org.pelluna.core.Fixtures.resident;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;

/** What an arrival says of its day and its place is what the plan comes to if it is done. */
class ReasonsTest {
    private static final QuarantineTank QUARANTINE = new QuarantineTank(70, 1, 1, 1.021);

    private static Finding reason(Arrival arrival, String rule) {
        return arrival.reasons().stream()
                .filter(one -> one.rule().equals(rule))
                .findFirst()
                .orElseThrow(() -> new AssertionError(rule + " among " + arrival.reasons()));
    }

    private static double figure(Finding finding, String name) {
        return finding.figures().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow()
                .value();
    }

    private static List<List<WishId>> order(List<Arrival> arrivals) {
        return new ArrayList<>(arrivals.stream().map(Arrival::wishIds).toList());
    }

    private static ArrivalPlan judged(TankPlan plan) {
        return Assessment.of(plan, CATALOGUE).order();
    }

    private static ArrivalPlan inOrder(TankPlan plan, List<List<WishId>> order) {
        return judged(plan.withSchedule(plan.schedule().ordered(order)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "pseudocheilinops-ataenia elacatinus-oceanops pterapogon-kauderni nemateleotris-magnifica",
                "zebrasoma-flavescens gramma-loreto cirrhilabrus-solorensis cryptocentrus-cinctus",
                "chrysiptera-parasema assessor-macneilli siganus-vulpinus synchiropus-splendidus halichoeres-chrysus",
                "centropyge-bispinosa ecsenius-midas neocirrhites-armatus elacatinus-oceanops"
            })
    void whatASwapCostsIsWhatTheSwappedOrderCosts(String species) {
        TankPlan plan =
                Fixtures.plan(Fixtures.reef(), List.of(resident("plum", "gramma-loreto", 150, 6)), species.split(" "));
        ArrivalPlan best = judged(plan);
        List<Arrival> arrivals = best.arrivals();
        assertThat(arrivals).hasSizeGreaterThan(2);
        assertThat(arrivals.get(0).reasons()).noneMatch(one -> one.rule().equals("swap-before"));
        assertThat(arrivals.get(arrivals.size() - 1).reasons())
                .noneMatch(one -> one.rule().equals("swap-after"));
        for (int i = 0; i + 1 < arrivals.size(); i++) {
            List<List<WishId>> changed = order(arrivals);
            Collections.swap(changed, i, i + 1);
            ArrivalPlan swapped = inOrder(plan, changed);
            OrderCost rise = swapped.cost().minus(best.cost());
            Finding after = reason(arrivals.get(i), "swap-after");
            Finding before = reason(arrivals.get(i + 1), "swap-before");
            // The same exchange, told from both sides and from the order after it.
            Finding back = reason(swapped.arrivals().get(i), "swap-after");
            for (Finding one : List.of(after, before)) {
                assertThat(figure(one, "change in order score if swapped")).isCloseTo(rise.total(), within(1e-9));
                assertThat(figure(one, "from attacks")).isCloseTo(rise.pressure(), within(1e-9));
                assertThat(figure(one, "from waiting")).isCloseTo(rise.lateness(), within(1e-9));
                assertThat(figure(one, "from shy fish after bold fish")).isCloseTo(rise.shyness(), within(1e-9));
                assertThat(figure(one, "attacks between them in this order"))
                        .isCloseTo(figure(back, "attacks between them if swapped"), within(1e-9));
                assertThat(figure(one, "attacks between them if swapped"))
                        .isCloseTo(figure(back, "attacks between them in this order"), within(1e-9));
                String other = arrivals.get(one == after ? i + 1 : i).names();
                assertThat(one.sentence()).contains(other);
                if (rise.total() >= 0.005) {
                    assertThat(one.sentence())
                            .contains("the order score would rise by " + Numbers.plain(rise.total(), 2) + ".");
                    assertThat(back.sentence()).contains("would fall by " + Numbers.plain(rise.total(), 2) + ".");
                } else {
                    assertThat(one.sentence()).isEqualTo("Either of it and " + other + " may go first.");
                }
            }
        }
    }

    /** Common practice: rivals let in on one day, so that neither owns the tank. */
    @Test
    void whatSeparateDaysCostIsWhatTheBetterOfBothWaysCosts() {
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(),
                List.of(kept("centropyge-loriculus"), kept("centropyge-bispinosa"), kept("pterapogon-kauderni")));
        ArrivalPlan best = judged(plan);
        Arrival both = best.arrivals().stream()
                .filter(one -> one.wishIds().size() == 2)
                .findFirst()
                .orElseThrow();
        int place = best.arrivals().indexOf(both);
        double least = Double.POSITIVE_INFINITY;
        for (boolean reversed : new boolean[] {false, true}) {
            List<List<WishId>> apart = order(best.arrivals());
            List<WishId> two = new ArrayList<>(both.wishIds());
            if (reversed) {
                Collections.reverse(two);
            }
            apart.set(place, List.of(two.get(0)));
            apart.add(place + 1, List.of(two.get(1)));
            least = Math.min(
                    least, inOrder(plan, apart).cost().minus(best.cost()).total());
        }
        Finding together = reason(both, "same-day");
        assertThat(figure(together, "change in order score on separate days")).isCloseTo(least, within(1e-9));
        assertThat(together.sentence())
                .startsWith("Add both on one day")
                .endsWith("rises by " + Numbers.plain(least, 2) + ".");
    }

    /** Who shares a day without being a rival of the other does so by its keeper's order; that it would be better apart is said as that. */
    @Test
    void strangersOnOneDayAreNotCalledRivals() {
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(),
                List.of(kept("balistoides-conspicillum"), kept("pterapogon-kauderni")));
        List<WishId> both = plan.wishes().stream().map(wish -> wish.id()).toList();
        Finding together = reason(inOrder(plan, List.of(both)).arrivals().get(0), "same-day");
        double apart = figure(together, "change in order score on separate days");
        assertThat(apart).isNegative();
        assertThat(together.sentence())
                .isEqualTo("Your own order puts them on one day. On separate days the order score falls by "
                        + Numbers.plain(-apart, 2) + ".");
    }

    @Test
    void theFirstOfAnEmptyTankMayComeAtOnceAndTheNextAfterItsPause() {
        List<Arrival> arrivals = judged(
                        Fixtures.plan(Fixtures.reef(), List.of(), "pterapogon-kauderni", "elacatinus-oceanops"))
                .arrivals();
        assertThat(arrivals.get(0).date()).isEqualTo(TODAY);
        assertThat(reason(arrivals.get(0), "pace").sentence())
                .isEqualTo("It can arrive as soon as you find a healthy one.");
        assertThat(reason(arrivals.get(1), "pace").sentence())
                .isEqualTo("Wait for the bacteria to catch up after "
                        + arrivals.get(0).names() + ".");
    }

    @Test
    void whoCameLatelyIsWaitedForByTheFirst() {
        Arrival first = judged(Fixtures.plan(
                        Fixtures.reef(), List.of(resident("plum", "gramma-loreto", 3, 4)), "elacatinus-oceanops"))
                .arrivals()
                .get(0);
        assertThat(first.date()).isAfter(TODAY);
        assertThat(reason(first, "pace").sentence())
                .isEqualTo("Wait for the bacteria to catch up after the latest resident.");
    }

    /** Quarantine first, then one after the other in the one tank, each with the days in figures. */
    @Test
    void daysOfQuarantineAreSaidForTheFirstAndForThoseAfterIt() {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "pterapogon-kauderni", "elacatinus-oceanops")
                .withSchedule(Schedule.NONE.quarantine(Optional.of(QUARANTINE)));
        plan = plan.withHouseRules(plan.houseRules()
                .withApproaches(plan.houseRules().approaches().withQuarantine(Approaches.Quarantine.ISOLATION)));
        List<Arrival> arrivals = judged(plan).arrivals();
        long days = ChronoUnit.DAYS.between(TODAY, arrivals.get(0).date());
        Finding first = reason(arrivals.get(0), "quarantine");
        assertThat(figure(first, "days of quarantine")).isEqualTo(days).isPositive();
        assertThat(first.sentence())
                .isEqualTo(
                        "Wait until " + arrivals.get(0).date() + ": it needs " + days + " days of quarantine first.");
        Finding second = reason(arrivals.get(1), "quarantine");
        assertThat(figure(second, "days of quarantine")).isEqualTo(days);
        assertThat(second.sentence())
                .isEqualTo("It needs " + days + " days of quarantine once "
                        + arrivals.get(0).names() + " has left the quarantine tank.");
        assertThat(ChronoUnit.DAYS.between(
                        arrivals.get(0).date(), arrivals.get(1).date()))
                .isGreaterThanOrEqualTo(days);
    }

    /** What the ceiling was and becomes stands in the figures. */
    @Test
    void roomThatComesWithMaturityIsSaidInFigures() {
        ArrivalPlan order = judged(Fixtures.plan(
                new Fixtures.TankBuilder().cycledOn(TODAY.minusMonths(11)).build(),
                List.of(resident("a", "siganus-vulpinus", 100, 20), resident("b", "zebrasoma-flavescens", 90, 15)),
                "cirrhilabrus-solorensis",
                "centropyge-bispinosa",
                "gramma-loreto"));
        Arrival last = order.arrivals().get(order.arrivals().size() - 1);
        Finding room = reason(last, "headroom");
        double used = room.figures().get(0).value();
        double now = figure(room, "limit until then");
        double then = figure(room, "limit from then");
        assertThat(used).isGreaterThan(now).isLessThanOrEqualTo(then);
        assertThat(room.sentence()).contains("Wait until " + last.date(), Numbers.plain(used));
    }
}
