package org.pelluna.core.table;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One row, its cells by the name of their column. What cannot be read is told in a sentence that names the column.
 *
 * @param cells the cells that are not empty, by column
 * @param monthFirst whether 5/6/2026 is the sixth of May
 */
public record Row(Map<String, String> cells, boolean monthFirst) {
    /** What choices were called in files of earlier versions, with their names. */
    private static final Map<String, String> FORMER = Map.of("given away or returned", "GIVEN_AWAY");

    private static final DateTimeFormatter DAY_FIRST = strict("d/M/uuuu");
    private static final DateTimeFormatter MONTH_FIRST = strict("M/d/uuuu");

    /** The 31st of February is a slip of the pen, and not the 28th. */
    private static DateTimeFormatter strict(String pattern) {
        return DateTimeFormatter.ofPattern(pattern, Locale.ROOT).withResolverStyle(ResolverStyle.STRICT);
    }

    public Row {
        cells = Map.copyOf(cells);
    }

    public Optional<String> text(String column) {
        return Optional.ofNullable(cells.get(column));
    }

    /**
     * The text of a cell that must not be empty.
     *
     * @throws IllegalArgumentException if it is
     */
    public String needed(String column) {
        return text(column).orElseThrow(() -> new IllegalArgumentException("'" + column + "' is empty"));
    }

    /** A number with a point or a comma before its decimals. */
    public Optional<Double> number(String column) {
        return text(column).map(cell -> {
            try {
                return Double.valueOf(cell.indexOf('.') < 0 ? cell.replace(',', '.') : cell);
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("'" + column + "' is a number, not '" + cell + "'", e);
            }
        });
    }

    public Optional<Integer> whole(String column) {
        return number(column).map(value -> {
            if (value != Math.rint(value) || Math.abs(value) > 1e6) {
                throw new IllegalArgumentException("'" + column + "' is a whole number, not " + value);
            }
            return value.intValue();
        });
    }

    /** A day: 2026-05-31, 31.5.2026, or with slashes in the order the table was said to have. */
    public LocalDate day(String column) {
        return day(column, needed(column));
    }

    public Optional<LocalDate> dayIfAny(String column) {
        return text(column).map(cell -> day(column, cell));
    }

    private LocalDate day(String column, String cell) {
        try {
            if (cell.indexOf('/') > 0) {
                return LocalDate.parse(cell, monthFirst ? MONTH_FIRST : DAY_FIRST);
            }
            if (cell.indexOf('.') > 0) {
                return LocalDate.parse(cell.replace('.', '/'), DAY_FIRST);
            }
            return LocalDate.parse(cell);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("'" + column + "' is a day such as 2026-05-31, not '" + cell + "'", e);
        }
    }

    /** A day with or without a time; without one it is noon. */
    public LocalDateTime moment(String column) {
        String cell = needed(column).replace('T', ' ');
        int gap = cell.indexOf(' ');
        if (gap < 0) {
            return day(column, cell).atTime(LocalTime.NOON);
        }
        String time = cell.substring(gap + 1).strip();
        try {
            return day(column, cell.substring(0, gap)).atTime(LocalTime.parse(time.length() == 4 ? "0" + time : time));
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(
                    "'" + column + "' ends with a time such as 18:30, not '" + time + "'", e);
        }
    }

    /**
     * One of a few words: the name of the choice, or how keepers read it.
     *
     * @param words how a keeper reads each choice
     */
    public <E extends Enum<E>> E choice(String column, Class<E> choices, java.util.function.Function<E, String> words) {
        String cell = needed(column).toLowerCase(Locale.ROOT);
        E[] all = choices.getEnumConstants();
        return Stream.of(all)
                .filter(one -> cell.replace(' ', '_').equals(one.name().toLowerCase(Locale.ROOT))
                        || cell.equals(words.apply(one).toLowerCase(Locale.ROOT))
                        || FORMER.getOrDefault(cell, "").equals(one.name()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("'" + column + "' is one of "
                        + Stream.of(all).map(words).collect(Collectors.joining(", ")) + ", not '" + cell + "'"));
    }
}
