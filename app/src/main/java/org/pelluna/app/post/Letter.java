package org.pelluna.app.post;

import java.time.Instant;
import java.util.UUID;

/**
 * A letter.
 *
 * @param id its key
 * @param recipient the address
 * @param subject what it is about
 * @param body plain text
 * @param writtenAt when it was written
 * @param sent whether a server has taken it
 */
public record Letter(UUID id, String recipient, String subject, String body, Instant writtenAt, boolean sent) {}
