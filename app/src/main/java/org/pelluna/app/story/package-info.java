/** The story of a tank on one line of time, and the answers that its record gives. */
@NullMarked
package org.pelluna.app.story;

import org.jspecify.annotations.NullMarked;
