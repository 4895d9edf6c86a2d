/** One fish: its life from the day it came, what happens to it, and what its leaving would free; and fish that lived here before the record. */
@NullMarked
package org.pelluna.app.fish;

import org.jspecify.annotations.NullMarked;
