package org.pelluna.core.watch;

import java.util.Optional;

/** How much harm an encounter does. The weights are ours, from a fish that only shows itself to one that wounds. */
public enum Grade {
    DISPLAY("shown", 0, 0.3),
    CHASE("chased", 0.05, 0.5),
    NIP("nipped", 0.3, 0.13),
    PIN("pinned", 0.6, 0.05),
    WOUND("wounded", 1, 0.02);

    private static final int FIERCE = 3;

    private final String words;
    private final double harm;
    private final double usualShare;

    Grade(String words, double harm, double usualShare) {
        this.words = words;
        this.harm = harm;
        this.usualShare = usualShare;
    }

    /** What was done, as a keeper reads it. */
    public String words() {
        return words;
    }

    /** Harm of one such encounter; a wound is 1. */
    public double harm() {
        return harm;
    }

    /** Its share of all encounters where nothing is known of a tank; our own. */
    public double usualShare() {
        return usualShare;
    }

    /**
     * The grade of what was seen of one fish on another; a fierce chase counts as a nip, a fierce nip as pinning.
     *
     * @return empty for what is no attack, and where it is not known who did it
     */
    public static Optional<Grade> of(LogEntry entry) {
        boolean fierce = entry.hardness().filter(hardness -> hardness == FIERCE).isPresent();
        return entry.aggressorId()
                .flatMap(any -> Optional.ofNullable(
                        switch (entry.kind()) {
                            case DISPLAY -> DISPLAY;
                            case CHASE -> fierce ? NIP : CHASE;
                            case NIP -> fierce ? PIN : NIP;
                            case PINNED -> PIN;
                            case INJURY -> WOUND;
                            case ARRIVAL, SPAWNED, NOTE -> null;
                        }));
    }
}
