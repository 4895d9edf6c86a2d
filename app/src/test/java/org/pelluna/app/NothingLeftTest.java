package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.AccountMaintenance;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.operate.Housekeeping;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.PackageStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.TableDraft;
import org.pelluna.app.storage.TableStore;
import org.pelluna.core.plan.DataPackage;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** After an account is deleted no table holds a row of it. The tables are asked of the database, so that a new one cannot be forgotten. */
class NothingLeftTest extends PageTest {
    @Autowired
    JdbcClient database;

    @Autowired
    AccountMaintenance upkeep;

    @Autowired
    Housekeeping housekeeping;

    @Autowired
    ShareStore shares;

    @Autowired
    TableStore tables;

    @Autowired
    PackageStore packages;

    @Autowired
    Mailbox mailbox;

    private record Place(String table, String column) {}

    private List<Place> places() {
        List<Place> places = database.sql("select table_name, column_name from information_schema.columns"
                        + " where table_schema = 'public' and column_name in ('keeper_id', 'tank_id')")
                .query((row, number) -> new Place(row.getString(1), row.getString(2)))
                .list();
        assertThat(places).hasSizeGreaterThan(20);
        return places;
    }

    private long rows(Place place, UUID keeper, UUID tank) {
        return database.sql("select count(*) from " + place.table() + " where " + place.column() + " = ?")
                .param(place.column().equals("keeper_id") ? keeper : tank)
                .query(Long.class)
                .single();
    }

    @Test
    void noTableHoldsARowOfWhoLeft() {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan(), Map.of("reef", new byte[] {1}));
        shares.open(keeper.id(), tank, ShareStore.Purpose.WISHES);
        tables.bring(keeper.id(), tank, UUID.randomUUID(), TableDraft.Kind.TESTS, "on,nitrate\n2026-01-02,4\n");
        packages.ready(
                keeper.id(), packages.bring(keeper.id(), UUID.randomUUID(), new byte[] {1}, 9), "p", new byte[] {1});
        mailbox.tell(tank, "one", "A fish is missing", "Look for it.");
        List<Place> filled = new ArrayList<>(places());
        filled.removeIf(place -> rows(place, keeper.id(), tank) == 0);
        assertThat(filled).hasSizeGreaterThan(10);

        upkeep.delete(keeper.getUsername());
        assertThat(places()).allMatch(place -> rows(place, keeper.id(), tank) == 0);
        assertThat(database.sql("select count(*) from keeper where id = ?")
                        .param(keeper.id())
                        .query(Long.class)
                        .single())
                .isZero();
    }

    /** Each tank in the archive is a package that can be imported again. */
    @Test
    void theArchiveHoldsEveryTankWhole() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        byte[] archive = pages.perform(get(keeper, "/account/everything.zip"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        String one = "tanks/skerry-reef-" + tank.toString().substring(0, 8) + ".zip";
        assertThat(files).containsOnlyKeys("account.json", "mailbox.json", one);
        assertThat(DataPackage.read(files.get(one), catalogue).plan()).isEqualTo(tanks.plan(keeper.id(), tank));
    }

    @Test
    void aTankRemovedAMonthAgoIsGoneAndOneOfYesterdayIsNot() {
        KeeperPrincipal keeper = newKeeper();
        UUID old = tanks.add(keeper.id(), demoPlan());
        UUID young = tanks.add(keeper.id(), demoPlan());
        tanks.remove(keeper.id(), old);
        tanks.remove(keeper.id(), young);
        database.sql("update tank set removed_at = now() - interval '31 days' where id = ?")
                .param(old)
                .update();
        housekeeping.round();
        assertThat(tanks.isOf(keeper.id(), old)).isFalse();
        assertThat(tanks.isOf(keeper.id(), young)).isTrue();
    }
}
