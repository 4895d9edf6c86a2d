package org.pelluna.app.web;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.pelluna.core.plan.TankPlan;

/**
 * What was worked out for the tanks looked at last; worked out anew as soon as anything in the plan, its day included, differs.
 *
 * @param <T> what is worked out
 */
public final class KeptByPlan<T> {
    private static final int TANKS = 50;

    private final Map<UUID, Kept<T>> kept = Collections.synchronizedMap(new LinkedHashMap<>(TANKS, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept<T>> eldest) {
            return size() > TANKS;
        }
    });

    private record Kept<T>(TankPlan plan, T result) {}

    /** The result for a plan: the kept one, or a new one. */
    public T of(UUID tankId, TankPlan plan, Supplier<T> work) {
        Kept<T> known = kept.get(tankId);
        if (known != null && known.plan().equals(plan)) {
            return known.result();
        }
        T result = work.get();
        kept.put(tankId, new Kept<>(plan, result));
        return result;
    }
}
