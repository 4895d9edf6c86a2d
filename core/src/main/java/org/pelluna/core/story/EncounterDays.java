package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;

/** What fish did to each other, a day and a pair at a time. */
final class EncounterDays {
    private EncounterDays() {}

    /** One pair on one day. */
    private record Key(LocalDate on, FishId by, FishId to) implements Comparable<Key> {
        private static final Comparator<Key> ORDER =
                Comparator.comparing(Key::on).thenComparing(Key::by).thenComparing(Key::to);

        @Override
        public int compareTo(Key other) {
            return ORDER.compare(this, other);
        }
    }

    static List<DailyEncounters> of(TankPlan plan) {
        Map<Key, DailyEncounters> met = new TreeMap<>();
        for (LogEntry entry : plan.log()) {
            Grade.of(entry).ifPresent(grade -> {
                LocalDate on = entry.at().toLocalDate();
                FishId by = entry.aggressorId().orElseThrow();
                FishId to = entry.fishId().orElseThrow();
                met.merge(
                        new Key(on, by, to),
                        new DailyEncounters(on, by, to, 1, grade, entry.id()),
                        DailyEncounters::and);
            });
        }
        return List.copyOf(met.values());
    }
}
