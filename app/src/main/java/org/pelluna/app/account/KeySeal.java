package org.pelluna.app.account;

import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.digest.HmacAlgorithms;
import org.apache.commons.codec.digest.HmacUtils;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.AesGcmBytesEncryptor;
import org.springframework.stereotype.Component;

/**
 * How the keys of second factors lie in the database: encrypted with a secret that is not in it, if the operator has set one, so that a
 * stolen backup gives no codes. Keys kept before there was a secret are read as they are. Source: AES-256 in Galois/Counter mode, its key
 * by HMAC-SHA-256.
 */
@Component
class KeySeal {
    private static final Logger LOG = LoggerFactory.getLogger(KeySeal.class);
    private static final String SEALED = "sealed:";

    private final String secret;

    KeySeal(@Value("${pelluna.secret:}") String secret) {
        this.secret = secret;
    }

    /** What is kept of a keeper's key. */
    String seal(UUID keeper, String key) {
        return secret.isEmpty()
                ? key
                : SEALED + HexFormat.of().formatHex(of(keeper).encrypt(key.getBytes(StandardCharsets.US_ASCII)));
    }

    /** The key of what was kept; none if it was sealed with another secret: then the keeper's recovery codes are left. */
    Optional<String> open(UUID keeper, String kept) {
        if (!kept.startsWith(SEALED)) {
            return Optional.of(kept);
        }
        if (secret.isEmpty()) {
            LOG.error("keys of second factors are sealed, but PELLUNA_SECRET is not set");
            return Optional.empty();
        }
        try {
            return Optional.of(new String(
                    of(keeper).decrypt(HexFormat.of().parseHex(kept.substring(SEALED.length()))),
                    StandardCharsets.US_ASCII));
        } catch (IllegalStateException e) {
            LOG.error("the key of a second factor was sealed with another PELLUNA_SECRET or for another keeper");
            return Optional.empty();
        }
    }

    /** One for each keeper: what was sealed for one opens nothing for another. The secret is random, so that its key needs no stretching. */
    private AesGcmBytesEncryptor of(UUID keeper) {
        byte[] key = new HmacUtils(HmacAlgorithms.HMAC_SHA_256, secret).hmac("second factor " + keeper);
        return AesGcmBytesEncryptor.withSecretKey(new SecretKeySpec(key, "AES")).build();
    }
}
