/**
 * Sea water: density, specific gravity and salinity.
 */
@NullMarked
package org.pelluna.core.water;

import org.jspecify.annotations.NullMarked;
