package org.pelluna.core.tank;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A tank of which only the glass is known, with usual values for all else; each of them is a {@link Guess}. Common practice, as far as there is one. */
public final class UsualTank {
    private static final double BELOW_RIM_CM = 3;
    private static final double ROCK_KG_PER_LITRE = 0.1;
    private static final double SAND_CM = 3;
    private static final double SUMP_SHARE = 0.2;
    private static final double GAP_MM = 6;
    private static final double LITRES_PER_SHELTER = 45;
    private static final double LONG_CM = 120;
    private static final double TEMPERATURE = 25.5;
    private static final double GRAVITY = 1.0255;

    private UsualTank() {}

    /**
     * A tank with usual values.
     *
     * @param shape inside of the glass
     * @param cover what lies over it
     * @param sump whether there is a sump
     * @param groups other animals that live or will live in it
     * @throws IllegalArgumentException if the name is blank, or the glass so low that usual sand fills it
     */
    public static Tank of(
            String name,
            TankShape shape,
            Cover.Kind cover,
            boolean sump,
            Tank.Experience experience,
            Set<AnimalGroup> groups) {
        double litres = shape.grossLitres();
        Set<Guess> guesses = Guess.usual();
        if (!sump) {
            guesses.remove(Guess.SUMP);
        }
        Tank tank = TankBuilder.builder()
                .name(name)
                .shape(shape)
                .water(WaterSpace.usual(BELOW_RIM_CM, ROCK_KG_PER_LITRE * litres, sump ? SUMP_SHARE * litres : 0))
                .swimLengthCm(Optional.empty())
                .cycledOn(Optional.empty())
                .cyclingSince(Optional.<LocalDate>empty())
                .cover(new Cover(cover, cover == Cover.Kind.OPEN ? 0 : GAP_MM))
                .sandDepthCm(SAND_CM)
                .refugiumLitres(0)
                .shelters((int) Math.max(3, Math.round(litres / LITRES_PER_SHELTER)))
                .feedingPlaces(shape.longestTravelCm() > LONG_CM ? 2 : 1)
                .regime(new WaterRegime(TEMPERATURE, GRAVITY))
                .experience(experience)
                .holdings(usual(groups))
                .drawn(Optional.empty())
                .seen(Optional.empty())
                .purpose(Optional.empty())
                .guesses(guesses)
                .build();
        tank.netWater();
        return tank;
    }

    /** Groups of animals, each with the usual length of its smallest. */
    public static Map<AnimalGroup, Double> usual(Set<AnimalGroup> groups) {
        Map<AnimalGroup, Double> sizes = new EnumMap<>(AnimalGroup.class);
        groups.forEach(group -> sizes.put(group, group.usualCm()));
        return sizes;
    }
}
