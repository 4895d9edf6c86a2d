package org.pelluna.app.account;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What the operator decided for all. */
@Component
class Site {
    private final JdbcClient database;

    Site(JdbcClient database) {
        this.database = database;
    }

    /** Whether new keepers may make accounts. */
    boolean isSignUpOpen() {
        return database.sql("select sign_up_open from site")
                .query(Boolean.class)
                .single();
    }

    void openSignUp(boolean open) {
        database.sql("update site set sign_up_open = ?").param(open).update();
    }
}
