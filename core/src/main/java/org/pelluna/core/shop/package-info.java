/**
 * The answer in the shop: may I take this one home today, how large, and what to look at and ask first.
 */
@NullMarked
package org.pelluna.core.shop;

import org.jspecify.annotations.NullMarked;
