package org.pelluna.core.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.Grade;

/**
 * The attacks on one fish in a range of days, by all others together. The story draws it where the range is so long that single
 * attacks would overlap.
 *
 * @param from the first day
 * @param to the last day, included
 * @param fish the fish that was attacked
 * @param count how many attacks were logged, watched or not; at least 1
 * @param worst the hardest of them
 * @param by how many fish attacked it; at least 1
 * @param mostBy the fish that attacked it most; of equal ones the first by id
 */
public record AttackSummary(LocalDate from, LocalDate to, FishId fish, int count, Grade worst, int by, FishId mostBy) {

    /**
     * Sums the attacks on each fish over ranges of equal length.
     *
     * @param met the attacks by day and pair; those outside the days are left out
     * @param from the first day
     * @param to the last day, included
     * @param stretches how many ranges at most, at least 1; the last may be shorter
     * @return in order of time, then of the fish; empty where nothing was logged
     */
    public static List<AttackSummary> of(List<DailyEncounters> met, LocalDate from, LocalDate to, int stretches) {
        long days = ChronoUnit.DAYS.between(from, to) + 1;
        long each = Math.max(1, (days + stretches - 1) / stretches);
        Map<Long, Map<FishId, List<DailyEncounters>>> found = new TreeMap<>();
        for (DailyEncounters one : met) {
            if (!one.on().isBefore(from) && !one.on().isAfter(to)) {
                found.computeIfAbsent(ChronoUnit.DAYS.between(from, one.on()) / each, any -> new TreeMap<>())
                        .computeIfAbsent(one.to(), any -> new ArrayList<>())
                        .add(one);
            }
        }
        List<AttackSummary> summaries = new ArrayList<>();
        found.forEach((stretch, fish) -> fish.forEach((whom, all) -> {
            LocalDate begin = from.plusDays(stretch * each);
            LocalDate end = begin.plusDays(each - 1);
            summaries.add(of(begin, end.isAfter(to) ? to : end, whom, all));
        }));
        return summaries;
    }

    private static AttackSummary of(LocalDate from, LocalDate to, FishId fish, List<DailyEncounters> all) {
        Map<FishId, Integer> by = all.stream()
                .collect(Collectors.groupingBy(
                        DailyEncounters::by, TreeMap::new, Collectors.summingInt(DailyEncounters::count)));
        return new AttackSummary(
                from,
                to,
                fish,
                all.stream().mapToInt(DailyEncounters::count).sum(),
                all.stream()
                        .map(DailyEncounters::worst)
                        .max(Comparator.naturalOrder())
                        .orElseThrow(),
                by.size(),
                by.entrySet().stream()
                        .max(Map.Entry.comparingByValue())
                        .orElseThrow()
                        .getKey());
    }

    /** Whether it was pinned or wounded. */
    public boolean isHard() {
        return worst == Grade.PIN || worst == Grade.WOUND;
    }
}
