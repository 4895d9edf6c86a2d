package org.pelluna.app.storage;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.core.plan.TankPlan;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packages that keepers bring, until they are tanks: all of one, or nothing. */
@Service
@Transactional
public class PackageStore {
    private static final Duration STILL = Duration.ofMinutes(1);

    private final JdbcClient database;
    private final TankStore tanks;
    private final Quotas quotas;
    private final Clock clock;

    PackageStore(JdbcClient database, TankStore tanks, Quotas quotas, Clock clock) {
        this.database = database;
        this.tanks = tanks;
        this.quotas = quotas;
        this.clock = clock;
    }

    /**
     * Keeps a package as brought; a form sent twice keeps one.
     *
     * @param formKey the form's own key; it means nothing beyond this keeper
     * @param photographs how many it holds
     * @return the key of the job
     * @throws FullException if the keeper has no room for what it holds, or others of theirs are being taken in
     */
    public UUID bring(UUID keeperId, UUID formKey, byte[] content, int photographs) {
        Optional<UUID> before = database.sql("select id from package_job where keeper_id = ? and form_key = ?")
                .params(keeperId, formKey)
                .query(UUID.class)
                .optional();
        return before.orElseGet(() -> {
            quotas.forPackage(keeperId, photographs);
            UUID id = UUID.randomUUID();
            database.sql("insert into package_job (id, keeper_id, form_key, begun_at, moved_at, content, photographs)"
                            + " values (?, ?, ?, ?, ?, ?, ?)")
                    .params(id, keeperId, formKey, now(), now(), content, photographs)
                    .update();
            return id;
        });
    }

    /**
     * How far a job is.
     *
     * @throws NotFoundException if the keeper has no such job
     */
    @Transactional(readOnly = true)
    public PackageJob get(UUID keeperId, UUID id) {
        return database.sql("select j.*, (select count(*) from package_photo p where p.job_id = j.id) as ready"
                        + " from package_job j where id = ? and keeper_id = ?")
                .params(id, keeperId)
                .query((row, number) -> {
                    Optional<UUID> tank = Optional.ofNullable(row.getObject("made_tank", UUID.class));
                    int photographs = row.getInt("photographs");
                    return new PackageJob(
                            id,
                            photographs,
                            tank.isPresent() ? photographs : row.getInt("ready"),
                            Optional.ofNullable(row.getString("faults"))
                                    .map(text -> text.lines().toList())
                                    .orElse(List.of()),
                            tank,
                            row.getTimestamp("moved_at")
                                    .toInstant()
                                    .isBefore(clock.instant().minus(STILL)));
                })
                .optional()
                .orElseThrow(() -> new NotFoundException("package"));
    }

    /** The package as it was brought; empty once the job is over. */
    @Transactional(readOnly = true)
    public Optional<byte[]> content(UUID keeperId, UUID id) {
        return database.sql("select content from package_job where id = ? and keeper_id = ? and content is not null")
                .params(id, keeperId)
                .query(byte[].class)
                .optional();
    }

    /** Keys of the photographs that are ready. */
    @Transactional(readOnly = true)
    public Set<String> ready(UUID keeperId, UUID id) {
        get(keeperId, id);
        return Set.copyOf(database.sql("select plan_key from package_photo where job_id = ?")
                .param(id)
                .query(String.class)
                .list());
    }

    /** Keeps one photograph, made anew; it is a photograph of the tank only when all is. */
    public void ready(UUID keeperId, UUID id, String key, byte[] jpeg) {
        moved(keeperId, id);
        database.sql("insert into package_photo (job_id, plan_key, content) values (?, ?, ?) on conflict do nothing")
                .params(id, key, jpeg)
                .update();
    }

    /** Says that a server is at it. */
    public void moved(UUID keeperId, UUID id) {
        database.sql("update package_job set moved_at = ? where id = ? and keeper_id = ?")
                .params(now(), id, keeperId)
                .update();
    }

    /** Ends a job without a tank. */
    public void refuse(UUID keeperId, UUID id, List<String> faults) {
        database.sql(
                        "update package_job set faults = ?, content = null where id = ? and keeper_id = ? and made_tank is null")
                .params(String.join("\n", faults), id, keeperId)
                .update();
        forget(id);
    }

    /** Makes the tank, with all its photographs; a job that two servers end makes one. */
    public void finish(UUID keeperId, UUID id, TankPlan plan) {
        boolean open = database.sql("select made_tank is null and faults is null from package_job"
                        + " where id = ? and keeper_id = ? for update")
                .params(id, keeperId)
                .query(Boolean.class)
                .optional()
                .orElse(false);
        if (!open) {
            return;
        }
        UUID tank = tanks.add(keeperId, plan);
        database.sql("insert into photo (id, tank_id, plan_key, content)"
                        + " select gen_random_uuid(), ?, plan_key, content from package_photo where job_id = ?")
                .params(tank, id)
                .update();
        database.sql("update package_job set made_tank = ?, content = null where id = ?")
                .params(tank, id)
                .update();
        forget(id);
    }

    private void forget(UUID id) {
        database.sql("delete from package_photo where job_id = ?").param(id).update();
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }
}
