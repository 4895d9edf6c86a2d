/** What the plan costs by date, and what of it is at risk. */
@NullMarked
package org.pelluna.core.budget;

import org.jspecify.annotations.NullMarked;
