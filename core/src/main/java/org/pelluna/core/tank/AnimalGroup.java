package org.pelluna.core.tank;

/** The groups of animals for which reef safety is answered one by one; never one word for all. */
public enum AnimalGroup {
    SMALL_POLYP_STONY_CORALS("small-polyp stony corals", 5),
    LARGE_POLYP_STONY_CORALS("large-polyp stony corals", 5),
    SOFT_CORALS("soft corals and polyps", 4),
    CLAMS("clams and other bivalves", 6),
    ANEMONES("anemones", 8),
    SHRIMPS("shrimps", 4),
    CRABS_AND_HERMITS("crabs and hermits", 2),
    SNAILS("snails", 1.5),
    URCHINS("urchins", 4),
    STARFISH("starfish", 6),
    SEA_CUCUMBERS("sea cucumbers", 10),
    TUBE_WORMS("tube worms", 6);

    private final String words;
    private final double usualCm;

    AnimalGroup(String words, double usualCm) {
        this.words = words;
        this.usualCm = usualCm;
    }

    /** The usual length of the smallest that are kept, cm; common practice, not checked against a source. */
    public double usualCm() {
        return usualCm;
    }

    /** The group's name in a sentence. */
    public String words() {
        return words;
    }
}
