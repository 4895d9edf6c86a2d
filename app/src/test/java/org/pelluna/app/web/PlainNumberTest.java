package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainNumberTest {
    private final PlainNumber number = new PlainNumber();

    @ParameterizedTest
    @CsvSource({
        "3.0, 3",
        "0.0, 0",
        "-0.0, 0",
        "1.0255, 1.0255",
        "0.30000000000000004, 0.3",
        "20000, 20000",
        "48.5, 48.5"
    })
    void itIsWrittenAsPeopleWriteIt(double value, String text) {
        number.setValue(value);
        assertThat(number.getAsText()).isEqualTo(text);
        number.setAsText(text);
        assertThat((Double) number.getValue()).isEqualTo(Double.parseDouble(text));
    }

    @Test
    void nothingIsNoFigureAndWordsAreNone() {
        number.setAsText(" ");
        assertThat(number.getValue()).isNull();
        assertThat(number.getAsText()).isEmpty();
        assertThatThrownBy(() -> number.setAsText("a few")).isInstanceOf(IllegalArgumentException.class);
    }
}
