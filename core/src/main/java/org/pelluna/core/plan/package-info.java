/**
 * A whole tank plan: tank, house rules, residents, wishes, log and losses; and its open JSON file.
 */
@NullMarked
package org.pelluna.core.plan;

import org.jspecify.annotations.NullMarked;
