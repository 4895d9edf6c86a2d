package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.FishChoice;
import org.pelluna.core.plan.ApproximateDate;
import org.pelluna.core.plan.Life;
import org.pelluna.core.table.LivingTable;
import org.pelluna.core.table.TableReading;
import org.springframework.format.annotation.DateTimeFormat;

/** Fish that live here already, a row for each kind. Public for binding. */
public class EnterForm {
    /** Rows of an empty form; more are asked for by sending it. */
    static final int ROWS = 6;

    public @Nullable String key;
    public List<Row> rows = new ArrayList<>();

    /** Who bosses whom, in the keeper's words: “Ben over Cy; Ben over Gale”. */
    public @Nullable String ranks;

    /** Puts in what a table says, its faults aside. */
    void take(TableReading<LivingTable.Living> table) {
        rows.clear();
        for (LivingTable.Living living : table.values()) {
            Row row = new Row();
            row.fish = living.fish();
            row.count = living.count().orElse(null);
            row.length = living.length().orElse(null);
            row.since = living.since().map(ApproximateDate::on).orElse(null);
            row.exactly = living.since().map(ApproximateDate::exactly).orElse(Life.DatePrecision.SEASON);
            row.name = living.name().orElse(null);
            rows.add(row);
        }
    }

    /** Some fish of one kind. */
    public static class Row {
        public @Nullable String fish;

        /** The fish pressed, where its name was asked about. */
        public @Nullable String chosen;

        public @Nullable Integer count;
        public @Nullable Double length;

        @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
        public @Nullable LocalDate since;

        public Life.DatePrecision exactly = Life.DatePrecision.SEASON;
        public @Nullable String name;

        private List<FishChoice> asked = List.of();

        /** The fish its name may mean; empty if it tells. */
        public List<FishChoice> asked() {
            return asked;
        }

        void ask(List<FishChoice> choices) {
            asked = choices;
        }

        boolean isEmpty() {
            return (fish == null || fish.isBlank())
                    && count == null
                    && length == null
                    && (name == null || name.isBlank());
        }
    }

    void fillUp() {
        while (rows.size() < ROWS) {
            rows.add(new Row());
        }
    }
}
