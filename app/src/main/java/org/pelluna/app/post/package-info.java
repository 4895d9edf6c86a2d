/** Letters to keepers: an outbox in the database, and what carries it to a server for mail, if there is one. */
@NullMarked
package org.pelluna.app.post;

import org.jspecify.annotations.NullMarked;
