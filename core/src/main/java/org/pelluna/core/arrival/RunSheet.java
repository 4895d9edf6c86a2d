package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Hazard;
import org.pelluna.core.species.Jumping;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;

/**
 * What to do on the day this fish comes into this tank, in turn. Common practice, but for first aid.
 *
 * @param title the fish
 * @param steps what to do
 * @param advice whether release is advised, by what was seen of the box
 * @param mayRelease whether nothing seen of the box speaks against it
 */
public record RunSheet(String title, List<Step> steps, String advice, boolean mayRelease) {

    /**
     * One step.
     *
     * @param key its name in the record
     * @param part the part of the day it belongs to
     * @param words what to do
     * @param warns whether it is about harm to fish or keeper
     */
    public record Step(String key, String part, Sentence words, boolean warns) {}

    /** The run sheet of one wish of an arrival. */
    public static RunSheet of(ResolvedPlan stock, ArrivalCalendar.Lane lane, WishId wishId, List<Pressure> planned) {
        ResolvedPlan.Wished wished = stock.wishes().stream()
                .filter(one -> one.wish().id().equals(wishId))
                .findFirst()
                .orElseThrow();
        List<Step> steps = new ArrayList<>();
        buy(steps, wished);
        hazards(steps, wished.species());
        bring(steps, stock, lane, wished);
        box(steps, stock, lane, wishId, planned);
        release(steps, stock, lane, wished);
        after(steps, stock, lane, wished);
        List<Schedule.BoxCheck> checks = stock.plan().schedule().boxChecks().stream()
                .filter(check -> check.wishId().equals(wishId))
                .toList();
        boolean boxed = lane.span(ArrivalCalendar.Span.Kind.BOX).isPresent();
        return new RunSheet(
                (wished.count() > 1 ? wished.count() + " × " : "")
                        + wished.fish().name(),
                List.copyOf(steps),
                advice(checks, boxed),
                mayRelease(checks, boxed));
    }

    private static void buy(List<Step> steps, ResolvedPlan.Wished wished) {
        add(
                steps,
                "inspect",
                "Before you pay",
                "Look at fins, eyes, skin, breath and belly; leave it if it is thin, pinched or gasping.");
        add(
                steps,
                "eats",
                "Before you pay",
                "See it eat, and ask what it is given, how long it has been there and what it was treated with.");
        add(
                steps,
                "size",
                "Before you pay",
                Sentence.of(
                        "Measure it: we planned with ",
                        Quantity.cm(wished.fish().growth().startLengthCm()),
                        ". If it differs, check the shop card again."));
    }

    private static void hazards(List<Step> steps, Species species) {
        for (Hazard hazard : species.hazards()) {
            steps.add(new Step(
                    "hazard-"
                            + hazard.kind()
                                    .name()
                                    .toLowerCase(java.util.Locale.ROOT)
                                    .replace('_', '-'),
                    "Before you touch the bag",
                    Sentence.of(hazard.sentence()),
                    true));
        }
    }

    private static void bring(
            List<Step> steps, ResolvedPlan stock, ArrivalCalendar.Lane lane, ResolvedPlan.Wished wished) {
        String part = "Into the display";
        double display = stock.plan().tank().regime().specificGravity();
        if (lane.ramp().isEmpty()) {
            add(
                    steps,
                    "match",
                    part,
                    "Float the bag for 15 minutes, then measure the salinity of both waters; the tank has "
                            + Numbers.plain(display, 4)
                            + ". After a long journey, match salinity beforehand and move the fish at once:"
                            + " tank water in an open bag raises the pH and makes its ammonia toxic."
                            + " After a short one, mix in tank water slowly if they differ by more than 0.002.");
        } else {
            add(
                    steps,
                    "match",
                    part,
                    "Raise the quarantine tank to " + Numbers.plain(display, 4)
                            + ", as in the display. Then move the fish straight in.");
        }
        add(
                steps,
                "move",
                part,
                "Move it in a clear container, without its water"
                        + (wished.species().hazards().isEmpty() ? "." : ", and never with bare hands."));
        boolean several = lane.arrival().fish() > 1;
        if (stock.plan().houseRules().husbandry().bottledBacteria() && several) {
            boolean label = stock.plan().houseRules().approaches().bacteria() == Approaches.Bacteria.LABEL;
            add(
                    steps,
                    "bacteria",
                    part,
                    "Add the bottled bacteria, and leave the skimmer off for "
                            + (label ? "12 to 24 hours, as the label says" : "8 hours")
                            + ". Keep the surface moving. If fish breathe fast, switch the skimmer on.");
        }
        if (stock.plan().houseRules().approaches().rock() == Approaches.Rock.BEFORE_RIVALS && hasRival(stock, wished)) {
            add(steps, "rock", part, "Move the rock before its rival sees it, so that no fish knows its territory.");
        } else {
            add(steps, "rock", part, "Add a pile of rock that no fish has claimed, if there is room.");
        }
    }

