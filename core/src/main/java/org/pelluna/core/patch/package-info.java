/** Where each fish is at home, and whose patch is whose: territories computed from rock, shelters, temper and residence. */
@NullMarked
package org.pelluna.core.patch;

import org.jspecify.annotations.NullMarked;
