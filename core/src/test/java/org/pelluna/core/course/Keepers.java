package org.pelluna.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;

/** Simulated keepers: what they see of quarrels whose true course is known. Chases come in bouts of a geometric number. */
public final class Keepers {
    /** Unlike Random, whose first draws are alike for seeds that follow each other. */
    private final SplittableRandom random;

    private final double bout;

    public Keepers(long seed, double bout) {
        this.random = new SplittableRandom(seed);
        this.bout = bout;
    }

    /** A course that settles. */
    public static DoubleUnaryOperator settling(double first, double halfLife, double rest) {
        return day -> first * (rest + (1 - rest) * Math.pow(0.5, day / halfLife));
    }

    /** Half an hour watched on every so many days. */
    List<Watched> watching(double days, double every, DoubleUnaryOperator rate) {
        List<Watched> watches = new ArrayList<>();
        for (double day = 0.5; day <= days; day += every) {
            watches.add(new Watched(day, 0.5, seen(rate.applyAsDouble(day) / 2)));
        }
        return watches;
    }

    public double normal() {
        return random.nextGaussian();
    }

    double uniform() {
        return random.nextDouble();
    }

    public int seen(double mean) {
        int bouts = poisson(mean / bout);
        int seen = bouts;
        for (int i = 0; i < bouts; i++) {
            while (bout > 1 && random.nextDouble() < 1 - 1 / bout) {
                seen++;
            }
        }
        return seen;
    }

    private int poisson(double mean) {
        double limit = Math.exp(-mean);
        double product = random.nextDouble();
        int count = 0;
        while (product > limit) {
            product *= random.nextDouble();
            count++;
        }
        return count;
    }
}
