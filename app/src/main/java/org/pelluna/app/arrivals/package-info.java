/** Order, dates, and the arrival done. */
package org.pelluna.app.arrivals;
