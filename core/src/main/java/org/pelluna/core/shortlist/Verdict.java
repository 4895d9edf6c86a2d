package org.pelluna.core.shortlist;

/** What all findings on a wish add up to. */
public enum Verdict {
    IN("in"),
    LATER("later"),
    WITH_CARE("with care"),
    OUT("out");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    /** The verdict as a keeper reads it. */
    public String words() {
        return words;
    }
}
