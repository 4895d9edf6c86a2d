/** The water of a plan in time: what its fish put in, what the bacteria make of it, and how much more they bear. */
@NullMarked
package org.pelluna.core.forecast;

import org.jspecify.annotations.NullMarked;
