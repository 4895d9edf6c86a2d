package org.pelluna.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.resident;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Ammonia;
import org.pelluna.core.water.Conditions;

class WaterForecastTest {
    private static final Tank SMALL =
            new TankBuilder().shape(new TankShape.Box(100, 45, 50)).build();

    private static List<Resident> tenSettled() {
        return IntStream.range(0, 10)
                .mapToObj(i -> resident("s" + i, "pterapogon-kauderni", 400, 5))
                .toList();
    }

    private static TankPlan plan(Tank tank, Husbandry done, List<Resident> residents, List<WaterTest> tests) {
        TankPlan plain = Fixtures.plan(tank, HouseRules.USUAL.withHusbandry(done), residents, List.of());
        return plain.with(as -> as.wishes(List.of())
                .log(List.of())
                .losses(List.of())
                .ownSpecies(List.of())
                .schedule(Schedule.NONE)
                .waterTests(tests));
    }

    private static ResolvedPlan stock(List<Resident> residents) {
        return ResolvedPlan.of(plan(SMALL, Husbandry.USUAL, residents, List.of()), CATALOGUE);
    }

    private static List<Fish> newcomers(int count, LocalDate on) {
        return IntStream.range(0, count)
                .mapToObj(
                        i -> Fish.newcomer(new FishId("n" + on + i), Fixtures.species("zebrasoma-flavescens"), 10, on))
                .toList();
    }

    private static WaterLimit.Peak peak(List<WaterForecast.PlannedFish> coming, int days) {
        List<WaterForecast.Day> course =
                new WaterForecast(stock(tenSettled()), WaterFit.NONE).days(coming, TODAY.plusDays(days));
        return WaterForecast.peak(course, TODAY);
    }

    private static double kit(List<WaterForecast.PlannedFish> coming, int days) {
        return new WaterForecast(stock(tenSettled()), WaterFit.NONE)
                .days(coming, TODAY.plusDays(days)).stream()
                        .filter(day -> day.date().isAfter(TODAY))
                        .mapToDouble(WaterForecast.Day::ammonia)
                        .max()
                        .orElseThrow();
    }

    private static List<Fish> more(int count, LocalDate on) {
        return IntStream.range(0, count)
                .mapToObj(i -> Fish.newcomer(new FishId("m" + on + i), Fixtures.species("pterapogon-kauderni"), 7, on))
                .toList();
    }

    /** Common practice: ten of the same size onto ten show on a kit within days; the same ten in pairs do not. What a kit tells from nothing is common practice too. */
    @Test
    void tenOntoTenShowOnAKitAndTheSameTenInPairsDoNot() {
        LocalDate day = TODAY.plusDays(3);
        double zero = 0.1;
        assertThat(kit(List.of(), 60)).as("a settled tank reads zero").isLessThan(zero);
        assertThat(kit(List.of(new WaterForecast.PlannedFish(day, more(10, day))), 10))
                .isGreaterThan(zero);
        List<WaterForecast.PlannedFish> pairs = IntStream.range(0, 5)
                .mapToObj(i -> day.plusDays(28L * i))
                .map(on -> new WaterForecast.PlannedFish(on, more(2, on)))
                .toList();
        assertThat(kit(pairs, 180)).isLessThan(zero);
    }

    /** The bomb: ten surgeonfish on one day into a tank settled for ten small fish; the same ten two at a time, four weeks apart. */
    @Test
    void tenAtOncePassTheLimitAndTheSameTenInPairsDoNot() {
        LocalDate day = TODAY.plusDays(3);
        WaterLimit.Peak atOnce = peak(List.of(new WaterForecast.PlannedFish(day, newcomers(10, day))), 60);
        List<WaterForecast.PlannedFish> pairs = IntStream.range(0, 5)
                .mapToObj(i -> day.plusDays(28L * i))
                .map(on -> new WaterForecast.PlannedFish(on, newcomers(2, on)))
                .toList();
        WaterLimit.Peak inPairs = peak(pairs, 180);
        assertThat(atOnce.fourDays()).isGreaterThan(Ammonia.FOUR_DAY_LIMIT);
        assertThat(atOnce.bearable()).isFalse();
        assertThat(inPairs.fourDays()).isLessThan(Ammonia.FOUR_DAY_LIMIT);
        assertThat(inPairs.bearable()).isTrue();
    }

