package org.pelluna.core.watch;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.NavigableSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * When the tank was watched, and which encounters were seen meanwhile. Only watches with a stated beginning count as hours: who writes “watched 20 minutes”
 * beside a chase does so because there was one. Watches that overlap count once. A watch begun because of a fight counts without its first minutes. Encounters outside every watch are known, but no rate rests on them
 * beyond what {@link #prompted} says.
 */
public final class Exposure {
    /** A watch that a fight began counts from so many minutes on: that fight is then over, and what follows is as at other times. */
    private static final int FIGHT_OVER_MINUTES = 5;

    private static final int JUST_BEFORE_MINUTES = 30;

    private final List<Span> spans;
    private final List<LogEntry> within;
    private final List<Prompted> prompted;
    private final NavigableMap<LocalDate, Double> hours = new TreeMap<>();

    /** A time watched, from and to. */
    public record Span(LocalDateTime from, LocalDateTime to) {
        boolean meets(Span other) {
            return !from.isAfter(other.to) && !other.from.isAfter(to);
        }

        /** How long it lasted, h. */
        public double hours() {
            return Duration.between(from, to).toSeconds() / 3600.0;
        }
    }

    /** A watch that was written down because of what was seen in it. */
    public record Prompted(Span span, List<LogEntry> encounters) {}

    private Exposure(List<Span> spans, List<LogEntry> within, List<Prompted> prompted) {
        this.prompted = List.copyOf(prompted);
        this.spans = List.copyOf(spans);
        this.within = List.copyOf(within);
        for (Span span : spans) {
            hours.merge(span.from().toLocalDate(), span.hours(), Double::sum);
        }
    }

    /** The exposure of a log and its watches. */
    public static Exposure of(Collection<LogEntry> log, Collection<ObservationSession> watches) {
        NavigableSet<LocalDateTime> outside = new TreeSet<>();
        log.stream().filter(entry -> entry.kind().hasAggressor()).forEach(entry -> outside.add(entry.at()));
        List<Span> stated = new ArrayList<>();
        watches.forEach(watch -> stated.add(new Span(watch.start(), watch.end())));
        joined(stated)
                .forEach(span ->
                        outside.subSet(span.from(), true, span.to(), true).clear());
        List<Span> all = new ArrayList<>();
        for (ObservationSession watch : watches) {
            LocalDateTime from =
                    becauseOfAFight(watch, outside) ? watch.start().plusMinutes(FIGHT_OVER_MINUTES) : watch.start();
            if (from.isBefore(watch.end())) {
                all.add(new Span(from, watch.end()));
            }
        }
        List<Span> joined = joined(all);
        return new Exposure(joined, seen(log, joined), prompted(log, joined));
    }

    /** Whether an attack made the keeper watch: so it is said, or one is logged just before the watch. */
    private static boolean becauseOfAFight(ObservationSession watch, NavigableSet<LocalDateTime> outside) {
        LocalDateTime start = watch.start();
        return watch.reason() == ObservationSession.Reason.SEEN
                || !outside.subSet(start.minusMinutes(JUST_BEFORE_MINUTES), true, start, true)
                        .isEmpty();
    }

    /** Watches known only from an entry that ended them, apart from those declared. */
    private static List<Prompted> prompted(Collection<LogEntry> log, List<Span> declared) {
        List<Span> spans = new ArrayList<>();
        log.stream()
                .filter(entry -> entry.kind().hasAggressor())
                .forEach(entry -> entry.watchedMinutes()
                        .ifPresent(minutes -> spans.add(new Span(entry.at().minusMinutes(minutes), entry.at()))));
        return joined(spans).stream()
                .filter(span -> declared.stream().noneMatch(span::meets))
                .map(span -> new Prompted(span, seen(log, List.of(span))))
                .toList();
    }

    private static List<Span> joined(List<Span> all) {
        all.sort(Comparator.comparing(Span::from));
        List<Span> joined = new ArrayList<>();
        for (Span span : all) {
            int last = joined.size() - 1;
            if (last >= 0 && !span.from().isAfter(joined.get(last).to())) {
                Span before = joined.get(last);
                joined.set(last, new Span(before.from(), later(before.to(), span.to())));
            } else {
                joined.add(span);
            }
        }
        return joined;
    }

    /** The encounters that lie in a span, in order; both are walked through side by side, for a log can be long. */
    private static List<LogEntry> seen(Collection<LogEntry> log, List<Span> spans) {
        List<LogEntry> inOrder = new ArrayList<>(log);
        inOrder.sort(Comparator.comparing(LogEntry::at));
        List<LogEntry> seen = new ArrayList<>();
        int span = 0;
        for (LogEntry entry : inOrder) {
            while (span < spans.size() && spans.get(span).to().isBefore(entry.at())) {
                span++;
            }
            if (span < spans.size()
                    && !entry.at().isBefore(spans.get(span).from())
                    && entry.kind().hasAggressor()) {
                seen.add(entry);
            }
        }
        return seen;
    }

    private static LocalDateTime later(LocalDateTime one, LocalDateTime other) {
        return one.isAfter(other) ? one : other;
    }

    /** Hours watched from one day up to, and not on, another. */
    public double hours(LocalDate from, LocalDate before) {
        return from.isBefore(before)
                ? hours.subMap(from, true, before, false).values().stream()
                        .mapToDouble(Double::doubleValue)
                        .sum()
                : 0;
    }

    /** Hours watched in all. */
    public double hours() {
        return hours.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** What was watched by declaration, and seen meanwhile, from one day up to, and not on, another. */
    public Exposure between(LocalDate from, LocalDate before) {
        return new Exposure(
                spans.stream()
                        .filter(span -> !span.from().toLocalDate().isBefore(from)
                                && span.from().toLocalDate().isBefore(before))
                        .toList(),
                encounters(from, before),
                List.of());
    }

    /** Hours watched on each day on which there were any. */
    public NavigableMap<LocalDate, Double> days() {
        return java.util.Collections.unmodifiableNavigableMap(hours);
    }

    /** Encounters seen while watching, in the order of the log. */
    public List<LogEntry> encounters() {
        return within;
    }

    /** Encounters seen while watching from one day up to another. */
    public List<LogEntry> encounters(LocalDate from, LocalDate before) {
        return within.subList(first(from), Math.max(first(from), first(before)));
    }

    /** The place of the first encounter not before a day; the log is in order. */
    private int first(LocalDate day) {
        LocalDateTime begin = day.atTime(LocalTime.MIN);
        int low = 0;
        int high = within.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (within.get(middle).at().isBefore(begin)) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Watches that were written down because something was seen, in order. */
    public List<Prompted> prompted() {
        return prompted;
    }

    /** The times watched, apart. */
    public List<Span> spans() {
        return spans;
    }
}
