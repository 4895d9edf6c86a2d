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
import java.util.TreeMap;

/**
 * When the tank was watched, and which encounters were seen meanwhile. An entry that says how long was watched makes a watch of
 * its own that ended with it; watches that overlap count once. Encounters outside every watch are known, but no rate rests on them.
 */
public final class Exposure {
    private final List<Span> spans;
    private final List<LogEntry> within;
    private final NavigableMap<LocalDate, Double> hours = new TreeMap<>();

    /** A time watched, from and to. */
    public record Span(LocalDateTime from, LocalDateTime to) {
        double hours() {
            return Duration.between(from, to).toSeconds() / 3600.0;
        }
    }

    private Exposure(List<Span> spans, List<LogEntry> within) {
        this.spans = List.copyOf(spans);
        this.within = List.copyOf(within);
        for (Span span : spans) {
            hours.merge(span.from().toLocalDate(), span.hours(), Double::sum);
        }
    }

    /** The exposure of a log and its watches. */
    public static Exposure of(Collection<LogEntry> log, Collection<ObservationSession> watches) {
        List<Span> all = new ArrayList<>();
        watches.forEach(watch -> all.add(new Span(watch.start(), watch.end())));
        log.forEach(entry -> entry.watchedMinutes()
                .ifPresent(minutes -> all.add(new Span(entry.at().minusMinutes(minutes), entry.at()))));
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
        return new Exposure(joined, seen(log, joined));
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

    /** The times watched, apart. */
    public List<Span> spans() {
        return spans;
    }
}
