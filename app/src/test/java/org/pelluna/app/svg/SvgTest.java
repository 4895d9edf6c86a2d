package org.pelluna.app.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SvgTest {
    private static final String HOSTILE = "</title><script>alert('x')</script>\" onload=\"x & y";

    @Test
    void whatAKeeperWroteStaysText() {
        String written = Svg.of("<g data-fish='{}'><title>{}</title></g>", HOSTILE, HOSTILE)
                .toString();
        assertThat(written)
                .doesNotContain("<script")
                .doesNotContain("\" onload")
                .doesNotContain("'x'");
        assertThat(written).startsWith("<g data-fish=\"&lt;/title&gt;").endsWith("</title></g>");
        assertThat(new Svg.Builder().add("{}", HOSTILE).build().toString()).doesNotContain("<script");
    }

    @Test
    void aHoleInWhatAKeeperWroteIsNotFilled() {
        assertThat(Svg.of("<text>{}</text><text>{}</text>", "a {} b", "c"))
                .hasToString("<text>a {} b</text><text>c</text>");
    }

    @Test
    void piecesStandInPiecesAsTheyAre() {
        Svg line = Svg.of("<path d='{}'/>", Svg.path("M{} {}V{}", 1.04, 2, 3.26));
        Svg.Builder group =
                new Svg.Builder().add("<g class='{}'>", "here").add(line).add("</g>");
        assertThat(Svg.of("<svg>{}{}</svg>", group, Svg.all(List.of(line, Svg.NONE))))
                .hasToString("<svg><g class=\"here\"><path d=\"M1 2V3.3\"/></g><path d=\"M1 2V3.3\"/></svg>");
        assertThat(Svg.of("<svg><g/></svg>").beginningWith(Svg.style("a{}")))
                .hasToString("<svg><style>a{}</style><g/></svg>");
    }

    @ParameterizedTest
    @CsvSource({"0,0", "1.04,1", "1.06,1.1", "-0.06,-0.1", "-12.34,-12.3", "1234.56,1234.6", "-0.04,0", "40.96,41"})
    void numbersHaveAtMostOneDecimal(double value, String written) {
        assertThat(Svg.number(value)).isEqualTo(written);
    }

    @Test
    void everyHoleHasItsValue() {
        assertThatIllegalArgumentException().isThrownBy(() -> Svg.of("<a>{}</a>"));
        assertThatIllegalArgumentException().isThrownBy(() -> Svg.of("<a>{}</a>", 1, 2));
    }
}
