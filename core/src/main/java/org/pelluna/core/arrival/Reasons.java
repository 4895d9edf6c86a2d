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
    private static final Provenance PRICE =
            Provenance.own("the whole order is priced again with the two arrivals exchanged");

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
            return waitedFor(day, date);
        }
        if (day > ready && day == release && release == problem.quarantine().days()) {
            return finding(
                    "quarantine",
                    "Not before " + date + ": " + release + " days of quarantine come first.",
                    Provenance.PRACTICE,
                    List.of(Figure.measured("days of quarantine", release, "days")));
        }
        if (day > ready && day == release) {
            String gate = Groups.units(problem, group).stream()
                    .filter(unit -> unit.release() == release)
                    .map(OrderItem::gate)
                    .findFirst()
                    .orElse("");
            return finding("gate", "Not before " + date + ". " + gate, Provenance.PRACTICE, List.of());
        }
        if (day > ready && day == headroom) {
            RoomUse room = problem.room(settled | group, day);
            return finding(
                    "headroom",
                    "Not before " + date + ": with it the tank holds " + Numbers.plain(room.used()) + " "
                            + (room.unit() + " of " + room.name()).strip()
                            + ", which it carries only once mature.",
                    room.source(),
                    List.of(
                            new Figure(room.name() + " from then", room.used(), room.unit(), room.source()),
                            new Figure("ceiling until then", room.limitNow(), room.unit(), room.source()),
                            new Figure("ceiling from then", room.limit(), room.unit(), room.source())));
        }
        if (day == 0) {
            return finding("pace", "It may come as soon as you find a good one.", Provenance.PRACTICE, List.of());
        }
        String after = place == 0 ? "the latest resident" : Groups.names(problem, order.get(place - 1));
        int quarantined = problem.quarantine().days();
        if (place > 0 && quarantined > problem.pauseAfter(order.get(place - 1))) {
            return finding(
                    "quarantine",
                    "It goes into quarantine when " + after + " has left it, for " + quarantined + " days.",
                    Provenance.PRACTICE,
                    List.of(Figure.measured("days of quarantine", quarantined, "days")));
        }
        return finding(
                "pace",
                "After the pause that lets the bacteria catch up with " + after + ".",
                Provenance.PRACTICE,
                List.of());
    }

    private static Finding tooSoon(LocalDate date) {
        return finding(
                "water",
                "Not before " + date
                        + ": sooner, by the forecast, ammonia or nitrite would pass its limit; the bacteria have not"
                        + " followed those before it yet.",
                Nitrification.SOURCE,
                List.of());
    }

    /** The quarantine tank is taken until it must begin. */
    private Finding waitedFor(int day, LocalDate date) {
        Schedule.Booking taken = problem.quarantine().waitedFor(day);
        int days = problem.quarantine().days();
        return finding(
                "quarantine",
                "Not before " + date + ": " + taken.by() + " has the quarantine tank until " + taken.until() + "; "
                        + days + " days of quarantine come then.",
                Provenance.PRACTICE,
                List.of(Figure.measured("days of quarantine", days, "days")));
    }

    /** What those that arrive together would cost one after the other, in the better of both ways. */
    private Finding together(int place) {
        int group = order.get(place);
        int one = Integer.lowestOneBit(group);
        double apart = Math.min(priceOf(split(place, one, group & ~one)), priceOf(split(place, group & ~one, one)));
        // Others than rivals share a day only where the keeper says so.
        String why = problem.groups().contains(group)
                ? "Rivals go in on one day, so that neither owns the tank. "
                : "They come on one day by your own order. ";
        String price = Math.abs(apart) < 0.005
                ? "On separate days the order score is the same."
                : apart > 0
                        ? "On separate days the order score rises by " + Numbers.plain(apart, 2) + "."
                        : "On separate days the order score would be better by " + Numbers.plain(-apart, 2) + ".";
        return finding(
                "same-day",
                why + price,
                Provenance.PRACTICE,
                List.of(new Figure("price of separate days", apart, "encounters/h", PRICE)));
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
                ? "Either of it and " + other + " may go first."
                : (price.total() < 0
                                ? "Swapping it and " + other + " would be better by " + Numbers.plain(-price.total(), 2)
                                        + ". "
                                : "")
                        + "In this order " + Numbers.plain(asPlaced, 2) + " encounters an hour between it and " + other
                        + ", swapped " + Numbers.plain(exchanged, 2)
                        + (price.total() < 0
                                ? "."
                                : "; swapped, the order score rises by " + Numbers.plain(price.total(), 2) + ".");
        return finding(
                "swap-" + where,
                sentence,
                PRICE,
                List.of(
                        new Figure("price of changing places", price.total(), "encounters/h", PRICE),
                        new Figure("of it, pressure", price.pressure(), "encounters/h", PRICE),
                        new Figure("of it, waiting", price.lateness(), "encounters/h", PRICE),
                        new Figure("of it, shy behind bold", price.shyness(), "encounters/h", PRICE),
                        new Figure("between the two, this way round", asPlaced, "encounters/h", Pressure.SOURCE),
                        new Figure("between the two, the other way", exchanged, "encounters/h", Pressure.SOURCE)));
    }

    /** The one reason that forbids an order: the bacteria, or a quarantine that has begun. */
    private String obstacle(List<Integer> changed) {
        int settled = 0;
        for (int group : changed) {
            if (!problem.water().bears(settled, group)) {
                return "the bacteria could not cope";
            }
            settled |= group;
        }
        return "fish that are in quarantine come out first";
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
