package org.pelluna.app.account;

import java.time.Instant;
import java.util.Optional;

/**
 * An account as the operator sees it: nothing of what it holds.
 *
 * @param username the name to sign in with
 * @param since since when it is there
 * @param locked whether it is locked
 * @param closing when it is deleted; empty if it stays
 */
public record KeeperListing(String username, Instant since, boolean locked, Optional<Instant> closing) {}
