package org.pelluna.core.units;

/** A unit of volume a keeper may choose. */
public enum VolumeUnit {
    LITRE("L", 1.0),
    /** The US liquid gallon, exactly 3.785411784 L (NIST SP 811). */
    US_GALLON("gal", 3.785411784);

    private final String symbol;
    private final double litres;

    VolumeUnit(String symbol, double litres) {
        this.symbol = symbol;
        this.litres = litres;
    }

    /** The unit's symbol, as printed behind a figure. */
    public String symbol() {
        return symbol;
    }

    /** The volume in litres of {@code value} of this unit. */
    public double toLitres(double value) {
        return value * litres;
    }

    /** The volume in this unit of {@code volumeLitres} litres. */
    public double fromLitres(double volumeLitres) {
        return volumeLitres / litres;
    }
}
