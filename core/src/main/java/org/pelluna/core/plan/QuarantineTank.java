package org.pelluna.core.plan;

import org.pelluna.core.stored.IfAbsent;

/**
 * The keeper's quarantine tank.
 *
 * @param litres its water, L
 * @param places fish it has room for at once
 * @param compartments parts that fish cannot cross; rivals never share one
 * @param specificGravity what it is run at, 25 °C/25 °C
 */
public record QuarantineTank(
        double litres,
        int places,
        @IfAbsent("1") int compartments,
        @IfAbsent("1.0255") double specificGravity) {
    public QuarantineTank {
        if (!(litres > 0 && litres <= 5000)) {
            throw new IllegalArgumentException("a quarantine tank holds more than 0 and at most 5000 L");
        }
        if (places < 1 || places > 50 || compartments < 1 || compartments > places) {
            throw new IllegalArgumentException(
                    "a quarantine tank has 1 to 50 places, and no more compartments than places");
        }
        if (!(specificGravity >= 1.010 && specificGravity <= 1.030)) {
            throw new IllegalArgumentException("a quarantine tank is run at a specific gravity of 1.010 to 1.030");
        }
    }
}
