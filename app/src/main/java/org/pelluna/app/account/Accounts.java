package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Creates keepers and signs them in. */
@Service
public class Accounts {
    private final Keepers keepers;
    private final PasswordEncoder passwords;
    private final SecurityContextRepository contexts;
    private final Clock clock;

    Accounts(Keepers keepers, PasswordEncoder passwords, SecurityContextRepository contexts, Clock clock) {
        this.keepers = keepers;
        this.passwords = passwords;
        this.contexts = contexts;
        this.clock = clock;
    }

    /** Creates a keeper; empty if the username is taken. */
    @Transactional
    public Optional<KeeperRow> create(String username, String displayName, String password) {
        String name = username.strip().toLowerCase(Locale.ROOT);
        if (keepers.findByUsername(name).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(keepers.saveAndFlush(new KeeperRow(
                UUID.randomUUID(), name, displayName.strip(), passwords.encode(password), clock.instant())));
    }

    /** Signs a keeper in without asking for a password, into a session with a new id. */
    void signIn(KeeperRow keeper, HttpServletRequest request, HttpServletResponse response) {
        request.getSession();
        request.changeSessionId();
        KeeperPrincipal principal = KeeperPrincipal.of(keeper);
        principal.eraseCredentials();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(principal, null, principal.getAuthorities()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
