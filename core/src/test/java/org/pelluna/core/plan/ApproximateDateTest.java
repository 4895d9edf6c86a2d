package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A time in a keeper's words is kept as its middle, and as exactly as it was said. */
class ApproximateDateTest {
    @ParameterizedTest
    @CsvSource({
        "2022, 2022-07-01, YEAR",
        "about 2022, 2022-07-01, YEAR",
        "2023-05, 2023-05-15, MONTH",
        "2023-5, 2023-05-15, MONTH",
        "~ March 2019, 2019-03-15, MONTH",
        "5/2023, 2023-05-15, MONTH",
        "12.2023, 2023-12-15, MONTH",
        "May 2023, 2023-05-15, MONTH",
        "since sept. 2023, 2023-09-15, MONTH",
        "january 2024, 2024-01-15, MONTH",
        "about spring 2024, 2024-04-15, SEASON",
        "  ca. Summer   2024 , 2024-07-15, SEASON",
        "fall 2021, 2021-10-15, SEASON",
        "autumn 2021, 2021-10-15, SEASON",
        "winter 2021, 2021-01-15, SEASON"
    })
    void whatIsSaidIsItsMiddle(String words, LocalDate on, Life.DatePrecision exactly) {
        assertThat(ApproximateDate.said(words)).contains(new ApproximateDate(on, exactly));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "long ago",
                "2023-13",
                "0/2023",
                "ma 2023",
                "moon 2023",
                "spring",
                "22",
                "31.5.2023",
                "in 2020 or so",
                "2023-05-01"
            })
    void whatIsNoTimeIsNotTakenForOne(String words) {
        assertThat(ApproximateDate.said(words)).isEmpty();
    }

    @Test
    void aDayIsExact() {
        assertThat(ApproximateDate.day(LocalDate.of(2024, 3, 2)))
                .isEqualTo(new ApproximateDate(LocalDate.of(2024, 3, 2), Life.DatePrecision.DAY));
        assertThat(Life.DatePrecision.DAY.about()).isEmpty();
        assertThat(Life.DatePrecision.SEASON.about()).isEqualTo("about ");
        assertThat(Life.DatePrecision.MONTH.words()).isEqualTo("to the month");
    }
}
