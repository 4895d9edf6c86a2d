/** How Pelluna's values stand in JSON: data files, open files and the assessment share one mapper. */
@NullMarked
package org.pelluna.core.json;

import org.jspecify.annotations.NullMarked;
