package org.pelluna.core.learn;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.id.FishId;
import org.pelluna.core.pressure.PressureModel;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;

/**
 * What was learned of one fish.
 *
 * @param fishId the fish
 * @param seen encounters in which it was the aggressor, while watching
 * @param expected encounters predicted for the same hours and company
 * @param temper how often it attacks as a multiple of its kind, beside what holds for the tank
 * @param harm how hard it attacks
 * @param onPairs how many times as much as its kind it attacks each fish it has met
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

    /**
     * The multiple of pressure used, beside the tank's own: how often, and by how hard where that is told, for pressure is what a fish suffers; kept within a quarter and four times. Of a fish that was seen to
     * pin or wound never less is expected than the catalogue says of its kind, whatever the tank is like.
     *
     * @param tank the tank's own multiple
     */
    public double factor(double tank) {
        return Math.min(PressureModel.MOST_LEARNED, used(temper.middle(), tank));
    }

    private double used(double times, double tank) {
        double factor = Math.max(LEAST, harm.isHarder() ? times * harm.middle() : times);
        return harm.hard() > 0 ? Math.max(Math.max(1, 1 / tank), factor) : factor;
    }

    /** A multiple as far as it is used: what is learned never makes a pressure less than a quarter or more than four times. */
    static double bounded(double times) {
        return Math.max(LEAST, Math.min(PressureModel.MOST_LEARNED, times));
    }

    /** The multiples for the fish it has met; how much of them counts, the pressure model decides by how long they have lived together. */
    Map<FishId, Double> factors(double tank) {
        return onPairs.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> used(one.getValue(), tank)));
    }

    /** The interval of how often it attacks as a multiple of its kind. */
    public Interval interval() {
        return temper.interval(LEVEL);
    }

    /**
     * How its multiple came about; empty while nothing was predicted of it.
     *
     * @param tank the tank's own multiple, as it is seen
     */
    public Optional<Explained> how(double tank) {
        if (expected <= 0) {
            return Optional.empty();
        }
        return Optional.of(new Explained(
                "We compare attacks in your timed watches with the prediction for the same hours and tank mates. Extra attacks on one"
                        + " fish count for that pair only. With few attacks, the species' usual behaviour counts most.",
                seen + " seen ÷ (" + Numbers.plain(expected, 1) + " predicted × " + Numbers.plain(tank, 2)
                        + " in this tank) = " + Numbers.plain(seen / (expected * tank), 2)
                        + "; allowing for what is usual × "
                        + Numbers.plain(temper.middle(), 2),
                List.of(
                        "90 %: " + Numbers.plain(interval().low(), 2) + " to "
                                + Numbers.plain(interval().high(), 2),
                        "harm of each attack × " + Numbers.plain(harm.middle(), 2) + " of the others'",
                        "used in the plan: × " + Numbers.plain(factor(tank), 2)
                                + (counts ? "" : ", but you ignore it")),
                Learning.SOURCE));
    }

    /** What can be said of it. Gentler is only a fish that attacks more rarely and no harder. */
    public TemperamentVerdict verdict() {
        boolean rarely = interval().high() < 1;
        if (interval().low() > 1) {
            return TemperamentVerdict.FIERCER;
        }
        if (harm.isHarder()) {
            return rarely ? TemperamentVerdict.RARELY_BUT_HARD : TemperamentVerdict.HARDER;
        }
        if (rarely) {
            return harm.hard() > 0
                    ? TemperamentVerdict.RARELY_BUT_HARD
                    : harm.middle() <= 1 ? TemperamentVerdict.GENTLER : TemperamentVerdict.AS_ITS_KIND;
        }
        return TemperamentVerdict.AS_ITS_KIND;
    }
}
