package org.pelluna.core.species;

import java.util.Locale;

/** The colours that portraits and likeness know. */
public enum Colour {
    BLACK("#2b2a2e"),
    WHITE("#f3efe4"),
    GREY("#8f9499"),
    SILVER("#c3c9cb"),
    BROWN("#7b5537"),
    TAN("#c9a877"),
    CREAM("#ecdcb4"),
    YELLOW("#f0c02c"),
    ORANGE("#e8792b"),
    RED("#bf3b2f"),
    PINK("#e29a9d"),
    MAGENTA("#b23a86"),
    PURPLE("#7b4aa3"),
    VIOLET("#5d4a9c"),
    BLUE("#2c63b8"),
    NAVY("#22305f"),
    SKY("#7fb6dc"),
    TEAL("#2f8f94"),
    GREEN("#5c9460"),
    OLIVE("#75743f");

    private final String hex;

    Colour(String hex) {
        this.hex = hex;
    }

    /** The colour as {@code #rrggbb}. */
    public String hex() {
        return hex;
    }

    /** Whether ink would not show on it. */
    public boolean isDark() {
        return this == BLACK || this == NAVY || this == BROWN || this == VIOLET;
    }

    /** The colour's name in a sentence. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }
}
