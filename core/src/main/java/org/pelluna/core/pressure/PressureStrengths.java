package org.pelluna.core.pressure;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import org.pelluna.core.finding.Provenance;

/**
 * How strong each factor of the pressure model is. A value: what a keeper's own records say of the strengths is another one of this type.
 */
public final class PressureStrengths {
    /** The model's own estimates. */
    public static final PressureStrengths USUAL = new PressureStrengths(usual());

    private final Map<Kind, Double> values;

    private PressureStrengths(Map<Kind, Double> values) {
        this.values = values;
    }

    private static Map<Kind, Double> usual() {
        Map<Kind, Double> values = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            values.put(kind, kind.usual);
        }
        return values;
    }

    /** What has a strength. The directions of all are common practice; the figures are our own estimates. */
    public enum Kind {
        /** Encounters an hour of a fish that attacks on sight, all else neutral. */
        FULL_TEMPER_PER_HOUR(10, 0.7),
        /** Days after which a resident owns its ground fully. */
        DAYS_TO_OWN_GROUND(14, 0.5),
        /** Among strangers to the ground, as on a common day of arrival, everyone holds back a little. */
        STRANGER(0.75, 0.2),
        /** The least an owner of its ground attacks, whatever its hold on a patch. */
        OWNER(1, 0.2),
        /** What a full hold on a patch adds to that. */
        TERRITORY_BONUS(0.9, 0.4),
        /** How a newcomer holds back toward an owner. */
        NEWCOMER(0.5, 0.4),
        /** Share of an owner's advantage that is kept when the rock is moved, or it was taken out meanwhile. */
        ADVANTAGE_KEPT(0.5, 0.5),
        /** How quickly a larger victim is challenged less, for each whole length of the aggressor. */
        SIZE_SLOPE(0.9, 0.4),
        /** The least that the victim's size leaves of a pressure. */
        SIZE_LEAST(0.35, 0.3),
        /** The most that it adds to one. */
        SIZE_MOST(1.25, 0.15),
        /** How much each rival that is settled already diverts an aggressor. */
        CROWDING(0.25, 0.5),
        /** The least that room to swim leaves. */
        SWIM_SPACE_LEAST(0.5, 0.3),
        /** The most that want of it adds. */
        SWIM_SPACE_MOST(1.8, 0.3),
        /** What the best of shelter leaves. */
        SHELTER_LEAST(0.6, 0.3),
        /** Shelters at which most of that is reached. */
        SHELTER_ENOUGH(8, 0.5),
        /** What many feeding places leave. */
        FOOD_LEAST(0.8, 0.15),
        /** What fresh rock leaves. */
        FRESH_ROCK(0.8, 0.2),
        /** What an acclimation box leaves. */
        BOX(0.7, 0.4),
        /** What a release at lights-out leaves. */
        LIGHTS_OUT(0.9, 0.15),
        /** What a mirror leaves. */
        MIRROR(0.85, 0.3),
        /** What is left among a pair, harem or shoal that suits its species. */
        COMPANIONS(0.1, 0.7),
        /** What a number of its own kind that does not suit it adds. */
        ILL_MATCHED(1.5, 0.4);

        private final double usual;
        private final double logSpread;

        Kind(double usual, double logSpread) {
            this.usual = usual;
            this.logSpread = logSpread;
        }

        /** Standard deviation of the strength's natural logarithm: how sure we are of it. */
        public double logSpread() {
            return logSpread;
        }

        /** Where the usual figure comes from. */
        public Provenance from() {
            return Provenance.own("direction of common practice, strength our own estimate");
        }
    }

    /** The strength of a factor. */
    public double of(Kind kind) {
        return Objects.requireNonNull(values.get(kind));
    }

    /**
     * The same with one other strength.
     *
     * @throws IllegalArgumentException if it is not above 0
     */
    public PressureStrengths with(Kind kind, double strength) {
        if (!(strength > 0) || Double.isInfinite(strength)) {
            throw new IllegalArgumentException("a strength is above 0, but " + kind + " was " + strength);
        }
        Map<Kind, Double> changed = new EnumMap<>(values);
        changed.put(kind, strength);
        return new PressureStrengths(changed);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PressureStrengths those && values.equals(those.values);
    }

    @Override
    public int hashCode() {
        return values.hashCode();
    }
}
