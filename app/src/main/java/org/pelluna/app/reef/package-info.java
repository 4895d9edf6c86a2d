/** The tank seen to scale on any day, and drawn by its keeper. */
package org.pelluna.app.reef;
