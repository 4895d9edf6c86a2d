package org.pelluna.core.pressure;

import org.pelluna.core.units.Numbers;

/**
 * One reason why a pressure is what it is.
 *
 * <p>The sentence is put together only when asked for, so that thousands of pairs can be judged quickly.
 *
 * @param kind which reason
 * @param multiplier what it multiplies the pressure by
 * @param figure the number behind it, in the unit its kind implies
 * @param word a word behind it, or empty
 */
public record Factor(Kind kind, double multiplier, double figure, String word) {

    /** The reasons, in the order in which they are applied. */
    public enum Kind {
        TEMPER("temperament"),
        SIZE("size"),
        SENIORITY("which arrived first"),
        ATTENTION("newcomers that day"),
        CROWDING("rivals already here"),
        SWIM_SPACE("swimming space"),
        SHELTER("shelter"),
        FOOD("food"),
        FRESH_ROCK("fresh rock"),
        WELCOME("help on arrival"),
        COMPANY("tank mates"),
        SETTLING("time together"),
        TANK("this tank"),
        LEARNED("learned from your watches");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** The reason's name. */
        public String words() {
            return words;
        }
    }

    /** The reason in a keeper's words. */
    public String sentence() {
        return switch (kind) {
            case TEMPER -> "Temperament " + Numbers.plain(figure, 2) + ": " + word + ".";
            case SIZE ->
                Math.abs(figure - 1) < 0.05
                        ? "Both are of the same length."
                        : "The other is " + Numbers.plain(figure, 2) + " times as long.";
            case SENIORITY -> seniority();
            case ATTENTION -> "It attacks " + Numbers.plain(figure, 0) + " newcomers at once.";
            case CROWDING ->
                figure == 1
                        ? "One other rival already lives here."
                        : Numbers.plain(figure, 0) + " other rivals already live here.";
            case SWIM_SPACE -> "The swimming length is " + Numbers.plain(figure) + " times its territory.";
            case SHELTER -> Numbers.count(Math.round(figure), "cave or crevice", "caves and crevices") + " to hide in.";
            case FOOD -> Numbers.count(Math.round(figure), "feeding place") + ".";
            case FRESH_ROCK -> "New rock, which no fish has claimed, was added.";
            case WELCOME -> "Help on arrival: " + word + ".";
            case COMPANY ->
                multiplier < 1
                        ? "They live together as their species does."
                        : "Too many or too few of one species: stronger fish bully weaker ones.";
            case TANK -> "In this tank you saw " + Numbers.plain(figure, 2) + " times as many attacks as predicted.";
            case LEARNED ->
                "In your watches it attacked " + Numbers.plain(figure, 2)
                        + " times as often as its species usually does.";
            case SETTLING -> "They have lived together for " + Numbers.count(Math.round(figure), "day") + ".";
        };
    }

    private String seniority() {
        if (figure == 0) {
            return "Neither arrived first" + (word.isEmpty() ? "." : ": " + word + ".");
        }
        return figure > 0
                ? "It has lived here " + Numbers.count(Math.round(figure), "day") + " longer"
                        + (word.isEmpty() ? "." : "; " + word + ".")
                : "The other arrived " + Numbers.count(Math.round(-figure), "day") + " earlier.";
    }
}
