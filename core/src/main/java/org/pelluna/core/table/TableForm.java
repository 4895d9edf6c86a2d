package org.pelluna.core.table;

import java.util.List;
import java.util.Map;

/**
 * How values of one kind stand in the rows of a table.
 *
 * @param <T> the values
 */
public interface TableForm<T> {
    /** The columns in the order in which they are written. */
    List<Column> columns();

    /**
     * The values of a row; a table of tests may hold several in one.
     *
     * @throws IllegalArgumentException with a sentence, if the row cannot be read
     */
    List<T> read(Row row);

    /** The cells of a value's row; what is empty is left out. */
    Map<String, String> write(T value);

    /** What makes two values the same though their keys differ. */
    Object content(T value);
}
