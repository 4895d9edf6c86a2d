package org.pelluna.core.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.id.FishId;

class ExposureTest {
    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private static LocalDateTime at(int hour, int minute) {
        return DAY.atTime(hour, minute);
    }

    private static ObservationSession watch(LocalDateTime start, int minutes) {
        return new ObservationSession("w" + start, start, minutes, Optional.empty(), ObservationSession.Reason.PLANNED);
    }

    private static LogEntry chase(String id, LocalDateTime at, Optional<Integer> watched) {
        return new LogEntry(
                id,
                at,
                LogEntry.Kind.CHASE,
                Optional.of(new FishId("a")),
                Optional.of(new FishId("b")),
                Optional.of(1),
                Optional.empty(),
                watched,
                Optional.empty());
    }

    @Test
    void watchesThatOverlapCountOnce() {
        Exposure exposure = Exposure.of(List.of(), List.of(watch(at(10, 0), 60), watch(at(10, 30), 60)));
        assertThat(exposure.spans()).hasSize(1);
        assertThat(exposure.hours(DAY, DAY.plusDays(1))).isCloseTo(1.5, within(1e-9));
        assertThat(exposure.hours(DAY.plusDays(1), DAY.plusDays(2))).isZero();
        assertThat(exposure.hours(DAY.plusDays(1), DAY)).isZero();
    }

    @Test
    void anEntryThatSaysHowLongIsNoHourWatchedForItWasWrittenBecauseSomethingWasSeen() {
        Exposure exposure = Exposure.of(
                List.of(
                        chase("x", at(9, 40), Optional.of(40)),
                        chase("y", at(9, 50), Optional.of(20)),
                        chase("inside", at(12, 10), Optional.of(5))),
                List.of(watch(at(12, 0), 30)));
        assertThat(exposure.spans()).containsExactly(new Exposure.Span(at(12, 0), at(12, 30)));
        assertThat(exposure.encounters()).extracting(LogEntry::id).containsExactly("inside");
        assertThat(exposure.prompted()).singleElement().satisfies(one -> {
            assertThat(one.span()).isEqualTo(new Exposure.Span(at(9, 0), at(9, 50)));
            assertThat(one.encounters()).hasSize(2);
        });
    }

    @Test
    void whatIsSeenOutsideEveryWatchMakesNoRateAndANoteIsNoEncounter() {
        LogEntry note = new LogEntry(
                "n",
                at(10, 10),
                LogEntry.Kind.NOTE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of("fed"));
        Exposure exposure = Exposure.of(
                List.of(
                        chase("late", at(11, 1), Optional.empty()),
                        note,
                        chase("last", at(11, 0), Optional.empty()),
                        chase("first", at(10, 0), Optional.empty()),
                        chase("early", at(9, 29), Optional.empty())),
                List.of(watch(at(10, 0), 60)));
        assertThat(exposure.encounters()).extracting(LogEntry::id).containsExactly("first", "last");
    }

    /** When a watch begins to count: five minutes on where a fight was logged up to half an hour before, outside every watch. */
    private static LocalDateTime counted(
            ObservationSession watch, List<ObservationSession> watches, List<LogEntry> log) {
        boolean fight = log.stream().map(LogEntry::at).anyMatch(at -> {
            return !at.isAfter(watch.start())
                    && !at.isBefore(watch.start().minusMinutes(30))
                    && watches.stream().noneMatch(one -> !at.isBefore(one.start()) && !at.isAfter(one.end()));
        });
        return fight ? watch.start().plusMinutes(5) : watch.start();
    }

    @Test
    void aWatchThatAFightBeganCountsWithoutItsFirstMinutes() {
        ObservationSession planned = watch(at(10, 0), 30);
        ObservationSession seen =
                new ObservationSession("s", at(12, 0), 30, Optional.empty(), ObservationSession.Reason.SEEN);
        ObservationSession brief =
                new ObservationSession("t", at(15, 0), 4, Optional.empty(), ObservationSession.Reason.SEEN);
        Exposure exposure = Exposure.of(
                List.of(chase("fight", at(12, 2), Optional.empty()), chase("later", at(12, 20), Optional.empty())),
                List.of(planned, seen, brief));
        assertThat(exposure.hours()).isCloseTo(55 / 60.0, within(1e-9));
        assertThat(exposure.encounters()).extracting(LogEntry::id).containsExactly("later");
        Exposure logged = Exposure.of(List.of(chase("before", at(9, 50), Optional.empty())), List.of(planned));
        assertThat(logged.hours()).isCloseTo(25 / 60.0, within(1e-9));
    }

    /** The quick walk finds what looking at every entry and every watch finds. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void itAgreesWithLookingAtEveryPair(long seed) {
        Random random = new Random(seed);
        List<ObservationSession> watches = new ArrayList<>();
        List<LogEntry> log = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            watches.add(watch(DAY.atStartOfDay().plusMinutes(random.nextInt(20_000)), 1 + random.nextInt(300)));
        }
        for (int i = 0; i < 300; i++) {
            log.add(chase("e" + i, DAY.atStartOfDay().plusMinutes(random.nextInt(21_000)), Optional.empty()));
        }
        Exposure exposure = Exposure.of(log, watches);
        Map<String, LocalDateTime> from = watches.stream()
                .collect(Collectors.toMap(ObservationSession::id, one -> counted(one, watches, log), (a, b) -> a));

        List<String> expected = log.stream()
                .filter(entry -> watches.stream()
                        .anyMatch(watch -> !entry.at().isBefore(from.get(watch.id()))
                                && !entry.at().isAfter(watch.end())))
                .sorted(Comparator.comparing(LogEntry::at))
                .map(LogEntry::id)
                .toList();
        assertThat(exposure.encounters()).extracting(LogEntry::id).containsExactlyElementsOf(expected);
        // Every minute that any watch holds, counted one by one.
        long minutes = IntStream.range(0, 21_000)
                .filter(minute -> {
                    LocalDateTime middle =
                            DAY.atStartOfDay().plusMinutes(minute).plusSeconds(30);
                    return watches.stream()
                            .anyMatch(watch -> from.get(watch.id()).isBefore(middle)
                                    && watch.end().isAfter(middle));
                })
                .count();
        assertThat(exposure.hours(DAY, DAY.plusDays(30))).isCloseTo(minutes / 60.0, within(1e-6));
        LocalDate split = DAY.plusDays(3);
        assertThat(exposure.encounters(DAY, split).size()
                        + exposure.encounters(split, DAY.plusDays(30)).size())
                .isEqualTo(expected.size());
    }
}