    @Test
    void theBombPeaksAfterDaysNotAtOnce() {
        LocalDate day = TODAY.plusDays(3);
        List<WaterForecast.Day> course = new WaterForecast(stock(tenSettled()), WaterFit.NONE)
                .days(List.of(new WaterForecast.PlannedFish(day, newcomers(10, day))), TODAY.plusDays(60));
        WaterForecast.Day worst = course.stream()
                .max(java.util.Comparator.comparingDouble(WaterForecast.Day::unionised))
                .orElseThrow();
        assertThat(worst.date()).isBetween(day.plusDays(2), day.plusDays(14));
        assertThat(course.get(course.size() - 1).unionised()).isLessThan(worst.unionised() / 3);
    }

    /** What the limit says of a jump is what the whole simulation says. */
    @Test
    void theLimitAgreesWithTheSimulation() {
        ResolvedPlan stock = stock(tenSettled());
        FishWaste wastes = new FishWaste(SMALL, Husbandry.USUAL);
        double settled = stock.residents().stream()
                .mapToDouble(fish -> wastes.nitrogen(fish, TODAY))
                .sum();
        double most = WaterReserve.of(stock, WaterFit.NONE).most(settled) - settled;
        double each = wastes.nitrogen(newcomers(1, TODAY).get(0), TODAY);
        int bearable = (int) Math.floor(0.8 * most / each);
        int tooMany = (int) Math.ceil(1.25 * most / each);
        assertThat(bearable).isPositive();
        assertThat(peak(List.of(new WaterForecast.PlannedFish(TODAY, newcomers(bearable, TODAY))), 30)
                        .bearable())
                .isTrue();
        assertThat(peak(List.of(new WaterForecast.PlannedFish(TODAY, newcomers(tooMany, TODAY))), 30)
                        .bearable())
                .isFalse();
    }

    /** With production P between changes and a share f changed, the peak settles at P ÷ f: a geometric series. */
    @Test
    void nitrateSettlesAtProductionOverTheShareChanged() {
        Husbandry weekly = Husbandry.USUAL.with(as -> as.change(new Husbandry.WaterChange(0.2, 7))
                .target(new Husbandry.Targets(15, 0.1))
                .export(new Husbandry.Export(0, 0))
                .bottledBacteria(false));
        List<Resident> grown = List.of(resident("old", "zebrasoma-flavescens", 3000, 18));
        ResolvedPlan stock = ResolvedPlan.of(plan(SMALL, weekly, grown, List.of()), CATALOGUE);
        List<WaterForecast.Day> days = new WaterForecast(stock, WaterFit.NONE).days(List.of(), TODAY.plusDays(400));
        double daily = days.get(days.size() - 1).nitrogen() * 62.004 / 14.007;
        double highest = days.subList(days.size() - 30, days.size()).stream()
                .mapToDouble(WaterForecast.Day::nitrate)
                .max()
                .orElseThrow();
        assertThat(highest).isCloseTo(daily * 7 / 0.2, within(0.03 * highest));
    }

    @Test
    void aMissingFishIsAPulseOfAmmonia() {
        Resident gone = new Resident(
                new FishId("g"),
                new SpeciesId("zebrasoma-flavescens"),
                "g",
                TODAY.minusDays(300),
                15,
                Optional.of(TODAY.minusDays(20)));
        List<Resident> residents = new ArrayList<>(tenSettled());
        residents.add(gone);
        TankPlan plain = plan(SMALL, Husbandry.USUAL, residents, List.of());
        TankPlan lost = TankPlan.of(TODAY, SMALL, plain.houseRules())
                .with(as -> as.residents(residents)
                        .losses(List.of(new Loss(
                                "l",
                                new FishId("g"),
                                TODAY.minusDays(20),
                                Loss.Cause.MISSING,
                                Loss.Certainty.GUESS,
                                Optional.empty(),
                                Optional.empty()))));
        assertThat(ammoniaOn(lost, TODAY.minusDays(20))).isGreaterThan(3 * ammoniaOn(plain, TODAY.minusDays(20)));
    }

    private static double ammoniaOn(TankPlan plan, LocalDate day) {
        return new WaterForecast(ResolvedPlan.of(plan, CATALOGUE), WaterFit.NONE)
                .days(List.of(), TODAY).stream()
                        .filter(one -> one.date().equals(day))
                        .findFirst()
                        .orElseThrow()
                        .ammonia();
    }

