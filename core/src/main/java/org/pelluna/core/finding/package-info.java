/**
 * What every rule answers with: a severity, a sentence, the figures used with their units, and where they come from.
 */
@NullMarked
package org.pelluna.core.finding;

import org.jspecify.annotations.NullMarked;
