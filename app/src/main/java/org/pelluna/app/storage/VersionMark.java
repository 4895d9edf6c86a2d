package org.pelluna.app.storage;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import org.pelluna.core.json.Json;

/** What a form was made from: a short mark of a value, so that a form can say which state its keeper has seen. */
public final class VersionMark {
    private static final int LETTERS = 12;

    private VersionMark() {}

    /** The mark of a value of the core, the same on every instance. */
    public static String mark(Object value) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(Json.MAPPER.writeValueAsString(value).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, LETTERS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Whether a form was made from another state than this; a form that does not say cannot know this one. */
    public static boolean isOlder(Optional<String> mark, Object now) {
        return mark.filter(seen -> seen.equals(mark(now))).isEmpty();
    }
}
