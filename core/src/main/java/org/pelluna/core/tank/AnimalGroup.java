package org.pelluna.core.tank;

/** The groups of animals for which reef safety is answered one by one; never one word for all. */
public enum AnimalGroup {
    SMALL_POLYP_STONY_CORALS("small-polyp stony corals"),
    LARGE_POLYP_STONY_CORALS("large-polyp stony corals"),
    SOFT_CORALS("soft corals and polyps"),
    CLAMS("clams and other bivalves"),
    ANEMONES("anemones"),
    SHRIMPS("shrimps"),
    CRABS_AND_HERMITS("crabs and hermits"),
    SNAILS("snails"),
    URCHINS("urchins"),
    STARFISH("starfish"),
    SEA_CUCUMBERS("sea cucumbers"),
    TUBE_WORMS("tube worms");

    private final String words;

    AnimalGroup(String words) {
        this.words = words;
    }

    /** The group's name in a sentence. */
    public String words() {
        return words;
    }
}
