package org.pelluna.app.storage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A package that is being taken in, or was.
 *
 * @param id its key
 * @param photographs how many it holds
 * @param done how many of them are read and made anew
 * @param faults why it was refused; empty if it was not
 * @param tank the tank it became, once it is whole
 * @param isStill whether nothing has moved for a minute: the server that had it was stopped
 */
public record PackageJob(
        UUID id, int photographs, int done, List<String> faults, Optional<UUID> tank, boolean isStill) {
    /** Whether there is nothing more to do. */
    public boolean isOver() {
        return tank.isPresent() || !faults.isEmpty();
    }
}
