/**
 * The whole judgement of a plan in one call, and the command that prints it as JSON.
 */
@NullMarked
package org.pelluna.core.assess;

import org.jspecify.annotations.NullMarked;
