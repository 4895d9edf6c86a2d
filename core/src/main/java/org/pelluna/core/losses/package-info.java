/**
 * The record of fish lost, with cause and certainty.
 */
@NullMarked
package org.pelluna.core.losses;

import org.jspecify.annotations.NullMarked;
