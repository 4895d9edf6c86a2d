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
        return handling + " " + kind.aid();
    }

    /** Kinds of harm, each with what to do about it in general words: common practice, no treatment from us. */
    public enum Kind {
        SPINES(
                "strong spines",
                "If one sticks in you, wash the wound. See a doctor if it swells or a piece stays in it."),
        VENOMOUS_SPINES(
                "venomous spines",
                "If you cannot breathe well, call an ambulance. Otherwise hold the sting in water as hot as you can stand, 45 °C at most, and see a doctor."),
        VENOMOUS_FANGS(
                "venomous fangs", "If bitten, wash it. See a doctor if the swelling spreads or you feel unwell."),
        TAIL_BLADES(
                "tail blades",
                "If cut, press on the wound and wash it. See a doctor if it stays open or keeps bleeding."),
        BITE("a hard bite", "If bitten, wash it and keep it clean. See a doctor if it is deep or turns red."),
        TOXIC_SKIN(
                "a toxin in skin or flesh",
                "Wash your hands after touching it or its water. See a doctor if you swallow it, or get it in an eye or a wound.");

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
