/** What is due, what is rising and what changed, across a keeper's tanks; and the mailbox. */
package org.pelluna.app.today;
