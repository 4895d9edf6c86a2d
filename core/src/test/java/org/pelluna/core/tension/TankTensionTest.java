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
                .startsWith("Since ink came on " + Fixtures.TODAY.minusDays(20))
                .contains("cannot be told");
        assertThat(tension().how()).isEmpty();
    }

    /** Forty-seven hours without a single encounter, for chases may come in bouts; five minutes of it tell nothing. */
    @Test
    void aTankIsCalmOnlyWhenEnoughWasWatched() {
        logs.watched(20, 19, 5);
        assertThat(tension().verdict()).contains("cannot be told yet");
        logs.watched(18, 0, 150);
        assertThat(tension().verdict()).isEqualTo("the tank is calm");
        assertThat(tension().encounters()).isZero();
    }

    @Test
    void manyEncountersAnHourAreRestless() {
        logs.watched(20, 0, 60).encounters("gale", "ink", 20, 0, ago -> 8);
        assertThat(tension().verdict()).isEqualTo("the tank is restless");
        assertThat(tension().words()).contains("most of what there was by gale").contains("an hour (90 %)");
        assertThat(tension().how().orElseThrow().arithmetic())
                .startsWith("182 encounters ÷ 21 hours = 8.67 an hour over all watches");
    }

    /** One wound outweighs any number of quiet hours. */
    @Test
    void aWoundIsNoPeaceHoweverRare() {
        logs.watched(20, 0, 60).add(Fixtures.TODAY.minusDays(2).atTime(18, 30), LogEntry.Kind.INJURY, "plum", "ink", 3);
        assertThat(tension().hard()).isEqualTo(1);
        assertThat(tension().verdict()).isEqualTo("the tank is not at peace");
        assertThat(tension().words()).contains("Pinned or wounded in the last fortnight: 1, most harm by plum.");
    }

    /** What was before the last arrival was another tank. */
    @Test
    void theLastArrivalBeginsTheCount() {
        logs.watched(60, 30, 60).encounters("gale", "plum", 60, 30, ago -> 8);
        assertThat(tension().encounters()).isZero();
        assertThat(tension().hours()).isZero();
    }
}
