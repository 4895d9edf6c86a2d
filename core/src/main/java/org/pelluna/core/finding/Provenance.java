package org.pelluna.core.finding;

import java.util.Locale;

/**
 * Where a figure or a rule comes from.
 *
 * <p>Written in data files as {@code memory}, {@code practice}, {@code assumed}, {@code own: …} or {@code published: …}.
 *
 * @param kind how far it can be trusted
 * @param source the citation of a published source, the description of a method of our own, or empty
 */
public record Provenance(Kind kind, String source) {

    /** A figure recalled, not looked up. */
    public static final Provenance MEMORY = new Provenance(Kind.MEMORY, "");

    /** A rule of thumb of the trade without a published source. */
    public static final Provenance PRACTICE = new Provenance(Kind.PRACTICE, "");

    /** A figure taken over from a relative. */
    public static final Provenance ASSUMED = new Provenance(Kind.ASSUMED, "");

    /** What the keeper measured or entered. */
    public static final Provenance KEEPER = new Provenance(Kind.KEEPER, "");

    /** What earlier versions wrote for a figure recalled. */
    private static final String FORMER_MEMORY = "from memory";

    /** How far a figure can be trusted. */
    public enum Kind {
        PUBLISHED("published"),
        PRACTICE("common practice"),
        MEMORY("not yet checked against a source"),
        /** Taken over from a relative, not known of the species itself. */
        ASSUMED("assumed from its nearest relatives"),
        OWN("our own method"),
        KEEPER("as entered");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Whether it says of which source or method it is. */
        private boolean isCited() {
            return this == PUBLISHED || this == OWN;
        }

        /** The words shown to a keeper. */
        public String words() {
            return words;
        }
    }

    public static Provenance published(String source) {
        return new Provenance(Kind.PUBLISHED, source);
    }

    public static Provenance own(String method) {
        return new Provenance(Kind.OWN, method);
    }

    /**
     * Reads the short form of data files ({@code memory}, {@code practice}, {@code own: …}, {@code published: …}) or what
     * {@link #words} writes; so a provenance that went out comes in the same.
     *
     * @throws IllegalArgumentException if the text is none of these forms
     */
    public static Provenance parse(String text) {
        int colon = text.indexOf(": ");
        String head = colon < 0 ? text : text.substring(0, colon);
        String source = colon < 0 ? "" : text.substring(colon + 2);
        if (text.equals(FORMER_MEMORY)) {
            return MEMORY;
        }
        for (Kind kind : Kind.values()) {
            boolean named = head.equals(kind.words) || head.equals(kind.name().toLowerCase(Locale.ROOT));
            if (named && kind.isCited() == !source.isEmpty()) {
                return new Provenance(kind, source);
            }
        }
        throw new IllegalArgumentException("a provenance is 'memory', 'practice', 'assumed', 'keeper', 'own: METHOD' or"
                + " 'published: SOURCE', but was '" + text + "'");
    }

    /** One line for a keeper, for example {@code published: Froese 2006} or {@code common practice}. */
    public String words() {
        return source.isEmpty() ? kind.words() : kind.words() + ": " + source;
    }

    /** The short form of data files; {@link #parse} reads it. */
    public String written() {
        String head = kind.name().toLowerCase(Locale.ROOT);
        return source.isEmpty() ? head : head + ": " + source;
    }
}
