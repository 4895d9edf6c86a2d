package org.pelluna.app.storage;

/**
 * How far a tank has changed: its rows as they are at this moment.
 *
 * @param revision raised by any change of the tank's rows, and of the rows of its keeper's quarantine tanks, in the same transaction
 * @param logRevision raised by a change of its log
 */
public record TankState(long revision, long logRevision) {}
