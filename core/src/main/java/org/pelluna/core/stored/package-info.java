/** How values that are stored and sent stay readable when they grow: the default of each new component stands beside it. */
@NullMarked
package org.pelluna.core.stored;

import org.jspecify.annotations.NullMarked;
