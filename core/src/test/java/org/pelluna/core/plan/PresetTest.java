package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

class PresetTest {
    static Stream<Preset> presets() {
        return Preset.ALL.stream();
    }

    @Test
    void eachIsAWayOfItsOwn() {
        assertThat(Preset.ALL).hasSize(5).doesNotHaveDuplicates();
        assertThat(Preset.ALL.stream().map(Preset::key).distinct()).hasSize(5);
        assertThat(Preset.ALL.stream().map(Preset::rules).distinct()).hasSize(5);
        assertThat(Preset.of("nobody's way")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("presets")
    void itsRulesGoThroughAPlanFileAndJudgeAPlan(Preset preset) throws PlanFileException {
        assertThat(Preset.of(preset.key())).hasValue(preset);
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                preset.rules(),
                List.of(Fixtures.resident("gale", "chrysiptera-parasema", 100, 5)),
                List.of(Fixtures.wish("gramma-loreto"), Fixtures.wish("zebrasoma-flavescens")));
        assertThat(PlanFile.read(PlanFile.write(plan), Fixtures.CATALOGUE).houseRules())
                .isEqualTo(preset.rules());
        var assessment = org.pelluna.core.assess.Assessment.of(plan, Fixtures.CATALOGUE);
        assertThat(assessment.judgements()).hasSize(2);
    }

    /** From the most careful to the boldest, what a tank may hold and how soon the next fish comes never turns back. */
    @Test
    void theFirstIsTheMostCareful() {
        HouseRules first = Preset.ALL.get(0).rules();
        for (Preset preset : Preset.ALL.subList(1, 5)) {
            assertThat(preset.rules().capacity().gallonsPerInchMature())
                    .isLessThanOrEqualTo(first.capacity().gallonsPerInchMature());
            assertThat(preset.rules().pauses().afterOneDays())
                    .isLessThanOrEqualTo(first.pauses().afterOneDays());
            assertThat(preset.rules().pauses().afterMoreDays())
                    .isLessThanOrEqualTo(first.pauses().afterMoreDays());
            assertThat(preset.rules().weights().carefulPerHour())
                    .isGreaterThanOrEqualTo(first.weights().carefulPerHour());
            assertThat(preset.rules().capacity().bodyLengthsToSwim())
                    .isLessThanOrEqualTo(first.capacity().bodyLengthsToSwim());
        }
        assertThat(first.approaches().kin()).isEqualTo(Approaches.Kin.NEVER);
    }

    private static Fixtures.TankBuilder tank(double lengthCm) {
        return new Fixtures.TankBuilder()
                .shape(new TankShape.Box(lengthCm, 50, 50))
                .water(WaterSpace.usual(4, 0, 0));
    }

    @Test
    void aSmallFirstReefIsNotHeldToFiguresMadeForLargeOnes() {
        HouseRules small = Preset.of("home-bay").orElseThrow().rules();
        assertThat(Preset.forNew(tank(70).firstTank().build())).isEqualTo(small);
        assertThat(Preset.forNew(tank(70).build()))
                .as("who has kept reefs for years")
                .isEqualTo(HouseRules.USUAL);
        assertThat(Preset.forNew(tank(20).firstTank().build()))
                .as("too small for it")
                .isEqualTo(HouseRules.USUAL);
        assertThat(Preset.forNew(tank(240).firstTank().build())).as("large").isEqualTo(HouseRules.USUAL);
    }
}
