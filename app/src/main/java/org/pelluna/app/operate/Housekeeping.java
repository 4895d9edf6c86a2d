package org.pelluna.app.operate;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.pelluna.app.account.AccountMaintenance;
import org.pelluna.app.post.Outbox;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Deletes by schedule what nobody needs any more. One instance does it at a time. */
@Component
public class Housekeeping {
    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);
    private static final Duration REMOVED_TANKS = Duration.ofDays(30);
    private static final Duration DRAFTS = Duration.ofDays(14);

    private final JdbcClient database;
    private final AccountMaintenance accounts;
    private final Outbox outbox;
    private final Clock clock;

    Housekeeping(JdbcClient database, AccountMaintenance accounts, Outbox outbox, Clock clock) {
        this.database = database;
        this.accounts = accounts;
        this.outbox = outbox;
        this.clock = clock;
    }

    /** One round. */
    @Scheduled(cron = "0 40 3 * * *")
    @SchedulerLock(name = "housekeeping", lockAtMostFor = "PT1H")
    public void round() {
        LOG.info("deleted by schedule: {}", deleted());
    }

    /** Deletes, and says how much. */
    CleanupResult deleted() {
        int keepers = accounts.closeThoseWhoLeft();
        int tanks = database.sql("delete from tank where removed_at < ?")
                .param(Timestamp.from(clock.instant().minus(REMOVED_TANKS)))
                .update();
        int drafts = database.sql("delete from table_draft where created_at < ?")
                .param(Timestamp.from(clock.instant().minus(DRAFTS)))
                .update();
        drafts += database.sql("delete from package_job where moved_at < ?")
                .param(Timestamp.from(clock.instant().minus(DRAFTS)))
                .update();
        return new CleanupResult(keepers, tanks, drafts, accounts.purge() + outbox.purge());
    }
}
