package org.pelluna.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DatesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @ParameterizedTest
    @CsvSource({"2026-11-25, Wed 25 Nov", "2026-01-02, Fri 2 Jan", "2027-01-02, 2 Jan 2027", "2025-12-31, 31 Dec 2025"})
    void aDayCarriesItsYearWhereItIsNotThisOne(LocalDate day, String words) {
        assertThat(Dates.day(day, TODAY)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "0, today",
        "1, tomorrow",
        "-1, yesterday",
        "2, in 2 days",
        "13, in 13 days",
        "14, in 2 weeks",
        "60, in 9 weeks",
        "61, in 2 months",
        "-5, 5 days ago",
        "-21, 3 weeks ago",
        "400, in 13 months"
    })
    void howFarOffADayIs(int days, String words) {
        assertThat(Dates.distance(TODAY.plusDays(days), TODAY)).isEqualTo(words);
    }

    @Test
    void aMonthIsWrittenOut() {
        assertThat(Dates.month(LocalDate.of(2029, 8, 2))).isEqualTo("August 2029");
        assertThat(Dates.day(LocalDate.of(2029, 8, 2))).isEqualTo("2 Aug 2029");
    }

    @ParameterizedTest
    @CsvSource({"0, 0 days", "1, 1 day", "2, 2 days", "1000, 1000 days"})
    void countsAgreeWithTheirNoun(long count, String words) {
        assertThat(Numbers.count(count, "day")).isEqualTo(words);
    }

    @Test
    void someNounsHaveAPluralOfTheirOwn() {
        assertThat(Numbers.count(1, "fish", "fish")).isEqualTo("1 fish");
        assertThat(Numbers.count(3, "inch", "inches")).isEqualTo("3 inches");
    }

    /** A limit and a value just above it do not look the same. */
    @Test
    void differentFiguresGetDecimalsEnoughToDiffer() {
        assertThat(Numbers.decimalsToTell(0.104, 0.1, 2)).isEqualTo(3);
        assertThat(Numbers.decimalsToTell(12.5, 29.3, 2)).isEqualTo(2);
        assertThat(Numbers.decimalsToTell(0.1, 0.1, 1)).isEqualTo(1);
        assertThat(Numbers.count(1.04, "encounter")).isEqualTo("1 encounter");
        assertThat(Numbers.count(0.4, "encounter")).isEqualTo("0.4 encounters");
    }
}
