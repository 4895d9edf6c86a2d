/** Keepers: signing up, in and out, and what they prefer. */
package org.pelluna.app.account;
