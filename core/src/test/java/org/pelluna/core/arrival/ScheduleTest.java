package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.resident;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;

/** What the keeper decides of arrivals: own order, dates, quarantine, the box; and what follows from it. */
class ScheduleTest {
    private static final QuarantineTank TWO_PLACES = new QuarantineTank(60, 2, 2, 1.021);
    private static final QuarantineTank ONE_PLACE = new QuarantineTank(60, 1, 1, 1.021);

    private static TankPlan plan(
            Tank tank, List<Resident> residents, Approaches approaches, Schedule schedule, Wish... wishes) {
        TankPlan plain = Fixtures.plan(
                tank,
                HouseRules.USUAL.with(as ->
                        as.approaches(approaches).husbandry(Husbandry.USUAL).overruled(Map.of())),
                residents,
                List.of(wishes));
        return TankPlan.of(TODAY, tank, plain.houseRules())
                .with(as -> as.residents(residents).wishes(plain.wishes()).schedule(schedule));
    }

    private static Wish wish(String species, int count) {
        return Fixtures.wish(species, count);
    }

    private static Assessment three(UnaryOperator<Schedule> decided) {
        return Assessment.of(
                plan(
                        Fixtures.reef(),
                        List.of(),
                        Approaches.USUAL,
                        decided.apply(Schedule.NONE),
                        wish("pseudocheilinus-hexataenia", 1),
                        wish("elacatinus-oceanops", 1),
                        wish("pterapogon-kauderni", 1)),
                CATALOGUE);
    }

    private static List<String> order(Assessment assessment) {
        return assessment.order().arrivals().stream()
                .map(arrival -> arrival.wishIds().get(0).key())
                .toList();
    }

    @Test
    void theKeepersOrderIsKeptAndPricedAgainstTheBest() {
        Assessment best = three(none -> none);
        Assessment own = three(none -> none.ordered(List.of(List.of(new WishId("wish-pseudocheilinus-hexataenia")))));
        assertThat(order(best)).last().isEqualTo("wish-pseudocheilinus-hexataenia");
        assertThat(order(own)).first().isEqualTo("wish-pseudocheilinus-hexataenia");
        assertThat(own.order().proved()).isFalse();
        assertThat(own.order().best()).contains(best.order().cost());
        assertThat(own.order().cost().total()).isGreaterThan(best.order().cost().total());
    }

    @Test
    void anArrivalPutOffWaitsUntilItsDayAndTheOthersDoNot() {
        LocalDate later = TODAY.plusDays(200);
        Assessment put = three(none -> none.notBefore(new WishId("wish-elacatinus-oceanops"), later));
        assertThat(put.order().arrivals().get(1)).satisfies(arrival -> {
            assertThat(arrival.wishIds()).containsExactly(new WishId("wish-elacatinus-oceanops"));
            assertThat(arrival.date()).isEqualTo(later);
            assertThat(arrival.reasons().get(0).sentence()).contains("delayed it");
        });
        assertThat(put.order().arrivals().get(0).date()).isBefore(TODAY.plusDays(60));
    }

    /** A bully waits even for a fish that is put off by months, and the keeper is told what that costs. */
    @Test
    void aBullyWaitsForTheOthersAndItIsSaidForHowLong() {
        LocalDate later = TODAY.plusDays(200);
        Assessment put = three(none -> none.notBefore(new WishId("wish-elacatinus-oceanops"), later));
        assertThat(order(put)).last().isEqualTo("wish-pseudocheilinus-hexataenia");
        assertThat(put.order().findings())
                .anySatisfy(one -> assertThat(one.sentence() + one.remedy().orElseThrow())
                        .contains("waits until", "must arrive before it", "Drop one of the two"));
        assertThat(three(none -> none).order().findings())
                .noneMatch(one -> one.rule().equals("precedence"));
    }

    @Test
    void aMoveChangesTheOrderAndSaysWhatItDoes() {
        Assessment before = three(none -> none);
        String terror = "wish-pseudocheilinus-hexataenia";
        Schedule moved = Move.to(Schedule.NONE, before.order(), new WishId(terror), TODAY);
        Assessment after = three(none -> moved);
        assertThat(order(after)).first().isEqualTo(terror);
        List<String> changes = Move.changes(before.order(), after.order());
        assertThat(changes).anySatisfy(change -> assertThat(change).contains("earlier"));
        assertThat(changes).last().asString().contains("The order score rose by");
        assertThat(Move.changes(before.order(), before.order())).isEmpty();
    }

