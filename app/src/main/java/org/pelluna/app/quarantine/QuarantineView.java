package org.pelluna.app.quarantine;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Compartments;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;
import org.pelluna.core.watch.Reservation;

/**
 * A quarantine tank ready to print.
 *
 * @param headline who is in it, what is done, and until when
 * @param chart parts, stays, measures and who comes next, in time
 * @param guests who is in it
 * @param parts what is done, in turn
 * @param cautions what to look to, a sentence each
 * @param compartments who goes into which, if more than one is needed
 * @param next who comes next from which tank, and whether they would meet others
 */
record QuarantineView(
        Svg portraits,
        String headline,
        Svg chart,
        List<Guest> guests,
        List<Part> parts,
        List<String> cautions,
        List<String> compartments,
        List<Next> next) {

    /** One fish in it. */
    record Guest(String key, Svg portrait, String name, String species, String words, String boundFor) {}

    /** One part. */
    record Part(String key, String words, String days, String state, String note) {}

    /** A stay to come. */
    record Next(String words, String clash, String tankId, String wish, boolean kept, String reservation) {}

    static QuarantineView of(
            ResolvedPlan stock, Map<String, String> tanks, List<PlannedStay> planned, Measures measures) {
        TankPlan plan = stock.plan();
        LocalDate today = plan.asOf();
        List<Phase> phases = plan.observations().phases();
        Map<org.pelluna.core.id.FishId, Resident> residents =
                plan.residents().stream().collect(Collectors.toMap(Resident::id, one -> one));
        List<Guest> guests = stock.residents().stream()
                .map(fish -> guest(fish, requireNonNull(residents.get(fish.id())), tanks, today, measures))
                .toList();
        return new QuarantineView(
                Portraits.sheet(stock.residents().stream().map(Fish::species).toList()),
                headline(guests.size(), phases, today),
                new QuarantineChart(plan, planned).svg(),
                guests,
                Phases.inOrder(phases).stream().map(one -> part(one, today)).toList(),
                Cautions.of(stock, phases),
                compartments(stock),
                next(
                        planned,
                        plan.observations().reservations(),
                        guests.isEmpty() ? Optional.empty() : Phases.end(phases)));
    }

    private static List<String> compartments(ResolvedPlan stock) {
        int here = stock.plan()
                .tank()
                .purpose()
                .flatMap(Purpose::berths)
                .map(Purpose.Berths::compartments)
                .orElse(1);
        return Compartments.of(stock.residents(), here)
                .filter(used -> used.size() > 1)
                .map(used -> used.stream()
                        .map(together -> together.stream().map(Fish::name).collect(Collectors.joining(", ")))
                        .toList())
                .orElse(List.of());
    }

    private static Guest guest(
            Fish fish, Resident resident, Map<String, String> tanks, LocalDate today, Measures measures) {
        String bound = resident.noted()
                .bound()
                .map(to -> tanks.getOrDefault(to.tank(), "a tank that is gone")
                        + (to.absence().isPresent() ? ", back to it" : ""))
                .orElse("");
        return new Guest(
                fish.id().key(),
                Portraits.use(fish.species()),
                fish.name(),
                fish.species().commonName(),
                measures.lengthOf(fish.lengthCmOn(today)) + ", day "
                        + (ChronoUnit.DAYS.between(resident.arrivedOn(), today) + 1),
                bound);
    }

    private static String headline(int guests, List<Phase> phases, LocalDate today) {
        Optional<Phase> now = Phases.on(phases, today);
        Optional<LocalDate> end = Phases.end(phases);
        if (guests == 0) {
            return end.filter(day -> day.isAfter(today)).isPresent()
                    ? "The quarantine tank is empty; its steps run until " + end.get() + "."
                    : "The quarantine tank is free.";
        }
        String who = guests + " fish: ";
        if (now.isEmpty()) {
            return who
                    + (end.isEmpty()
                            ? "no step is planned, so there is no leaving date."
                            : end.get().isAfter(today)
                                    ? "the next step starts later."
                                    : "all steps ended on " + end.get() + ". Healthy fish that eat can leave.");
        }
        return who + now.get().kind().words() + " until " + now.get().until()
                + (end.get().isAfter(now.get().until())
                        ? ", all steps until " + end.get() + "."
                        : ". After that, healthy fish that eat can leave.");
    }

    private static Part part(Phase one, LocalDate today) {
        String state = one.cut()
                .map(cut -> "stopped on " + cut.on() + ": " + cut.why())
                .orElse(
                        one.covers(today)
                                ? "now, day " + (ChronoUnit.DAYS.between(one.from(), today) + 1)
                                : one.from().isAfter(today) ? "planned" : "done");
        return new Part(
                one.id(),
                one.kind().words(),
                one.from() + " to " + one.until() + ", " + Numbers.count(one.days(), "day", "days"),
                state,
                one.note().orElse(""));
    }

    private static List<Next> next(List<PlannedStay> planned, List<Reservation> reserved, Optional<LocalDate> until) {
        Stream<Next> stays = planned.stream()
                .map(one -> next(
                        one,
                        planned,
                        reserved.stream()
                                .filter(days -> days.isFor(one.tankId(), one.wish()))
                                .findFirst(),
                        until));
        // Days kept for an arrival that no plan contain any more still make other tanks wait: they must be seen to be
        // given up.
        Stream<Next> idle = reserved.stream()
                .filter(days -> planned.stream().noneMatch(one -> days.isFor(one.tankId(), one.wish())))
                .map(days -> new Next(
                        days.names() + ", " + days.from() + " to " + days.until(),
                        "No plan needs this stay any more, but other tanks still wait for its days.",
                        days.tank(),
                        days.wish().key(),
                        true,
                        days.id()));
        return Stream.concat(stays, idle).toList();
    }

    private static Next next(
            PlannedStay one, List<PlannedStay> planned, Optional<Reservation> kept, Optional<LocalDate> until) {
        String clash = planned.stream()
                .filter(other -> other != one && !other.tank().equals(one.tank()) && one.meets(other))
                .map(other -> other.names() + " for " + other.tank())
                .collect(Collectors.joining("; "));
        boolean taken = until.filter(end -> one.from().isBefore(end)).isPresent();
        boolean fits = kept.filter(
                        days -> days.from().equals(one.from()) && days.until().equals(one.until()))
                .isPresent();
        String moved = kept.filter(days -> !fits)
                .map(days -> "Kept were " + days.from() + " to " + days.until() + "; the plan says other days now.")
                .orElse("");
        String trouble = clash.isEmpty()
                ? taken ? "It is not free by then." : moved
                : "The same days as " + clash + ": keep them for one, and the other waits.";
        return new Next(
                one.names() + " for " + one.tank() + ", " + one.from() + " to " + one.until(),
                trouble,
                one.tankId(),
                one.wish().key(),
                fits,
                kept.map(Reservation::id).orElse(""));
    }
}
