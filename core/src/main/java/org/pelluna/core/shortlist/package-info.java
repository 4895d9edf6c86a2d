/**
 * The questions asked of every wished-for fish, one class per rule, and the verdict they add up to.
 */
@NullMarked
package org.pelluna.core.shortlist;

import org.jspecify.annotations.NullMarked;
