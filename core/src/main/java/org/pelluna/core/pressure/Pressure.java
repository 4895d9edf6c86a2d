package org.pelluna.core.pressure;

import java.util.List;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.units.Numbers;

/**
 * How hard one fish is expected to press another.
 *
 * @param aggressorId the fish that attacks
 * @param victimId the fish that is attacked
 * @param perHour hostile encounters expected per watched hour
 * @param kin what the victim is to the aggressor
 * @param factors the reasons; what a fish does that attacks on sight, times all their multipliers is
 *     {@code perHour}
 */
public record Pressure(FishId aggressorId, FishId victimId, double perHour, Likeness.Kin kin, List<Factor> factors) {

    /** Where every pressure comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "temperament, size, arrival order and surroundings, multiplied; the scale is ours, not fitted to published counts");

    /** How it came about. */
    public Explained how() {
        double product = factors.stream().mapToDouble(Factor::multiplier).reduce(1, (one, other) -> one * other);
        String full = Numbers.plain(product == 0 ? 0 : perHour / product, 1);
        return new Explained(
                "A fish that attacks on sight makes about " + full
                        + " attacks an hour. Each reason below raises or lowers that.",
                full
                        + factors.stream()
                                .map(one -> " × " + Numbers.plain(one.multiplier(), 2))
                                .collect(Collectors.joining())
                        + " = " + Numbers.plain(perHour, 2) + " attacks an hour",
                factors.stream()
                        .map(one -> "× " + Numbers.plain(one.multiplier(), 2) + ", "
                                + one.kind().words() + ": " + one.sentence())
                        .toList(),
                SOURCE);
    }
}
