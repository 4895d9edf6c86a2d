package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import org.pelluna.core.course.Watched;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;

/** The watches of a tank as one quarrel sees them: a day for each, with what was seen of it. */
final class PairWatches {
    private PairWatches() {}

    /**
     * How a rate read off a course came about.
     *
     * @param encounters seen in declared watches
     * @param hours of them
     * @param today encounters an hour, the interval of {@link Settling#LEVEL}
     * @param reasons what else was used
     */
    static Explained how(int encounters, double hours, Interval today, List<String> reasons) {
        return new Explained(
                "We fit a falling curve to the attacks in your timed watches. We do not know its shape, so we weigh many curves"
                        + " by how well they fit.",
                Numbers.count(encounters, "attack") + " ÷ " + Numbers.plain(hours, 1) + " hours"
                        + (hours > 0 ? " = " + Numbers.plain(encounters / hours, 2) + " an hour over all watches" : "")
                        + "; along the curve, today " + Numbers.plain(today.low(), 2) + " to "
                        + Numbers.plain(today.high(), 2) + " an hour",
                reasons,
                Settling.SOURCE);
    }

    /**
     * Watches from one day up to, and not on, another.
     *
     * @param since the day from which the days of the quarrel are counted
     * @param of which encounters belong to it
     * @param apart days that say nothing of it, since one of the fish was out
     */
    static List<Watched> watches(
            Exposure exposure,
            LocalDate since,
            LocalDate from,
            LocalDate before,
            Predicate<LogEntry> of,
            Predicate<LocalDate> apart) {
        List<Watched> watches = new ArrayList<>();
        if (!from.isBefore(before)) {
            return watches;
        }
        exposure.days().subMap(from, true, before, false).forEach((day, hours) -> {
            if (!apart.test(day)) {
                watches.add(new Watched(ChronoUnit.DAYS.between(since, day), hours, (int)
                        exposure.encounters(day, day.plusDays(1)).stream()
                                .filter(of)
                                .count()));
            }
        });
        for (Exposure.Prompted one : exposure.prompted()) {
            LocalDateTime at = one.span().to();
            int count = (int) one.encounters().stream().filter(of).count();
            boolean within =
                    !at.toLocalDate().isBefore(from) && at.toLocalDate().isBefore(before);
            if (within && count > 0 && !apart.test(at.toLocalDate())) {
                watches.add(new Watched(
                        ChronoUnit.DAYS.between(since, at.toLocalDate()),
                        one.span().hours(),
                        count,
                        true));
            }
        }
        watches.sort(Comparator.comparingDouble(Watched::day));
        return watches;
    }
}
