package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;

/**
 * Whether a remedy helped: encounters an hour in the three weeks before it against those while it lasted and the days after, up to
 * three weeks in all; exactly, and for every aggressor, so that a second bully who steps in is seen.
 *
 * @param remedy the remedy
 * @param all everyone's encounters together
 * @param byAggressor each aggressor's, the most frequent before first
 * @param steppedIn an aggressor that pressed harder afterwards while the worst one eased; empty if none did
 */
public record RemedyEffect(
        Remedy remedy, RateChange all, List<RateChange> byAggressor, Optional<RateChange> steppedIn) {

    private static final int WINDOW = 21;
    private static final double STEPPED_IN = 0.1;
    private static final int LEAST = 3;

    /** What the counts say. */
    public enum Outcome {
        HELPED("fewer encounters"),
        UNCLEAR("no clear change"),
        WORSE("more encounters"),
        UNKNOWN("not watched enough");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        /** The verdict as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** The effect of every remedy of a tank, the latest first. */
    public static List<RemedyEffect> of(TankPlan plan) {
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        return plan.observations().remedies().stream()
                .sorted(Comparator.comparing(Remedy::from).reversed())
                .map(remedy -> of(plan, exposure, remedy))
                .toList();
    }

    private static RemedyEffect of(TankPlan plan, Exposure exposure, Remedy remedy) {
        LocalDate from = remedy.from();
        LocalDate begin = from.minusDays(WINDOW);
        // The quarrel begins with the last arrival before; what was before that was another tank.
        LocalDate last = plan.residents().stream()
                .map(Resident::arrivedOn)
                .filter(day -> day.isBefore(from))
                .max(LocalDate::compareTo)
                .orElse(begin);
        LocalDate before = last.isAfter(begin) ? last : begin;
        LocalDate tomorrow = plan.asOf().plusDays(1);
        LocalDate end = from.plusDays(WINDOW).isBefore(tomorrow) ? from.plusDays(WINDOW) : tomorrow;
        List<LogEntry> earlier = exposure.encounters(before, from);
        List<LogEntry> later = end.isAfter(from) ? exposure.encounters(from, end) : List.of();
        double hoursBefore = exposure.hours(before, from);
        double hoursAfter = exposure.hours(from, end);
        TreeSet<FishId> aggressors = new TreeSet<>();
        earlier.forEach(entry -> aggressors.add(entry.aggressorId().orElseThrow()));
        later.forEach(entry -> aggressors.add(entry.aggressorId().orElseThrow()));
        List<RateChange> changes = new ArrayList<>();
        for (FishId one : aggressors) {
            changes.add(new RateChange(Optional.of(one), by(earlier, one), hoursBefore, by(later, one), hoursAfter));
        }
        changes.sort(Comparator.comparingInt(RateChange::before).reversed());
        return new RemedyEffect(
                remedy,
                new RateChange(Optional.empty(), earlier.size(), hoursBefore, later.size(), hoursAfter),
                changes,
                steppedIn(changes));
    }

    private static int by(List<LogEntry> entries, FishId aggressor) {
        return (int) entries.stream()
                .filter(entry -> entry.aggressorId().filter(aggressor::equals).isPresent())
                .count();
    }

    private static Optional<RateChange> steppedIn(List<RateChange> changes) {
        if (changes.isEmpty()
                || !changes.get(0).isKnown()
                || changes.get(0).rates().ratio() >= 1) {
            return Optional.empty();
        }
        return changes.stream()
                .skip(1)
                .filter(one -> one.after() >= LEAST
                        && one.rates().ratio() > 1
                        && one.rates().p() < STEPPED_IN)
                .max(Comparator.comparingInt(RateChange::after));
    }

    /**
     * What a kind of remedy has done.
     *
     * @param kind the kind
     * @param tried how often it was tried
     * @param helped how often there were clearly fewer encounters
     * @param worse how often clearly more
     * @param together all tries together
     */
    public record Tally(Remedy.Kind kind, int tried, int helped, int worse, RateChange together) {}

    /** What remedies have done together, the most often tried first. */
    public static List<Tally> tally(Collection<RemedyEffect> effects) {
        List<Tally> tallies = new ArrayList<>();
        for (Remedy.Kind kind : Remedy.Kind.values()) {
            List<RemedyEffect> of =
                    effects.stream().filter(one -> one.remedy().kind() == kind).toList();
            if (!of.isEmpty()) {
                tallies.add(new Tally(
                        kind,
                        of.size(),
                        count(of, Outcome.HELPED),
                        count(of, Outcome.WORSE),
                        new RateChange(
                                Optional.empty(),
                                of.stream().mapToInt(one -> one.all().before()).sum(),
                                of.stream()
                                        .mapToDouble(one -> one.all().hoursBefore())
                                        .sum(),
                                of.stream().mapToInt(one -> one.all().after()).sum(),
                                of.stream()
                                        .mapToDouble(one -> one.all().hoursAfter())
                                        .sum())));
            }
        }
        tallies.sort(Comparator.comparingInt(Tally::tried).reversed());
        return tallies;
    }

    private static int count(List<RemedyEffect> effects, Outcome verdict) {
        return (int)
                effects.stream().filter(one -> one.all().verdict() == verdict).count();
    }
}
