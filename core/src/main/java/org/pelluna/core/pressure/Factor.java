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
        SENIORITY("who was first"),
        ATTENTION("newcomers that day"),
        CROWDING("rivals already here"),
        SWIM_SPACE("swimming space"),
        SHELTER("shelter"),
        FOOD("food"),
        FRESH_ROCK("fresh rock"),
        WELCOME("help on arrival"),
        COMPANY("company"),
        SETTLING("time together"),
        TANK("this tank, as you watch it"),
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
            case TEMPER ->
                "Temperament toward this fish: " + Numbers.plain(figure, 2) + " (1 attacks on sight), because " + word
                        + ".";
            case SIZE ->
                Math.abs(figure - 1) < 0.05
                        ? "The other is of the same length."
                        : "The other is " + Numbers.plain(figure, 2) + " times its length.";
            case SENIORITY -> seniority();
            case ATTENTION -> "Its attention is divided among " + Numbers.plain(figure, 0) + " newcomers.";
            case CROWDING ->
                figure == 1
                        ? "One other rival of its sort is settled here already."
                        : Numbers.plain(figure, 0) + " other rivals of its sort are settled here already.";
            case SWIM_SPACE -> "The clear swim is " + Numbers.plain(figure) + " times the patch it holds.";
            case SHELTER -> Numbers.count(Math.round(figure), "cave or crevice", "caves and crevices") + " to hide in.";
            case FOOD -> Numbers.count(Math.round(figure), "feeding place") + ".";
            case FRESH_ROCK -> "Rock that nobody has claimed was added.";
            case WELCOME -> "Helped by: " + word + ".";
            case COMPANY ->
                multiplier < 1
                        ? "They live together as their kind does."
                        : "This number of its kind does not suit it: the stronger will harry the weaker.";
            case TANK ->
                "In this tank, as you watch it, " + Numbers.plain(figure, 2) + " times as much is seen as predicted.";
            case LEARNED ->
                "In your watches it pressed " + Numbers.plain(figure, 2)
                        + " times as much as its kind, beside what holds for the whole tank.";
            case SETTLING -> "They have lived together for " + Numbers.count(Math.round(figure), "day") + ".";
        };
    }

    private String seniority() {
        if (figure == 0) {
            return "Neither was here first" + (word.isEmpty() ? "." : ": " + word + ".");
        }
        return figure > 0
                ? "It has lived here " + Numbers.count(Math.round(figure), "day") + " longer"
                        + (word.isEmpty() ? "." : "; " + word + ".")
                : "The other was here " + Numbers.count(Math.round(-figure), "day") + " before it.";
    }
}
