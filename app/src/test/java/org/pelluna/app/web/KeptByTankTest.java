package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class KeptByTankTest {
    private final KeptByTank<String> kept = new KeptByTank<>();
    private final AtomicInteger worked = new AtomicInteger();

    private String ask(UUID tank, Object restsOn) {
        return kept.of(tank, restsOn, () -> "result " + worked.incrementAndGet());
    }

    @Test
    void whatRestsOnTheSameIsNotWorkedOutAgain() {
        UUID tank = UUID.randomUUID();
        assertThat(ask(tank, List.of("plan", 1))).isEqualTo("result 1");
        assertThat(ask(tank, List.of("plan", 1))).isEqualTo("result 1");
        assertThat(ask(tank, List.of("plan", 2))).isEqualTo("result 2");
        // Only the last is kept: what was before may have been another tank altogether.
        assertThat(ask(tank, List.of("plan", 1))).isEqualTo("result 3");
    }

    @Test
    void noTankAnswersForAnother() {
        assertThat(ask(UUID.randomUUID(), "the same plan")).isEqualTo("result 1");
        assertThat(ask(UUID.randomUUID(), "the same plan")).isEqualTo("result 2");
    }

    @Test
    void theTanksLookedAtLongestAgoAreForgotten() {
        UUID first = UUID.randomUUID();
        ask(first, "plan");
        for (int i = 0; i < 100; i++) {
            ask(UUID.randomUUID(), "plan");
        }
        assertThat(ask(first, "plan")).isEqualTo("result 102");
    }

    @Test
    void whatFailsIsNotKept() {
        UUID tank = UUID.randomUUID();
        try {
            kept.of(tank, "plan", () -> {
                throw new IllegalStateException("no");
            });
        } catch (IllegalStateException expected) {
            assertThat(expected).hasMessage("no");
        }
        assertThat(ask(tank, "plan")).isEqualTo("result 1");
    }
}
