package org.pelluna.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Signs that make a spreadsheet run a cell: OWASP, CSV Injection. */
class CsvCellTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=HYPERLINK(\"http://example.org\")",
                "+1+cmd|' /C calc'!A0",
                "-2+3+cmd",
                "@SUM(A1)",
                "\t=1",
                "\r=1",
                "'=1",
                "''@x",
                "＝1+1"
            })
    void whatWouldRunDoesNotAndComesBackAsItWas(String text) {
        assertThat(CsvCell.written(text)).startsWith("'").isEqualTo("'" + text);
        assertThat(CsvCell.read(CsvCell.written(text))).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Gale", "'tis the clown", "-4", "+2.5", "-1e-3", "a=b", "Inkwell's place", "'"})
    void allElseStaysAsItIs(String text) {
        assertThat(CsvCell.written(text)).isEqualTo(text);
        assertThat(CsvCell.read(text)).isEqualTo(text);
    }
}
