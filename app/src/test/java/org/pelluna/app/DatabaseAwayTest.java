package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The database goes away while the application runs, in two ways: its connections end, or nothing comes back any more. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
class DatabaseAwayTest {
    private static final Duration MOST = Duration.ofSeconds(2);
    private static Wire wire;

    @LocalServerPort
    int port;

    @DynamicPropertySource
    static void throughTheWire(DynamicPropertyRegistry properties) throws IOException {
        URI database = URI.create(System.getenv("PELLUNA_TEST_DB_URL").substring("jdbc:".length()));
        wire = new Wire(database.getPort());
        properties.add(
                "spring.datasource.url",
                () -> "jdbc:postgresql://127.0.0.1:" + wire.port() + database.getPath() + "_"
                        + System.getProperty("test.fork", "1"));
        properties.add("spring.datasource.hikari.data-source-properties.socketTimeout", () -> "5");
    }

    @AfterEach
    void mend() {
        wire.mend();
        Visitor visitor = new Visitor(port);
        await().untilAsserted(() ->
                assertThat(visitor.get("/actuator/health").statusCode()).isEqualTo(200));
    }

    @AfterAll
    static void close() throws IOException {
        wire.close();
    }

    private Visitor keeper() {
        Visitor keeper = new Visitor(port);
        String name = "nils" + UUID.randomUUID().toString().substring(0, 8);
        keeper.post(
                "/sign-up", "/sign-up", "displayName", "Nils", "username", name, "password", "nine lamps over kelp");
        assertThat(keeper.get("/today").statusCode()).isEqualTo(200);
        return keeper;
    }

    private static void saysSo(Visitor visitor, String path) {
        long begun = System.nanoTime();
        HttpResponse<String> answer = visitor.get(path);
        Duration took = Duration.ofNanos(System.nanoTime() - begun);
        assertThat(answer.statusCode()).as(path).isEqualTo(503);
        assertThat(answer.headers().firstValue("Retry-After")).as(path).contains("5");
        assertThat(answer.body()).contains("Back in a moment").contains("counts once");
        assertThat(took).as(path).isLessThan(MOST);
    }

    @Test
    void everyPageSaysSoWithinTwoSecondsAndComesBackByItself() throws InterruptedException {
        Visitor keeper = keeper();
        wire.cut();
        for (String path : List.of("/today", "/tanks", "/account", "/mailbox", "/import")) {
            saysSo(keeper, path);
        }
        long begun = System.nanoTime();
        assertThat(new Visitor(port).get("/actuator/health").statusCode()).isEqualTo(503);
        assertThat(Duration.ofNanos(System.nanoTime() - begun)).isLessThan(MOST);
        assertThat(new Visitor(port).get("/actuator/health/liveness").statusCode())
                .isEqualTo(200);
        mend();
        assertThat(keeper.get("/today").statusCode()).isEqualTo(200);
    }

    @Test
    void aDatabaseThatSaysNothingIsAwayToo() throws InterruptedException {
        Visitor keeper = keeper();
        wire.hold();
        // For half a second the pool trusts a connection that has just been used; a question on its way waits longer.
        await().untilAsserted(() -> saysSo(keeper, "/today"));
        saysSo(keeper, "/tanks");
        mend();
        assertThat(keeper.get("/today").statusCode()).isEqualTo(200);
    }
}
