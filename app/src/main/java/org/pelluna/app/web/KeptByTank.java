package org.pelluna.app.web;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * What was worked out for the tanks looked at last; worked out anew as soon as anything it rests on differs.
 *
 * @param <T> what is worked out
 */
public final class KeptByTank<T> {
    private static final int TANKS = 50;

    private final Map<UUID, Kept<T>> kept = Collections.synchronizedMap(new LinkedHashMap<>(TANKS, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept<T>> eldest) {
            return size() > TANKS;
        }
    });

    private record Kept<T>(Object restsOn, T result) {}

    /**
     * The result for a tank: the kept one, or a new one.
     *
     * @param restsOn all that the result follows from, compared by its equals: a plan, its day included, or parts of it
     */
    public T of(UUID tankId, Object restsOn, Supplier<T> work) {
        Kept<T> known = kept.get(tankId);
        if (known != null && known.restsOn().equals(restsOn)) {
            return known.result();
        }
        T result = work.get();
        kept.put(tankId, new Kept<>(restsOn, result));
        return result;
    }
}
