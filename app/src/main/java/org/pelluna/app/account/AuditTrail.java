package org.pelluna.app.account;

import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What happens to accounts, for whoever runs the site, in the log: keepers by their keys, never by a name, an address or what they typed
 * (OWASP ASVS 5.0, V16). The number of the request stands beside it.
 */
final class AuditTrail {
    private static final Logger LOG = LoggerFactory.getLogger("pelluna.trail");

    private AuditTrail() {}

    /** Something of which nobody knows whose it was. */
    static void note(String event) {
        LOG.info("{}", event);
    }

    static void note(String event, UUID keeper) {
        LOG.info("{}: keeper {}", event, keeper);
    }
}
