package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Nitrification;

/** Why each arrival has its day and its place: what binds the day, and what changing places would cost. */
final class Reasons {
    private static final Provenance PRICE = Provenance.own("the whole order scored again with the two swapped");

    private final OrderProblem problem;
    private final List<Integer> order;
    private final LocalDate today;
    private final OrderCost cost;

    Reasons(OrderProblem problem, List<Integer> order, LocalDate today) {
        this.problem = problem;
        this.order = order;
        this.today = today;
        this.cost = problem.cost(order);
    }

    List<Finding> of(int place, int settled, int ready) {
        int group = order.get(place);
        List<Finding> reasons = new ArrayList<>();
        reasons.add(day(place, settled, ready));
        if (Integer.bitCount(group) > 1) {
            reasons.add(together(place));
        }
        if (place > 0) {
            reasons.add(swap(place, place - 1, "before"));
        }
        if (place < order.size() - 1) {
            reasons.add(swap(place, place + 1, "after"));
        }
        return reasons;
    }

    private Finding day(int place, int settled, int ready) {
        int group = order.get(place);
        int release = problem.release(group);
        int headroom = problem.headroomDay(settled | group);
        int day = problem.day(settled, group, ready);
        LocalDate date = today.plusDays(day);
        int held = problem.water().heldUntil(settled, group);
        if (held > Math.max(ready, Math.max(release, headroom)) && day == held) {
            return tooSoon(date);
        }
        if (day > Math.max(Math.max(ready, held), Math.max(release, headroom))) {
            return waitedFor(day);
        }
        if (day > ready && day == release && release == problem.quarantine().days()) {
            return finding(
                    "quarantine",
                    "Wait until " + date + ": it needs " + release + " days of quarantine first.",
                    Provenance.PRACTICE,
                    List.of(Figure.measured("days of quarantine", release, "days")));
        }
        if (day > ready && day == release) {
            String gate = Groups.units(problem, group).stream()
                    .filter(unit -> unit.release() == release)
                    .map(OrderItem::gate)
                    .findFirst()
                    .orElse("");
            String told = gate.contains(date.toString()) ? gate : ("Wait until " + date + ". " + gate).strip();
            return finding("gate", told, Provenance.PRACTICE, List.of());
        }
        if (day > ready && day == headroom) {
            RoomUse room = problem.room(settled | group, day);
            return finding(
                    "headroom",
                    "Wait until " + date + ": with it the tank holds " + Numbers.plain(room.used()) + " "
                            + (room.unit() + " of " + room.name()).strip() + ", too much before it matures.",
                    room.source(),
                    List.of(
                            new Figure(room.name() + " from then", room.used(), room.unit(), room.source()),
                            new Figure("limit until then", room.limitNow(), room.unit(), room.source()),
                            new Figure("limit from then", room.limit(), room.unit(), room.source())));
        }
        if (day == 0) {
            return finding("pace", "It can arrive as soon as you find a healthy one.", Provenance.PRACTICE, List.of());
        }
        String after = place == 0 ? "the latest resident" : Groups.names(problem, order.get(place - 1));
        int quarantined = problem.quarantine().days();
        if (place > 0 && quarantined > problem.pauseAfter(order.get(place - 1))) {
            return finding(
                    "quarantine",
                    "It needs " + quarantined + " days of quarantine once " + after + " has left the quarantine tank.",
                    Provenance.PRACTICE,
                    List.of(Figure.measured("days of quarantine", quarantined, "days")));
        }
        return finding(
                "pace", "Wait for the bacteria to catch up after " + after + ".", Provenance.PRACTICE, List.of());
    }

    private static Finding tooSoon(LocalDate date) {
        return finding(
                "water",
                "Wait until " + date + ": earlier, ammonia or nitrite would pass its limit.",
                Nitrification.SOURCE,
                List.of());
    }

