package org.pelluna.core.judge;

/** What the keeper of a fish must do, the most urgent first. */
public enum Standing {
    ACT("act"),
    WATCH("watch it"),
    FINE("fine");

    private final String words;

    Standing(String words) {
        this.words = words;
    }

    /** The standing as a keeper reads it. */
    public String words() {
        return words;
    }
}