    @Test
    void quarantineGivesEveryArrivalItsDaysAndNobodyIsPutInWithThem() {
        Assessment kept = three(none -> none.quarantine(Optional.of(TWO_PLACES)));
        List<Arrival> arrivals = kept.order().arrivals();
        assertThat(arrivals.get(0).date()).isEqualTo(TODAY.plusDays(14));
        for (int i = 1; i < arrivals.size(); i++) {
            assertThat(ChronoUnit.DAYS.between(
                            arrivals.get(i - 1).date(), arrivals.get(i).date()))
                    .isGreaterThanOrEqualTo(14);
        }
        Approaches copper = new Approaches(
                Approaches.Ceiling.INCHES,
                Approaches.BigFish.ADULT_SIZE,
                Approaches.Kin.SAME_DAY,
                Approaches.HaremFish.AT_ONCE,
                Approaches.Clownfish.FIRST,
                Approaches.Tangs.STAGED,
                Approaches.Pause.DAYS,
                Approaches.Quarantine.COPPER,
                Approaches.Bacteria.EIGHT_HOURS,
                Approaches.Salinity.NATURAL,
                Approaches.Rock.LAST_RESORT);
        Assessment long_ = Assessment.of(
                plan(
                        Fixtures.reef(),
                        List.of(),
                        copper,
                        Schedule.NONE.quarantine(Optional.of(ONE_PLACE)),
                        wish("elacatinus-oceanops", 1),
                        wish("pterapogon-kauderni", 1)),
                CATALOGUE);
        assertThat(long_.order().arrivals().get(1).date()).isEqualTo(TODAY.plusDays(56));
        assertThat(long_.order().arrivals().get(1).reasons().get(0).rule()).isEqualTo("quarantine");
    }

    /** A goby and a cardinalfish leave one quarantine on one day; a quarrelsome wrasse shares it with neither. */
    @Test
    void peacefulFishOfOneQuarantineComeOnOneDay() {
        Wish[] wishes = {
            wish("elacatinus-oceanops", 1), wish("pterapogon-kauderni", 1), wish("pseudocheilinus-hexataenia", 1)
        };
        List<Arrival> shared = quarantined(new QuarantineTank(60, 3, 1, 1.021), wishes);
        assertThat(shared).extracting(one -> one.wishIds().size()).containsExactly(2, 1);
        assertThat(shared.get(0).reasons())
                .anySatisfy(one -> assertThat(one.sentence())
                        .startsWith("Add both on one day: they are peaceful and can share the quarantine."));
        assertThat(quarantined(ONE_PLACE, wishes))
                .extracting(one -> one.wishIds().size())
                .containsOnly(1);
    }

    private static List<Arrival> quarantined(QuarantineTank tank, Wish... wishes) {
        return Assessment.of(
                        plan(
                                Fixtures.reef(),
                                List.of(),
                                Approaches.USUAL,
                                Schedule.NONE.quarantine(Optional.of(tank)),
                                wishes),
                        CATALOGUE)
                .order()
                .arrivals();
    }

    @Test
    void aFishInQuarantineComesFirstAndOnlyServesTheRest() {
        String inside = "wish-pseudocheilinus-hexataenia";
        Assessment kept = three(
                none -> none.quarantine(Optional.of(TWO_PLACES)).quarantined(new WishId(inside), TODAY.minusDays(10)));
        assertThat(order(kept)).first().isEqualTo(inside);
        assertThat(kept.order().arrivals().get(0).date()).isEqualTo(TODAY.plusDays(4));
        assertThat(kept.order().arrivals().get(1).date()).isEqualTo(TODAY.plusDays(18));
    }

    @Test
    void aGroupThatQuarantineCannotHoldIsHeldBackAndTold() {
        Assessment group = Assessment.of(
                plan(
                        Fixtures.reef(),
                        List.of(),
                        Approaches.USUAL,
                        Schedule.NONE.quarantine(Optional.of(TWO_PLACES)),
                        wish("chromis-viridis", 5)),
                CATALOGUE);
        assertThat(group.order().held())
                .singleElement()
                .satisfies(held ->
                        assertThat(held.gate().sentence()).contains("2 places").contains("5 fish"));
    }

