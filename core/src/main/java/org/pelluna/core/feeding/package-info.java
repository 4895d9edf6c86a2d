/** What the fish of a tank are fed, how often and where. */
@NullMarked
package org.pelluna.core.feeding;

import org.jspecify.annotations.NullMarked;
