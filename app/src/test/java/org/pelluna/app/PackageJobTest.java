package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.FullException;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.PackageJob;
import org.pelluna.app.storage.PackageStore;
import org.pelluna.core.plan.DataPackage;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;

/** A package with many photographs is taken in piece by piece: all of it, or nothing. */
class PackageJobTest extends PageTest {
    private static final int PHOTOGRAPHS = 8;

    @Autowired
    PackageStore packages;

    @Autowired
    JournalStore journal;

    @Autowired
    JdbcClient database;

    private KeeperPrincipal keeper;

    @BeforeEach
    void aKeeper() {
        keeper = newKeeper();
    }

    private byte[] packed(boolean oneUnreadable) throws IOException {
        Map<String, byte[]> photographs = new TreeMap<>();
        for (int i = 0; i < PHOTOGRAPHS; i++) {
            ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
            photographs.put("photo" + i, oneUnreadable && i == 5 ? new byte[] {1, 2, 3} : jpeg.toByteArray());
        }
        return DataPackage.write(demoPlan(), photographs);
    }

    /** Sends the form; the key of the job it leads to. */
    private UUID send(byte[] bytes, String key) throws Exception {
        String leads = pages.perform(multipart("/import")
                        .file(new MockMultipartFile("file", "tank.zip", "application/zip", bytes))
                        .param("key", key)
                        .with(user(keeper))
                        .with(csrf()))
                .andExpect(status().isFound())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(leads).startsWith("/import/");
        return UUID.fromString(String.valueOf(leads).substring("/import/".length()));
    }

    private PackageJob over(UUID job) {
        return await().atMost(Duration.ofSeconds(30)).until(() -> packages.get(keeper.id(), job), PackageJob::isOver);
    }

    private long staged(UUID job) {
        return database.sql("select count(*) from package_photo where job_id = ?")
                .param(job)
                .query(Long.class)
                .single();
    }

    @Test
    void itBecomesATankWithAllItsPhotographsOnce() throws Exception {
        byte[] bytes = packed(false);
        String key = UUID.randomUUID().toString();
        UUID job = send(bytes, key);
        PackageJob done = over(job);
        UUID tank = done.tank().orElseThrow();
        assertThat(done.done()).isEqualTo(PHOTOGRAPHS);
        assertThat(journal.photos(keeper.id(), tank)).hasSize(PHOTOGRAPHS);
        assertThat(tanks.plan(keeper.id(), tank).residents())
                .isEqualTo(demoPlan().residents());
        assertThat(staged(job)).isZero();
        assertThat(packages.content(keeper.id(), job)).isEmpty();
        assertThat(page(keeper, "/import/" + job))
                .contains(
                        "/tanks/" + tank,
                        "8</span>",
                        "of 8 photographs read",
                        "own figures of species",
                        "Undo import",
                        "/tanks/" + tank + "/remove");

        assertThat(send(bytes, key)).isEqualTo(job);
        assertThat(tanks.of(keeper.id())).hasSize(1);
    }

    @Test
    void onePhotographThatCannotBeReadTurnsAllBack() throws Exception {
        UUID job = send(packed(true), UUID.randomUUID().toString());
        assertThat(over(job).faults()).singleElement().asString().startsWith("photographs/photo5: ");
        assertThat(tanks.of(keeper.id())).isEmpty();
        assertThat(staged(job)).isZero();
        assertThat(page(keeper, "/import/" + job)).contains("nothing has changed", "photographs/photo5");
    }

    /** Its server was stopped after one photograph: another goes on from there. */
    @Test
    void whatAStoppedServerLeftGoesOn() throws Exception {
        UUID job = packages.bring(keeper.id(), UUID.randomUUID(), packed(false), PHOTOGRAPHS);
        packages.ready(keeper.id(), job, "photo0", new byte[] {7});
        assertThat(page(keeper, "/import/" + job)).contains("it goes on").doesNotContain("Continue");
        database.sql("update package_job set moved_at = moved_at - interval '2 minutes' where id = ?")
                .param(job)
                .update();
        assertThat(page(keeper, "/import/" + job)).contains("Continue", "of 8 photographs read");
        send(keeper, "/import/" + job + "/go").andExpect(status().isFound());
        UUID tank = over(job).tank().orElseThrow();
        assertThat(journal.photos(keeper.id(), tank)).hasSize(PHOTOGRAPHS).containsEntry("photo0", new byte[] {7});
    }

    @Test
    void twoAtOnceAreAKeepersShareAndAnotherKeeperSeesNone() throws Exception {
        byte[] bytes = packed(false);
        UUID job = packages.bring(keeper.id(), UUID.randomUUID(), bytes, PHOTOGRAPHS);
        packages.bring(keeper.id(), UUID.randomUUID(), bytes, PHOTOGRAPHS);
        assertThatThrownBy(() -> packages.bring(keeper.id(), UUID.randomUUID(), bytes, PHOTOGRAPHS))
                .isInstanceOf(FullException.class)
                .hasMessageContaining("2 packages");
        KeeperPrincipal other = newKeeper();
        assertThatThrownBy(() -> packages.get(other.id(), job)).isInstanceOf(NotFoundException.class);
        pages.perform(get(other, "/import/" + job)).andExpect(status().isNotFound());
        send(other, "/import/" + job + "/go").andExpect(status().isNotFound());
        packages.finish(other.id(), job, demoPlan());
        assertThat(tanks.of(other.id())).isEmpty();
    }
}
