package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.species.Catalogue;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

/** Several keepers at once, reading and writing, and none is in another's way. The short version of {@code ./pelluna trial load}. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
class CrowdTest {
    private static final int KEEPERS = 6;
    private static final int ROUNDS = 3;
    private static final String PASSWORD = "slow tides, fast fish";
    private static final List<String> PAGES =
            List.of("", "/wishes", "/company", "/arrivals", "/water", "/log", "/species");

    @LocalServerPort
    int port;

    @Autowired
    Keepers keepers;

    @Autowired
    TankStore tanks;

    @Autowired
    Catalogue catalogue;

    @Test
    void allAreAnsweredAndEachEntryIsThereOnce() throws Exception {
        List<Callable<List<String>>> crowd = new ArrayList<>();
        for (int i = 0; i < KEEPERS; i++) {
            String name = "crowd" + UUID.randomUUID().toString().substring(0, 8);
            crowd.add(() -> evening(name));
        }
        ExecutorService threads = Executors.newFixedThreadPool(KEEPERS);
        List<String> faults = new ArrayList<>();
        for (Future<List<String>> one : threads.invokeAll(crowd)) {
            faults.addAll(one.get());
        }
        threads.shutdown();
        assertThat(faults).isEmpty();
    }

    private List<String> evening(String name) throws Exception {
        Visitor visitor = new Visitor(port);
        visitor.post("/sign-up", "/sign-up", "displayName", "Ylva", "username", name, "password", PASSWORD);
        KeeperRow keeper = keepers.findByUsername(name).orElseThrow();
        UUID tank = tanks.add(keeper.id(), PlanFile.read(PageTest.demoText(), catalogue));
        int before = tanks.plan(keeper.id(), tank).log().size();
        List<String> faults = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            String watch = "/tanks/" + tank + "/watch";
            HttpResponse<String> kept = visitor.post(
                    watch,
                    watch,
                    "queued",
                    "true",
                    "key",
                    UUID.randomUUID().toString(),
                    "kind",
                    "CHASE",
                    "at",
                    "2026-01-02T10:0" + round,
                    "aggressor",
                    "gale",
                    "fish",
                    "pip",
                    "hardness",
                    "1");
            if (!kept.body().equals("kept")) {
                faults.add("an entry: " + kept.statusCode() + " " + kept.body());
            }
            for (String page : PAGES) {
                HttpResponse<String> answer = visitor.get("/tanks/" + tank + page);
                if (answer.statusCode() != 200) {
                    faults.add(page + ": " + answer.statusCode());
                }
            }
        }
        int written = tanks.plan(keeper.id(), tank).log().size() - before;
        if (written != ROUNDS) {
            faults.add(written + " entries instead of " + ROUNDS);
        }
        return faults;
    }
}
