/**
 * Units of measure and their exact conversion. The core computes in centimetres, litres, grams and degrees Celsius;
 * keepers' units exist only at the edge.
 */
@NullMarked
package org.pelluna.core.units;

import org.jspecify.annotations.NullMarked;
