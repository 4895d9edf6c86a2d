/**
 * The first sentence of a page, which answers the page's question: what is so, and what to do. A page with nothing to answer has none, and
 * its lead is the empty string.
 */
@NullMarked
package org.pelluna.core.lead;

import org.jspecify.annotations.NullMarked;
