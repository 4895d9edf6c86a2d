/** The log and its timeline. */
package org.pelluna.app.watch;
