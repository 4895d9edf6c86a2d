package org.pelluna.core.id;

/**
 * Which wish of a plan.
 *
 * @param key the key as it stands in files, addresses and the database
 */
public record WishId(String key) implements Comparable<WishId> {
    @Override
    public int compareTo(WishId other) {
        return key.compareTo(other.key);
    }

    /** The fish it stands for until they have come. */
    public FishId fish() {
        return new FishId(key);
    }

    /** The key itself, so that it can stand in an address or a form. */
    @Override
    public String toString() {
        return key;
    }
}
