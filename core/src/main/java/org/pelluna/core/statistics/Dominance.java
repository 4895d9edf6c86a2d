package org.pelluna.core.statistics;

import java.util.Random;

/**
 * Who rules, from a matrix of encounters: David's score (David 1987, Biometrika 74; Gammell, de Vries et al. 2003, Animal Behaviour
 * 66), with shares corrected for chance (de Vries, Stevens & Vervaecke 2006, Animal Behaviour 71), and how linear the order is:
 * Landau's h of 1951 improved for pairs that never met (de Vries 1995, Animal Behaviour 50).
 */
public final class Dominance {
    private static final double EVEN = 0.5;

    private final int[][] wins;
    private final int size;

    /** @param wins encounters won by the row over the column */
    public Dominance(int[][] wins) {
        this.size = wins.length;
        this.wins = new int[size][];
        for (int i = 0; i < size; i++) {
            if (wins[i].length != size) {
                throw new IllegalArgumentException("the matrix of attacks is as wide as it is high");
            }
            this.wins[i] = wins[i].clone();
        }
    }

    /** Encounters of a pair, either way. */
    private int met(int i, int j) {
        return wins[i][j] + wins[j][i];
    }

    /**
     * Share of encounters that i won over j.
     *
     * @param corrected whether it is drawn toward an even share the fewer there were: Dij
     */
    double share(int i, int j, boolean corrected) {
        int met = met(i, j);
        if (met == 0) {
            return 0;
        }
        double won = wins[i][j] / (double) met;
        return corrected ? won - (won - EVEN) / (met + 1) : won;
    }

    /** David's scores, one for each animal: w + w₂ − l − l₂; they add up to 0. */
    public double[] davidsScores(boolean corrected) {
        double[] won = new double[size];
        double[] lost = new double[size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                if (i != j) {
                    won[i] += share(i, j, corrected);
                    lost[i] += share(j, i, corrected);
                }
            }
        }
        double[] scores = new double[size];
        for (int i = 0; i < size; i++) {
            double weightedWon = 0;
            double weightedLost = 0;
            for (int j = 0; j < size; j++) {
                if (i != j) {
                    weightedWon += share(i, j, corrected) * won[j];
                    weightedLost += share(j, i, corrected) * lost[j];
                }
            }
            scores[i] = won[i] + weightedWon - lost[i] - weightedLost;
        }
        return scores;
    }

    /** Landau's h from shares of dominance: 1 for a perfectly linear order, 0 where all are even. */
    private double landau(double[][] dominates) {
        double sum = 0;
        for (int i = 0; i < size; i++) {
            double row = 0;
            for (int j = 0; j < size; j++) {
                row += i == j ? 0 : dominates[i][j];
            }
            sum += (row - (size - 1) / 2.0) * (row - (size - 1) / 2.0);
        }
        return 12.0 / (Math.pow(size, 3) - size) * sum;
    }

    private double[][] relations() {
        double[][] dominates = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                dominates[i][j] = wins[i][j] > wins[j][i] ? 1 : wins[i][j] < wins[j][i] ? 0 : EVEN;
            }
        }
        return dominates;
    }

    /** Pairs that never met. */
    public int unknownPairs() {
        int unknown = 0;
        for (int i = 0; i < size; i++) {
            for (int j = i + 1; j < size; j++) {
                unknown += met(i, j) == 0 ? 1 : 0;
            }
        }
        return unknown;
    }

    /**
     * How linear the order is.
     *
     * @param h de Vries' h′, 0 to 1
     * @param p share of random orders at least as linear
     * @param unknown pairs that never met
     */
    public record Linearity(double h, double p, int unknown) {}

    /**
     * Linearity with its chance, by so many random orders (two-step randomisation, de Vries 1995).
     *
     * @throws IllegalArgumentException for fewer than three animals
     */
    public Linearity linearity(int rounds, long seed) {
        if (size < 3) {
            throw new IllegalArgumentException("an order of dominance takes three animals or more");
        }
        int unknown = unknownPairs();
        double cubic = Math.pow(size, 3) - size;
        double h = landau(relations()) + 6.0 * unknown / cubic;
        Random random = new Random(seed);
        int asLinear = 0;
        for (int round = 0; round < rounds; round++) {
            double filled = landau(decided(relations(), random));
            double chance = landau(decided(blank(), random));
            asLinear += chance >= filled - 1e-12 ? 1 : 0;
        }
        return new Linearity(Math.min(1, h), asLinear / (double) rounds, unknown);
    }

    private double[][] blank() {
        double[][] even = new double[size][size];
        for (double[] row : even) {
            java.util.Arrays.fill(row, EVEN);
        }
        return even;
    }

    /** Every pair that is even, or never met, decided by the toss of a coin. */
    private double[][] decided(double[][] dominates, Random random) {
        for (int i = 0; i < size; i++) {
            for (int j = i + 1; j < size; j++) {
                if (dominates[i][j] == EVEN) {
                    dominates[i][j] = random.nextBoolean() ? 1 : 0;
                    dominates[j][i] = 1 - dominates[i][j];
                }
            }
        }
        return dominates;
    }
}
