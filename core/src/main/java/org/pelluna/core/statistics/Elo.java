package org.pelluna.core.statistics;

import java.util.HashMap;
import java.util.Map;

/**
 * Ratings that follow encounters as they happen (Elo 1978; for animals Albers & de Vries 2001 and Neumann et al. 2011, both Animal
 * Behaviour). Everyone begins at {@value #START}; what a win moves grows with how little it was expected.
 */
public final class Elo<A> {
    /** The rating everyone begins with. */
    public static final double START = 1000;

    /** What a wholly unexpected win moves. */
    public static final double MOST = 100;

    private static final double SCALE = 400;

    private final Map<A, Double> ratings = new HashMap<>();

    /** The chance that the first wins over the second: a gap of 200 is a chance of 0.76. */
    public static double chance(double rating, double other) {
        return 1 / (1 + Math.pow(10, (other - rating) / SCALE));
    }

    /** Counts an encounter. */
    public void won(A winner, A loser) {
        double high = rating(winner);
        double low = rating(loser);
        double moved = MOST * (1 - chance(high, low));
        ratings.put(winner, high + moved);
        ratings.put(loser, low - moved);
    }

    public double rating(A animal) {
        return ratings.getOrDefault(animal, START);
    }
}
