package org.pelluna.app.fish;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.LogEntry;

/** A fish's life in words. */
final class FishStory {
    private FishStory() {}

    /** Something noted, and its day. */
    record Moment(String on, String words, String photo) {}

    /** Where it is today, since when, or how it left. */
    static String where(Resident resident, TankPlan plan) {
        LocalDate today = plan.asOf();
        if (!resident.belongsHere(today)) {
            return departed(plan, resident);
        }
        return resident.noted().absence(today).map(out -> outSince(out, today)).orElse(here(resident, today));
    }

    /** What the log says of it, in a sentence; empty if nothing. */
    static String logged(FishId id, TankPlan plan) {
        List<LogEntry> attacks =
                plan.log().stream().filter(entry -> entry.kind().hasAggressor()).toList();
        List<LogEntry> by = attacks.stream()
                .filter(entry -> entry.aggressorId().filter(id::equals).isPresent())
                .toList();
        List<LogEntry> on = attacks.stream()
                .filter(entry -> entry.fishId().filter(id::equals).isPresent())
                .toList();
        if (by.isEmpty() && on.isEmpty()) {
            return "";
        }
        LocalDate last = Stream.concat(by.stream(), on.stream())
                .map(entry -> entry.at().toLocalDate())
                .max(LocalDate::compareTo)
                .orElseThrow();
        return "It attacked " + Numbers.count(by.size(), "time") + " and was attacked "
                + Numbers.count(on.size(), "time") + ", last on " + last + ".";
    }

    private static String here(Resident resident, LocalDate today) {
        LocalDate since = resident.hereSince(today);
        long days = ChronoUnit.DAYS.between(since, today);
        return "Here since "
                + (days == 0 ? "today" : resident.noted().arrival().about() + since + ", " + Numbers.count(days, "day"))
                + (since.equals(resident.arrivedOn()) ? "" : "; first arrived " + resident.arrivedOn()) + ".";
    }

    private static String outSince(Absence out, LocalDate today) {
        return "Out of the display since " + out.from() + ", "
                + Numbers.count(ChronoUnit.DAYS.between(out.from(), today), "day") + ": "
                + out.place().words()
                + out.note().map(note -> ", “" + note + "”").orElse("") + ".";
    }

    private static String departed(TankPlan plan, Resident resident) {
        LocalDate on = resident.leftOn().orElseThrow();
        String after =
                ", " + Numbers.count(ChronoUnit.DAYS.between(resident.arrivedOn(), on), "day") + " after it arrived";
        return resident.noted()
                .departure()
                .map(how -> "It was " + how.kind().words() + " on " + on + after
                        + how.to().map(to -> ", to " + to).orElse("")
                        + how.price()
                                .map(price -> ", for " + Numbers.plain(price, 2))
                                .orElse("") + ".")
                .orElseGet(() -> plan.losses().stream()
                        .filter(loss -> loss.fishId().equals(resident.id()))
                        .findFirst()
                        .map(loss -> "Lost on " + on + after + ": "
                                + loss.cause().words() + " (" + loss.certainty().words() + ").")
                        .orElse("It left on " + on + after + "."));
    }

    /** What is noted of it, the latest first. */
    static List<Moment> of(Resident resident, TankPlan plan, Set<String> photos, Measures measures) {
        Life life = resident.noted();
        record Day(LocalDate on, String words, String photo) {
            Day(LocalDate on, String words) {
                this(on, words, "");
            }
        }
        return Stream.of(
                        Stream.of(new Day(
                                resident.arrivedOn(), "came, " + measures.lengthOf(resident.lengthCm()) + " long")),
                        life.lengths().stream()
                                .map(one -> new Day(one.on(), "measured: " + measures.lengthOf(one.cm()))),
                        life.sexes().stream()
                                .map(one -> new Day(one.on(), one.sex().words())),
                        life.absences().stream()
                                .map(one -> new Day(
                                        one.from(),
                                        "taken out, " + one.place().words()
                                                + one.note()
                                                        .map(note -> ": " + note)
                                                        .orElse(""))),
                        life.absences().stream()
                                .flatMap(one -> one.until().stream())
                                .map(day -> new Day(day, "back")),
                        life.bonds().stream()
                                .map(one ->
                                        new Day(one.from(), "in a " + one.kind().words())),
                        life.bonds().stream()
                                .flatMap(one -> one.until().stream())
                                .map(day -> new Day(day, "parted")),
                        plan.log().stream()
                                .filter(entry -> entry.fishId().equals(Optional.of(resident.id())))
                                .filter(entry ->
                                        entry.kind() == LogEntry.Kind.NOTE || entry.kind() == LogEntry.Kind.SPAWNED)
                                .map(entry -> new Day(
                                        entry.at().toLocalDate(),
                                        Stream.concat(
                                                        entry.kind() == LogEntry.Kind.SPAWNED
                                                                ? Stream.of("spawned")
                                                                : Stream.empty(),
                                                        entry.note().stream())
                                                .collect(Collectors.joining(": ")),
                                        photos.contains(FishNotes.photo(entry.id()))
                                                ? FishNotes.photo(entry.id())
                                                : "")),
                        resident.leftOn().stream()
                                .map(day -> new Day(
                                        day,
                                        life.departure()
                                                .map(how -> how.kind().words())
                                                .orElse("lost"))))
                .flatMap(days -> days)
                .sorted(Comparator.comparing(Day::on).reversed())
                .map(day -> new Moment(Dates.day(day.on()), day.words(), day.photo()))
                .toList();
    }
}
