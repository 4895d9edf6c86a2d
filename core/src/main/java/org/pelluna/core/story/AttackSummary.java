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
 * What befell one fish in a stretch of days, whoever did it: the story from so far away that single encounters cannot be told apart.
 *
 * @param from the first day
 * @param to the last day
 * @param fish whom it befell
 * @param count how many encounters were seen
 * @param worst the hardest of them
 * @param by how many fish did it
 * @param mostBy who did most of it
 */
public record AttackSummary(LocalDate from, LocalDate to, FishId fish, int count, Grade worst, int by, FishId mostBy) {

    /**
     * Encounters put together by whom they befell, in so many stretches of equal length.
     *
     * @param met what fish did to each other; what lies outside the days is left out
     * @param from the first day
     * @param to the last day
     * @param stretches how many at most
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
        List<AttackSummary> befell = new ArrayList<>();
        found.forEach((stretch, fish) -> fish.forEach((whom, all) -> {
            LocalDate begin = from.plusDays(stretch * each);
            LocalDate end = begin.plusDays(each - 1);
            befell.add(of(begin, end.isAfter(to) ? to : end, whom, all));
        }));
        return befell;
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
