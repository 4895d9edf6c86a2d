/** Tension: the aggression that was observed. Who rules, whether it settles, what helped, and what could be done now. */
@NullMarked
package org.pelluna.core.tension;

import org.jspecify.annotations.NullMarked;
