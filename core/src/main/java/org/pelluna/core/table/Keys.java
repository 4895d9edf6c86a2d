package org.pelluna.core.table;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;

/** Keys of rows that bring none: the same content has the same key, so that a table read twice adds nothing. */
final class Keys {
    private Keys() {}

    static String of(String kind, Object... content) {
        String text = kind + List.of(content);
        return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8)).toString();
    }
}
