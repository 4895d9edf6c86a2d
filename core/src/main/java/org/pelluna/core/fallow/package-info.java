/** A display that is left without fish until a parasite has died out: since when, until when, and what ended it. */
@NullMarked
package org.pelluna.core.fallow;

import org.jspecify.annotations.NullMarked;
