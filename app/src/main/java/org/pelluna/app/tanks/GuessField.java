package org.pelluna.app.tanks;

import java.util.List;
import org.pelluna.app.web.Measures;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/**
 * A guess as a keeper reads and enters it: rock by its mass and the sump by its water, all in the keeper's units.
 *
 * @param guess the figure
 * @param words what it is
 * @param unit the unit it is entered in
 * @param value what is used
 * @param choices what can be chosen; empty where a number is entered
 * @param low the least that was tried
 * @param high the most that was tried
 */
record GuessField(Guess guess, String words, String unit, String value, List<String> choices, String low, String high) {

    static GuessField of(Guess guess, Tank tank, Measures measures) {
        return new GuessField(
                guess,
                switch (guess) {
                    case ROCK -> "dry rock in all";
                    case SUMP -> "water in the sump";
                    case BELOW_RIM,
                            SAND,
                            GAP,
                            SHELTERS,
                            FEEDING_PLACES,
                            TEMPERATURE,
                            SALINITY,
                            SMALLEST_ANIMALS,
                            ALGAE,
                            PODS -> guess.words();
                },
                switch (guess) {
                    case BELOW_RIM, SAND -> measures.length().symbol();
                    case SUMP -> measures.volume().symbol();
                    case TEMPERATURE -> measures.temperature().symbol();
                    case ROCK, GAP, SHELTERS, FEEDING_PLACES, SALINITY, SMALLEST_ANIMALS, ALGAE, PODS -> guess.unit();
                },
                guess.isUnknown() ? "" : shown(guess, guess.of(tank), tank, measures),
                guess.choices(),
                shown(guess, guess.low(), tank, measures),
                shown(guess, guess.high(), tank, measures));
    }

    private static String shown(Guess guess, double value, Tank tank, Measures measures) {
        double litres = tank.shape().grossLitres();
        return switch (guess) {
            case BELOW_RIM, SAND -> Numbers.plain(measures.length().fromCentimetres(value), 1);
            case ROCK -> Numbers.plain(value * litres, 0);
            case SUMP -> Numbers.plain(measures.volume().fromLitres(value * litres), 0);
            case TEMPERATURE -> measures.temperatureField(value);
            case SALINITY -> Numbers.plain(value, 4);
            case SMALLEST_ANIMALS -> Numbers.plain(value, 1);
            case ALGAE, PODS -> guess.choices().get((int) value);
            case GAP, SHELTERS, FEEDING_PLACES -> Numbers.plain(value, 0);
        };
    }

    /** What was entered, in the core's unit. */
    static double entered(Guess guess, double value, Tank tank, Measures measures) {
        double litres = tank.shape().grossLitres();
        return switch (guess) {
            case BELOW_RIM, SAND -> measures.length().toCentimetres(value);
            case ROCK -> value / litres;
            case SUMP -> measures.volume().toLitres(value) / litres;
            case TEMPERATURE -> measures.temperature().toCelsius(value);
            case GAP, SHELTERS, FEEDING_PLACES, SALINITY, SMALLEST_ANIMALS, ALGAE, PODS -> value;
        };
    }
}
