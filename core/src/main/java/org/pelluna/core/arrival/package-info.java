/**
 * The order of arrival: which fish first, on which date, proved best, with the reason for every place.
 */
@NullMarked
package org.pelluna.core.arrival;

import org.jspecify.annotations.NullMarked;
