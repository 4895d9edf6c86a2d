package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PlainTextTest {
    @Test
    void whatShowsNothingIsTakenOutAndAllElseStays() {
        assertThat(PlainText.of("Ga\u0000le\u0007")).isEqualTo("Gale");
        assertThat(PlainText.of("two\nlines\tand “quotes”, ž, 鱼, 🐠")).isEqualTo("two\nlines\tand “quotes”, ž, 鱼, 🐠");
        assertThat(PlainText.of("half \ud83d of a sign")).isEqualTo("half  of a sign");
        assertThat(PlainText.of("")).isEmpty();
    }
}
