/** What the log has taught of each fish, and how that feeds pressure, order and shortlist. */
@NullMarked
package org.pelluna.core.learn;

import org.jspecify.annotations.NullMarked;
