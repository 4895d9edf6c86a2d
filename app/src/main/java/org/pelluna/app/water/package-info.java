/** The water: predicted and tested, changed, and what is fed into it. */
package org.pelluna.app.water;
