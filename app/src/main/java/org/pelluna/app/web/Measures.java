package org.pelluna.app.web;

import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;

/**
 * Figures in a keeper's units. The core speaks centimetres, litres and degrees Celsius.
 *
 * @param length unit of length
 * @param volume unit of volume
 * @param temperature unit of temperature
 */
public record Measures(LengthUnit length, VolumeUnit volume, TemperatureUnit temperature) {
    /** Centimetres, litres, degrees Celsius. */
    public static final Measures METRIC =
            new Measures(LengthUnit.CENTIMETRE, VolumeUnit.LITRE, TemperatureUnit.CELSIUS);

    private static final int ENTRY_DECIMALS = 4;

    /** A length with its unit, for example {@code 17.5 cm}. */
    public String lengthOf(double cm) {
        return Numbers.plain(length.fromCentimetres(cm)) + "\u00a0" + length.symbol();
    }

    /** A volume with its unit. */
    public String volumeOf(double litres) {
        return Numbers.plain(volume.fromLitres(litres)) + "\u00a0" + volume.symbol();
    }

    /** A temperature with its unit. */
    public String temperatureOf(double celsius) {
        return Numbers.plain(temperature.fromCelsius(celsius)) + "\u00a0" + temperature.symbol();
    }

    /** A length as a keeper enters it, precise enough to come back the same. */
    public String lengthField(double cm) {
        return Numbers.plain(length.fromCentimetres(cm), ENTRY_DECIMALS);
    }

    /** A volume as a keeper enters it. */
    public String volumeField(double litres) {
        return Numbers.plain(volume.fromLitres(litres), ENTRY_DECIMALS);
    }

    /** A temperature as a keeper enters it. */
    public String temperatureField(double celsius) {
        return Numbers.plain(temperature.fromCelsius(celsius), ENTRY_DECIMALS);
    }

    /** A sentence of the core with its lengths and volumes in the keeper's units. */
    public String sentence(Sentence sentence) {
        return sentence.text(quantity -> switch (quantity.dimension()) {
            case LENGTH ->
                Numbers.plain(length.fromCentimetres(quantity.value()), decimals(length.symbol(), quantity)) + "\u00a0"
                        + length.symbol();
            case VOLUME ->
                Numbers.plain(volume.fromLitres(quantity.value()), decimals(volume.symbol(), quantity)) + "\u00a0"
                        + volume.symbol();
        });
    }

    /** As many decimals as the core would print, and one more where the keeper's unit is larger than the core's. */
    private static int decimals(String symbol, Quantity quantity) {
        return quantity.toString().endsWith(symbol) ? quantity.decimals() : Math.max(1, quantity.decimals());
    }

    /** A figure of a finding in the keeper's units. */
    public String figure(Figure figure) {
        return switch (figure.unit()) {
            case "cm" -> lengthOf(figure.value());
            case "L" -> volumeOf(figure.value());
            case "" -> Numbers.plain(figure.value(), 2);
            default -> {
                String plain = Numbers.plain(figure.value(), 2);
                String unit = figure.unit();
                // One encounter, one fish: the plural of a unit goes with its number.
                yield plain + "\u00a0"
                        + (plain.equals("1") ? unit.replaceFirst("^(encounter|day|month|week)s\\b", "$1") : unit);
            }
        };
    }
}
