package org.pelluna.app.storage;

/** A form was sent for a version that somebody has changed since. */
public class ChangedMeanwhile extends RuntimeException {
    public ChangedMeanwhile() {
        super("changed meanwhile");
    }
}
