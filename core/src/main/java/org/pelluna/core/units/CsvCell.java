package org.pelluna.core.units;

import java.util.regex.Pattern;

/**
 * A text in a cell of a table that goes out. A spreadsheet runs what begins with one of the signs {@code = + - @}, a tab or a line
 * break; such a text gets an apostrophe before it, and loses it when it is read back. Source: OWASP, CSV Injection.
 */
public final class CsvCell {
    private static final Pattern RUNS = Pattern.compile("'*[=+\\-@\\t\\r\\n＝＋－＠].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?([eE][+-]?\\d+)?");

    private CsvCell() {}

    /** The text as it is written: with an apostrophe more if it would run, or would look as if it had been given one. */
    public static String written(String text) {
        return runs(text) ? "'" + text : text;
    }

    /** The text as it was before it was written. */
    public static String read(String cell) {
        return cell.startsWith("'") && runs(cell) ? cell.substring(1) : cell;
    }

    private static boolean runs(String text) {
        return RUNS.matcher(text).matches() && !NUMBER.matcher(text).matches();
    }
}
