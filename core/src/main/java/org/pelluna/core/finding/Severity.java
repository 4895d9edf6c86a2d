package org.pelluna.core.finding;

/** What a finding says, from the hardest no to a good turn; declared in that order. */
public enum Severity {
    STOP("stop"),
    WAIT("wait"),
    CAREFUL("careful"),
    FINE("fine"),
    BENEFIT("a benefit");

    private final String words;

    Severity(String words) {
        this.words = words;
    }

    /** The word shown to a keeper. */
    public String words() {
        return words;
    }
}
