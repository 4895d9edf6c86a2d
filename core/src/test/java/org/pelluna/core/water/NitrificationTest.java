package org.pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NitrificationTest {
    private static final Conditions REEF = new Conditions(25, 8.2, 35);

    private final Nitrification bacteria = new Nitrification(REEF);

    /** Growth takes nitrogen up and decay gives it back: nothing is made or lost, whatever the tank. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void nitrogenIsConserved(long seed) {
        Random random = new Random(seed);
        WaterState from = new WaterState(
                random.nextDouble() * 3,
                random.nextDouble() * 2,
                random.nextDouble() * 10,
                new WaterState.Colony(random.nextDouble(), 0.1 + 0.9 * random.nextDouble()),
                new WaterState.Colony(random.nextDouble() * 0.3, 0.1 + 0.9 * random.nextDouble()),
                0,
                0);
        Waste waste = new Waste(random.nextDouble(), 0, random.nextDouble() * 0.9);
        double days = 1 + random.nextDouble() * 90;
        WaterState after = bacteria.after(from, waste, days);
        assertThat(after.totalNitrogen() - from.totalNitrogen())
                .as("seed %s", seed)
                .isCloseTo(waste.nitrogen() * days, within(1e-4));
    }

    /** Monod's steady state, S* = K·b ÷ (µ − b): it does not depend on the load. */
    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.2, 1})
    void everyLoadSettlesAtMonodsSteadyState(double load) {
        WaterState after = bacteria.after(bacteria.cycled(load), Waste.ofNitrogen(load), 400);
        assertThat(after.ammonia()).isCloseTo(bacteria.steadyAmmonia(), within(1e-4));
        assertThat(after.nitrite()).isCloseTo(bacteria.steadyNitrite(), within(1e-4));
        WaterState settled = bacteria.settled(Waste.ofNitrogen(load));
        assertThat(after.ofAmmonia().mass()).isCloseTo(settled.ofAmmonia().mass(), within(1e-3));
        assertThat(after.ofNitrite().mass()).isCloseTo(settled.ofNitrite().mass(), within(1e-3));
    }

    /** Common practice: a marine tank with few bacteria and 2 mg/L of ammonia is through in three to six weeks. */
    @Test
    void aCycleTakesSomeWeeksAndNitriteComesAfterAmmonia() {
        WaterState state = bacteria.cycled(0.02).dosed(2);
        int ammoniaGone = 0;
        int nitriteGone = 0;
        double highestNitrite = 0;
        for (int day = 1; day <= 90 && nitriteGone == 0; day++) {
            state = bacteria.after(state, Waste.ofNitrogen(0), 1);
            highestNitrite = Math.max(highestNitrite, state.nitrite());
            ammoniaGone = ammoniaGone == 0 && state.ammonia() < 0.1 ? day : ammoniaGone;
            nitriteGone = ammoniaGone > 0 && state.nitrite() < 0.1 ? day : 0;
        }
        assertThat(ammoniaGone).isBetween(7, 28);
        assertThat(nitriteGone).isBetween(18, 42).isGreaterThan(ammoniaGone);
        assertThat(highestNitrite).isGreaterThan(0.5);
    }

    @Test
    void aTankThatWasTestedClearsWhatItWasTestedWith() {
        WaterState tested = bacteria.cycled(2);
        assertThat(bacteria.capacity(tested)).isCloseTo(2, within(1e-9));
        assertThat(bacteria.after(tested.dosed(2), Waste.ofNitrogen(0), 2).ammonia())
                .isLessThan(0.1);
    }

    @Test
    void monthsWithoutFishShrinkTheColony() {
        WaterState settled = bacteria.settled(Waste.ofNitrogen(0.2));
        WaterState starved = bacteria.after(settled, Waste.ofNitrogen(0), 75);
        assertThat(bacteria.capacity(starved)).isLessThan(0.1 * bacteria.capacity(settled));
    }

    @Test
    void coolerOrMoreAcidWaterWorksMoreSlowly() {
        WaterState tested = new WaterState(1, 0, 0, new WaterState.Colony(0.5, 1), new WaterState.Colony(0.2, 1), 0, 0);
        double usual = bacteria.capacity(tested);
        assertThat(new Nitrification(new Conditions(20, 8.2, 35)).capacity(tested))
                .isLessThan(usual);
        assertThat(new Nitrification(new Conditions(25, 7, 35)).capacity(tested))
                .isLessThan(usual);
    }

    @Test
    void aWaterChangeTakesWhatIsDissolvedAndLeavesTheBacteria() {
        WaterState before =
                new WaterState(1, 0.5, 10, new WaterState.Colony(0.4, 1), new WaterState.Colony(0.2, 1), 0.1, 0);
        WaterState after = before.changed(0.25, 0, 0);
        assertThat(after.nitrate()).isEqualTo(7.5);
        assertThat(after.ofAmmonia().mass()).isEqualTo(0.4);
        assertThat(before.nitrateIon()).isCloseTo(44.27, within(0.01));
    }
}
