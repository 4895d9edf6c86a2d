package org.pelluna.core.tank;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * A figure of a tank that has a usual value, so that nobody need be asked for it before a plan can be made. Ranges are what home reef tanks span; common practice.
 */
public enum Guess {
    BELOW_RIM("how far the water stands below the rim", "cm", 1, 8),
    ROCK("the mass of dry rock, for each litre inside the tank", "kg", 0.03, 0.2),
    SAND("the depth of the sand", "cm", 0, 8),
    SUMP("the water in the sump, as a share of the tank", "", 0, 0.4),
    GAP("the widest gap in the cover", "mm", 2, 25),
    SHELTERS("caves and crevices", "", 1, 14),
    FEEDING_PLACES("places at which you feed", "", 1, 3),
    TEMPERATURE("the temperature", "°C", 24, 27),
    SALINITY("the specific gravity at 25 °C", "", 1.0235, 1.0265),
    SMALLEST_ANIMALS("how small the smallest of the other animals are, against the usual", "times", 0.5, 2),
    ALGAE("what there is to graze", "", 0, NaturalFood.Algae.values().length - 1.0),
    PODS("pods on the glass by torchlight", "", 0, NaturalFood.Pods.values().length - 1.0);

    /** What has no usual value: nobody has looked yet, and the plan is judged without it. */
    private static final EnumSet<Guess> UNKNOWN = EnumSet.of(ALGAE, PODS);

    private final String words;
    private final String unit;
    private final double low;
    private final double high;

    Guess(String words, String unit, double low, double high) {
        this.words = words;
        this.unit = unit;
        this.low = low;
        this.high = high;
    }

    /** The figure, in the middle of a sentence. */
    public String words() {
        return words;
    }

    /** Its unit; empty for a count or a share. */
    public String unit() {
        return unit;
    }

    /** The least that is plausible. */
    public double low() {
        return low;
    }

    /** The most that is plausible. */
    public double high() {
        return high;
    }

    /** Those that have a usual value. */
    static EnumSet<Guess> usual() {
        return EnumSet.complementOf(UNKNOWN);
    }

    /** Whether it is no figure that is guessed, but something that nobody has looked at. */
    public boolean isUnknown() {
        return UNKNOWN.contains(this);
    }

    /** What can be answered, in the order of its values from 0 on; empty where a number is asked. */
    public List<String> choices() {
        return switch (this) {
            case ALGAE ->
                Arrays.stream(NaturalFood.Algae.values())
                        .map(NaturalFood.Algae::words)
                        .toList();
            case PODS ->
                Arrays.stream(NaturalFood.Pods.values())
                        .map(NaturalFood.Pods::words)
                        .toList();
            case BELOW_RIM, ROCK, SAND, SUMP, GAP, SHELTERS, FEEDING_PLACES, TEMPERATURE, SALINITY, SMALLEST_ANIMALS ->
                List.of();
        };
    }

    /** What a tank has for it; of what nobody has looked at, a little. */
    public double of(Tank tank) {
        return switch (this) {
            case BELOW_RIM -> tank.water().belowRimCm();
            case ROCK -> tank.water().rockKg() / tank.shape().grossLitres();
            case SAND -> tank.sandDepthCm();
            case SUMP -> tank.water().sumpLitres() / tank.shape().grossLitres();
            case GAP -> tank.cover().gapMm();
            case SHELTERS -> tank.shelters();
            case FEEDING_PLACES -> tank.feedingPlaces();
            case TEMPERATURE -> tank.regime().temperatureCelsius();
            case SALINITY -> tank.regime().specificGravity();
            case SMALLEST_ANIMALS ->
                tank.holdings().entrySet().stream()
                        .mapToDouble(one -> one.getValue() / one.getKey().usualCm())
                        .average()
                        .orElse(1);
            case ALGAE -> tank.larder().algae().map(Enum::ordinal).orElse(1);
            case PODS -> tank.larder().pods().map(Enum::ordinal).orElse(1);
        };
    }

    /** Whether it could be otherwise in this tank at all: a gap needs a cover, a length an animal, and what is drawn is not guessed. */
    public boolean concerns(Tank tank) {
        return switch (this) {
            case GAP -> tank.cover().kind() != Cover.Kind.OPEN && tank.drawn().isEmpty();
            case SMALLEST_ANIMALS -> !tank.holdings().isEmpty();
            case ROCK, SHELTERS, FEEDING_PLACES -> tank.drawn().isEmpty();
            case ALGAE ->
                tank.kind() == Purpose.Kind.DISPLAY && tank.larder().algae().isEmpty();
            case PODS ->
                tank.kind() == Purpose.Kind.DISPLAY && tank.larder().pods().isEmpty();
            case BELOW_RIM, SAND, SUMP, TEMPERATURE, SALINITY -> true;
        };
    }

    /**
     * A tank with another value for it; empty where that cannot be, for example sand as deep as the tank.
     *
     * @param value in the unit
     */
    public Optional<Tank> with(Tank tank, double value) {
        try {
            Tank other = changed(tank, value);
            other.netWater();
            return Optional.of(other);
        } catch (IllegalArgumentException impossible) {
            return Optional.empty();
        }
    }

    private Tank changed(Tank tank, double value) {
        WaterSpace water = tank.water();
        double litres = tank.shape().grossLitres();
        return switch (this) {
            case BELOW_RIM -> tank.withWater(water.withBelowRim(value));
            case ROCK -> tank.withWater(water.withRock(value * litres));
            case SAND -> tank.withSandDepthCm(value);
            case SUMP -> tank.withWater(water.withSump(value * litres));
            case GAP -> tank.withCover(new Cover(tank.cover().kind(), value));
            case SHELTERS -> tank.withShelters((int) Math.round(value));
            case FEEDING_PLACES -> tank.withFeedingPlaces((int) Math.round(value));
            case TEMPERATURE ->
                tank.withRegime(new WaterRegime(value, tank.regime().specificGravity()));
            case SALINITY -> tank.withRegime(new WaterRegime(tank.regime().temperatureCelsius(), value));
            case SMALLEST_ANIMALS -> {
                java.util.EnumMap<AnimalGroup, Double> sizes = new java.util.EnumMap<>(AnimalGroup.class);
                tank.holdings().forEach((group, cm) -> sizes.put(group, group.usualCm() * value));
                yield tank.withHoldings(sizes);
            }
            case ALGAE ->
                tank.withSeen(Optional.of(new NaturalFood(
                        Optional.of(one(NaturalFood.Algae.values(), value)),
                        tank.larder().pods())));
            case PODS ->
                tank.withSeen(Optional.of(
                        new NaturalFood(tank.larder().algae(), Optional.of(one(NaturalFood.Pods.values(), value)))));
        };
    }

    private static <T> T one(T[] all, double value) {
        if (value != Math.rint(value) || value < 0 || value >= all.length) {
            throw new IllegalArgumentException("there is no choice number " + value);
        }
        return all[(int) value];
    }
}
