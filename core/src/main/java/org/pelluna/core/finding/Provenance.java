package org.pelluna.core.finding;

/**
 * Where a figure or a rule comes from.
 *
 * <p>Written in data files as {@code memory}, {@code practice}, {@code own: …} or {@code published: …}.
 *
 * @param kind how far it can be trusted
 * @param source the citation of a published source, the description of a method of our own, or empty
 */
public record Provenance(Kind kind, String source) {

    /** A figure recalled, not looked up. */
    public static final Provenance MEMORY = new Provenance(Kind.MEMORY, "");

    /** A rule of thumb of the trade without a published source. */
    public static final Provenance PRACTICE = new Provenance(Kind.PRACTICE, "");

    /** What the keeper measured or entered. */
    public static final Provenance KEEPER = new Provenance(Kind.KEEPER, "");

    /** How far a figure can be trusted. */
    public enum Kind {
        PUBLISHED("published"),
        PRACTICE("common practice"),
        MEMORY("from memory"),
        OWN("our own method"),
        KEEPER("as entered");

        private final String words;

        Kind(String words) {
            this.words = words;
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
     * Reads the form used in data files.
     *
     * @throws IllegalArgumentException if the text is none of the four forms
     */
    public static Provenance parse(String text) {
        if (text.equals("memory")) {
            return MEMORY;
        }
        if (text.equals("practice")) {
            return PRACTICE;
        }
        if (text.startsWith("own: ")) {
            return own(text.substring("own: ".length()));
        }
        if (text.startsWith("published: ")) {
            return published(text.substring("published: ".length()));
        }
        throw new IllegalArgumentException(
                "a provenance is 'memory', 'practice', 'own: METHOD' or 'published: SOURCE', but was '" + text + "'");
    }

    /** One line for a keeper, for example {@code published: Froese 2006} or {@code common practice}. */
    public String words() {
        return source.isEmpty() ? kind.words() : kind.words() + ": " + source;
    }
}
