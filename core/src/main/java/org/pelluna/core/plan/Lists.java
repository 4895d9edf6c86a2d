package org.pelluna.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/** Lists of things with keys, changed by making another. */
final class Lists {
    private Lists() {}

    static <T, K> T get(List<T> all, Function<T, K> key, K wanted, String what) {
        return all.stream()
                .filter(one -> key.apply(one).equals(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the plan has no " + what + " '" + wanted + "'"));
    }

    static <T, K> List<T> replaced(List<T> all, Function<T, K> key, T by) {
        return all.stream()
                .map(one -> key.apply(one).equals(key.apply(by)) ? by : one)
                .toList();
    }

    static <T, K> List<T> without(List<T> all, Function<T, K> key, Set<K> gone) {
        return all.stream().filter(one -> !gone.contains(key.apply(one))).toList();
    }

    static <T> List<T> with(List<T> all, List<T> more) {
        return Stream.concat(all.stream(), more.stream()).toList();
    }

    static <T> List<T> with(List<T> all, Optional<T> more) {
        return with(all, more.stream().toList());
    }

    /** With one more at a place, or at the end of a list that has become shorter. */
    static <T> List<T> at(List<T> all, int place, T one) {
        List<T> longer = new ArrayList<>(all);
        longer.add(Math.min(place, longer.size()), one);
        return List.copyOf(longer);
    }
}
