package org.pelluna.app.post;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Letters that are to be sent. They are written in the transaction of what they tell, so that none is lost and none is too much. */
@Service
@Transactional
public class Outbox {
    private static final int MOST_TRIES = 8;
    private static final Duration KEPT = Duration.ofDays(30);

    private final JdbcClient database;
    private final Clock clock;

    Outbox(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Writes a letter. */
    public void write(UUID keeper, String recipient, String subject, String body) {
        Timestamp now = Timestamp.from(clock.instant());
        database.sql(
                        "insert into letter (id, keeper_id, recipient, subject, body, written_at, due_at) values (?, ?, ?, ?, ?, ?, ?)")
                .params(UUID.randomUUID(), keeper, recipient, subject, body, now, now)
                .update();
    }

    /** Takes the next letter out to be sent; another instance does not take it too. */
    Optional<Letter> take() {
        return database.sql("""
                update letter set sent_at = :now, tries = tries + 1 where id = (
                    select id from letter where sent_at is null and due_at <= :now and tries < :most
                    order by due_at limit 1 for update skip locked)
                returning id, recipient, subject, body, written_at
                """)
                .param("now", Timestamp.from(clock.instant()))
                .param("most", MOST_TRIES)
                .query((row, number) -> new Letter(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getTimestamp(5).toInstant(),
                        true))
                .optional();
    }

    /** A letter could not be sent: it is tried again, each time after twice as long, from a minute on. */
    void putBack(UUID letter) {
        database.sql(
                        "update letter set sent_at = null, due_at = :now + make_interval(mins => cast(power(2, tries - 1) as int))"
                                + " where id = :id")
                .param("id", letter)
                .param("now", Timestamp.from(clock.instant()))
                .update();
    }

    /** The latest letters, for a demo's own page. */
    @Transactional(readOnly = true)
    public List<Letter> latest() {
        return database.sql("select id, recipient, subject, body, written_at, sent_at is not null from letter"
                        + " order by written_at desc limit 20")
                .query((row, number) -> new Letter(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getTimestamp(5).toInstant(),
                        row.getBoolean(6)))
                .list();
    }

    /** Deletes letters of more than a month ago. */
    public int purge() {
        return database.sql("delete from letter where written_at < ?")
                .param(Timestamp.from(clock.instant().minus(KEPT)))
                .update();
    }
}
