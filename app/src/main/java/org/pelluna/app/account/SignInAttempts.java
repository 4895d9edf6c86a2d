package org.pelluna.app.account;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Slows down who guesses passwords and codes. Every try is counted before it is looked at, in the database, so that neither many
 * tries at once nor several instances let more through; one that was right is taken back.
 *
 * <p>A device on which the keeper has signed in before has a count of its own and no other. So whoever guesses elsewhere cannot lock
 * a keeper out of it. Source: OWASP, Slow Down Online Guessing Attacks with Device Cookies.
 */
@Component
class SignInAttempts {
    private static final Duration FIRST_WAIT = Duration.ofSeconds(15);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);

    /** Tries before the first wait: of one device or address for one account, and of all strange devices for one account. */
    private static final int FREE = 5;

    private static final int FREE_FOR_ACCOUNT = 50;
    private static final int IPV6_NETWORK = 8;

    private final JdbcClient database;
    private final Clock clock;
    private final int freeForAddress;

    SignInAttempts(
            JdbcClient database, Clock clock, @Value("${pelluna.guesses-of-an-address:100}") int freeForAddress) {
        this.database = database;
        this.clock = clock;
        this.freeForAddress = freeForAddress;
    }

    /**
     * Who tries what.
     *
     * @param account what is guessed, for example {@code sign-in ylva}
     * @param address the network address it comes from
     * @param device the hash of the device, if this keeper has signed in on it before
     */
    record Try(String account, String address, Optional<String> device) {}

    private record Bucket(String key, int free) {}

    private List<Bucket> buckets(Try one) {
        if (one.device().isPresent()) {
            return List.of(new Bucket(
                    Secrets.hash("device " + one.account() + one.device().get()), FREE));
        }
        String network = network(one.address());
        return List.of(
                new Bucket(Secrets.hash("pair " + one.account() + " " + network), FREE),
                new Bucket(Secrets.hash("account " + one.account()), FREE_FOR_ACCOUNT),
                new Bucket(Secrets.hash("address " + network), freeForAddress));
    }

    /** An IPv6 host has more addresses than can be counted, but one network. */
    private static String network(String address) {
        try {
            byte[] bytes = InetAddress.getByName(address).getAddress();
            return Arrays.toString(bytes.length > 4 ? Arrays.copyOf(bytes, IPV6_NETWORK) : bytes);
        } catch (UnknownHostException e) {
            return address;
        }
    }

    /** Counts a try; if it must wait it is not counted, and must not be looked at before the moment that is returned. */
    Optional<Instant> begin(Try one) {
        Instant now = clock.instant();
        for (Bucket bucket : buckets(one)) {
            if (!counted(bucket, now)) {
                AuditTrail.note("a guess had to wait");
                return Optional.of(database.sql("select blocked_until from guess where bucket = ?")
                        .param(bucket.key())
                        .query((row, number) -> row.getTimestamp(1).toInstant())
                        .optional()
                        .orElse(now.plus(FIRST_WAIT)));
            }
        }
        return Optional.empty();
    }

    private boolean counted(Bucket bucket, Instant now) {
        return database.sql("""
                insert into guess as g (bucket, failures, blocked_until) values (:bucket, 1, :now)
                on conflict (bucket) do update set
                    failures = case when g.blocked_until < :forgotten then 1 else g.failures + 1 end,
                    blocked_until = case
                        when g.blocked_until < :forgotten or g.failures + 1 < :free then cast(:now as timestamptz)
                        else cast(:now as timestamptz) + make_interval(secs =>
                            least(:longest, :first * power(2, least(g.failures + 1 - :free, 20)))) end
                where g.blocked_until <= :now
                """)
                        .param("bucket", bucket.key())
                        .param("now", Timestamp.from(now))
                        .param("forgotten", Timestamp.from(now.minus(FORGOTTEN_AFTER)))
                        .param("free", bucket.free())
                        .param("longest", LONGEST_WAIT.toSeconds())
                        .param("first", FIRST_WAIT.toSeconds())
                        .update()
                == 1;
    }

    /** The try was right: its own count begins anew, and what it shares with others is one less. */
    void right(Try one) {
        List<Bucket> buckets = buckets(one);
        database.sql("delete from guess where bucket = ?")
                .param(buckets.get(0).key())
                .update();
        buckets.stream()
                .skip(1)
                .forEach(
                        shared -> database.sql("update guess set failures = greatest(0, failures - 1) where bucket = ?")
                                .param(shared.key())
                                .update());
    }

    /** Forgets what is long over. */
    int purge() {
        return database.sql("delete from guess where blocked_until < ?")
                .param(Timestamp.from(clock.instant().minus(FORGOTTEN_AFTER)))
                .update();
    }
}
