package org.pelluna.core.tank;

import org.pelluna.core.stored.IfAbsent;

/**
 * What the water of a tank usually is.
 *
 * @param temperatureCelsius usual temperature, 5 to 40 °C
 * @param specificGravity usual specific gravity, 25 °C/25 °C, 1.000 to 1.030
 */
public record WaterRegime(
        @IfAbsent("25.5") double temperatureCelsius,
        @IfAbsent("1.0255") double specificGravity) {
    public WaterRegime {
        if (!(temperatureCelsius >= 5 && temperatureCelsius <= 40)) {
            throw new IllegalArgumentException("the water is 5 to 40 °C warm, but was " + temperatureCelsius);
        }
        if (!(specificGravity >= 1 && specificGravity <= 1.03)) {
            throw new IllegalArgumentException("specific gravity is 1.000 to 1.030, but was " + specificGravity);
        }
    }
}
