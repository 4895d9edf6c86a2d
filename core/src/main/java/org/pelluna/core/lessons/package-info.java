/** What losses teach: survival by what sets fish apart, causes in plain sentences, and how the clean-up crew dwindles. */
@NullMarked
package org.pelluna.core.lessons;

import org.jspecify.annotations.NullMarked;