    @Test
    void bottledBacteriaLowerThePeak() {
        LocalDate day = TODAY.plusDays(3);
        List<WaterForecast.PlannedFish> coming = List.of(new WaterForecast.PlannedFish(day, newcomers(10, day)));
        Husbandry bottle = Husbandry.USUAL.with(as -> as.change(new Husbandry.WaterChange(0.1, 7))
                .target(new Husbandry.Targets(15, 0.1))
                .export(new Husbandry.Export(0.85, 0.97))
                .bottledBacteria(true));
        List<WaterForecast.Day> with = new WaterForecast(
                        ResolvedPlan.of(plan(SMALL, bottle, tenSettled(), List.of()), CATALOGUE), WaterFit.NONE)
                .days(coming, TODAY.plusDays(60));
        assertThat(WaterForecast.peak(with, TODAY).unionised())
                .isLessThan(peak(coming, 60).unionised());
    }

    @Test
    void aTankThatIsNotCycledHasNoForecast() {
        TankPlan cycling = Fixtures.plan(new TankBuilder().cycling().build(), List.of());
        assertThat(new WaterForecast(ResolvedPlan.of(cycling, CATALOGUE), WaterFit.NONE).days(List.of(), TODAY))
                .isEmpty();
    }

    /** Ten weeks without a fish: the forecast's own colony is a small part of what it was, and so is what it bears. */
    @Test
    void monthsWithoutFishLeaveLittleOfTheReserve() {
        List<Resident> gone = tenSettled().stream()
                .map(one -> one.withLeftOn(Optional.of(TODAY.minusDays(70))))
                .toList();
        WaterReserve fallow = WaterReserve.of(stock(gone), WaterFit.NONE);
        WaterReserve full = WaterReserve.of(stock(tenSettled()), WaterFit.NONE);
        assertThat(fallow.residents()).isZero();
        assertThat(fallow.colony(0, 0)).isLessThan(0.1 * full.colony(0, 0)).isPositive();
        assertThat(fallow.colony(0, 30)).isLessThan(0.5 * fallow.colony(0, 0));
        assertThat(fallow.most(fallow.colony(0, 0))).isLessThan(0.5 * full.most(full.colony(0, 0)));
    }

    /** All at once is worse than the same over the day, and by evening's pH; what was seen is the worst of the day (Bell et al. 2008 for the share). */
    @Test
    void unionisedAmmoniaIsThatOfTheWorstHour() {
        Conditions water = FishWaste.conditions(SMALL, Husbandry.USUAL);
        assertThat(Ammonia.unionisedMgPerLitre(3, water)).isCloseTo(0.23, within(0.03));
        assertThat(Ammonia.unionisedMgPerLitre(3, water.evening()))
                .isGreaterThan(1.3 * Ammonia.unionisedMgPerLitre(3, water));
        WaterForecast.Day settled = new WaterForecast(stock(tenSettled()), WaterFit.NONE)
                .days(List.of(), TODAY)
                .get(100);
        assertThat(settled.unionised())
                .isCloseTo(
                        Ammonia.unionisedMgPerLitre(settled.ammonia() / Ammonia.IONS_PER_NITROGEN, water.evening()),
                        within(1e-3));
    }

    /** Tests made up from a tank that is fed half as much again, and from one that exports less: what gathers is found; which of the two it was, is not said. */
    @ParameterizedTest
    @CsvSource({"1.5, 1", "1, 1.5", "1, 1", "0.8, 0.8"})
    void theFitFindsWhatGathersBehindTheTests(double food, double kept) {
        Husbandry fed = Husbandry.USUAL.with(as -> as.change(new Husbandry.WaterChange(0.1, 7))
                .target(new Husbandry.Targets(15, 0.1))
                .export(new Husbandry.Export(0.5, 0.97))
                .bottledBacteria(false));
        ResolvedPlan plain = ResolvedPlan.of(plan(SMALL, fed, tenSettled(), List.of()), CATALOGUE);
        List<WaterForecast.Day> truth = new WaterForecast(plain, new WaterFit(food, 1, kept, 0)).days(List.of(), TODAY);
        Random random = new Random(11);
        List<WaterTest> tests = new ArrayList<>();
        for (int back = 140; back >= 0; back -= 14) {
            WaterForecast.Day day = truth.get(truth.size() - 1 - back);
            tests.add(new WaterTest(
                    "t" + back,
                    day.date(),
                    WaterTest.Kind.NITRATE,
                    Math.max(0, day.nitrate() + random.nextGaussian())));
        }
        WaterFit fit = WaterFit.of(ResolvedPlan.of(plan(SMALL, fed, tenSettled(), tests), CATALOGUE));
        assertThat(fit.tests()).isEqualTo(tests.size());
        assertThat(fit.gathers()).isCloseTo(food * kept, withinPercentage(15.0));
        assertThat(Math.abs(Math.log(fit.food())))
                .as("food is the better known of the two")
                .isLessThanOrEqualTo(Math.abs(Math.log(fit.kept())) + 0.02);
        assertThat(fit.vigour()).isBetween(0.6, 1.6);
    }

