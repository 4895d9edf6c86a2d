package org.pelluna.core.pressure;

import java.util.List;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;

/**
 * How hard one fish is expected to press another.
 *
 * @param aggressorId the fish that presses
 * @param victimId the fish that is pressed
 * @param perHour hostile encounters expected per watched hour
 * @param kin what the victim is to the aggressor
 * @param factors the reasons; {@link PressureModel#FULL_TEMPER_PER_HOUR} times all their multipliers is
 *     {@code perHour}
 */
public record Pressure(FishId aggressorId, FishId victimId, double perHour, Likeness.Kin kin, List<Factor> factors) {

    /** Where every pressure comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "temper, size, seniority and surroundings multiplied; the scale is ours and is not fitted to published counts");
}
