package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.species.Species;

class RivalryTest {
    @ParameterizedTest
    @CsvSource({
        "zebrasoma-flavescens, zebrasoma-flavescens, CONSPECIFIC",
        "zebrasoma-flavescens, zebrasoma-scopas, CONGENER",
    })
    void kinSeesRivals(String one, String other, Rivalry.Kind kind) {
        Rivalry rivalry =
                Rivalry.between(Fixtures.species(one), Fixtures.species(other)).orElseThrow();
        assertThat(rivalry.kind()).isEqualTo(kind);
        assertThat(rivalry.reason()).isNotBlank();
    }

    @Test
    void strangersSeeNone() {
        assertThat(Rivalry.between(Fixtures.species("gramma-loreto"), Fixtures.species("naso-lituratus")))
                .isEmpty();
    }

    /** Whoever asks, it is the same two that are rivals, and one of them at least sees it so. */
    @Test
    void rivalryIsMutualThoughOneMaySeeItAlone() {
        for (Species one : Fixtures.CATALOGUE.all()) {
            for (Species other : Fixtures.CATALOGUE.all()) {
                boolean rivals = Rivalry.between(one, other).isPresent();
                assertThat(Rivalry.between(other, one).isPresent()).isEqualTo(rivals);
                assertThat(Rivalry.seenBy(one, other).isPresent()
                                || Rivalry.seenBy(other, one).isPresent())
                        .isEqualTo(rivals);
            }
        }
    }

    @Test
    void theSameFoodInTheSamePlaceIsNoRivalryByItself() {
        Species anthias = Fixtures.species("pseudanthias-squamipinnis");
        Species chromis = Fixtures.species("chromis-viridis");
        if (Rivalry.overFood(anthias, chromis)) {
            assertThat(Rivalry.between(anthias, chromis)).isEmpty();
        }
        assertThat(Rivalry.overFood(anthias, anthias)).isTrue();
    }
}
