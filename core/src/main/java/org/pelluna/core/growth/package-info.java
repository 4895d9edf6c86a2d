/**
 * How long and heavy a fish is on any date, and when it reaches a given length.
 */
@NullMarked
package org.pelluna.core.growth;

import org.jspecify.annotations.NullMarked;
