/** How many fish a tank carries, by three schools side by side. */
package org.pelluna.app.headroom;
