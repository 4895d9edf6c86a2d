package org.pelluna.core.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.timeline.Timeline;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Ammonia;
import org.pelluna.core.water.Conditions;
import org.pelluna.core.water.Nitrification;
import org.pelluna.core.water.Waste;
import org.pelluna.core.water.WaterState;

/**
 * The water of a tank day by day, past and to come. Fish arrive, grow and are lost; water is changed; bottled bacteria go in;
 * the bacteria follow. Food is spread over the day.
 *
 * <p>Before the first fish ever, the bacteria are kept as the cycle's test left them (keepers go on dosing until fish come,
 * common practice).
 */
public final class WaterForecast {
    /** The past that is looked at, days: after it, what was before no longer matters to the bacteria. */
    private static final int PAST = 150;

    private static final Provenance SOURCE = Provenance.published(
            "two-step nitrification after Wiesmann 1994 and ASM1, constants not yet checked, growth set to a marine cycle of four weeks; toxic (un-ionised) share after Bell et al. 2008; limit US EPA 440/5-88-004");

    /** Nitrogen in a fish, share of its wet mass; from memory. */
    private static final double NITROGEN_IN_FISH = 0.026;

    /** What a bottle of bacteria can clear, mg N/L a day; our own estimate. */
    private static final double BOTTLE_CLEARS = 0.05;

    private final ResolvedPlan stock;
    private final TankPlan plan;
    private final Husbandry done;
    private final FishWaste wastes;
    private final Conditions water;
    private final Nitrification bacteria;
    private final double litres;
    private final Timeline<Fish> lived;
    private @Nullable Past past;

    /**
     * @param fit what the tank's own tests say of food and bacteria; {@link WaterFit#NONE} if nothing
     */
    public WaterForecast(ResolvedPlan stock, WaterFit fit) {
        this.stock = stock;
        this.plan = stock.plan();
        this.done = plan.houseRules().husbandry();
        this.wastes = new FishWaste(plan.tank(), done, fit);
        this.water = FishWaste.conditions(plan.tank(), done);
        this.bacteria = new Nitrification(water, fit.vigour());
        this.litres = plan.tank().netWater().litres();
        this.lived = stock.timeline();
    }

    /**
     * Fish that come on a day.
     *
     * @param on the day
     * @param fish each of them
     */
    public record PlannedFish(LocalDate on, List<Fish> fish) {}

    /**
     * The water at the end of a day.
     *
     * @param date the day
     * @param ammonia total ammonia, mg/L as a kit shows it
     * @param unionised un-ionised ammonia at the worst of the day, mg/L: right after what came at once, by evening's pH
     * @param nitrite nitrite, mg/L
     * @param nitrate nitrate, mg/L
     * @param phosphate phosphate, mg/L
     * @param nitrogen ammonia nitrogen that came in, mg N/L
     * @param capacity ammonia nitrogen the bacteria could clear, mg N/L a day
     */
    public record Day(
            LocalDate date,
            double ammonia,
            double unionised,
            double nitrite,
            double nitrate,
            double phosphate,
            double nitrogen,
            double capacity) {

        /** The figure that a test of a kind would show; empty for kinds that are not predicted. */
        public OptionalDouble of(WaterTest.Kind kind) {
            ToDoubleFunction<Day> predicted = PREDICTED.get(kind);
            return predicted == null ? OptionalDouble.empty() : OptionalDouble.of(predicted.applyAsDouble(this));
        }

        private static final Map<WaterTest.Kind, ToDoubleFunction<Day>> PREDICTED = Map.of(
                WaterTest.Kind.AMMONIA, Day::ammonia,
                WaterTest.Kind.NITRITE, Day::nitrite,
                WaterTest.Kind.NITRATE, Day::nitrate,
                WaterTest.Kind.PHOSPHATE, Day::phosphate);
    }

