package org.pelluna.core.units;

/** A unit of length a keeper may choose. */
public enum LengthUnit {
    CENTIMETRE("cm", 1.0),
    /** The international inch, exactly 2.54 cm (NIST SP 811). */
    INCH("in", 2.54);

    private final String symbol;
    private final double centimetres;

    LengthUnit(String symbol, double centimetres) {
        this.symbol = symbol;
        this.centimetres = centimetres;
    }

    /** The unit's symbol, as printed behind a figure. */
    public String symbol() {
        return symbol;
    }

    /** The length in centimetres of {@code value} of this unit. */
    public double toCentimetres(double value) {
        return value * centimetres;
    }

    /** The length in this unit of {@code lengthCm} centimetres. */
    public double fromCentimetres(double lengthCm) {
        return lengthCm / centimetres;
    }
}
