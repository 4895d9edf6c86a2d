package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.NotFoundException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Creates keepers, knows their passwords, and signs them in. No hash is made while a connection to the database is held. */
@Service
public class Accounts {
    private final Keepers keepers;
    private final Passwords passwords;
    private final Devices devices;
    private final SecurityContextRepository contexts;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Accounts(
            Keepers keepers,
            Passwords passwords,
            Devices devices,
            SecurityContextRepository contexts,
            TransactionTemplate transaction,
            Clock clock) {
        this.transaction = transaction;
        this.keepers = keepers;
        this.passwords = passwords;
        this.devices = devices;
        this.contexts = contexts;
        this.clock = clock;
    }

    /** A name as it is kept: without spaces around it, in small letters. */
    static String name(String username) {
        return username.strip().toLowerCase(Locale.ROOT);
    }

    /** Creates a keeper; empty if the username is taken. */
    public Optional<KeeperRow> create(String username, String displayName, String password) {
        String name = name(username);
        if (keepers.findByUsername(name).isPresent()) {
            return Optional.empty();
        }
        String hash = passwords.hash(password);
        try {
            return Optional.of(keepers.saveAndFlush(
                    new KeeperRow(UUID.randomUUID(), name, displayName.strip(), hash, clock.instant())));
        } catch (DataIntegrityViolationException sameNameMeanwhile) {
            return Optional.empty();
        }
    }

    /** Why a password is not taken for this keeper; empty if it is. */
    Optional<String> fault(String password, String username, String displayName) {
        return passwords.fault(password, List.of(username, displayName, "pelluna", "reef", "aquarium"));
    }

    /** The keeper with this name and password; empty if there is none. Takes as long either way. */
    Optional<KeeperRow> withPassword(String username, String password) {
        Optional<KeeperRow> keeper = keepers.findByUsername(name(username));
        return passwords.matches(password, keeper.map(KeeperRow::passwordHash)) ? keeper : Optional.empty();
    }

    KeeperRow get(UUID id) {
        return keepers.findById(id).orElseThrow(() -> new NotFoundException("keeper"));
    }

    /** Changes an account: reads it, changes it and writes it in one transaction. */
    KeeperRow update(UUID id, Consumer<KeeperRow> change) {
        return Objects.requireNonNull(transaction.execute(status -> {
            KeeperRow row = get(id);
            change.accept(row);
            return row;
        }));
    }

    /** Sets a new password; every device but this one is signed out. */
    void change(KeeperRow keeper, String password, Optional<String> stays) {
        String hash = passwords.hash(password);
        update(keeper.id(), row -> row.passwordIs(hash));
        AuditTrail.note("a new password", keeper.id());
        devices.endAll(keeper.username(), stays);
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
        devices.remember(keeper, request, response);
        AuditTrail.note("signed in", keeper.id());
    }
}
