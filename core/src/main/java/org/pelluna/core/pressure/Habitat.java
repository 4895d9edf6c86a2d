package org.pelluna.core.pressure;

import java.time.LocalDate;
import org.pelluna.core.tank.Tank;

/**
 * What the tank offers fish that quarrel.
 *
 * @param swimCm longest clear swim, cm
 * @param footprintSquareCm area of the floor, cm²
 * @param shelters caves and crevices
 * @param feedingPlaces places at which food is given
 * @param freshRock whether rock that no resident has claimed was added for the newcomer
 */
public record Habitat(double swimCm, double footprintSquareCm, int shelters, int feedingPlaces, boolean freshRock) {

    /** The ground of a tank on a day; rock set within the last two weeks is nobody's yet. */
    public static Habitat of(Tank tank, LocalDate on) {
        return new Habitat(
                tank.swimCm(),
                tank.shape().footprintSquareCm(),
                tank.shelters(),
                tank.feedingPlaces(),
                tank.drawn().filter(layout -> !layout.freshRocks(on).isEmpty()).isPresent());
    }
}
