package org.pelluna.core.lead;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.pelluna.core.pressure.WhatIf;
import org.pelluna.core.units.Numbers;

/** Lead of What if: what another way to arrive does to the hardest attacks. */
public final class WhatIfLead {
    private WhatIfLead() {}

    /**
     * The hardest that the newcomer would suffer or give, and what the other way of arriving does to it.
     *
     * @param carefulPerHour attacks an hour from which a fish needs watching
     */
    public static String of(String newcomer, List<WhatIf.Shift> shifts, double carefulPerHour) {
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
