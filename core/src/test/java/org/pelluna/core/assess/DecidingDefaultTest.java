package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

/** A first reef: its dates by the house rules of a new tank, and which rule decides a far one. */
class DecidingDefaultTest {
    private static Tank small(Tank.Experience experience) {
        return new Fixtures.TankBuilder()
                .shape(new TankShape.Box(88, 42, 42))
                .water(WaterSpace.usual(3, 11, 8))
                .cycledOn(TODAY)
                .build()
                .withExperience(experience);
    }

    private static Assessment first(HouseRules rules) {
        return Assessment.of(
                plan(
                        small(Tank.Experience.FIRST_TANK),
                        rules,
                        List.of(),
                        List.of(wish("amphiprion-ocellaris", 2), wish("trimma-rubromaculatum"), wish("gramma-loreto"))),
                CATALOGUE);
    }

    @Test
    void aFirstReefIsFilledWithinMonthsByTheRulesOfANewTank() {
        HouseRules rules = Preset.forNew(small(Tank.Experience.FIRST_TANK));
        List<Arrival> arrivals = first(rules).order().arrivals();
        assertThat(arrivals).hasSize(3).allSatisfy(one -> assertThat(one.date()).isBefore(TODAY.plusMonths(7)));
        assertThat(arrivals).noneMatch(Arrival::overHeadroom);
        assertThat(Preset.forNew(small(Tank.Experience.SEASONED))).isEqualTo(HouseRules.USUAL);
        assertThat(Preset.forNew(Fixtures.reef().withExperience(Tank.Experience.FIRST_TANK)))
                .isEqualTo(HouseRules.USUAL);
    }

    @Test
    void theRuleThatDecidesAFarDateIsNamed() {
        Assessment far = first(HouseRules.USUAL);
        assertThat(DecidingDefault.of(far, plan -> Assessment.of(plan, CATALOGUE)))
                .hasValueSatisfying(one -> {
                    assertThat(one.question()).isEqualTo("What sets the limit?");
                    assertThat(one.chosen()).isEqualTo("inch rule");
                    assertThat(one.soonest()).isBefore(one.date().minusDays(27));
                    assertThat(one.names())
                            .isEqualTo(far.order().arrivals().get(2).names());
                });
    }

    @Test
    void nearDatesHaveNoDecidingRule() {
        Assessment near = Assessment.of(plan(Fixtures.reef(), List.of(), "gramma-loreto"), CATALOGUE);
        assertThat(DecidingDefault.of(near, plan -> Assessment.of(plan, CATALOGUE)))
                .isEmpty();
        Assessment none = Assessment.of(plan(Fixtures.reef(), List.of()), CATALOGUE);
        assertThat(DecidingDefault.of(none, plan -> Assessment.of(plan, CATALOGUE)))
                .isEmpty();
    }
}