    private static boolean hasRival(ResolvedPlan stock, ResolvedPlan.Wished wished) {
        return stock.withAbsent().residents().stream()
                .anyMatch(one -> one.species().genus().equals(wished.species().genus()));
    }

    private static void box(
            List<Step> steps, ResolvedPlan stock, ArrivalCalendar.Lane lane, WishId wishId, List<Pressure> planned) {
        lane.span(ArrivalCalendar.Span.Kind.BOX).ifPresent(span -> {
            String who = Alternative.hardest(planned, wishId.fish())
                    .map(one -> stock.withAbsent().residents().stream()
                            .filter(fish -> fish.id().equals(one.aggressorId()))
                            .map(Fish::name)
                            .findFirst()
                            .map(name -> " Expect about " + Numbers.plain(one.perHour()) + " attacks an hour from "
                                    + name + " after release.")
                            .orElse(""))
                    .orElse("");
            add(
                    steps,
                    "box",
                    "In the box",
                    "Keep it in the acclimation box until about " + span.to()
                            + ". Fish that attack the box will attack it later." + who);
            add(
                    steps,
                    "box-feed",
                    "In the box",
                    "See it eat in the box. Feed the others at the far end at the same time.");
        });
    }

    private static void release(
            List<Step> steps, ResolvedPlan stock, ArrivalCalendar.Lane lane, ResolvedPlan.Wished wished) {
        add(steps, "dim", "Release", "Release it gently after lights-out on " + lane.release() + ".");
        add(
                steps,
                "feed",
                "Release",
                "Feed at both ends of the tank, and in front of it"
                        + (wished.species().habits().diet() == Habits.Diet.ALGAE
                                ? "; hang two clips far apart."
                                : "."));
        if (stock.plan().tank().cover().kind() == Cover.Kind.OPEN) {
            steps.add(new Step(
                    "cover",
                    "Release",
                    Sentence.of("Cover the tank with mesh before release: any frightened fish may jump."),
                    true));
        } else if (wished.species().jumping() != Jumping.RARELY) {
            steps.add(new Step(
                    "cover",
                    "Release",
                    Sentence.of("Close the cover and every gap in it: this species jumps when chased."),
                    true));
        }
    }

    private static void after(
            List<Step> steps, ResolvedPlan stock, ArrivalCalendar.Lane lane, ResolvedPlan.Wished wished) {
        LocalDate next = lane.release().plusDays(1);
        add(
                steps,
                "roll-call",
                "Next day",
                "On " + next + ", count all " + (stock.residents().size() + wished.count())
                        + " fish and see each eat. Hiding for some days is normal.");
        add(
                steps,
                "test",
                "Next day",
                "Test ammonia and nitrite on " + next + " and again on " + next.plusDays(3) + ".");
    }

    private static void add(List<Step> steps, String key, String part, String words) {
        add(steps, key, part, Sentence.of(words));
    }

    private static void add(List<Step> steps, String key, String part, Sentence words) {
        steps.add(new Step(key, part, words, false));
    }

    private static boolean mayRelease(List<Schedule.BoxCheck> checks, boolean boxed) {
        return !boxed || (!checks.isEmpty() && !checks.get(checks.size() - 1).attacked());
    }

    private static String advice(List<Schedule.BoxCheck> checks, boolean boxed) {
        if (!boxed) {
            return "No box needed: we expect few attacks.";
        }
        if (checks.isEmpty()) {
            return "Watch the box for ten minutes at feeding time and note what you see.";
        }
        Schedule.BoxCheck last = checks.get(checks.size() - 1);
        long attacked = checks.stream().filter(Schedule.BoxCheck::attacked).count();
        if (last.attacked()) {
            return "Do not release it: "
                    + Optional.of(last).flatMap(Schedule.BoxCheck::by).orElse("a fish")
                    + " still attacked the box on " + last.on() + ".";
        }
        return "Release it: no fish attacked the box on " + last.on()
                + (attacked > 0 ? ", after " + Numbers.count(attacked, "day") + " with attacks." : ".");
    }
}
