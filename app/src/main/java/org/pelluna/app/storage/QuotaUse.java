package org.pelluna.app.storage;

/**
 * What is used of one kind of room.
 *
 * @param what what it holds, in the plural
 * @param used how much of it
 * @param most how much there may be
 */
public record QuotaUse(String what, long used, long most) {
    /** The share used, per cent. */
    public long share() {
        return Math.min(100, 100 * used / most);
    }
}