    @Test
    void rivalsShareADayOnlyIfQuarantineCanKeepThemApart() {
        Wish[] rivals = {wish("centropyge-loriculus", 1), wish("centropyge-bispinosa", 1)};
        Schedule apart = Schedule.NONE.quarantine(Optional.of(TWO_PLACES));
        Schedule one = Schedule.NONE.quarantine(Optional.of(new QuarantineTank(60, 2, 1, 1.021)));
        assertThat(decided(apart, rivals).order().arrivals()).hasSize(1);
        assertThat(decided(one, rivals).order().arrivals()).hasSize(2);
    }

    private static Assessment decided(Schedule schedule, Wish... wishes) {
        Wish[] in = new Wish[wishes.length];
        for (int i = 0; i < in.length; i++) {
            in[i] = new Wish(
                    wishes[i].id(),
                    wishes[i].speciesId(),
                    1,
                    Optional.empty(),
                    Optional.empty(),
                    Wish.Decision.IN,
                    Optional.empty());
        }
        return Assessment.of(plan(Fixtures.reef(), List.of(), Approaches.USUAL, schedule, in), CATALOGUE);
    }

    @Test
    void theCalendarRunsFromLookingToWatchingWithoutAGap() {
        Assessment kept = three(none -> none.quarantine(Optional.of(TWO_PLACES)));
        for (ArrivalCalendar.Lane lane : ArrivalCalendar.of(kept.stock(), kept.order(), kept.planned())) {
            LocalDate in = lane.span(ArrivalCalendar.Span.Kind.QUARANTINE)
                    .orElseThrow()
                    .from();
            assertThat(lane.span(ArrivalCalendar.Span.Kind.LOOK).orElseThrow().to())
                    .isEqualTo(in);
            assertThat(in.plusDays(14)).isEqualTo(lane.arrival().date());
            assertThat(lane.release()).isAfterOrEqualTo(lane.arrival().date());
            assertThat(lane.span(ArrivalCalendar.Span.Kind.WATCH).orElseThrow().from())
                    .isEqualTo(lane.release());
        }
    }

    /** Common practice: the salinity is raised by no more than 0.001 a day; the last step is the display's own water. */
    @Test
    void theSalinityRampEndsAtTheDisplaysGravityTheDayBeforeTheMove() {
        Assessment kept = three(none -> none.quarantine(Optional.of(TWO_PLACES)));
        ArrivalCalendar.Lane lane =
                ArrivalCalendar.of(kept.stock(), kept.order(), kept.planned()).get(0);
        double display = kept.stock().plan().tank().regime().specificGravity();
        double last = TWO_PLACES.specificGravity();
        for (ArrivalCalendar.RampStep step : lane.ramp()) {
            assertThat(step.gravity() - last).isBetween(0.0, 0.001 + 1e-9);
            assertThat(step.litres()).isBetween(0.0, TWO_PLACES.litres());
            last = step.gravity();
        }
        assertThat(last).isCloseTo(display, within(1e-9));
        assertThat(lane.ramp())
                .last()
                .satisfies(step ->
                        assertThat(step.on()).isEqualTo(lane.arrival().date().minusDays(1)));
    }

    @Test
    void aBoxedFishIsNotReleasedWhileSomebodyAttacksTheBox() {
        List<Resident> bully = List.of(resident("Gale", "chrysiptera-parasema", 400, 7));
        Wish shy = wish("gramma-loreto", 1);
        Schedule seen =
                Schedule.NONE.checked(new Schedule.BoxCheck(shy.id(), TODAY.minusDays(1), true, Optional.of("Gale")));
        assertThat(sheet(bully, shy, Schedule.NONE).advice()).contains("Watch the box");
        assertThat(sheet(bully, shy, seen).advice()).contains("Do not release").contains("Gale");
        assertThat(sheet(bully, shy, seen).mayRelease()).isFalse();
        Schedule quiet = seen.checked(new Schedule.BoxCheck(shy.id(), TODAY, false, Optional.empty()));
        assertThat(sheet(bully, shy, quiet).mayRelease()).isTrue();
        assertThat(sheet(bully, shy, quiet).advice()).contains("Release it");
    }

    @Test
    void theRunSheetNamesHazardsBeforeTheBagIsTouched() {
        RunSheet sheet = sheet(List.of(), wish("pterois-volitans", 1), Schedule.NONE);
        assertThat(sheet.steps()).anySatisfy(step -> {
            assertThat(step.warns()).isTrue();
            assertThat(step.words().toString()).contains("spines are venomous");
        });
        assertThat(sheet.steps()).extracting(RunSheet.Step::key).doesNotHaveDuplicates();
        assertThat(sheet.steps())
                .filteredOn(step -> step.key().equals("move"))
                .singleElement()
                .satisfies(step -> assertThat(step.words().toString()).contains("never with bare hands"));
    }

