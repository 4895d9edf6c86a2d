package org.pelluna.app.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TimeWindowTest {
    private static final LocalDate FROM = LocalDate.of(2026, 3, 1);
    private static final TimeWindow KNOWN = new TimeWindow(FROM, FROM.plusDays(100));

    private static TimeWindow days(int from, int to) {
        return new TimeWindow(FROM.plusDays(from), FROM.plusDays(to));
    }

    @Test
    void whatIsAskedForIsDrawnAsFarAsItIsKnown() {
        assertThat(KNOWN.between(FROM.plusDays(10), FROM.plusDays(30))).isEqualTo(days(10, 30));
        assertThat(KNOWN.between(FROM.minusYears(9), FROM.plusYears(9))).isEqualTo(KNOWN);
        assertThat(KNOWN.between(FROM.plusDays(10), FROM.plusDays(11))).isEqualTo(days(10, 14));
        assertThat(KNOWN.between(FROM.plusDays(30), FROM.plusDays(10))).isEqualTo(days(30, 34));
        assertThat(KNOWN.between(FROM.plusYears(8), FROM.plusYears(9))).isEqualTo(days(96, 100));
        assertThat(KNOWN.between(FROM.minusYears(9), FROM.minusYears(8))).isEqualTo(days(0, 4));
    }

    @Test
    void bothDaysMustBeAskedFor() {
        assertThat(KNOWN.asked(Optional.of(FROM), Optional.empty())).isEmpty();
        assertThat(KNOWN.asked(Optional.empty(), Optional.of(FROM))).isEmpty();
        assertThat(KNOWN.asked(Optional.of(FROM), Optional.of(FROM.plusDays(7))))
                .contains(days(0, 7));
    }
}
