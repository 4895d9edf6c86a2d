package org.pelluna.app.web;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A value worked out when it is first asked for, and once. */
final class Lazy<T> {
    private final Supplier<T> work;
    private @Nullable T value;

    Lazy(Supplier<T> work) {
        this.work = work;
    }

    synchronized T get() {
        if (value == null) {
            value = work.get();
        }
        return value;
    }
}
