/**
 * The one judgement of a plan: what may come, when, and what would turn a no. It is made after the order and from it, and every page, letter
 * and list prints it; nothing else forms a verdict.
 */
@NullMarked
package org.pelluna.core.judge;

import org.jspecify.annotations.NullMarked;
