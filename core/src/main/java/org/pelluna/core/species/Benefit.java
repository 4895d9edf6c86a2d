package org.pelluna.core.species;

import org.pelluna.core.finding.Provenance;

/**
 * A good it does.
 *
 * @param what one clause that completes “it …”
 * @param from where this is known from
 */
public record Benefit(String what, Provenance from) {}
