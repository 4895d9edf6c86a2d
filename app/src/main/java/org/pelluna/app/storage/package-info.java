/** What is kept in PostgreSQL, and the one place where rows become core values and back. */
package org.pelluna.app.storage;
