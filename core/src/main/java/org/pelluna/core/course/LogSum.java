package org.pelluna.core.course;

/** A sum of chances of which only the logarithms are known. */
final class LogSum {
    private double most = Double.NEGATIVE_INFINITY;
    private double sum;

    /** Adds a chance by its logarithm. */
    LogSum add(double log) {
        if (log > most) {
            sum = sum * Math.exp(most - log) + 1;
            most = log;
        } else if (log > most - 40) {
            sum += Math.exp(log - most);
        }
        return this;
    }

    /** The logarithm of the sum. */
    double log() {
        return most + Math.log(sum);
    }
}
