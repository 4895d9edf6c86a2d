package org.pelluna.app.account;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.storage.KeeperRow;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * The keeper who is signed in, as the session remembers them.
 *
 * @param id the keeper's id
 * @param username the name to sign in with
 * @param passwordHash the hash of the password, empty once signed in
 */
public record KeeperPrincipal(UUID id, String username, String passwordHash) implements UserDetails {
    private static final long serialVersionUID = 1L;

    static KeeperPrincipal of(KeeperRow row) {
        return new KeeperPrincipal(row.id(), row.username(), row.passwordHash());
    }

    /** The same keeper without the hash, for the session. */
    KeeperPrincipal withoutHash() {
        return new KeeperPrincipal(id, username, "");
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
