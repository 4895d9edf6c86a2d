package org.pelluna.app.account;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.codec.digest.HmacAlgorithms;
import org.apache.commons.codec.digest.HmacUtils;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The links by which a letter stops further ones: the keeper's key, signed, so that they need not be kept and work for good. */
@Component
class StopNotices {
    private final JdbcClient database;

    StopNotices(JdbcClient database) {
        this.database = database;
    }

    String token(UUID keeper) {
        return keeper.toString().replace("-", "") + "_" + signature(keeper);
    }

    private String signature(UUID keeper) {
        byte[] secret = database.sql("select secret from site")
                .query(String.class)
                .single()
                .getBytes(StandardCharsets.UTF_8);
        byte[] signed = new HmacUtils(HmacAlgorithms.HMAC_SHA_256, secret).hmac("stop " + keeper);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(signed);
    }

    /** Stops the notices of whose link it is; false if it is no such link. */
    boolean stop(String token) {
        return keeper(token)
                .filter(id -> token(id).equals(token))
                .map(id -> database.sql("update keeper set notices_by_mail = false where id = ?")
                        .param(id)
                        .update())
                .isPresent();
    }

    private static Optional<UUID> keeper(String token) {
        String digits = token.replaceAll("_.*", "");
        return digits.matches("[0-9a-f]{32}")
                ? Optional.of(UUID.fromString(digits.replaceFirst("(.{8})(.{4})(.{4})(.{4})(.{12})", "$1-$2-$3-$4-$5")))
                : Optional.empty();
    }
}
