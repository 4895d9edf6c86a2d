package org.pelluna.core.shortlist;

import java.util.List;

/**
 * A question of the shortlist by the name its findings carry, so that a keeper can overrule it.
 *
 * @param rule the name of the rule
 * @param words the question
 */
public record Questions(String rule, String words) {
    /** Every question that can turn a wish away or delay it. */
    public static final List<Questions> ALL = List.of(
            new Questions("volume", "Is there water enough for the adult?"),
            new Questions("swim-length", "Can the adult turn and travel?"),
            new Questions("headroom", "Is there headroom beside the others?"),
            new Questions("reef", "What will it do to corals, shrimps and snails?"),
            new Questions("predation", "Who fits in whose mouth?"),
            new Questions("company", "How many of its own kind?"),
            new Questions("kin", "Are rivals of its genus at home here?"),
            new Questions("pressure", "Who would press whom?"),
            new Questions("niche", "How many compete for its place and food?"),
            new Questions("water", "Is the water warm and salt enough?"),
            new Questions("food", "What does feeding it ask?"),
            new Questions("disturbance", "What will it break or move?"),
            new Questions("cover", "Can it get out?"),
            new Questions("sand", "Has it its sand?"),
            new Questions("maturity", "Is the tank old enough?"),
            new Questions("pods", "Are there pods for it?"),
            new Questions("care", "Is the keeper ready for it?"),
            new Questions("ailment", "Does it often bring disease?"),
            new Questions("hazard", "Can it hurt the keeper?"));
}
