package org.pelluna.app.account;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.web.SignedInKeeper;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The keeper who is signed in, as the session remembers them; the password's hash is forgotten once it was compared. */
public final class KeeperPrincipal implements UserDetails, CredentialsContainer, SignedInKeeper {
    private static final long serialVersionUID = 1L;

    private final UUID id;
    private final String username;
    private String passwordHash;

    public KeeperPrincipal(UUID id, String username, String passwordHash) {
        this.id = id;
        this.username = username;
        this.passwordHash = passwordHash;
    }

    static KeeperPrincipal of(KeeperRow row) {
        return new KeeperPrincipal(row.id(), row.username(), row.passwordHash());
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public void eraseCredentials() {
        passwordHash = "";
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of();
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return username;
    }
}
