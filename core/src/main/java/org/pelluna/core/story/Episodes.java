package org.pelluna.core.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.Grade;

/** The story in words: each arrival and what followed it. */
public final class Episodes {
    private static final int MOST_DAYS = 45;
    private static final int MOST_LINES = 40;
    private static final int MOST_PAIRS = 3;

    private final Story story;
    private final Exposure exposure;

    private Episodes(Story story, TankPlan plan) {
        this.story = story;
        this.exposure = Exposure.of(plan.log(), plan.observations().watches());
    }

    /** The episodes of a story up to today, the latest first. */
    public static List<Episode> of(Story story, TankPlan plan) {
        return new Episodes(story, plan).all();
    }

    private List<Episode> all() {
        TreeSet<LocalDate> arrivals = new TreeSet<>();
        for (Lane lane : story.lanes()) {
            if (!lane.planned()) {
                lane.stays().forEach(stay -> arrivals.add(stay.from()));
            }
        }
        arrivals.removeIf(day -> day.isAfter(story.today()));
        List<Episode> episodes = new ArrayList<>();
        for (LocalDate day : arrivals.descendingSet()) {
            LocalDate next = arrivals.higher(day);
            LocalDate most = day.plusDays(MOST_DAYS);
            LocalDate end = next != null && next.minusDays(1).isBefore(most) ? next.minusDays(1) : most;
            episodes.add(episode(day, end.isAfter(story.today()) ? story.today() : end));
        }
        return episodes;
    }

    private Episode episode(LocalDate from, LocalDate to) {
        String who = story.lanes().stream()
                .filter(lane ->
                        lane.stays().stream().anyMatch(stay -> stay.from().equals(from)))
                .map(lane -> lane.name() + (lane.from().equals(from) ? "" : " returned"))
                .collect(Collectors.joining(", "));
        Map<LocalDate, List<String>> days = new TreeMap<>();
        met(from, to, days);
        for (RemedyLane one : story.tried()) {
            say(
                    days,
                    from,
                    to,
                    one.from(),
                    "Tried: " + one.words()
                            + one.fish()
                                    .map(fish -> ", for " + story.name(fish))
                                    .orElse(""));
            one.until().ifPresent(day -> say(days, from, to, day, "Over: " + one.words()));
        }
        for (Mark mark : story.marks()) {
            if (mark.kind() != Mark.Kind.WARNING) {
                say(
                        days,
                        from,
                        to,
                        mark.on(),
                        mark.fish().map(fish -> story.name(fish) + ": ").orElse("") + mark.words());
            }
        }
        for (Lane lane : story.lanes()) {
            lane.end().ifPresent(end -> say(days, from, to, end.on(), lane.name() + " " + end.words()));
        }
        List<String> lines = new ArrayList<>();
        days.forEach((day, said) -> lines.add(
                "Day " + (ChronoUnit.DAYS.between(from, day) + 1) + ", " + day + ": " + String.join(". ", said) + "."));
        int more = lines.size() - MOST_LINES;
        List<String> told = new ArrayList<>(lines.subList(0, Math.min(MOST_LINES, lines.size())));
        if (more > 0) {
            told.add("And " + Numbers.count(more, "day") + " more.");
        }
        if (told.isEmpty()) {
            told.add("Nothing was logged.");
        }
        return new Episode(from, to, who, told);
    }

    private void met(LocalDate from, LocalDate to, Map<LocalDate, List<String>> days) {
        Map<LocalDate, List<DailyEncounters>> byDay = story.met().stream()
                .filter(one -> !one.on().isBefore(from) && !one.on().isAfter(to))
                .collect(Collectors.groupingBy(DailyEncounters::on, TreeMap::new, Collectors.toList()));
        byDay.forEach((day, met) -> {
            double hours = exposure.days().getOrDefault(day, 0.0);
            if (hours > 0) {
                say(days, from, to, day, "Watched for " + Numbers.count(Math.round(hours * 60), "minute"));
            }
            List<DailyEncounters> worst = met.stream()
                    .sorted(Comparator.comparing(DailyEncounters::worst)
                            .thenComparingInt(DailyEncounters::count)
                            .reversed())
                    .toList();
            for (DailyEncounters one : worst.subList(0, Math.min(MOST_PAIRS, worst.size()))) {
                say(days, from, to, day, told(one));
            }
            if (worst.size() > MOST_PAIRS) {
                say(days, from, to, day, Numbers.count(worst.size() - MOST_PAIRS, "pair") + " more clashed");
            }
        });
    }

    private String told(DailyEncounters one) {
        return story.name(one.by()) + " "
                + (one.worst() == Grade.DISPLAY
                        ? "threatened "
                        : one.count() == 1 ? one.worst().words() + " " : "attacked ")
                + story.name(one.to())
                + (one.count() == 1 ? "" : one.count() == 2 ? " twice" : " " + one.count() + " times")
                + (one.count() == 1 || one.worst() == Grade.DISPLAY
                        ? ""
                        : ", at worst " + one.worst().words());
    }

    private static void say(
            Map<LocalDate, List<String>> days, LocalDate from, LocalDate to, LocalDate day, String words) {
        if (!day.isBefore(from) && !day.isAfter(to)) {
            days.computeIfAbsent(day, any -> new ArrayList<>()).add(words);
        }
    }
}