    /** The forecast looks back 150 days; a test of a year ago says nothing of where it starts. */
    @Test
    void theForecastStartsFromTheTestNearestToItsFirstDay() {
        List<WaterTest> tests = List.of(
                new WaterTest("old", TODAY.minusDays(400), WaterTest.Kind.NITRATE, 60),
                new WaterTest("near", TODAY.minusDays(149), WaterTest.Kind.NITRATE, 5),
                new WaterTest("late", TODAY.minusDays(3), WaterTest.Kind.NITRATE, 30));
        WaterForecast.Day first = new WaterForecast(
                        ResolvedPlan.of(plan(SMALL, Husbandry.USUAL, tenSettled(), tests), CATALOGUE), WaterFit.NONE)
                .days(List.of(), TODAY)
                .get(0);
        assertThat(first.date()).isEqualTo(TODAY.minusDays(150));
        assertThat(first.nitrate()).isBetween(4.0, 7.0);
    }

    @Test
    void aFewTestsAreNotEnoughToFit() {
        List<WaterTest> few = List.of(new WaterTest("t", TODAY, WaterTest.Kind.NITRATE, 20));
        assertThat(WaterFit.of(ResolvedPlan.of(plan(SMALL, Husbandry.USUAL, tenSettled(), few), CATALOGUE)))
                .isEqualTo(WaterFit.NONE);
    }

    /** The day that is told as the worst is the one on which most un-ionised ammonia stands, with that day's own figures. */
    @Test
    void howTheWorstComesAboutIsTold() {
        List<WaterForecast.Day> course = new WaterForecast(stock(tenSettled()), WaterFit.NONE)
                .days(
                        List.of(new WaterForecast.PlannedFish(TODAY.plusDays(5), newcomers(6, TODAY.plusDays(5)))),
                        TODAY.plusDays(40));
        WaterForecast.Day worst = course.stream()
                .filter(day -> !day.date().isBefore(TODAY))
                .max(java.util.Comparator.comparingDouble(WaterForecast.Day::unionised))
                .orElseThrow();
        assertThat(worst.date()).isAfter(TODAY.plusDays(4));
        assertThat(worst.nitrogen()).as("more comes in than is cleared").isGreaterThan(worst.capacity() * 0.8);
        assertThat(WaterForecast.howPeak(course, TODAY).arithmetic())
                .startsWith("on " + worst.date() + " ")
                .contains(Numbers.plain(worst.nitrogen(), 3) + " mg/L of ammonia nitrogen go in")
                .contains(Numbers.plain(worst.capacity(), 3) + " can be cleared")
                .contains(Numbers.plain(WaterForecast.peak(course, TODAY).fourDays(), 4) + " over its worst four days");
    }

    /** What stays of the nitrate is doubted by a factor of e^(1.645 × 0.5) = 2.28 either way: of 15 % it is 7 % to 34 %. */
    @Test
    void withoutTestsTheNitrateToComeIsARange() {
        List<WaterForecast.Day> days =
                new WaterForecast(stock(tenSettled()), WaterFit.NONE).days(List.of(), TODAY.plusDays(90));
        NitrateRange range = NitrateRange.of(stock(tenSettled()), WaterFit.NONE, days, List.of())
                .orElseThrow();
        assertThat(range.taken()).isCloseTo(0.85, within(1e-9));
        assertThat(range.most()).isCloseTo(0.934, within(0.001));
        assertThat(range.least()).isCloseTo(0.659, within(0.001));
        assertThat(range.low()).isLessThan(range.usual());
        // What gathers between changes goes with what stays, and so does all of it.
        assertThat(range.high() / range.usual()).isCloseTo(2.276, withinPercentage(3));
        assertThat(range.usual() / range.low()).isCloseTo(2.276, withinPercentage(3));
        assertThat(NitrateRange.of(stock(tenSettled()), new WaterFit(1, 1, 1, 9), days, List.of()))
                .as("tests tell")
                .isEmpty();
    }
}
