/** Costly questions as values, so that an equal question need not be worked out twice. */
@org.jspecify.annotations.NullMarked
package org.pelluna.core.question;
