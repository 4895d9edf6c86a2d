package org.pelluna.app.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.Key;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.pelluna.app.storage.Keepers;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriUtils;

/** Codes of six digits from an authenticator, new every 30 seconds, each good once. Source: RFC 6238. */
@Component
class SecondFactor {
    private static final int KEY_BYTES = 20;
    private static final Duration STEP = Duration.ofSeconds(30);

    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator(STEP);
    private final Keepers keepers;
    private final KeySeal seal;
    private final Clock clock;

    SecondFactor(Keepers keepers, KeySeal seal, Clock clock) {
        this.keepers = keepers;
        this.seal = seal;
        this.clock = clock;
    }

    /** A new key to share, Base32 without padding. */
    static String newKey() {
        byte[] key = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(key);
        return new Base32().encodeToString(key).replace("=", "");
    }

    /** What an authenticator reads. */
    static String address(String key, String username) {
        return "otpauth://totp/Pelluna:" + UriUtils.encode(username, StandardCharsets.UTF_8) + "?secret=" + key
                + "&issuer=Pelluna";
    }

    /** What is kept of a key that is shared. */
    String kept(UUID keeper, String key) {
        return seal.seal(keeper, key);
    }

    /** {@link #accepts}, of what is kept. */
    boolean acceptsByKept(UUID keeper, String kept, String code) {
        return seal.open(keeper, kept).filter(key -> accepts(keeper, key, code)).isPresent();
    }

    /** Whether a code is right now, or was half a minute ago or will be in one: clocks differ. It is used up by it. */
    boolean accepts(UUID keeper, String key, String code) {
        Instant now = clock.instant();
        for (int off = -1; off <= 1; off++) {
            Instant then = now.plus(STEP.multipliedBy(off));
            if (same(at(key, then), code.replace(" ", ""))) {
                return keepers.uses(keeper, then.getEpochSecond() / STEP.toSeconds()) == 1;
            }
        }
        return false;
    }

    /** The code of a moment. */
    String at(String key, Instant when) {
        Key shared = new SecretKeySpec(new Base32().decode(key), codes.getAlgorithm());
        try {
            return codes.generateOneTimePasswordString(shared, when);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("the key is of our own making", e);
        }
    }

    private static boolean same(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }
}
