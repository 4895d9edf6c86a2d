package org.pelluna.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProvenanceTest {
    @ParameterizedTest
    @CsvSource({
        "memory, from memory",
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
}
