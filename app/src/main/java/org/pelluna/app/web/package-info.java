/** What every page shares: the frame, units, undo, errors. */
package org.pelluna.app.web;
