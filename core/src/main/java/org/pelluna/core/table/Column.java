package org.pelluna.core.table;

import java.util.List;
import java.util.Locale;

/**
 * A column a table may have.
 *
 * @param name its heading in the tables we write
 * @param words what it holds, for a keeper
 * @param required whether no row does without it
 * @param alsoCalled other headings it is known by, in lower case
 */
public record Column(String name, String words, boolean required, List<String> alsoCalled) {

    static Column needed(String name, String words, String... alsoCalled) {
        return new Column(name, words, true, List.of(alsoCalled));
    }

    static Column optional(String name, String words, String... alsoCalled) {
        return new Column(name, words, false, List.of(alsoCalled));
    }

    /** Whether a heading means this column; spaces, case and a unit in brackets do not matter. */
    boolean isCalled(String heading) {
        String plain = heading.toLowerCase(Locale.ROOT)
                .replaceAll("[\\[(].*?[\\])]", "")
                .strip()
                .replaceAll("[\\s_-]+", "_");
        return plain.equals(name) || alsoCalled.contains(plain);
    }
}
