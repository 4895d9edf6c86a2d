/**
 * What goes from one tank of a keeper to another: into quarantine, out of it, into a larger tank. Each move is one transaction over both
 * tanks, and its undo too. Shared by the places.
 */
package org.pelluna.app.moves;
