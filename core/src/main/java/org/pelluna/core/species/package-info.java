/**
 * The catalogue of species, read from one data file per family, every figure with its provenance.
 */
@NullMarked
package org.pelluna.core.species;

import org.jspecify.annotations.NullMarked;
