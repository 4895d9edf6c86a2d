package org.pelluna.app.storage;

/** Something cannot be taken back, because the record stands on it since. */
public class StillInTheRecord extends RuntimeException {
    /**
     * @param sentence what stands against it, for the keeper
     */
    public StillInTheRecord(String sentence) {
        super(sentence);
    }
}
