package org.pelluna.core.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Alarms over whole lives of simulated arrivals, looked at every sixth day; thousands of replicates stand in {@code docs/calibration.md}. */
class SettlingAlarmTest {
    private static final int LIVES = 30;

    /** Lives in which it is ever said not to settle. */
    private static int alarms(DoubleUnaryOperator rate, double bout, double every) {
        int alarms = 0;
        for (int life = 0; life < LIVES; life++) {
            List<Watched> all = new Keepers(1000 + life, bout).watching(60, every, rate);
            boolean alarmed = false;
            int apart = (int) Math.max(1, 6 / every);
            for (int until = 6; until <= all.size() && !alarmed; until += apart) {
                alarmed = SettlingAlarm.of(all.subList(0, until)) >= SettlingAlarm.ALARM;
            }
            alarms += alarmed ? 1 : 0;
        }
        return alarms;
    }

    /** At most 5 % in truth: of 30, five or more would come by chance once in sixty-odd times. */
    @Tag("long")
    @ParameterizedTest(name = "settling with half-life {0} d to {1}, bouts of {2}, every {3} d")
    @CsvSource({"5, 0.15, 1, 1", "7, 0.15, 2.5, 1", "10, 0.3, 5, 1", "21, 0.15, 2.5, 1", "10, 0, 2.5, 3"})
    void whatSettlesIsHardlyEverSaidNotTo(double halfLife, double rest, double bout, double every) {
        assertThat(alarms(Keepers.settling(6, halfLife, rest), bout, every)).isLessThanOrEqualTo(4);
    }

    @Test
    void aConstantQuarrelAndOneThatFlaresUpAreTold() {
        assertThat(alarms(day -> 6, 1, 1)).isGreaterThan(LIVES * 2 / 3);
        assertThat(alarms(day -> day < 20 ? Keepers.settling(6, 5, 0.1).applyAsDouble(day) : 6, 2.5, 1))
                .isGreaterThan(LIVES * 2 / 3);
    }

    @Test
    void withoutWatchesNothingSpeaksForEither() {
        assertThat(SettlingAlarm.of(List.of())).isEqualTo(1);
        assertThat(SettlingAlarm.of(List.of(new Watched(1, 1, 4)))).isBetween(0.3, 3.0);
    }
}
