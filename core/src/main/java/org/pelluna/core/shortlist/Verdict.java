package org.pelluna.core.shortlist;

/** What all findings on a wish add up to. */
public enum Verdict {
    IN("yes"),
    LATER("later"),
    WITH_CARE("yes, with care"),
    OUT("no");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    /** The verdict as a keeper reads it. */
    public String words() {
        return words;
    }
}
