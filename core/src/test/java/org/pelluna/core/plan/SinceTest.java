package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A time in a keeper's words is kept as its middle, and as exactly as it was said. */
class SinceTest {
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
    void whatIsSaidIsItsMiddle(String words, LocalDate on, Life.Arrival exactly) {
        assertThat(Since.said(words)).contains(new Since(on, exactly));
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
        assertThat(Since.said(words)).isEmpty();
    }

    @Test
    void aDayIsExact() {
        assertThat(Since.day(LocalDate.of(2024, 3, 2)))
                .isEqualTo(new Since(LocalDate.of(2024, 3, 2), Life.Arrival.DAY));
        assertThat(Life.Arrival.DAY.about()).isEmpty();
        assertThat(Life.Arrival.SEASON.about()).isEqualTo("about ");
        assertThat(Life.Arrival.MONTH.words()).isEqualTo("to the month");
    }
}
