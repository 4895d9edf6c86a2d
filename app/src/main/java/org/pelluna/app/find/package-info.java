/** One line that finds places, fish, species, words and what can be done. */
@NullMarked
package org.pelluna.app.find;

import org.jspecify.annotations.NullMarked;
