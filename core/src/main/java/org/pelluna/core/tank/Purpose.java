package org.pelluna.core.tank;

import java.util.Optional;
import org.pelluna.core.stored.IfAbsent;

/**
 * What a tank is for, where it is not a display of its keeper's own.
 *
 * @param kind display, quarantine or a shop's holding
 * @param berths what it holds at once; empty for a display
 * @param client whose tank it is, if it is looked after for somebody
 */
public record Purpose(Kind kind, Optional<Berths> berths, Optional<String> client) {
    /** The ordinary one: a display of its keeper's own. */
    public static final Purpose OWN_DISPLAY = new Purpose(Kind.DISPLAY, Optional.empty(), Optional.empty());

    private static final int LONGEST_NAME = 60;

    public Purpose {
        if (berths.isPresent() != (kind != Kind.DISPLAY)) {
            throw new IllegalArgumentException("places are counted in a quarantine or holding tank, and only there");
        }
        client = client.map(String::strip).filter(name -> !name.isEmpty());
        if (client.filter(name -> name.length() > LONGEST_NAME).isPresent()) {
            throw new IllegalArgumentException("a client's name has at most " + LONGEST_NAME + " characters");
        }
    }

    /** What a tank can be for. */
    public enum Kind {
        DISPLAY("display"),
        /** Bare, without corals and crew: fish pass through it. */
        QUARANTINE("quarantine"),
        /** Fish wait in it for whoever takes them. */
        HOLDING("holding for sale");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** What it is, as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /**
     * What it holds at once.
     *
     * @param places fish
     * @param compartments parts that fish cannot cross; rivals never share one
     */
    public record Berths(int places, @IfAbsent("1") int compartments) {
        private static final int MOST = 500;

        public Berths {
            if (places < 1 || places > MOST || compartments < 1 || compartments > places) {
                throw new IllegalArgumentException(
                        "it has 1 to " + MOST + " places, and no more compartments than places");
            }
        }
    }
}
