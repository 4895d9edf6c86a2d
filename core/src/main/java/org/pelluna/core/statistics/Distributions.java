package org.pelluna.core.statistics;

import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.special.Beta;

/** The tails that the tests need, from a library's special functions. */
final class Distributions {
    private static final double QUANTILE_ERROR = 1e-12;

    private Distributions() {}

    /** The value below which a Beta variable lies with the given probability, by bisection. */
    static double betaQuantile(double probability, double alpha, double beta) {
        double low = 0;
        double high = 1;
        while (true) {
            double middle = (low + high) / 2;
            if (high - low <= QUANTILE_ERROR * middle || middle <= Double.MIN_NORMAL) {
                return middle;
            }
            if (Beta.regularizedBeta(middle, alpha, beta) < probability) {
                low = middle;
            } else {
                high = middle;
            }
        }
    }

    static double gammaQuantile(double probability, double shape, double rate) {
        return new GammaDistribution(shape, 1 / rate).inverseCumulativeProbability(probability);
    }

    static double chiSquaredTail(double value, int degrees) {
        return 1 - new ChiSquaredDistribution(degrees).cumulativeProbability(value);
    }
}
