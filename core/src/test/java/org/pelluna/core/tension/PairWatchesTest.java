package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.course.Watched;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;

/** What a quarrel sees of the tank's watches: the days counted, the hours, and what was written down only because something was seen. */
class PairWatchesTest {
    private static final LocalDate SINCE = Fixtures.TODAY.minusDays(10);

    private final List<LogEntry> log = new ArrayList<>();
    private final List<ObservationSession> watches = new ArrayList<>();

    private static LocalDateTime evening(int day) {
        return SINCE.plusDays(day).atTime(18, 0);
    }

    private void watch(int day, int minutes) {
        watches.add(new ObservationSession(
                "w" + watches.size(), evening(day), minutes, Optional.empty(), ObservationSession.Reason.PLANNED));
    }

    private void chase(LocalDateTime at, String by, Integer watchedMinutes) {
        log.add(new LogEntry(
                "e" + log.size(),
                at,
                LogEntry.Kind.CHASE,
                Optional.of(new FishId(by)),
                Optional.of(new FishId("new")),
                Optional.of(1),
                Optional.empty(),
                Optional.ofNullable(watchedMinutes),
                Optional.empty()));
    }

    private List<Watched> seen(int from, int before, Predicate<LocalDate> apart) {
        return PairWatches.watches(
                Exposure.of(log, watches),
                SINCE,
                SINCE.plusDays(from),
                SINCE.plusDays(before),
                entry -> entry.aggressorId().orElseThrow().equals(new FishId("boss")),
                apart);
    }

    @Test
    void eachDayWatchedCountsItsHoursAndItsOwnEncounters() {
        watch(1, 30);
        watch(2, 15);
        chase(evening(1).plusMinutes(3), "boss", null);
        chase(evening(1).plusMinutes(4), "mate", null);
        assertThat(seen(0, 11, day -> false)).containsExactly(new Watched(1, 0.5, 1), new Watched(2, 0.25, 0));
    }

    @Test
    void theFirstDayCountsAndTheLastDoesNot() {
        watch(3, 60);
        watch(5, 60);
        chase(evening(3).minusHours(8), "boss", 30);
        chase(evening(5).minusHours(8), "boss", 30);
        assertThat(seen(3, 5, day -> false)).containsExactly(new Watched(3, 1, 0), new Watched(3, 0.5, 1, true));
        assertThat(seen(4, 4, day -> false)).as("no days").isEmpty();
        assertThat(seen(5, 3, day -> false)).as("days the wrong way round").isEmpty();
    }

    @Test
    void whatWasWrittenDownBecauseItWasSeenStandsInTurnAndIsMarked() {
        watch(4, 60);
        chase(evening(2), "boss", 20);
        chase(evening(6), "mate", 20);
        assertThat(seen(0, 11, day -> false))
                .as("the day of another's chase says nothing of this one")
                .containsExactly(new Watched(2, 1 / 3.0, 1, true), new Watched(4, 1, 0));
    }

    @Test
    void daysOnWhichOneOfTheTwoWasOutSayNothing() {
        watch(4, 60);
        watch(5, 60);
        chase(evening(4).minusHours(5), "boss", 20);
        chase(evening(6), "boss", 20);
        assertThat(seen(0, 11, day -> day.equals(SINCE.plusDays(4))))
                .containsExactly(new Watched(5, 1, 0), new Watched(6, 1 / 3.0, 1, true));
    }

    @Test
    void anEncounterWithoutATimeWatchedIsNoWatch() {
        chase(evening(2), "boss", null);
        assertThat(seen(0, 11, day -> false)).isEmpty();
    }
}
