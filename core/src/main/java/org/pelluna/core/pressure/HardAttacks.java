package org.pelluna.core.pressure;

import java.util.Collection;

/**
 * What a fish suffers from those that attack it hard: the sum over all that alone reach the mark from which a keeper is warned. Many mild
 * attackers are no reason to refuse a fish, two hard ones are (common practice; the measure is ours).
 */
public final class HardAttacks {
    private HardAttacks() {}

    /**
     * The sum of those that reach the mark, attacks an hour; 0 where none does.
     *
     * @param each attacks an hour by each other fish, help on arrival included
     * @param careful the mark, attacks an hour
     */
    public static double of(Collection<Double> each, double careful) {
        return each.stream()
                .mapToDouble(one -> one)
                .filter(one -> one >= careful)
                .sum();
    }

    /**
     * The same after the help that a plan gives every newcomer: release after lights-out, and a box where all together come to half the mark.
     *
     * @param each attacks an hour by each other fish, without help
     * @param careful the mark, attacks an hour
     */
    public static double withHelp(Collection<Double> each, double careful) {
        double dark = PressureStrengths.USUAL.of(PressureStrengths.Kind.LIGHTS_OUT);
        double all = dark * each.stream().mapToDouble(one -> one).sum();
        double left = all >= careful / 2 ? dark * PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX) : dark;
        return of(each.stream().map(one -> left * one).toList(), careful);
    }
}
