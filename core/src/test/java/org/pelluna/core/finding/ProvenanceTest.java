package org.pelluna.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProvenanceTest {
    @ParameterizedTest
    @CsvSource({
        "memory, not yet checked against a source",
        "from memory, not yet checked against a source",
        "practice, common practice",
        "published: Froese 2006, published: Froese 2006",
        "own: a guess, our own method: a guess"
    })
    void theFormsOfDataFiles(String text, String words) {
        assertThat(Provenance.parse(text).words()).isEqualTo(words);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Memory", "published", "hearsay: a friend"})
    void anythingElseIsRefused(String text) {
        assertThatIllegalArgumentException().isThrownBy(() -> Provenance.parse(text));
    }

    /** What went out in a report or a package comes in the same, whatever its kind. */
    @ParameterizedTest
    @MethodSource("everyKind")
    void whatIsWrittenIsReadBackTheSame(Provenance one) {
        assertThat(Provenance.parse(one.words())).isEqualTo(one);
        String json = org.pelluna.core.json.Json.MAPPER.writeValueAsString(one);
        assertThat(org.pelluna.core.json.Json.MAPPER.readValue(json, Provenance.class))
                .isEqualTo(one);
    }

    static Stream<Provenance> everyKind() {
        return Stream.of(
                Provenance.MEMORY,
                Provenance.PRACTICE,
                Provenance.KEEPER,
                Provenance.published("Froese 2006: a table"),
                Provenance.own("a method: of two parts"));
    }
}
