package org.pelluna.app.web;

import java.util.function.Supplier;

/**
 * What was sent cannot be taken, for a reason that its keeper can mend. Only this is told to a keeper as theirs; any other exception is a
 * fault of ours.
 */
public class RefusedException extends RuntimeException {
    /**
     * @param sentence what is wrong and what would be right, without a full stop
     */
    public RefusedException(String sentence) {
        super(sentence);
    }

    private RefusedException(IllegalArgumentException reason) {
        super(reason.getMessage(), reason);
    }

    /**
     * A value of the core made of what was sent, and of nothing else.
     *
     * @throws RefusedException if it cannot be, with the core's reason
     */
    public static <T> T unless(Supplier<T> sent) {
        try {
            return sent.get();
        } catch (IllegalArgumentException e) {
            throw new RefusedException(e);
        }
    }
}
