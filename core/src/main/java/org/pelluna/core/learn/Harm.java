package org.pelluna.core.learn;

import java.util.Arrays;
import java.util.Map;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.watch.Grade;

/**
 * How hard a fish attacks: the harm of its encounters as a multiple of what is usual for the tank, as it is logged. The shares of the grades are Dirichlet distributed, around those of all
 * other fish here and, where little was seen, around usual ones (ours); every evening with an attack counts as one, for that it happened is known of all, and one fight is often logged as several entries.
 *
 * @param grades how often each grade was seen of it
 * @param middle its harm by the usual, about its middle
 * @param logSpread the spread of the logarithm of that
 * @param compared how many fish of the tank attack and are compared
 */
public record Harm(Map<Grade, Integer> grades, double middle, double logSpread, int compared) {
    /** How many encounters what is usual weighs beside those of the tank, and what the tank has beside those of the fish. */
    private static final double TANK_WEIGHT = 20;

    private static final double FISH_WEIGHT = 8;

    /** In how many tanks of fish that are alike one may be called harder. */
    private static final double FALSELY = 0.05;

    public Harm {
        grades = Map.copyOf(grades);
    }

    /**
     * The harm of one fish.
     *
     * @param own what was seen of it
     * @param others what was seen of all other fish of the tank
     * @param compared how many fish of the tank attack and are compared
     */
    static Harm of(SeenHarm own, SeenHarm others, int compared) {
        double all = TANK_WEIGHT + others.fights();
        double usual = 0;
        double mean = 0;
        double square = 0;
        for (Grade grade : Grade.values()) {
            double base = (TANK_WEIGHT * grade.usualShare() + others.weight(grade)) / all;
            double share = (FISH_WEIGHT * base + own.weight(grade)) / (FISH_WEIGHT + own.fights());
            usual += base * grade.harm();
            mean += share * grade.harm();
            square += share * grade.harm() * grade.harm();
        }
        // Mean and variance of a weighted sum of Dirichlet shares, as a log-normal of the same.
        double variance = (square - mean * mean) / (FISH_WEIGHT + own.fights() + 1);
        double spread = Math.sqrt(Math.log1p(variance / (mean * mean)));
        return new Harm(own.grades(), mean / usual * Math.exp(-spread * spread / 2), spread, compared);
    }

    /** Whether it is sure enough that it attacks harder than the others: the more fish are compared, the surer that must be (Bonferroni). */
    public boolean isHarder() {
        double z = new NormalDistribution().inverseCumulativeProbability(1 - FALSELY / Math.max(1, compared));
        return middle * Math.exp(-z * logSpread) > 1;
    }

    /** The interval that holds its harm by the usual with a given chance. */
    public Interval interval(double level) {
        double z = new NormalDistribution().inverseCumulativeProbability((1 + level) / 2);
        return new Interval(middle * Math.exp(-z * logSpread), middle * Math.exp(z * logSpread));
    }

    /** How often it was seen to attack. */
    public int seen() {
        return grades.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** How often it pinned or wounded. */
    public int hard() {
        return Arrays.stream(Grade.values())
                .filter(grade -> grade.harm() >= Grade.PIN.harm())
                .mapToInt(grade -> grades.getOrDefault(grade, 0))
                .sum();
    }
}
