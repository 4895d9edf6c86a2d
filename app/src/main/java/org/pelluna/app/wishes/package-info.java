/** Wish list and shortlist. */
package org.pelluna.app.wishes;
