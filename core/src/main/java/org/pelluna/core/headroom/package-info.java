/**
 * How many fish the tank can carry, as the inch rule of the trade counts it.
 */
@NullMarked
package org.pelluna.core.headroom;

import org.jspecify.annotations.NullMarked;
