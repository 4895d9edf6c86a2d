package org.pelluna.app.storage;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The keepers. */
public interface Keepers extends JpaRepository<KeeperRow, UUID> {
    Optional<KeeperRow> findByUsername(String username);
}
