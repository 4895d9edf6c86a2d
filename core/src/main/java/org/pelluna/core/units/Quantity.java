package org.pelluna.core.units;

/**
 * A figure with its dimension, as it stands in a sentence; whoever prints it chooses the unit.
 *
 * @param value the figure in the core's unit: centimetres or litres
 * @param dimension what it measures
 * @param decimals decimals that are worth printing, at most
 */
public record Quantity(double value, Dimension dimension, int decimals) {
    /** What is measured. */
    public enum Dimension {
        LENGTH(LengthUnit.CENTIMETRE.symbol()),
        VOLUME(VolumeUnit.LITRE.symbol());

        private final String symbol;

        Dimension(String symbol) {
            this.symbol = symbol;
        }
    }

    /** A length in centimetres, to a tenth. */
    public static Quantity cm(double cm) {
        return new Quantity(cm, Dimension.LENGTH, 1);
    }

    /** A length in whole centimetres. */
    public static Quantity wholeCm(double cm) {
        return new Quantity(cm, Dimension.LENGTH, 0);
    }

    /** A volume in whole litres. */
    public static Quantity litres(double litres) {
        return new Quantity(litres, Dimension.VOLUME, 0);
    }

    /** The figure in the core's unit, for example {@code 17.5 cm}, held together by a no-break space. */
    @Override
    public String toString() {
        return Numbers.plain(value, decimals) + "\u00a0" + dimension.symbol;
    }
}
