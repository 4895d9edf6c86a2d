/** A plan at a glance, as several places show it: the text of it and its calendar. */
package org.pelluna.app.overview;