    /** Every day from the start of the past that counts up to a day; empty while the tank is not cycled. Fish come today or later. */
    public List<Day> days(List<PlannedFish> coming, LocalDate until) {
        Optional<LocalDate> cycled = plan.tank().cycledOn();
        if (cycled.isEmpty() || cycled.get().isAfter(until)) {
            return List.of();
        }
        Past before = past(cycled.get());
        List<Day> days = new ArrayList<>(before.days());
        days.removeIf(day -> day.date().isAfter(until));
        walk(before.state(), later(before.from(), plan.asOf()), until, before.from(), coming, days);
        return days;
    }

    /**
     * What has been, up to yesterday.
     *
     * @param from the first day
     * @param state the water at the end of yesterday
     */
    private record Past(LocalDate from, WaterState state, List<Day> days) {}

    private synchronized Past past(LocalDate cycled) {
        if (past == null) {
            LocalDate from = later(cycled, plan.asOf().minusDays(PAST));
            List<Day> days = new ArrayList<>();
            WaterState state =
                    walk(start(from, from.equals(cycled)), from, plan.asOf().minusDays(1), from, List.of(), days);
            past = new Past(from, state, List.copyOf(days));
        }
        return past;
    }

    /** Day by day from a state; gives the last. */
    private WaterState walk(
            WaterState start,
            LocalDate first,
            LocalDate until,
            LocalDate from,
            List<PlannedFish> coming,
            List<Day> days) {
        WaterState state = start;
        for (LocalDate day = first; !day.isAfter(until); day = day.plusDays(1)) {
            List<Fish> fish = present(day, coming);
            Waste waste = wastes.of(fish, day);
            WaterState begun = events(state, day, from, coming);
            state = fish.isEmpty() && lived.nobodyYet(day)
                    ? bacteria.cycled(done.clearsMgPerLitreDay())
                    : bacteria.after(begun, waste, 1);
            days.add(day(day, Math.max(begun.ammonia(), state.ammonia()), state, waste));
        }
        return state;
    }

    /** The waste on which the colony keeps itself up today, mg N/L a day: what it has settled to, or what its cycle left. */
    public double colony() {
        return plan.tank()
                .cycledOn()
                .filter(day -> day.isBefore(plan.asOf()))
                .map(cycled -> bacteria.keptUpBy(past(cycled).state()))
                .orElseGet(() -> bacteria.keptUpBy(bacteria.cycled(done.clearsMgPerLitreDay())));
    }

    /** The share of a colony without food that is left after some days. */
    public double leftAfter(int days) {
        return bacteria.leftAfter(days);
    }

    /** Ammonia nitrogen of one fish, as fitted, mg per litre and day. */
    public double nitrogen(Fish fish, LocalDate on) {
        return wastes.nitrogen(fish, on);
    }

    /** The worst of the days from one day on. */
    public static WaterLimit.Peak peak(List<Day> days, LocalDate from) {
        List<Day> after =
                days.stream().filter(day -> !day.date().isBefore(from)).toList();
        return WaterLimit.Peak.of(
                after.stream().mapToDouble(Day::unionised).toArray(),
                after.stream().mapToDouble(Day::nitrite).max().orElse(0));
    }

    /**
     * How the worst of the days from one day on comes about.
     *
     * @param days the water day by day, one at least from that day on
     */
    public static Explained howPeak(List<Day> days, LocalDate from) {
        Day worst = days.stream()
                .filter(day -> !day.date().isBefore(from))
                .max(Comparator.comparingDouble(Day::unionised))
                .orElseThrow();
        WaterLimit.Peak peak = peak(days, from);
        return new Explained(
                "Food becomes ammonia. Bacteria turn it into nitrite, then nitrate, and grow as they are fed. What they cannot"
                        + " clear stays in the water. Part of it is toxic (un-ionised), and more so at a higher pH.",
                "on " + worst.date() + " " + Numbers.plain(worst.nitrogen(), 3)
                        + " mg/L of ammonia nitrogen go in, and " + Numbers.plain(worst.capacity(), 3)
                        + " can be cleared; " + Numbers.plain(worst.ammonia(), 3)
                        + " mg/L of ammonia is left that evening, " + Numbers.plain(worst.unionised(), 4)
                        + " of it toxic at worst, " + Numbers.plain(peak.fourDays(), 4) + " over its worst four days",
                List.of(
                        "limit of toxic ammonia over four days: " + Ammonia.FOUR_DAY_LIMIT + " mg/L",
                        "highest nitrite: " + Numbers.plain(peak.nitrite(), 2) + " mg/L"),
                SOURCE);
    }

