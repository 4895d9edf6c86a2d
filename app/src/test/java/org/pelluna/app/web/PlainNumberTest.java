package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainNumberTest {
    @ParameterizedTest
    @CsvSource({
        "3.0, 3",
        "0.0, 0",
        "-0.0, 0",
        "1.0255, 1.0255",
        "0.30000000000000004, 0.3",
        "20000, 20000",
        "48.5, 48.5",
        "NaN, NaN"
    })
    void itIsWrittenAsPeopleWriteIt(double value, String text) {
        assertThat(new PlainNumber().convert(value)).isEqualTo(text);
    }
}
