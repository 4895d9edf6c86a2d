package org.pelluna.app.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TimeTicksTest {
    private static final LocalDate FROM = LocalDate.of(2026, 11, 5);

    private static List<TimeTicks.Tick> over(int days) {
        return TimeTicks.between(FROM, FROM.plusDays(days), 14);
    }

    @Test
    void aWeekHasItsDaysAndAMonthItsMondaysTheFirstWithTheYear() {
        assertThat(over(7)).hasSize(8);
        assertThat(over(7).get(0).words()).isEqualTo("5 Nov 2026");
        assertThat(over(7).get(1).words()).isEqualTo("6 Nov");
        assertThat(over(31)).allMatch(tick -> tick.on().getDayOfWeek() == DayOfWeek.MONDAY);
        assertThat(over(31).get(0).words()).isEqualTo("9 Nov 2026");
    }

    @Test
    void everyNewYearIsNamed() {
        assertThat(over(365)).extracting(TimeTicks.Tick::words).startsWith("Dec 2026", "Jan 2027", "Feb");
    }

    /** However long a tank has lived, the words have room. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 14, 15, 98, 99, 420, 2000, 5000, 20000, 60000})
    void thereAreNeverMoreThanHaveRoom(int days) {
        assertThat(over(days)).hasSizeLessThanOrEqualTo(17);
        assertThat(over(days)).extracting(TimeTicks.Tick::on).isSorted();
    }
}