    private WaterState start(LocalDate from, boolean justCycled) {
        List<Fish> fish = present(from, List.of());
        if (justCycled || (fish.isEmpty() && lived.nobodyYet(from))) {
            return bacteria.cycled(done.clearsMgPerLitreDay());
        }
        Waste waste = wastes.of(fish, from);
        WaterState settled = bacteria.settled(waste);
        // Between changes the waste of so many days stays; it settles at that over the share changed: a geometric
        // series.
        double changes = done.change().days() / done.change().share();
        double nitrate = waste.nitrogen() * (1 - waste.nitrateExport()) * changes;
        return new WaterState(
                settled.ammonia(),
                settled.nitrite(),
                test(WaterTest.Kind.NITRATE, from).orElse(nitrate * NITRATE) / NITRATE,
                settled.ofAmmonia(),
                settled.ofNitrite(),
                test(WaterTest.Kind.PHOSPHATE, from).orElse(waste.phosphate() * changes),
                0);
    }

    private static final double NITRATE = 62.004 / 14.007;

    /** The test nearest to a day; of two as near, the earlier one. Empty if there is none of its kind. */
    private Optional<Double> test(WaterTest.Kind kind, LocalDate day) {
        return plan.waterTests().stream()
                .filter(test -> test.kind() == kind)
                .min(Comparator.comparingLong((WaterTest test) -> Math.abs(ChronoUnit.DAYS.between(test.on(), day)))
                        .thenComparing(WaterTest::on))
                .map(WaterTest::value);
    }

    private WaterState events(WaterState before, LocalDate day, LocalDate from, List<PlannedFish> coming) {
        WaterState state = before;
        if (ChronoUnit.DAYS.between(from, day) % done.change().days()
                == done.change().days() - 1) {
            state = state.changed(done.change().share(), 0, 0);
        }
        for (ResolvedPlan.Departed gone : stock.departed()) {
            if (gone.leftOn().equals(day) && isLeftToRot(gone)) {
                Fish fish = gone.fish();
                double grams = fish.species().growth().massA().value()
                        * Math.pow(
                                fish.lengthCmOn(day),
                                fish.species().growth().massB().value());
                state = state.dosed(grams * 1000 * NITROGEN_IN_FISH / litres);
            }
        }
        if (done.bottledBacteria()
                && coming.stream()
                        .anyMatch(one -> one.on().equals(day) && one.fish().size() > 1)) {
            WaterState bottle = bacteria.cycled(BOTTLE_CLEARS);
            state = state.seeded(bottle.ofAmmonia(), bottle.ofNitrite());
        }
        return state;
    }

    /** A fish that was never found. */
    private boolean isLeftToRot(ResolvedPlan.Departed gone) {
        return plan.losses().stream()
                .anyMatch(loss -> loss.fishId().equals(gone.fish().id()) && loss.cause() == Loss.Cause.MISSING);
    }

    private List<Fish> present(LocalDate day, List<PlannedFish> coming) {
        List<Fish> fish = new ArrayList<>(lived.presentOn(day));
        coming.stream().filter(one -> !one.on().isAfter(day)).forEach(one -> fish.addAll(one.fish()));
        return fish;
    }

    private Day day(LocalDate date, double worst, WaterState state, Waste waste) {
        double unionised = Ammonia.unionisedMgPerLitre(worst, water.evening());
        return new Day(
                date,
                state.ammonia() * Ammonia.IONS_PER_NITROGEN,
                unionised,
                state.nitriteIon(),
                state.nitrateIon(),
                state.phosphate(),
                waste.nitrogen(),
                bacteria.capacity(state));
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }
}
