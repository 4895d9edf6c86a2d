package org.pelluna.app.storage;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

/** The keepers. */
public interface Keepers extends JpaRepository<KeeperRow, UUID> {
    Optional<KeeperRow> findByUsername(String username);

    /** Waits until nobody else is in the part of a transaction that carries this name, and keeps others out until this one ends. */
    @Query(value = "select cast(pg_advisory_xact_lock(hashtext(:part)) as text)", nativeQuery = true)
    String alone(@Param("part") String part);
}
