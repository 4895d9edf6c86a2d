package org.pelluna.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.species.Catalogue;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.transaction.support.TransactionTemplate;

@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("test")
class DemoTest {
    @Autowired
    Keepers keepers;

    @Autowired
    TankStore tanks;

    @Autowired
    Catalogue catalogue;

    @Autowired
    PasswordEncoder passwords;

    @Autowired
    Clock clock;

    @Autowired
    TransactionTemplate transaction;

    /** Two servers started at once on one empty database stopped each other. */
    @Test
    void twoServersStartedAtOnceMakeOneDemoKeeperWithThreeTanks() {
        String name = "demo-" + UUID.randomUUID();
        CountDownLatch both = new CountDownLatch(2);
        List<CompletableFuture<Void>> servers = Stream.of(1, 2)
                .map(server -> CompletableFuture.runAsync(() -> {
                    DemoKeeper one = new DemoKeeper(keepers, tanks, catalogue, passwords, clock, transaction, name);
                    both.countDown();
                    try {
                        both.await();
                    } catch (InterruptedException e) {
                        throw new IllegalStateException(e);
                    }
                    one.run(new DefaultApplicationArguments());
                }))
                .toList();
        servers.forEach(CompletableFuture::join);
        UUID keeper = keepers.findByUsername(name).orElseThrow().id();
        assertThat(tanks.of(keeper)).hasSize(3);
    }

    /** It practises beside all else, gives way to everybody, and ends. */
    @Test
    void theServerPractisesOnAThreadThatGivesWay() throws InterruptedException {
        new WarmUp(catalogue, clock).begin();
        Thread practising = Thread.getAllStackTraces().keySet().stream()
                .filter(one -> one.getName().equals("warm-up"))
                .findFirst()
                .orElseThrow();
        assertThat(practising.isDaemon()).isTrue();
        assertThat(practising.getPriority()).isEqualTo(Thread.MIN_PRIORITY);
        practising.join(Duration.ofMinutes(2).toMillis());
        assertThat(practising.isAlive()).isFalse();
    }
}
