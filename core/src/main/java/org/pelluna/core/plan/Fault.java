package org.pelluna.core.plan;

/**
 * Something wrong in a plan file.
 *
 * @param path where, as a JSON Pointer; empty for the whole file
 * @param problem what is wrong, or what would be right
 */
public record Fault(String path, String problem) {
    @Override
    public String toString() {
        return (path.isEmpty() ? "the file" : path) + ": " + problem;
    }
}
