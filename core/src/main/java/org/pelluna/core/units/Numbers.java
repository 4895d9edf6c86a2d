package org.pelluna.core.units;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers as they stand in a sentence: rounded, without needless zeros, with a point for the decimal. */
public final class Numbers {
    private static final int MOST_DECIMALS = 9;

    private Numbers() {}

    /**
     * The value with at most the given number of decimals; trailing zeros are dropped.
     *
     * @throws IllegalArgumentException if the value is not finite
     */
    public static String plain(double value, int decimals) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("a figure to print must be finite, but was " + value);
        }
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        if (rounded.signum() == 0) {
            return "0";
        }
        return rounded.stripTrailingZeros().toPlainString();
    }

    /**
     * The decimals with which two different figures do not look the same.
     *
     * @param least decimals they deserve anyway
     */
    public static int decimalsToTell(double one, double other, int least) {
        int decimals = least;
        while (one != other && decimals < MOST_DECIMALS && plain(one, decimals).equals(plain(other, decimals))) {
            decimals++;
        }
        return decimals;
    }

    /** A count with its noun: {@code 0 days}, {@code 1 day}, {@code 2 days}. */
    public static String count(long count, String one) {
        return count(count, one, one + "s");
    }

    /** A figure, rounded to a tenth, with its noun: {@code 0.4 encounters}, {@code 1 encounter}. */
    public static String count(double figure, String one) {
        String plain = plain(figure);
        return plain + " " + one + (plain.equals("1") ? "" : "s");
    }

    /** A count with its noun, where the plural is not made by an s. */
    public static String count(long count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }

    /** The value rounded to a tenth, the precision of most of our sentences. */
    public static String plain(double value) {
        return plain(value, 1);
    }

    /**
     * A number as people say it: two significant digits, and {@code none} for zero. For example 5.01 is {@code 5}, 10.7 is {@code 11}, 0.064
     * is {@code 0.064}.
     *
     * @param value 0 or more
     */
    public static String significant(double value) {
        if (value == 0) {
            return "none";
        }
        return BigDecimal.valueOf(value)
                .round(new MathContext(2, RoundingMode.HALF_UP))
                .stripTrailingZeros()
                .toPlainString();
    }
}
