package org.pelluna.app.watch;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** The keys of what a line of words says: they follow from the key of its form, so that a line sent twice is kept once and taken back as one. */
final class SpokenKey {
    private SpokenKey() {}

    static String of(String form, int part) {
        return UUID.nameUUIDFromBytes((form + " " + part).getBytes(StandardCharsets.UTF_8))
                .toString();
    }
}
