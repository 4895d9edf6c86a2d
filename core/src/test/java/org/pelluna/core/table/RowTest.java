package org.pelluna.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.watch.LogEntry;

class RowTest {
    private static Row row(String cell, boolean monthFirst) {
        return new Row(Map.of("c", cell), monthFirst);
    }

    static Stream<Arguments> days() {
        LocalDate fifthOfJune = LocalDate.of(2026, 6, 5);
        return Stream.of(
                arguments("2026-06-05", false, fifthOfJune),
                arguments("2026-06-05", true, fifthOfJune),
                arguments("5.6.2026", false, fifthOfJune),
                arguments("05.06.2026", true, fifthOfJune),
                arguments("5/6/2026", false, fifthOfJune),
                arguments("6/5/2026", true, fifthOfJune));
    }

    @ParameterizedTest
    @MethodSource("days")
    void daysAreReadAsTheyAreWritten(String cell, boolean monthFirst, LocalDate day) {
        assertThat(row(cell, monthFirst).day("c")).isEqualTo(day);
        assertThat(row(cell, monthFirst).dayIfAny("c")).hasValue(day);
        assertThat(row(cell, monthFirst).moment("c")).isEqualTo(day.atTime(12, 0));
    }

    @ParameterizedTest
    @ValueSource(strings = {"yesterday", "2026-13-01", "31/02/2026", "5.6", "2026/06/05", "1.1.1.1"})
    void whatIsNoDayIsSaidWithItsColumn(String cell) {
        assertThatThrownBy(() -> row(cell, false).day("c"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("'c'")
                .hasMessageContaining(cell);
    }

    @Test
    void momentsHaveATimeOfOneOrTwoDigits() {
        LocalDateTime evening = LocalDateTime.of(2026, 6, 5, 18, 30);
        assertThat(row("2026-06-05T18:30", false).moment("c")).isEqualTo(evening);
        assertThat(row("5.6.2026 18:30", false).moment("c")).isEqualTo(evening);
        assertThat(row("2026-06-05 18:30:15", false).moment("c")).isEqualTo(evening.plusSeconds(15));
        assertThat(row("2026-06-05 9:05", false).moment("c")).isEqualTo(LocalDateTime.of(2026, 6, 5, 9, 5));
        assertThatThrownBy(() -> row("2026-06-05 25:00", false).moment("c"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("25:00");
    }

    @Test
    void numbersTakeAPointOrACommaButNotBothWays() {
        assertThat(row("8.25", false).number("c")).hasValue(8.25);
        assertThat(row("8,25", false).number("c")).hasValue(8.25);
        assertThat(row("-3", false).number("c")).hasValue(-3.0);
        assertThat(new Row(Map.of(), false).number("c")).isEmpty();
        assertThatThrownBy(() -> row("1.000,5", false).number("c")).hasMessageContaining("is a number");
        assertThatThrownBy(() -> row("a few", false).number("c")).hasMessageContaining("'a few'");
    }

    @Test
    void wholeNumbersAreWhole() {
        assertThat(row("12", false).whole("c")).hasValue(12);
        assertThat(row("12.0", false).whole("c")).hasValue(12);
        assertThatThrownBy(() -> row("12.5", false).whole("c")).hasMessageContaining("whole number");
        assertThatThrownBy(() -> row("1e9", false).whole("c")).hasMessageContaining("whole number");
        assertThatThrownBy(() -> row("NaN", false).whole("c")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aChoiceIsItsNameOrItsWordsInAnyCase() {
        assertThat(row("Chase", false).choice("c", LogEntry.Kind.class, LogEntry.Kind::words))
                .isEqualTo(LogEntry.Kind.CHASE);
        assertThat(row("PINNED", false).choice("c", LogEntry.Kind.class, LogEntry.Kind::words))
                .isEqualTo(LogEntry.Kind.PINNED);
        assertThat(row("pinning", false).choice("c", LogEntry.Kind.class, LogEntry.Kind::words))
                .isEqualTo(LogEntry.Kind.PINNED);
        assertThatThrownBy(() -> row("bit", false).choice("c", LogEntry.Kind.class, LogEntry.Kind::words))
                .hasMessageContaining("chase")
                .hasMessageContaining("not 'bit'");
    }

    @Test
    void anEmptyCellThatIsNeededIsNamed() {
        assertThatThrownBy(() -> new Row(Map.of(), false).needed("fish")).hasMessage("'fish' is empty");
    }
}
