package org.pelluna.core.table;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.plan.ApproximateDate;

/** Fish that live in a tank already: a row for each kind, as keepers list them. */
public final class LivingTable implements TableForm<LivingTable.Living> {
    private static final List<Column> COLUMNS = List.of(
            Column.needed(
                    "fish", "which fish, by any name", "species", "kind", "animal", "common_name", "scientific_name"),
            Column.optional("count", "how many", "how_many", "number", "quantity", "qty"),
            Column.optional("length", "how long today", "size", "long", "length_today"),
            Column.optional(
                    "since", "since when: a day, a month, a season or a year", "here_since", "date", "added", "came"),
            Column.optional("name", "what it is called", "called", "nickname"));

    /**
     * Some fish of one kind.
     *
     * @param fish the kind, in the keeper's words
     * @param length in the keeper's unit
     */
    public record Living(
            String fish,
            Optional<Integer> count,
            Optional<Double> length,
            Optional<ApproximateDate> since,
            Optional<String> name) {}

    @Override
    public List<Column> columns() {
        return COLUMNS;
    }

    @Override
    public List<Living> read(Row row) {
        return List.of(new Living(
                row.needed("fish"),
                row.whole("count"),
                row.number("length"),
                row.text("since")
                        .map(cell -> ApproximateDate.said(cell).orElseGet(() -> ApproximateDate.day(row.day("since")))),
                row.text("name")));
    }

    @Override
    public Map<String, String> write(Living living) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("fish", living.fish());
        living.count().ifPresent(count -> cells.put("count", count.toString()));
        living.length().ifPresent(length -> cells.put("length", length.toString()));
        living.since().ifPresent(since -> cells.put("since", since.on().toString()));
        living.name().ifPresent(name -> cells.put("name", name));
        return cells;
    }

    /** Two rows are two groups of fish, even where they read alike. */
    @Override
    public Object content(Living living) {
        return new Object();
    }
}
