package org.pelluna.app.web;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;

/** Whether a fault means that the database cannot be reached, and not that something is wrong with what was asked of it. */
final class DatabaseUnreachable {
    /** PostgreSQL: connection exceptions, and a server that stops, has crashed, is not yet ready, or has no place left. */
    private static final Set<String> STATES = Set.of("57P01", "57P02", "57P03", "53300");

    private static final String CONNECTION = "08";

    /** What the pool says, without a code, of a connection that broke while it was in use. */
    private static final String CLOSED = "Connection is closed";

    private DatabaseUnreachable() {}

    static boolean is(Throwable fault) {
        for (Throwable one = fault; one != null; one = one.getCause()) {
            if (says(one)) {
                return true;
            }
        }
        return false;
    }

    private static boolean says(Throwable one) {
        if (one instanceof CannotGetJdbcConnectionException
                || one instanceof DataAccessResourceFailureException
                || one instanceof SQLTransientConnectionException) {
            return true;
        }
        if (!(one instanceof SQLException fault)) {
            return false;
        }
        String state = fault.getSQLState();
        return state == null
                ? CLOSED.equals(fault.getMessage())
                : state.startsWith(CONNECTION) || STATES.contains(state);
    }
}
