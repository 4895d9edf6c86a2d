/** The first voyage: from the glass to a dated plan in a few questions, each kept as it is answered. */
@NullMarked
package org.pelluna.app.voyage;

import org.jspecify.annotations.NullMarked;
