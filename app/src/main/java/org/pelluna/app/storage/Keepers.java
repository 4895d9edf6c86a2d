package org.pelluna.app.storage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;
import org.springframework.transaction.annotation.Transactional;

/** The keepers. */
public interface Keepers extends JpaRepository<KeeperRow, UUID> {
    Optional<KeeperRow> findByUsername(String username);

    /** Waits until nobody else is in the part of a transaction that carries this name, and keeps others out until this one ends. */
    @Query(value = "select cast(pg_advisory_xact_lock(hashtext(:part)) as text)", nativeQuery = true)
    String alone(@Param("part") String part);

    /** Notes that the second factor's code of a time step was used; 0 if this or a later one was used before. */
    @Modifying
    @Transactional
    @Query(
            value = "update keeper set second_factor_step = :step where id = :id and second_factor_step < :step",
            nativeQuery = true)
    int uses(@Param("id") UUID id, @Param("step") long step);

    /** Those whose week of grace is over. */
    List<KeeperRow> findByClosingAtLessThanEqual(Instant now);
}
