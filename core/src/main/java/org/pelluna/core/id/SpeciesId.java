package org.pelluna.core.id;

/**
 * Which species: the scientific name in lower case with a hyphen, for example {@code gramma-loreto}, or the key of a
 * keeper's own.
 *
 * @param key the key as it stands in files, addresses and the database
 */
public record SpeciesId(String key) implements Comparable<SpeciesId> {
    @Override
    public int compareTo(SpeciesId other) {
        return key.compareTo(other.key);
    }

    /** The key itself, so that it can stand in an address or a form. */
    @Override
    public String toString() {
        return key;
    }
}
