package org.pelluna.core.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.pelluna.core.units.CsvCell;

/** Values as a table of comma-separated values, RFC 4180, with a line of headings; no cell runs as a formula. */
public final class TableWriting {
    private TableWriting() {}

    public static <T> String of(Collection<T> values, TableForm<T> form) {
        List<String> names = form.columns().stream().map(Column::name).toList();
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                text,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(names.toArray(String[]::new))
                        .get())) {
            for (T value : values) {
                Map<String, String> cells = form.write(value);
                printer.printRecord(names.stream()
                        .map(name -> CsvCell.written(cells.getOrDefault(name, "")))
                        .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
