package org.pelluna.app.post;

import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Puts what stands in a keeper's mailbox into a letter too, once, if the keeper wishes it; not before their quiet time is over. Each
 * letter holds a link that stops all further ones.
 */
@Component
public class Notices {
    private static final Pattern STOP = Pattern.compile("https?://\\S+/notices/stop/[A-Za-z0-9_-]+");

    private final JdbcClient database;
    private final Outbox outbox;
    private final StopLinks links;
    private final Clock clock;

    Notices(JdbcClient database, Outbox outbox, StopLinks links, Clock clock) {
        this.database = database;
        this.outbox = outbox;
        this.links = links;
        this.clock = clock;
    }

    /** Makes the link by which a keeper stops notices. */
    public interface StopLinks {
        /** The whole address. */
        String of(UUID keeper);
    }

    private record Due(UUID keeper, String recipient, String subject, String body) {}

    /** Writes every notice that is due. What is due while a keeper wants none is not sent later either. */
    @Transactional
    public void write() {
        List<Due> due = database.sql("""
                with told as (update message set mailed = true where not mailed and due_at <= ?
                    returning keeper_id, subject, body, read_at)
                select k.id, k.email, t.subject, t.body from told t join keeper k on k.id = t.keeper_id
                where k.notices_by_mail and k.email is not null and k.locked_at is null and t.read_at is null
                """)
                .param(Timestamp.from(clock.instant()))
                .query((row, number) ->
                        new Due(row.getObject(1, UUID.class), row.getString(2), row.getString(3), row.getString(4)))
                .list();
        for (Due one : due) {
            outbox.write(
                    one.keeper(),
                    one.recipient(),
                    one.subject(),
                    one.body() + "\n\nStop these e-mails: " + links.of(one.keeper()) + "\n");
        }
    }

    /** The link in a letter that stops further ones; empty if it is no notice. Ours is the last: a note of the keeper's may hold one that looks like it. */
    static Optional<String> stopLink(String body) {
        Matcher found = STOP.matcher(body);
        return found.results().reduce((first, last) -> last).map(MatchResult::group);
    }
}
