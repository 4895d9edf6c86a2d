package org.pelluna.core.lead;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.pelluna.core.id.FishId;
import org.pelluna.core.pressure.WhatIf;
import org.pelluna.core.tension.Ranks;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/** Leads of the pages about fights: did it help, the pecking order, and what if a fish arrived differently. */
public final class FightLeads {
    /** A pecking order is called clear where chance alone gives one as straight at most this often. */
    private static final double CLEAR = 0.05;

    private FightLeads() {}

    /**
     * What the latest remedy did.
     *
     * @param effects the latest first
     * @param names of the fish that live or lived here
     */
    public static String remedies(List<RemedyEffect> effects, Map<FishId, String> names, LocalDate today) {
        if (effects.isEmpty()) {
            return "No remedies tried yet.";
        }
        RemedyEffect latest = effects.get(0);
        String what = latest.remedy().kind().words()
                + latest.remedy()
                        .fishId()
                        .flatMap(id -> Optional.ofNullable(names.get(id)))
                        .map(name -> " (" + name + ")")
                        .orElse("");
        String remedy = Character.toUpperCase(what.charAt(0)) + what.substring(1);
        String since = Dates.day(latest.remedy().from(), today);
        return switch (latest.all().verdict()) {
            case HELPED -> remedy + ": it helped. " + rates(latest.all());
            case MAY_HAVE_HELPED -> remedy + ": it may have helped. " + rates(latest.all()) + " Keep watching.";
            case WORSE -> remedy + ": it did not help. " + rates(latest.all()) + " Try another remedy.";
            case UNCLEAR, UNKNOWN ->
                remedy + ", since " + since + ": too early to say if it helps. Keep watching as before.";
        };
    }

    private static String rates(RateChange change) {
        return "Attacks went from " + Numbers.plain(rate(change.before())) + " to "
                + Numbers.plain(rate(change.after())) + " an hour.";
    }

    private static double rate(List<org.pelluna.core.course.Watched> watches) {
        return RateChange.encounters(watches) / RateChange.hours(watches);
    }

    /** Which fish is at the top, if the log shows a clear order. */
    public static String peckingOrder(Ranks ranks) {
        if (ranks.ranked().size() < 2) {
            return "";
        }
        if (ranks.encounters() == 0) {
            return "No attacks between your fish are logged.";
        }
        boolean clear = ranks.linearity().filter(one -> one.p() <= CLEAR).isPresent();
        return clear
                ? ranks.ranked().get(0).fish().name() + " is at the top of the pecking order."
                : "No clear pecking order yet: log more attacks.";
    }

    /**
     * The hardest that the newcomer would suffer or give, and what the other way of arriving does to it.
     *
     * @param carefulPerHour attacks an hour from which a fish needs watching
     */
    public static String whatIf(String newcomer, List<WhatIf.Shift> shifts, double carefulPerHour) {
        if (shifts.isEmpty()) {
            return "No fish lives here yet, so none would attack it.";
        }
        WhatIf.Shift suffers = hardest(shifts, one -> one.suffers().perHour());
        WhatIf.Shift gives = hardest(shifts, one -> one.gives().perHour());
        if (suffers.suffers().perHour() < carefulPerHour && gives.gives().perHour() < carefulPerHour) {
            WhatIf.Shift then = hardest(
                    shifts,
                    one -> Math.max(one.wouldSuffer().perHour(), one.wouldGive().perHour()));
            double most =
                    Math.max(then.wouldSuffer().perHour(), then.wouldGive().perHour());
            return most < carefulPerHour
                    ? "Expect few attacks on " + newcomer + " or by it, however it arrives."
                    : "Better as usual: in this way expect about " + Numbers.plain(most) + " attacks an hour between "
                            + newcomer + " and " + then.resident().name() + ".";
        }
        return suffers.suffers().perHour() >= gives.gives().perHour()
                ? suffers.resident().name() + " would attack " + newcomer + " about "
                        + moves(
                                suffers.suffers().perHour(),
                                suffers.wouldSuffer().perHour())
                : newcomer + " would attack " + gives.resident().name() + " about "
                        + moves(gives.gives().perHour(), gives.wouldGive().perHour());
    }

    private static String moves(double usual, double then) {
        String now = Numbers.plain(usual);
        String other = Numbers.plain(then);
        return now + " times an hour" + (now.equals(other) ? "." : "; in this way, " + other + ".");
    }

    private static WhatIf.Shift hardest(List<WhatIf.Shift> shifts, ToDoubleFunction<WhatIf.Shift> by) {
        return shifts.stream().max(Comparator.comparingDouble(by)).orElseThrow();
    }
}
