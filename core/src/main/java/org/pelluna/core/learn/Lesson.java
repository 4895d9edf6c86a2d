package org.pelluna.core.learn;

import java.util.Map;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.statistics.Interval;

/**
 * What was learned of one fish.
 *
 * @param fishId the fish
 * @param seen encounters in which it was the aggressor, while watching
 * @param expected encounters predicted for the same hours and company
 * @param temper how often it attacks as a multiple of its kind, beside what holds for the tank
 * @param harm how hard it attacks
 * @param onPairs how many times as much as its kind it presses each fish it has met
 * @param counts whether it feeds the plan; not if the keeper has taken it back
 */
public record Lesson(
        FishId fishId,
        int seen,
        double expected,
        Multiple temper,
        Harm harm,
        Map<FishId, Double> onPairs,
        boolean counts) {

    /** The chance with which its intervals hold. */
    public static final double LEVEL = 0.9;

    private static final double LEAST = 0.25;
    private static final double MOST = 4;

    /**
     * The multiple of pressure used: how often by how hard, for pressure is what a fish suffers; kept within a quarter and four times, and never a meeker one for a fish that was seen
     * to pin or wound.
     */
    public double factor() {
        return used(temper.middle());
    }

    private double used(double times) {
        double factor = Math.max(LEAST, Math.min(MOST, times * harm.middle()));
        return harm.hard() > 0 ? Math.max(1, factor) : factor;
    }

    /** The multiples used for the fish it has met. */
    Map<FishId, Double> factors() {
        return onPairs.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, one -> used(one.getValue())));
    }

    /** The interval of how often it attacks as a multiple of its kind. */
    public Interval interval() {
        return temper.interval(LEVEL);
    }

    /** What can be said of it. Gentler is only a fish that attacks more rarely and no harder. */
    public Temper verdict() {
        boolean rarely = interval().high() < 1;
        if (interval().low() > 1) {
            return Temper.FIERCER;
        }
        if (harm.interval(LEVEL).low() > 1) {
            return rarely ? Temper.RARELY_BUT_HARD : Temper.HARDER;
        }
        if (rarely) {
            return harm.hard() > 0 ? Temper.RARELY_BUT_HARD : harm.middle() <= 1 ? Temper.GENTLER : Temper.AS_ITS_KIND;
        }
        return Temper.AS_ITS_KIND;
    }
}
