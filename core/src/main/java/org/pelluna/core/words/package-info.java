/** One line of words at the tank, understood by its parts: {@link org.pelluna.core.words.Line}. */
@NullMarked
package org.pelluna.core.words;

import org.jspecify.annotations.NullMarked;
