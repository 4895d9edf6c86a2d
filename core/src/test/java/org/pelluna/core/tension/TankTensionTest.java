package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.watch.LogEntry;

/** What is said of the tank before anything is said of a fish. */
class TankTensionTest {
    private Logs logs;

    @BeforeEach
    void threeFish() {
        logs = new Logs(5)
                .resident("gale", "chrysiptera-parasema", 200, 7)
                .resident("plum", "gramma-loreto", 180, 6)
                .resident("ink", "ecsenius-bicolor", 20, 7);
    }

    private TankTension tension() {
        return TankTension.of(logs.plan());
    }

    @Test
    void withoutAWatchNothingIsToldOfTheTank() {
        assertThat(tension().today()).isEmpty();
        assertThat(tension().words())
                .contains("no timed watch since ink arrived on " + Fixtures.TODAY.minusDays(20))
                .contains("We cannot say if the tank is calm");
        assertThat(tension().how()).isEmpty();
    }

    /** Forty-seven hours without a single encounter, for chases may come in bouts; five minutes of it tell nothing. */
    @Test
    void aTankIsCalmOnlyWhenEnoughWasWatched() {
        logs.watched(20, 19, 5);
        assertThat(tension().verdict()).contains("too early to say");
        logs.watched(18, 0, 150);
        assertThat(tension().verdict()).isEqualTo("calm");
        assertThat(tension().encounters()).isZero();
    }

    @Test
    void manyEncountersAnHourAreRestless() {
        logs.watched(20, 0, 60).encounters("gale", "ink", 20, 0, ago -> 8);
        assertThat(tension().verdict()).isEqualTo("attacks are frequent");
        assertThat(tension().words()).contains("gale attacked most");
        assertThat(tension().how().orElseThrow().arithmetic())
                .startsWith("182 attacks ÷ 21 hours = 8.67 an hour over all watches");
    }

    /** One wound outweighs any number of quiet hours. */
    @Test
    void aWoundIsNoPeaceHoweverRare() {
        logs.watched(20, 0, 60).add(Fixtures.TODAY.minusDays(2).atTime(18, 30), LogEntry.Kind.INJURY, "plum", "ink", 3);
        assertThat(tension().hard()).isEqualTo(1);
        assertThat(tension().verdict()).isEqualTo("not calm");
        assertThat(tension().words()).contains("1 pin or wound in the last two weeks, most by plum.");
    }

    /** What was before the last arrival was another tank. */
    @Test
    void theLastArrivalBeginsTheCount() {
        logs.watched(60, 30, 60).encounters("gale", "plum", 60, 30, ago -> 8);
        assertThat(tension().encounters()).isZero();
        assertThat(tension().hours()).isZero();
    }
}
