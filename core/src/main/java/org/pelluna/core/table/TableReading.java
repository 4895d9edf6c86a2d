package org.pelluna.core.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.pelluna.core.units.CsvCell;

/**
 * A table as read, before anything of it is kept.
 *
 * @param headings the table's own headings
 * @param matched the heading of each column that was found, by the column's name
 * @param missing columns no row does without and that no heading matches
 * @param lines every row
 * @param <T> what a row holds
 */
public record TableReading<T>(
        List<String> headings, Map<String, String> matched, List<Column> missing, List<Line<T>> lines) {

    /** Rows beyond which a table is refused. */
    public static final int MOST_ROWS = 100_000;

    /** Letters beyond which a line is no row of a table: all its cells are in memory at once. */
    private static final int LONGEST_LINE = 20_000;

    /**
     * One row.
     *
     * @param number its line in the file
     * @param values what it holds that is new
     * @param known how many of its values are here already
     * @param fault why it cannot be read; empty if it can
     */
    public record Line<T>(long number, List<T> values, int known, String fault) {}

    /**
     * Reads a table.
     *
     * @param text CSV with a line of headings; separated by commas, semicolons or tabs
     * @param form what its rows hold
     * @param chosen headings chosen for columns by the keeper; columns without one are matched by name
     * @param monthFirst whether 5/6/2026 is the sixth of May
     * @param known values that are here already
     * @throws IllegalArgumentException with a sentence, if this is no such table
     */
    public static <T> TableReading<T> of(
            String text, TableForm<T> form, Map<String, String> chosen, boolean monthFirst, Collection<T> known) {
        String clean = text.startsWith("\uFEFF") ? text.substring(1) : text;
        if (clean.lines().anyMatch(line -> line.length() > LONGEST_LINE)) {
            throw new IllegalArgumentException("a line of the table may have " + LONGEST_LINE
                    + " characters at most; is each row on a line of its own?");
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator(clean))
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setAllowMissingColumnNames(true)
                .get();
        try (CSVParser parser = CSVParser.builder()
                .setReader(new StringReader(clean))
                .setFormat(format)
                .get()) {
            List<String> headings = parser.getHeaderNames().stream()
                    .filter(one -> !one.isBlank())
                    .toList();
            if (headings.isEmpty()) {
                throw new IllegalArgumentException("the table needs a line of headings");
            }
            Map<String, String> matched = match(form.columns(), headings, chosen);
            List<Column> missing = form.columns().stream()
                    .filter(column -> column.required() && !matched.containsKey(column.name()))
                    .toList();
            List<Line<T>> lines = missing.isEmpty() ? lines(parser, form, matched, monthFirst, known) : List.of();
            return new TableReading<>(headings, matched, missing, lines);
        } catch (IOException | UncheckedIOException e) {
            throw new IllegalArgumentException("this is no table of comma-separated values: " + e.getMessage(), e);
        }
    }

    private static char separator(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        for (char one : new char[] {';', '\t'}) {
            if (count(first, one) > count(first, best)) {
                best = one;
            }
        }
        return best;
    }

    private static long count(String text, char one) {
        return text.chars().filter(c -> c == one).count();
    }

    private static Map<String, String> match(List<Column> columns, List<String> headings, Map<String, String> chosen) {
        Map<String, String> matched = new LinkedHashMap<>();
        for (Column column : columns) {
            Optional<String> heading = chosen.containsKey(column.name())
                    ? Optional.of(chosen.get(column.name())).filter(headings::contains)
                    : headings.stream().filter(column::isCalled).findFirst();
            heading.ifPresent(one -> matched.put(column.name(), one));
        }
        return matched;
    }

    private static <T> List<Line<T>> lines(
            CSVParser parser, TableForm<T> form, Map<String, String> matched, boolean monthFirst, Collection<T> known) {
        Set<Object> here = known.stream().map(form::content).collect(Collectors.toCollection(HashSet::new));
        List<Line<T>> lines = new ArrayList<>();
        for (CSVRecord record : parser) {
            if (lines.size() >= MOST_ROWS) {
                throw new IllegalArgumentException("a table may have " + MOST_ROWS + " rows at most; split it");
            }
            Map<String, String> cells = new HashMap<>();
            matched.forEach((column, heading) -> {
                if (record.isSet(heading) && !record.get(heading).isEmpty()) {
                    cells.put(column, CsvCell.read(record.get(heading)));
                }
            });
            lines.add(line(parser.getCurrentLineNumber(), new Row(cells, monthFirst), form, here));
        }
        return lines;
    }

    private static <T> Line<T> line(long number, Row row, TableForm<T> form, Set<Object> here) {
        try {
            List<T> fresh = new ArrayList<>();
            int known = 0;
            for (T value : form.read(row)) {
                if (here.add(form.content(value))) {
                    fresh.add(value);
                } else {
                    known++;
                }
            }
            return new Line<>(number, fresh, known, "");
        } catch (IllegalArgumentException e) {
            return new Line<>(number, List.of(), 0, String.valueOf(e.getMessage()));
        }
    }

    /** Everything new. */
    public List<T> values() {
        return lines.stream().flatMap(line -> line.values().stream()).toList();
    }

    /** The rows that cannot be read. */
    public List<Line<T>> faults() {
        return lines.stream().filter(line -> !line.fault().isEmpty()).toList();
    }

    /** How many values are here already. */
    public int known() {
        return lines.stream().mapToInt(Line::known).sum();
    }
}
