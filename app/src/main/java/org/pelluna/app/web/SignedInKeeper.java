package org.pelluna.app.web;

import java.util.UUID;

/** Who is signed in, as pages know it; the account says who that is. */
public interface SignedInKeeper {
    /** The keeper's key. */
    UUID id();
}
