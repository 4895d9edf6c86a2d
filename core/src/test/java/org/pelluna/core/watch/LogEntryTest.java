package org.pelluna.core.watch;

import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatNoException;

import java.time.LocalDateTime;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.id.FishId;

class LogEntryTest {
    private static LogEntry entry(
            String kind, String aggressor, String fish, Integer hardness, Integer minutes, String note) {
        return new LogEntry(
                "l",
                LocalDateTime.of(2026, 11, 1, 19, 0),
                LogEntry.Kind.valueOf(kind),
                Optional.ofNullable(aggressor).map(FishId::new),
                Optional.ofNullable(fish).map(FishId::new),
                Optional.ofNullable(hardness),
                Optional.empty(),
                Optional.ofNullable(minutes),
                Optional.ofNullable(note));
    }

    @ParameterizedTest
    @CsvSource({
        "CHASE, a, b, 3, 20, ",
        "DISPLAY, a, b, , , ",
        "INJURY, , b, 2, , ",
        "INJURY, a, b, 2, , torn fin",
        "ARRIVAL, , b, , , ",
        "NOTE, , , , , all quiet",
        "NOTE, , b, , , ate well"
    })
    void completeEntries(String kind, String aggressor, String fish, Integer hardness, Integer minutes, String note) {
        assertThatNoException().isThrownBy(() -> entry(kind, aggressor, fish, hardness, minutes, note));
    }

    @ParameterizedTest
    @CsvSource({
        "CHASE, a, , , , , needs the fish",
        "NIP, , b, , , , needs the fish",
        "PINNED, a, a, , , , its own aggressor",
        "ARRIVAL, a, b, , , , has no aggressor",
        "INJURY, , , , , , needs the fish",
        "NOTE, , , , , , needs words",
        "CHASE, a, b, 4, , , hardness is 1 to 3",
        "CHASE, a, b, 1, 0, , a watch lasts"
    })
    void incompleteEntriesAreRefusedWithASentence(
            String kind,
            String aggressor,
            String fish,
            Integer hardness,
            Integer minutes,
            String note,
            String sentence) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> entry(kind, aggressor, fish, hardness, minutes, note))
                .withMessageContaining(sentence);
    }
}
