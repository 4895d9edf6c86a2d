package org.pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;

class AttacksBeforeTest {
    private static final LocalDate LOST = LocalDate.of(2026, 9, 5);
    private final Loss loss = new Loss(
            "x",
            new FishId("saffron"),
            LOST,
            Loss.Cause.AGGRESSION,
            Loss.Certainty.LIKELY,
            Optional.empty(),
            Optional.empty());

    private static LogEntry chase(String id, int daysBefore, String aggressor, String victim) {
        return new LogEntry(
                id,
                LOST.minusDays(daysBefore).atTime(19, 0),
                LogEntry.Kind.CHASE,
                Optional.of(new FishId(aggressor)),
                Optional.of(new FishId(victim)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void countsEachAggressorWithinTheWindowTheMostFrequentFirst() {
        List<LogEntry> log = List.of(
                chase("1", 40, "gale", "saffron"),
                chase("2", 30, "plum", "saffron"),
                chase("3", 12, "gale", "saffron"),
                chase("4", 2, "gale", "saffron"),
                chase("5", 1, "gale", "plum"),
                chase("6", -1, "gale", "saffron"));
        assertThat(AttacksBefore.before(loss, log, 30))
                .containsExactly(
                        new AttacksBefore(new FishId("gale"), 2, LOST.minusDays(2)),
                        new AttacksBefore(new FishId("plum"), 1, LOST.minusDays(30)));
    }

    @Test
    void aQuietLogNamesNobody() {
        assertThat(AttacksBefore.before(loss, List.of(), 30)).isEmpty();
    }
}
