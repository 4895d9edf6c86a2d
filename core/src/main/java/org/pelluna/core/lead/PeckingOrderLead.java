package org.pelluna.core.lead;

import org.pelluna.core.tension.Ranks;

/** Lead of the pecking order: who is at its top. */
public final class PeckingOrderLead {
    /** A pecking order is called clear where chance alone gives one as straight at most this often. */
    private static final double CLEAR = 0.05;

    private PeckingOrderLead() {}

    /** Which fish is at the top, if the log shows a clear order. */
    public static String of(Ranks ranks) {
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
}
