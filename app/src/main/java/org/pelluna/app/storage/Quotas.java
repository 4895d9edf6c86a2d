package org.pelluna.app.storage;

import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** How much one keeper may keep, so that none takes the room of all. Tanks that were removed count until they are purged. */
@Component
public class Quotas {
    private static final int PHOTOS = 2_000;
    private static final int PHOTO_MEGABYTES = 400;
    private static final int DRAFTS = 20;
    private static final int PACKAGES = 2;
    private static final int MEGABYTE = 1_000_000;

    private final JdbcClient database;
    private final int mostTanks;

    Quotas(JdbcClient database, @Value("${pelluna.tanks-of-a-keeper:60}") int mostTanks) {
        this.mostTanks = mostTanks;
        this.database = database;
    }

    /** All rooms of a keeper. */
    public List<QuotaUse> of(UUID keeper) {
        return List.of(tanks(keeper), photos(keeper), megabytes(keeper), drafts(keeper), packages(keeper));
    }

    private QuotaUse tanks(UUID keeper) {
        return new QuotaUse("tanks", count("select count(*) from tank where keeper_id = ?", keeper), mostTanks);
    }

    private QuotaUse photos(UUID keeper) {
        return new QuotaUse(
                "photographs",
                count("select count(*) from photo p join tank t on t.id = p.tank_id where t.keeper_id = ?", keeper),
                PHOTOS);
    }

    private QuotaUse megabytes(UUID keeper) {
        return new QuotaUse(
                "megabytes of photographs",
                count(
                                "select coalesce(sum(length(p.content)), 0) from photo p join tank t on t.id = p.tank_id"
                                        + " where t.keeper_id = ?",
                                keeper)
                        / MEGABYTE,
                PHOTO_MEGABYTES);
    }

    private QuotaUse drafts(UUID keeper) {
        return new QuotaUse(
                "tables brought and not taken in yet",
                count(
                        "select count(*) from table_draft d join tank t on t.id = d.tank_id"
                                + " where t.keeper_id = ? and not d.finished",
                        keeper),
                DRAFTS);
    }

    private QuotaUse packages(UUID keeper) {
        return new QuotaUse(
                "packages being taken in",
                count(
                        "select count(*) from package_job where keeper_id = ? and made_tank is null and faults is null",
                        keeper),
                PACKAGES);
    }

    private long count(String sql, UUID keeper) {
        return database.sql(sql).param(keeper).query(Long.class).single();
    }

    /** @throws FullException if the keeper may have no further tank with so many photographs */
    void forTank(UUID keeper, int photographs) {
        need(tanks(keeper), 1);
        if (photographs > 0) {
            need(photos(keeper), photographs);
            need(megabytes(keeper), 1);
        }
    }

    void forPhoto(UUID keeper) {
        need(photos(keeper), 1);
        need(megabytes(keeper), 1);
    }

    void forPackage(UUID keeper, int photographs) {
        need(packages(keeper), 1);
        forTank(keeper, photographs);
    }

    void forDraft(UUID keeper) {
        need(drafts(keeper), 1);
    }

    private static void need(QuotaUse room, int more) {
        if (room.used() + more > room.most()) {
            throw new FullException("you have " + room.used() + " " + room.what() + ", and " + room.most()
                    + " is the most; remove some first");
        }
    }
}
