package org.pelluna.app.web;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Keys of new rows: a form carries the key of the row it creates, so that sending it twice creates one. */
public final class FormKey {
    private FormKey() {}

    public static String fresh() {
        return UUID.randomUUID().toString();
    }

    /**
     * The key a form brought.
     *
     * @throws RefusedException if it is not one of ours
     */
    public static String checked(@Nullable String key) {
        try {
            return UUID.fromString(key).toString();
        } catch (IllegalArgumentException | NullPointerException e) {
            throw new RefusedException("the form's own key is missing; reload the page and send it again");
        }
    }

    /** A fresh key for each form of a page. */
    public static final class Fresh {
        /** The next. */
        public String next() {
            return fresh();
        }
    }
}
