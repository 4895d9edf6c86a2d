package org.pelluna.app.web;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.Numbers;
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

    /** In the core's sentences a figure and its unit are held together by a no-break space. */
    private static final Pattern MEASURE = Pattern.compile("(\\d+(?:\\.\\d+)?)\u00a0(cm|L)\\b");

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
    public String sentence(String sentence) {
        return MEASURE.matcher(sentence).replaceAll(match -> {
            double value = Double.parseDouble(match.group(1));
            return Matcher.quoteReplacement(match.group(2).equals("cm") ? lengthOf(value) : volumeOf(value));
        });
    }

    /** A figure of a finding in the keeper's units. */
    public String figure(Figure figure) {
        return switch (figure.unit()) {
            case "cm" -> lengthOf(figure.value());
            case "L" -> volumeOf(figure.value());
            case "" -> Numbers.plain(figure.value(), 2);
            default -> Numbers.plain(figure.value(), 2) + "\u00a0" + figure.unit();
        };
    }
}
