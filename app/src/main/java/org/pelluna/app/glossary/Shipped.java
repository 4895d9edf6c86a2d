package org.pelluna.app.glossary;

/**
 * A library, script or type of others that is shipped with the application.
 *
 * @param name its name
 * @param version which one
 * @param licence under what licence, by its short name
 * @param text the licence itself; empty where its maker gives only the name
 */
public record Shipped(String name, String version, String licence, String text) {}
