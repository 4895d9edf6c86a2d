/**
 * The log of what was seen at the tank.
 */
@NullMarked
package org.pelluna.core.watch;

import org.jspecify.annotations.NullMarked;
