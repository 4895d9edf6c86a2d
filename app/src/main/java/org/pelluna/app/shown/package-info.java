/** A plan shown to others: the private link, its remarks, and the plan on one sheet. */
@NullMarked
package org.pelluna.app.shown;

import org.jspecify.annotations.NullMarked;
