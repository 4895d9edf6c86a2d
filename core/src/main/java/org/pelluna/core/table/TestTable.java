package org.pelluna.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.pelluna.core.plan.WaterTest;

/**
 * Water tests: a row for each reading with its kind, as we write them, or a row for each day with a column for each kind, as
 * keepers do.
 */
public final class TestTable implements TableForm<WaterTest> {
    private static final List<Column> COLUMNS = Stream.of(
                    Stream.of(
                            Column.needed("on", "day", "date", "day"),
                            Column.optional("kind", "what was measured", "parameter", "test"),
                            Column.optional("value", "reading, in the unit of that test", "reading", "result")),
                    Arrays.stream(WaterTest.Kind.values())
                            .map(kind -> Column.optional(
                                    kind.key(),
                                    kind.words() + ", " + kind.unit(),
                                    kind.aliases().toArray(String[]::new))),
                    Stream.of(Column.optional("id", "key")))
            .flatMap(columns -> columns)
            .toList();

    @Override
    public List<Column> columns() {
        return COLUMNS;
    }

    @Override
    public List<WaterTest> read(Row row) {
        var on = row.day("on");
        List<WaterTest> tests = new ArrayList<>();
        if (row.text("value").isPresent()) {
            WaterTest.Kind kind = row.choice("kind", WaterTest.Kind.class, WaterTest.Kind::words);
            double value = row.number("value").orElseThrow();
            tests.add(new WaterTest(row.text("id").orElseGet(() -> Keys.of("test", on, kind, value)), on, kind, value));
        }
        for (WaterTest.Kind kind : WaterTest.Kind.values()) {
            row.number(kind.key())
                    .ifPresent(value -> tests.add(new WaterTest(Keys.of("test", on, kind, value), on, kind, value)));
        }
        if (tests.isEmpty()) {
            throw new IllegalArgumentException("the row has a day and no reading");
        }
        return tests;
    }

    @Override
    public Map<String, String> write(WaterTest test) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("on", test.on().toString());
        cells.put("kind", test.kind().key());
        cells.put("value", Double.toString(test.value()));
        cells.put("id", test.id());
        return cells;
    }

    @Override
    public Object content(WaterTest test) {
        return List.of(test.on(), test.kind(), test.value());
    }
}
