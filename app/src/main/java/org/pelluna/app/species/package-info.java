/** The catalogue: searched, judged for a tank, and one entry for each species. */
package org.pelluna.app.species;
