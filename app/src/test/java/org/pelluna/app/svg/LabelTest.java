package org.pelluna.app.svg;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LabelTest {
    @ParameterizedTest
    @CsvSource({
        "Gale, 14, Gale",
        "Mistress of the North Cave 13, 14, Mistress of…13",
        "Mistress of the North Cave, 14, Mistress…Cave",
        "Bartholomew the Incorrigible, 20, Bartholomew the Inc…",
        "Bartholomewtheincorrigible, 14, Bartholomewth…",
        "🐟🐟🐟🐟🐟🐟🐟🐟, 6, 🐟🐟…"
    })
    void aNameIsCutSoThatItsLastWordStays(String name, int longest, String cut) {
        assertThat(Label.cut(name, longest)).isEqualTo(cut).hasSizeLessThanOrEqualTo(longest);
    }
}
