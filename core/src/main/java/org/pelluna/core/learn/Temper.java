package org.pelluna.core.learn;

/** What a fish is like beside its kind. */
public enum Temper {
    FIERCER("attacks more often than its kind here"),
    HARDER("attacks harder than the others here"),
    RARELY_BUT_HARD("attacks rarely, but hard: not taken for gentle"),
    GENTLER("gentler than its kind here"),
    AS_ITS_KIND("no different from its kind, as far as can be told");

    private final String words;

    Temper(String words) {
        this.words = words;
    }

    /** Whether it is a reason for care. */
    public boolean isWorse() {
        return this == FIERCER || this == HARDER || this == RARELY_BUT_HARD;
    }

    /** The verdict as a keeper reads it. */
    public String words() {
        return words;
    }
}
