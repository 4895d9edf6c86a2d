/**
 * The statistics of small numbers that the record needs: exact comparisons of rates, survival, dominance. Plain functions of
 * numbers; what they mean for fish is said elsewhere.
 */
@NullMarked
package org.pelluna.core.statistics;

import org.jspecify.annotations.NullMarked;
