package org.pelluna.app;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.context.annotation.Profile;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Passwords of test keepers are hashed at little cost: hundreds are made, at a third of a second each as they are for guests. */
@Configuration
@Profile("test")
class QuickPasswords {
    private static final int LEAST = 4;

    @Bean
    @Primary
    PasswordEncoder quickHashes() {
        return new BCryptPasswordEncoder(LEAST);
    }
}
