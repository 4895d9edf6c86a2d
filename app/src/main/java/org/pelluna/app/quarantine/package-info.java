/** A quarantine tank: who is in it and for how long, what is done, who comes next. */
package org.pelluna.app.quarantine;
