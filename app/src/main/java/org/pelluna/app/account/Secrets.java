package org.pelluna.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Tokens that nobody can guess. What is stored is their hash, so that a stolen database opens no account. */
final class Secrets {
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 24;
    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int GROUPS = 4;
    private static final int GROUP = 4;

    private Secrets() {}

    /** A token of 192 random bits, fit for an address or a cookie. */
    static String token() {
        byte[] random = new byte[BYTES];
        RANDOM.nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** A code to write down: four groups of four signs, 79 random bits, without signs that look alike. */
    static String code() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < GROUPS * GROUP; i++) {
            if (i > 0 && i % GROUP == 0) {
                code.append('-');
            }
            code.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
        }
        return code.toString();
    }

    /** SHA-256, in hexadecimal digits: enough for what is random itself. */
    static String hash(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
