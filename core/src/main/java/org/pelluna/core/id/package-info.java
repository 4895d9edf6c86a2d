/**
 * What a species, a fish and a wish are called among themselves: a type each, so that one is never taken for another.
 */
@NullMarked
package org.pelluna.core.id;

import org.jspecify.annotations.NullMarked;
