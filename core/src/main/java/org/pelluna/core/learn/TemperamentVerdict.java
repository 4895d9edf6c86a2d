package org.pelluna.core.learn;

/** What a fish is like beside its kind. */
public enum TemperamentVerdict {
    FIERCER("attacks more often than its species"),
    HARDER("attacks harder than the others here"),
    RARELY_BUT_HARD("attacks rarely, but hard"),
    GENTLER("gentler than its species"),
    AS_ITS_KIND("like its species, so far");

    private final String words;

    TemperamentVerdict(String words) {
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
