package org.pelluna.core.headroom;

import java.util.List;
import java.util.function.Supplier;
import org.pelluna.core.finding.Provenance;

/**
 * What some fish amount to by one approach, against what the tank carries.
 *
 * @param name what is counted
 * @param used what the fish amount to, in {@code unit}
 * @param limit what the tank carries
 * @param unit the unit of both
 * @param arithmetic puts the arithmetic into words when asked, so that thousands of wishes can be judged quickly
 * @param source where the method comes from
 */
public record Load(
        String name, double used, double limit, String unit, Supplier<List<String>> arithmetic, Provenance source) {

    /** The arithmetic, a line for each step. */
    public List<String> steps() {
        return arithmetic.get();
    }

    /** Whether the tank carries it. */
    public boolean fits() {
        return used <= limit;
    }

    /** The share of the limit that is used, 1 at the limit. */
    public double share() {
        return used / limit;
    }
}