    /** Advice that could harm: an open tank was only spoken of for fish that rarely jump, and others were to close a cover it has not. */
    @Test
    void anOpenTankIsCoveredBeforeAnyFishIsReleased() {
        Tank open = new Fixtures.TankBuilder().cover(Cover.Kind.OPEN, 0).build();
        RunSheet sheet = sheet(open, List.of(), wish("pterois-volitans", 1), Schedule.NONE);
        assertThat(sheet.steps())
                .filteredOn(step -> step.key().equals("cover"))
                .singleElement()
                .satisfies(step -> {
                    assertThat(step.warns()).isTrue();
                    assertThat(step.words().toString())
                            .contains("Cover the tank", "before release")
                            .doesNotContain("Close the cover");
                });
        assertThat(sheet(List.of(), wish("nemateleotris-magnifica", 1), Schedule.NONE)
                        .steps())
                .filteredOn(step -> step.key().equals("cover"))
                .singleElement()
                .satisfies(step -> assertThat(step.words().toString()).contains("Close the cover"));
    }

    /** Advice that could harm: bag water after a long journey. */
    @Test
    void waterIsNotMixedIntoAnOpenBagAfterALongJourney() {
        assertThat(sheet(List.of(), wish("gramma-loreto", 1), Schedule.NONE).steps())
                .filteredOn(step -> step.key().equals("match"))
                .singleElement()
                .satisfies(step -> assertThat(step.words().toString()).contains("match salinity beforehand"));
    }

    private static RunSheet sheet(List<Resident> residents, Wish wish, Schedule schedule) {
        return sheet(Fixtures.reef(), residents, wish, schedule);
    }

    private static RunSheet sheet(Tank tank, List<Resident> residents, Wish wish, Schedule schedule) {
        Wish in = new Wish(
                wish.id(), wish.speciesId(), 1, Optional.empty(), Optional.empty(), Wish.Decision.IN, Optional.empty());
        Assessment assessment = Assessment.of(plan(tank, residents, Approaches.USUAL, schedule, in), CATALOGUE);
        ArrivalCalendar.Lane lane = ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned())
                .get(0);
        return RunSheet.of(assessment.stock(), lane, wish.id(), assessment.planned());
    }

    @Test
    void alternativesArePricedSideBySide() {
        Assessment assessment = Assessment.of(
                plan(
                        Fixtures.reef(),
                        List.of(resident("Gale", "chrysiptera-parasema", 400, 7)),
                        Approaches.USUAL,
                        Schedule.NONE,
                        wish("gramma-loreto", 1),
                        wish("pterapogon-kauderni", 1),
                        wish("nemateleotris-magnifica", 1)),
                CATALOGUE);
        List<Alternative> ways = Alternative.of(
                assessment.stock(),
                Shortlist.of(assessment.stock()),
                WaterReserve.of(assessment.stock(), WaterFit.NONE));
        Alternative best = ways.get(0);
        assertThat(best.cost()).isEqualTo(assessment.order().cost());
        Alternative boxed = way(ways, "box");
        assertThat(boxed.cost().total()).isGreaterThanOrEqualTo(best.cost().total() - 1e-9);
        // Whoever is attacked hard is boxed in the best order, too: where that is everybody, a box for all is no other
        // way.
        assertThat(Alternative.distinct(ways)).noneMatch(one -> one.key().equals("box"));
        assertThat(Alternative.distinct(ways)).extracting(Alternative::order).doesNotHaveDuplicates();
        assertThat(way(ways, "later").cost().total())
                .as("putting all off is not cheaper: its days are waited for too")
                .isGreaterThanOrEqualTo(best.cost().total() - 1e-9);
        Alternative out = way(ways, "bully-out");
        assertThat(out.title()).startsWith("Gale");
        assertThat(out.order()).last().asString().endsWith("Gale");
        assertThat(ways).allSatisfy(way -> assertThat(way.water().bearable()).isTrue());
    }

    private static Alternative way(List<Alternative> ways, String key) {
        return ways.stream().filter(one -> one.key().equals(key)).findFirst().orElseThrow();
    }
}
