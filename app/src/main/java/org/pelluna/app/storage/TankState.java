package org.pelluna.app.storage;

/**
 * Which state a tank is in. Two equal states mean that nothing its plan is read from has changed in between. States are compared for
 * equality only; none is newer than another by its value.
 *
 * @param revision raised by any change of the tank's own rows and of its keeper's figures of species, in the same transaction
 * @param logRevision raised by a change of its log
 * @param quarantineTanks the keeper's other quarantine tanks, each with its revision; empty if there are none. A plan reads their
 *     bookings, so adding, changing or deleting one is another state.
 */
public record TankState(long revision, long logRevision, String quarantineTanks) {}
