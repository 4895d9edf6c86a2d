package org.pelluna.app.find;

/**
 * Something that was looked for.
 *
 * @param kind what it is, in a word
 * @param name its name
 * @param about what else is said of it; may be empty
 * @param address where it is
 */
record Hit(String kind, String name, String about, String address) {}
