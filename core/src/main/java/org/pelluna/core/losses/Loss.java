package org.pelluna.core.losses;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.stored.IfAbsent;

/**
 * The end of a fish's time in this tank.
 *
 * @param id the loss's key within its plan
 * @param fishId the fish lost
 * @param on the day it was found, or last seen alive
 * @param cause why, as far as known
 * @param certainty how well that is known
 * @param price what it had cost, in the keeper's money
 * @param note the keeper's words
 * @param evidence what speaks for the cause
 * @param lastSeen the day it was last seen alive
 * @param linkedTo key of another fish whose loss, or whose doing, this one follows from
 */
public record Loss(
        String id,
        FishId fishId,
        LocalDate on,
        Cause cause,
        @IfAbsent("\"guess\"") Certainty certainty,
        Optional<Double> price,
        Optional<String> note,
        Optional<String> evidence,
        Optional<LocalDate> lastSeen,
        Optional<FishId> linkedTo) {

    /** A loss of which no more is known. */
    public Loss(
            String id,
            FishId fishId,
            LocalDate on,
            Cause cause,
            Certainty certainty,
            Optional<Double> price,
            Optional<String> note) {
        this(id, fishId, on, cause, certainty, price, note, Optional.empty(), Optional.empty(), Optional.empty());
    }

    public Loss {
        if (lastSeen.filter(day -> day.isAfter(on)).isPresent()) {
            throw new IllegalArgumentException("a fish cannot be seen alive after it was lost");
        }
        if (linkedTo.filter(fishId::equals).isPresent()) {
            throw new IllegalArgumentException("a loss cannot follow from itself");
        }
        if (price.filter(p -> !(p >= 0)).isPresent()) {
            throw new IllegalArgumentException("a price is 0 or more, but was " + price.get());
        }
    }

    /** Losses in the order of a plan: by day, and of one day by key. */
    public static List<Loss> inOrder(List<Loss> losses) {
        return losses.stream()
                .sorted(Comparator.comparing(Loss::on).thenComparing(Loss::id))
                .toList();
    }

    /** Why a fish is gone. */
    public enum Cause {
        AGGRESSION("aggression"),
        PREDATION("eaten"),
        JUMPED("jumped"),
        DISEASE("disease"),
        STARVED("starved"),
        BAD_WATER("bad water"),
        POOR_ARRIVAL("poor condition on arrival"),
        EQUIPMENT("equipment"),
        OLD_AGE("old age"),
        MISSING("missing"),
        GIVEN_AWAY("rehomed");

        private final String words;

        Cause(String words) {
            this.words = words;
        }

        /** The cause in a sentence. */
        public String words() {
            return words;
        }
    }

    /** How well a cause is known. */
    public enum Certainty {
        SEEN("seen"),
        LIKELY("likely"),
        GUESS("a guess");

        private final String words;

        Certainty(String words) {
            this.words = words;
        }

        /** The certainty in a sentence. */
        public String words() {
            return words;
        }
    }
}
