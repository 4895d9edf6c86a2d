package org.pelluna.core.species;

import org.pelluna.core.finding.Provenance;

/**
 * A way in which it can hurt the keeper.
 *
 * @param kind what hurts
 * @param handling how to avoid it and what to do
 * @param from where this is known from
 */
public record Hazard(Hazard.Kind kind, String handling, Provenance from) {
    /** What it is, how to avoid it, and what to do if it happened. */
    public String sentence() {
        return "It has " + kind.words() + ". " + handling + " " + kind.aid();
    }

    /** Kinds of harm, each with what to do about it in general words: common practice, no treatment from us. */
    public enum Kind {
        SPINES("strong spines", "Stuck in: wash the wound, and see a doctor if it swells or a piece stays in it."),
        VENOMOUS_SPINES(
                "venomous spines",
                "Stung: hold the place in water as hot as you bear, no hotter than 45 °C, and see a doctor; with trouble breathing call for help at once."),
        VENOMOUS_FANGS(
                "venomous fangs", "Bitten: wash it, and see a doctor if the swelling spreads or you feel unwell."),
        TAIL_BLADES(
                "tail blades",
                "Cut: press on it, wash it and keep it clean; see a doctor if it gapes or goes on bleeding."),
        BITE("a hard bite", "Bitten: wash it and keep it clean; see a doctor if it is deep or reddens."),
        TOXIC_SKIN(
                "a toxin in skin or flesh",
                "Wash your hands after touching it or its water; swallowed, or in eye or wound: see a doctor.");

        private final String words;
        private final String aid;

        Kind(String words, String aid) {
            this.words = words;
            this.aid = aid;
        }

        /** What to do if it happened, in general words. */
        public String aid() {
            return aid;
        }

        /** The hazard in a sentence. */
        public String words() {
            return words;
        }
    }
}
