package org.pelluna.app.storage;

/** Something cannot be taken back, because the record stands on it since. */
public class UndoBlockedException extends RuntimeException {
    /**
     * @param sentence what stands against it, for the keeper
     */
    public UndoBlockedException(String sentence) {
        super(sentence);
    }
}
