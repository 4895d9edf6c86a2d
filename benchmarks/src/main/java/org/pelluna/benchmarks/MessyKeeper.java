package org.pelluna.benchmarks;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Remedy;

/** A simulated keeper whose record is as keepers' records are: fish die, remedies overlap, moods last, a fight makes one look. The truth is known. */
final class MessyKeeper {
    /** Day 0 of the record. */
    static final LocalDate BEGIN = LocalDate.of(2026, 3, 1);

    private final SplittableRandom random;
    private final List<Resident> fish = new ArrayList<>();
    private final List<LogEntry> log = new ArrayList<>();
    private final List<ObservationSession> watches = new ArrayList<>();
    private final List<Remedy> remedies = new ArrayList<>();
    private double bout = 1;
    private double moodSpread;
    private double moodLasts;

    MessyKeeper(long seed) {
        this.random = new SplittableRandom(seed);
    }

    /** Attacks come in bouts of a geometric number of this mean. */
    MessyKeeper bouts(double mean) {
        this.bout = mean;
        return this;
    }

    /** Every evening has a mood, whose logarithm is normal with this spread and this correlation with that of the evening before. */
    MessyKeeper moods(double spread, double correlation) {
        this.moodSpread = spread;
        this.moodLasts = correlation;
        return this;
    }

    MessyKeeper fish(String id, int arrives, Optional<Integer> leaves) {
        fish.add(new Resident(
                new FishId(id),
                Plans.spread(1).get(0).id(),
                id,
                BEGIN.plusDays(arrives),
                5,
                leaves.map(BEGIN::plusDays)));
        return this;
    }

    MessyKeeper remedy(Remedy.Kind kind, int from, Optional<Integer> last) {
        remedies.add(new Remedy(
                "m" + remedies.size(),
                kind,
                Optional.empty(),
                BEGIN.plusDays(from),
                last.map(BEGIN::plusDays),
                Optional.empty()));
        return this;
    }

    /** A watch of half an hour every evening of some days. */
    MessyKeeper watched(int from, int before) {
        for (int day = from; day < before; day++) {
            watches.add(new ObservationSession(
                    "w" + watches.size(),
                    BEGIN.plusDays(day).atTime(20, 0),
                    30,
                    Optional.empty(),
                    ObservationSession.Reason.PLANNED));
        }
        return this;
    }

    /** What one fish does to another in the watches of some days, by its rate an hour. */
    MessyKeeper attacks(String by, String on, int from, int before, DoubleUnaryOperator perHour) {
        double mood = random.nextGaussian();
        LocalDate last = BEGIN;
        for (ObservationSession watch : List.copyOf(watches)) {
            LocalDate on1 = watch.start().toLocalDate();
            long day = java.time.temporal.ChronoUnit.DAYS.between(BEGIN, on1);
            for (; last.isBefore(on1); last = last.plusDays(1)) {
                mood = moodLasts * mood + Math.sqrt(1 - moodLasts * moodLasts) * random.nextGaussian();
            }
            if (day >= from && day < before) {
                double times = Math.exp(moodSpread * mood - moodSpread * moodSpread / 2);
                int count = seen(perHour.applyAsDouble(day) * times * watch.minutes() / 60.0);
                for (int i = 0; i < count; i++) {
                    entry(watch.start().plusSeconds(1 + random.nextInt(watch.minutes() * 60 - 2)), by, on);
                }
            }
        }
        return this;
    }

    /**
     * Looks all day long, and watches half an hour only when an attack was seen, which is logged: the fight makes the keeper look.
     */
    MessyKeeper promptedBy(String by, String on, int from, int before, DoubleUnaryOperator perHour) {
        for (int day = from; day < before; day++) {
            double times = Math.exp(moodSpread * random.nextGaussian() - moodSpread * moodSpread / 2);
            double rate = perHour.applyAsDouble(day) * times;
            // Passes by for ten minutes in the evening; sits down for half an hour if something is seen.
            LocalDateTime at = BEGIN.plusDays(day).atTime(19, 30);
            if (seen(rate / 6) > 0) {
                entry(at.plusMinutes(9), by, on);
                watches.add(new ObservationSession(
                        "w" + watches.size(),
                        at.plusMinutes(10),
                        30,
                        Optional.empty(),
                        ObservationSession.Reason.PLANNED));
                int count = seen(rate / 2);
                for (int i = 0; i < count; i++) {
                    entry(at.plusMinutes(10).plusSeconds(1 + random.nextInt(30 * 60 - 2)), by, on);
                }
            }
        }
        return this;
    }

    void entry(LocalDateTime at, String by, String on) {
        log.add(new LogEntry(
                "e" + log.size(),
                at,
                LogEntry.Kind.CHASE,
                Optional.of(new FishId(by)),
                Optional.of(new FishId(on)),
                Optional.of(2),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
    }

    private int seen(double mean) {
        return seen(random, mean, bout);
    }

    /** A count of this mean, in bouts of a geometric number of their own mean; 1 for single attacks. */
    static int seen(SplittableRandom random, double mean, double bout) {
        double limit = Math.exp(-mean / bout);
        double product = random.nextDouble();
        int seen = 0;
        while (product > limit) {
            product *= random.nextDouble();
            seen++;
            while (bout > 1 && random.nextDouble() < 1 - 1 / bout) {
                seen++;
            }
        }
        return seen;
    }

    /** The plan as it stands on a day, with what was recorded until then. */
    TankPlan plan(int day) {
        LocalDate today = BEGIN.plusDays(day);
        List<LogEntry> sorted = log.stream()
                .filter(entry -> !entry.at().toLocalDate().isAfter(today))
                .sorted(Comparator.comparing(LogEntry::at))
                .toList();
        return Plans.stock(List.of(), List.of(), BEGIN.minusYears(2))
                .plan()
                .with(as -> as.asOf(today)
                        .residents(fish.stream()
                                .filter(one -> !one.arrivedOn().isAfter(today))
                                .toList())
                        .log(sorted)
                        .observations(Observations.EMPTY.with(seen -> seen.watches(watches.stream()
                                        .filter(watch ->
                                                !watch.start().toLocalDate().isAfter(today))
                                        .toList())
                                .remedies(remedies.stream()
                                        .filter(one -> !one.from().isAfter(today))
                                        .toList()))));
    }

    SplittableRandom random() {
        return random;
    }

    static DoubleUnaryOperator settling(double first, double halfLife, double rest, int since) {
        return day -> first * (rest + (1 - rest) * Math.pow(0.5, Math.max(0, day - since) / halfLife));
    }
}