    /** The quarantine tank is taken until it must begin. */
    private Finding waitedFor(int day) {
        Schedule.Booking taken = problem.quarantine().waitedFor(day);
        int days = problem.quarantine().days();
        return finding(
                "quarantine",
                taken.by() + " has the quarantine tank until " + taken.until() + "; this one then needs " + days
                        + " days in it.",
                Provenance.PRACTICE,
                List.of(Figure.measured("days of quarantine", days, "days")));
    }

    /** What those that arrive together would cost one after the other, in the better of both ways. */
    private Finding together(int place) {
        int group = order.get(place);
        int one = Integer.lowestOneBit(group);
        double apart = Math.min(priceOf(split(place, one, group & ~one)), priceOf(split(place, group & ~one, one)));
        String all = Integer.bitCount(group) == 2 ? "both" : "all";
        String why = !problem.groups().contains(group)
                ? "Your own order puts them on one day. "
                : problem.days().isBatch(group)
                        ? "Add " + all + " on one day: they are peaceful and can share the quarantine. "
                        : "Add " + all + " on one day, so that none claims the tank first. ";
        String price = Math.abs(apart) < 0.005
                ? "On separate days the order score is the same."
                : apart > 0
                        ? "On separate days the order score rises by " + Numbers.plain(apart, 2) + "."
                        : "On separate days the order score falls by " + Numbers.plain(-apart, 2) + ".";
        return finding(
                "same-day",
                why + price,
                Provenance.PRACTICE,
                List.of(new Figure("change in order score on separate days", apart, "", PRICE)));
    }

    private List<Integer> split(int place, int first, int second) {
        List<Integer> changed = new ArrayList<>(order);
        changed.set(place, first);
        changed.add(place + 1, second);
        return changed;
    }

    private Finding swap(int place, int with, String where) {
        List<Integer> changed = new ArrayList<>(order);
        Collections.swap(changed, place, with);
        if (!problem.allows(changed)) {
            return notAllowed(with, where, obstacle(changed));
        }
        OrderCost price = problem.cost(changed).minus(cost);
        String other = Groups.names(problem, order.get(with));
        int first = order.get(Math.min(place, with));
        int second = order.get(Math.max(place, with));
        double asPlaced = problem.between(first, second);
        double exchanged = problem.between(second, first);
        String sentence = Math.abs(price.total()) < 0.005
                ? "It does not matter whether it or " + other + " goes first."
                : (price.total() < 0 ? "Swap it with " : "Do not swap it with ") + other + ": the order score would "
                        + (price.total() < 0 ? "fall by " : "rise by ")
                        + Numbers.plain(Math.abs(price.total()), 2) + ".";
        return finding(
                "swap-" + where,
                sentence,
                PRICE,
                List.of(
                        new Figure("change in order score if swapped", price.total(), "", PRICE),
                        new Figure("from attacks", price.pressure(), "", PRICE),
                        new Figure("from waiting", price.lateness(), "", PRICE),
                        new Figure("from shy fish after bold fish", price.shyness(), "", PRICE),
                        new Figure("attacks between them in this order", asPlaced, "an hour", Pressure.SOURCE),
                        new Figure("attacks between them if swapped", exchanged, "an hour", Pressure.SOURCE)));
    }

    /** The one reason that forbids an order: who comes last, the bacteria, or a quarantine that has begun. */
    private String obstacle(List<Integer> changed) {
        int settled = 0;
        for (int group : changed) {
            if (!problem.keepsItsPlace(settled, group)) {
                return problem.precedence().why(settled, group).orElseThrow();
            }
            if (!problem.water().bears(settled, group)) {
                return "the bacteria could not keep up";
            }
            settled |= group;
        }
        return "fish already in quarantine come first";
    }

    private Finding notAllowed(int with, String where, String obstacle) {
        return finding(
                "swap-" + where,
                "It and " + Groups.names(problem, order.get(with)) + " cannot swap: " + obstacle + ".",
                PRICE,
                List.of());
    }

    private double priceOf(List<Integer> changed) {
        return problem.cost(changed).minus(cost).total();
    }

    private static Finding finding(String rule, String sentence, Provenance provenance, List<Figure> figures) {
        return Finding.of(rule, Severity.FINE, sentence, provenance, figures);
    }
}
