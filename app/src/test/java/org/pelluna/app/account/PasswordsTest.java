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
}
