/**
 * The tank as the keeper measured it: shape, water, rock, sand, cover, shelters, and the animals it holds.
 */
@NullMarked
package org.pelluna.core.tank;

import org.jspecify.annotations.NullMarked;
