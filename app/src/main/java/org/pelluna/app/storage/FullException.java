package org.pelluna.app.storage;

/** A keeper has as much of something as one keeper may have. */
public class FullException extends RuntimeException {
    /**
     * @param sentence what there is too much of and what to do, without a full stop
     */
    public FullException(String sentence) {
        super(sentence);
    }
}
