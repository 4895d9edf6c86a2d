package org.pelluna.app.storage;

/** An arrival cannot be taken back, because its fish has been written about since. */
public class StillInTheRecord extends RuntimeException {
    public StillInTheRecord() {
        super("the fish has entries in the log or a loss");
    }
}
