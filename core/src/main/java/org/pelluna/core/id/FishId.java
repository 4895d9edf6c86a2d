package org.pelluna.core.id;

/**
 * Which fish, of those that live or lived in a tank and of those that may come. The fish of a wish that has not come yet is one
 * fish for all of its kind and has the wish's key.
 *
 * <p>Not a record as the others are: the compiler's check then finds a fish's key that is compared with a wish's.
 */
public final class FishId implements Comparable<FishId> {
    private final String key;

    /** @param key the key as it stands in files, addresses and the database */
    public FishId(String key) {
        this.key = key;
    }

    /** The key as it stands in files, addresses and the database. */
    public String key() {
        return key;
    }

    @Override
    public int compareTo(FishId other) {
        return key.compareTo(other.key);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FishId fish && key.equals(fish.key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }

    /** The key itself, so that it can stand in an address or a form. */
    @Override
    public String toString() {
        return key;
    }
}
