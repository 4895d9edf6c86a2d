package org.pelluna.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PasswordsTest {
    /** Else the time of an answer would tell whether there is such an account. */
    @Test
    void nobodysHashCostsWhatTheOthersDo() {
        String made = new SecurityConfiguration().passwordHashes().encode("slow tides, fast fish");
        assertThat(Passwords.NOBODYS).hasSameSizeAs(made).startsWith(made.substring(0, 7));
    }

    /** The tests hash cheaply ({@code QuickPasswords}); what is shipped does not. */
    @Test
    void aHashIsAsCostlyForAStrangerAsForAKeeper() {
        String hash = new SecurityConfiguration().passwordHashes().encode("two quiet anchors");
        assertThat(hash).startsWith("$2a$12$");
        assertThat(Passwords.NOBODYS).startsWith("$2a$12$");
    }
}
