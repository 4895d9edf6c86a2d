/**
 * Predicted aggression, directed: how hard one fish will press another, factor by factor; and who can swallow whom.
 */
@NullMarked
package org.pelluna.core.pressure;

import org.jspecify.annotations.NullMarked;
