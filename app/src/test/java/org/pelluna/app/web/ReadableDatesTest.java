package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadableDatesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @ParameterizedTest
    @CsvSource({
        "from 2026-12-01 on, from Tue 1 Dec on",
        "2027-12-01, 1 Dec 2027",
        "2026-11-24T19:05, Tue 24 Nov 19:05",
        "2026-11-24 19:05, Tue 24 Nov 19:05",
        "2026-13-45 is no day, 2026-13-45 is no day",
        "pelluna-2026-11-24, pelluna-2026-11-24",
        "no date, no date"
    })
    void datesOfFilesAreShownAsPeopleReadThem(String text, String shown) {
        assertThat(ReadableDates.of(text, TODAY)).isEqualTo(shown);
    }
}
