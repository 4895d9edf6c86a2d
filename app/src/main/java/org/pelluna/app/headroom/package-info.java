/** How many fish a tank carries, by three approaches side by side. */
package org.pelluna.app.headroom;
