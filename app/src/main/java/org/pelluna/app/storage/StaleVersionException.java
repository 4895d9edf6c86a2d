package org.pelluna.app.storage;

/** A form was sent for a state that was changed since, in another window or on another device. Nothing is saved. */
public class StaleVersionException extends RuntimeException {
    private final transient Object now;

    /**
     * @param now what is there now
     */
    public StaleVersionException(Object now) {
        super("changed meanwhile");
        this.now = now;
    }

    /** What is there now. */
    public <T> T now(Class<T> type) {
        return type.cast(now);
    }
}
