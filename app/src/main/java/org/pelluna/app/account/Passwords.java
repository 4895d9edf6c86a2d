package org.pelluna.app.account;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.pelluna.app.web.RefusedException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Which passwords are taken, and their hashes. Length counts, and that it is none of those tried first; no rules about signs, and no
 * change without a reason. Source: NIST SP 800-63B, section 5.1.1.2.
 */
@Component
class Passwords {
    static final int SHORTEST = 10;

    /** bcrypt reads no more. */
    private static final int MOST_BYTES = 72;

    /** Tries after which a list of common passwords, words, names, dates and keys in a row has led to it. */
    private static final double MANY_TRIES = 1e6;

    /** A hash of no known password, of the cost of the others: made once, since a start would wait half a second for it. */
    static final String NOBODYS = "$2a$12$.xyVj7Ahk8LqsarYyavWtOH90mv8AWtFN0dpLv6g2.HpDLAgWfhm2";

    private final Zxcvbn strength = new Zxcvbn();
    private final PasswordEncoder hashes;

    /** A hash takes a quarter of a second of a core: two at a time leave the rest to others. */
    private final Semaphore turns = new Semaphore(2, true);

    Passwords(PasswordEncoder hashes) {
        this.hashes = hashes;
    }

    /**
     * Why a password is not taken.
     *
     * @param password the password
     * @param own words that are known of its keeper
     * @return a sentence, or empty if it is taken
     */
    Optional<String> fault(String password, List<String> own) {
        if (password.length() < SHORTEST || password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            return Optional.of("10 to 64 characters; a few words in a row make a good one.");
        }
        Strength found = strength.measure(password, own);
        return found.getGuesses() < MANY_TRIES
                ? Optional.of(
                        "This one is among the first that are tried. Take a few words that have nothing to do with one"
                                + " another.")
                : Optional.empty();
    }

    /** The hash to keep. Holds no connection to the database: it takes its time. */
    String hash(String password) {
        return inTurn(() -> hashes.encode(password));
    }

    /** Whether a password is the one of this hash; without an account it takes as long to say no. */
    boolean matches(String password, Optional<String> hash) {
        return inTurn(() -> hashes.matches(password, hash.orElse(NOBODYS))) && hash.isPresent();
    }

    private <T> T inTurn(java.util.function.Supplier<T> work) {
        try {
            turns.acquire();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new RefusedException("the server is stopping; try again in a minute");
        }
        try {
            return work.get();
        } finally {
            turns.release();
        }
    }
}
