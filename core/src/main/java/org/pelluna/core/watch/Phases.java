package org.pelluna.core.watch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** The parts of one quarantine in turn. A quarantine is run all in, all out: what starts it again starts it for all who are in it. */
public final class Phases {
    private Phases() {}

    /** In order of days. */
    public static List<Phase> inOrder(List<Phase> phases) {
        return phases.stream()
                .sorted(Comparator.comparing(Phase::from).thenComparing(Phase::until))
                .toList();
    }

    /** The part that goes on on a day. */
    public static Optional<Phase> on(List<Phase> phases, LocalDate day) {
        return phases.stream().filter(one -> one.covers(day)).findFirst();
    }

    /** The first day after all parts; empty if there are none. */
    public static Optional<LocalDate> end(List<Phase> phases) {
        return phases.stream().map(Phase::until).max(LocalDate::compareTo);
    }

    /** Parts of these kinds and lengths one after the other. */
    public static List<Phase> inTurn(List<Part> parts, LocalDate from, Supplier<String> ids) {
        List<Phase> phases = new ArrayList<>();
        LocalDate day = from;
        for (Part part : parts) {
            phases.add(new Phase(ids.get(), part.kind(), day, part.days(), Optional.empty(), Optional.empty()));
            day = day.plusDays(part.days());
        }
        return phases;
    }

    /** What is done, and for how many days. */
    public record Part(Phase.Kind kind, int days) {}

    /**
     * The part that goes on begins again on a day, and those after it follow. Where all are over, the last begins again; where none has begun,
     * all begin on that day.
     *
     * @param why why it begins again
     * @return all parts as they are then; what was done stays, broken off
     */
    public static List<Phase> again(List<Phase> phases, LocalDate on, String why, Supplier<String> ids) {
        List<Phase> ordered = inOrder(phases);
        Optional<Phase> now = on(ordered, on);
        if (now.isEmpty() && ordered.stream().noneMatch(one -> one.from().isAfter(on))) {
            return ordered.isEmpty()
                    ? ordered
                    : Stream.concat(ordered.stream(), Stream.of(anew(ordered.get(ordered.size() - 1), on, ids)))
                            .toList();
        }
        long by = ChronoUnit.DAYS.between(
                now.map(Phase::from)
                        .orElseGet(() -> ordered.stream()
                                .map(Phase::from)
                                .filter(day -> day.isAfter(on))
                                .findFirst()
                                .orElseThrow()),
                on);
        List<Phase> then = new ArrayList<>();
        for (Phase one : ordered) {
            if (now.filter(one::equals).isPresent()) {
                if (one.from().isBefore(on)) {
                    then.add(one.cut(on, why));
                }
                then.add(anew(one, on, ids));
            } else {
                then.add(one.from().isAfter(on) ? one.later(by) : one);
            }
        }
        return inOrder(then);
    }

    private static Phase anew(Phase one, LocalDate on, Supplier<String> ids) {
        return new Phase(ids.get(), one.kind(), on, one.days(), one.note(), Optional.empty());
    }
}
