/** One course for every quarrel: what watches say of it, whether it does not settle, and whether a remedy helped. */
@NullMarked
package org.pelluna.core.course;

import org.jspecify.annotations.NullMarked;
