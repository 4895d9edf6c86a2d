/** Who is where, when: stays, and the timeline of presence they make. */
@NullMarked
package org.pelluna.core.timeline;

import org.jspecify.annotations.NullMarked;
