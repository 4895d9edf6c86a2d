/** How each fish differs from its species fish, and how that feeds pressure, order and shortlist. */
@NullMarked
package org.pelluna.core.learn;

import org.jspecify.annotations.NullMarked;
