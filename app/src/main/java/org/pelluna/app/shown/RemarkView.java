package org.pelluna.app.shown;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.app.storage.RemarkRow;
import org.pelluna.core.plan.ResolvedPlan;

/**
 * A remark ready to print.
 *
 * @param key its key
 * @param about of whom, in words
 * @param stands whether others see it
 */
record RemarkView(String key, String about, String author, String words, String when, boolean stands) {
    /** The key under which remarks on the whole plan are found. */
    static final String WHOLE = "";

    static RemarkView of(RemarkRow row, Map<String, String> names, Clock clock) {
        return new RemarkView(
                row.id().toString(),
                row.about()
                        .map(key -> names.getOrDefault(key, "a fish no longer in the plan"))
                        .orElse("the whole plan"),
                row.author(),
                row.words(),
                row.saidAt().atZone(clock.getZone()).toLocalDate().toString(),
                row.state() == RemarkRow.State.STANDS);
    }

    /** By the key of whom they are about; of the whole plan under {@link #WHOLE}. */
    static Map<String, List<RemarkView>> byKey(List<RemarkRow> rows, Map<String, String> names, Clock clock) {
        return rows.stream()
                .collect(Collectors.groupingBy(
                        row -> row.about().orElse(WHOLE),
                        Collectors.mapping(row -> of(row, names, clock), Collectors.toList())));
    }

    /** Everyone in a plan that something can be said of: their keys and names. */
    static Map<String, String> names(ResolvedPlan stock) {
        return Stream.concat(
                        stock.residents().stream()
                                .map(fish -> Map.entry(fish.id().key(), fish.name())),
                        stock.wishes().stream()
                                .map(one -> Map.entry(
                                        one.wish().id().key(), one.species().commonName())))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (first, second) -> first));
    }
}
