package org.pelluna.app.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Ways into an account without its password: recovery codes on paper, and links sent by mail. Each works once. */
@Component
class RecoveryMethods {
    private static final int CODES = 8;
    private static final Duration LINK_WORKS = Duration.ofMinutes(30);

    private final JdbcClient database;
    private final Clock clock;

    RecoveryMethods(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What a mailed link is for. */
    enum Purpose {
        /** A new password. */
        PASSWORD,
        /** That mail to an address arrives. */
        ADDRESS
    }

    /**
     * A link that works.
     *
     * @param keeper whose it is
     * @param detail the address that is confirmed, or nothing
     */
    record Link(UUID keeper, String detail) {}

    /** New recovery codes; those from before are good no more. They are shown this once. */
    @Transactional
    public List<String> newCodes(UUID keeper) {
        database.sql("delete from recovery_code where keeper_id = ?")
                .param(keeper)
                .update();
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < CODES; i++) {
            String code = Secrets.code();
            codes.add(code);
            database.sql("insert into recovery_code (keeper_id, code_hash) values (?, ?)")
                    .params(keeper, Secrets.hash(code))
                    .update();
        }
        return codes;
    }

    /** How many codes a keeper has left. */
    int codesLeft(UUID keeper) {
        return database.sql("select count(*) from recovery_code where keeper_id = ?")
                .param(keeper)
                .query(Integer.class)
                .single();
    }

    /** Uses a code up; false if it is none of this keeper's. Dashes, spaces and capitals do not matter. */
    boolean useCode(UUID keeper, String code) {
        String signs = code.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
        String written = signs.replaceAll("(.{4})(?!$)", "$1-");
        return database.sql("delete from recovery_code where keeper_id = ? and code_hash = ?")
                        .params(keeper, Secrets.hash(written))
                        .update()
                == 1;
    }

    /** The token of a new link. */
    String newLink(UUID keeper, Purpose purpose, String detail) {
        String token = Secrets.token();
        database.sql(
                        "insert into mailed_link (token_hash, keeper_id, purpose, detail, expires_at) values (?, ?, ?, ?, ?)")
                .params(
                        Secrets.hash(token),
                        keeper,
                        purpose.name(),
                        detail,
                        Timestamp.from(clock.instant().plus(LINK_WORKS)))
                .update();
        return token;
    }

    /** What a token stands for; empty if it was used, is too old, or never was. */
    Optional<Link> link(String token, Purpose purpose) {
        return database.sql(
                        "select keeper_id, detail from mailed_link where token_hash = ? and purpose = ? and expires_at > ?")
                .params(Secrets.hash(token), purpose.name(), Timestamp.from(clock.instant()))
                .query((row, number) -> new Link(row.getObject(1, UUID.class), row.getString(2)))
                .optional();
    }

    /** Uses a link up; empty as above. All other links of this keeper for the same end with it. */
    @Transactional
    public Optional<Link> useLink(String token, Purpose purpose) {
        Optional<Link> link = link(token, purpose);
        boolean first = database.sql("delete from mailed_link where token_hash = ?")
                        .param(Secrets.hash(token))
                        .update()
                == 1;
        link.ifPresent(one -> database.sql("delete from mailed_link where keeper_id = ? and purpose = ?")
                .params(one.keeper(), purpose.name())
                .update());
        return link.filter(one -> first);
    }

    int purge() {
        return database.sql("delete from mailed_link where expires_at < ?")
                .param(Timestamp.from(clock.instant()))
                .update();
    }
}
