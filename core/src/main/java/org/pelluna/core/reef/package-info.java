/** The tank on any day: who is in it and how large, what has changed by then, and what is to come. */
@NullMarked
package org.pelluna.core.reef;

import org.jspecify.annotations.NullMarked;
