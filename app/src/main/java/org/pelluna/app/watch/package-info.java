/** The log, and what it says. */
package org.pelluna.app.watch;
