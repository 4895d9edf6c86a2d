/** What happened in a tank, on one line of time: who came and went, who attacked whom, what was tried, what was tested, and what is planned. */
@NullMarked
package org.pelluna.core.story;

import org.jspecify.annotations.NullMarked;
