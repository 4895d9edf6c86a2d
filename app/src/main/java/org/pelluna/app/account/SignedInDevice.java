package org.pelluna.app.account;

import java.time.Instant;

/**
 * A device that is signed in.
 *
 * @param key what names it in a form; the session's own key is never shown
 * @param name browser and system, as far as they tell
 * @param since when it signed in
 * @param seen when it last asked for a page
 * @param here whether it is the one in use
 */
public record SignedInDevice(String key, String name, Instant since, Instant seen, boolean here) {}
