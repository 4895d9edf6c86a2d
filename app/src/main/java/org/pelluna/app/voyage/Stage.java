package org.pelluna.app.voyage;

/** How far a tank is. */
public enum Stage {
    NO_WATER("No water in it yet"),
    CYCLING("Water in it, no fish; the cycle is going on"),
    CYCLED("The cycle is finished, no fish yet"),
    FISH("Fish live in it");

    private final String words;

    Stage(String words) {
        this.words = words;
    }

    /** The stage as a keeper would say it. */
    public String words() {
        return words;
    }

    /** What the day beside it is. */
    public String day() {
        return switch (this) {
            case NO_WATER -> "Ammonia will go in on about";
            case CYCLING -> "Ammonia first went in on about";
            case CYCLED -> "It was finished on about";
            case FISH -> "It has been running since about";
        };
    }
}
