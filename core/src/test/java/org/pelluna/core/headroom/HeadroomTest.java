package org.pelluna.core.headroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Approaches.Ceiling;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;

class HeadroomTest {
    private static final Tank TANK = Fixtures.reef();
    private static final Species TANG = Fixtures.species("zebrasoma-flavescens");
    private static final Fish FISH = Fixtures.fish("t", TANG, 10, Fixtures.TODAY);

    private static Load load(HouseRules rules, Ceiling approach, String name, List<Fish> fish, double cm) {
        return new Headroom(TANK, rules, Fixtures.TODAY)
                .of(approach, fish, one -> cm).stream()
                        .filter(one -> one.name().equals(name))
                        .findFirst()
                        .orElseThrow();
    }

    /** feed × protein × 0.092: Timmons & Ebeling, Recirculating Aquaculture. */
    @Test
    void ammoniaNitrogenFollowsFromTheFood() {
        double feed = Ration.gramsPerDay(TANG, 15, TANK.regime().temperatureCelsius());
        Load load = load(HouseRules.USUAL, Ceiling.WASTE, "ammonia nitrogen a day", List.of(FISH), 15);
        assertThat(load.used()).isCloseTo(feed * 1000 * 0.45 * 0.092, within(1e-9));
        assertThat(load.limit()).isCloseTo(2 * TANK.netWater().litres(), within(1e-9));
    }

    /** The geometric series: changing f of the water after every P settles at P ÷ f, found here change by change. */
    @Test
    void theNutrientPeakIsWhatChangeAfterChangeSettlesAt() {
        Husbandry done = Husbandry.USUAL;
        Load load = load(HouseRules.USUAL, Ceiling.NUTRIENTS, "nitrate peak", List.of(FISH), 15);
        double nitrogenMg = Ration.gramsPerDay(TANG, 15, TANK.regime().temperatureCelsius()) * 1000 * 0.45 * 0.092;
        double produced = nitrogenMg
                * 62
                / 14
                / TANK.netWater().litres()
                * done.change().days()
                * (1 - done.export().nitrate());
        double level = 0;
        for (int change = 0; change < 500; change++) {
            level = (level + produced) * (change < 499 ? 1 - done.change().share() : 1);
        }
        assertThat(load.used()).isCloseTo(level, within(1e-6));
    }

    @Test
    void aRationGrowsWithMassToThePowerEightTenthsAndDoublesInTenDegrees() {
        double small = Ration.gramsPerDay(TANG, 10, 25);
        assertThat(Ration.gramsPerDay(TANG, 20, 25) / small).isCloseTo(Math.pow(8, 0.8), within(1e-9));
        assertThat(Ration.gramsPerDay(TANG, 10, 35) / small).isCloseTo(2, within(1e-9));
    }

    @Test
    void everySchoolLoadsMoreWithMoreFishAndNamesItsSteps() {
        for (Ceiling approach : Ceiling.values()) {
            Headroom headroom = new Headroom(TANK, HouseRules.USUAL, Fixtures.TODAY);
            Load one = headroom.of(approach, List.of(FISH), fish -> 15).get(0);
            Load ten = headroom.of(approach, Collections.nCopies(10, FISH), fish -> 15)
                    .get(0);
            assertThat(ten.share()).isGreaterThan(one.share());
            assertThat(one.steps()).isNotEmpty();
            assertThat(headroom.of(approach, List.of(), fish -> 1).get(0).fits())
                    .isTrue();
        }
    }

    @Test
    void theInchRuleCountsAdultsWhateverTheirSizeToday() {
        Load young = load(HouseRules.USUAL, Ceiling.INCHES, "adult fish", List.of(FISH), 5);
        assertThat(young.used()).isCloseTo(17 / 2.54, within(1e-9));
    }

    /** 1 % of 100 g at 25 °C: a fish whose mass is 100 g by its own length and mass relation is given 1 g, times its way to swim. */
    @Test
    void aFishOfAHundredGramsIsGivenAGramAtTwentyFiveDegrees() {
        double a = TANG.growth().massA().value();
        double b = TANG.growth().massB().value();
        double cm = Math.pow(100 / a, 1 / b);
        assertThat(Ration.gramsPerDay(TANG, cm, 25)).isCloseTo(1.25, within(1e-9));
    }

    @Test
    void thePhosphatePeakIsTheSameSeriesWithItsOwnExport() {
        Husbandry done = Husbandry.USUAL;
        Load load = load(HouseRules.USUAL, Ceiling.NUTRIENTS, "phosphate peak", List.of(FISH), 15);
        double food = Ration.gramsPerDay(TANG, 15, TANK.regime().temperatureCelsius()) * 1000;
        double daily = food * Headroom.PHOSPHATE_PER_FOOD / TANK.netWater().litres();
        assertThat(load.used())
                .isCloseTo(
                        daily
                                * done.change().days()
                                * (1 - done.export().phosphate())
                                / done.change().share(),
                        within(1e-12));
        assertThat(load.limit()).isEqualTo(done.target().phosphate());
    }

    @Test
    void onlyFishOfCavesAndCrevicesTakeOne() {
        List<Fish> fish = List.of(
                Fixtures.fish("g", Fixtures.species("gramma-loreto"), 5, Fixtures.TODAY),
                Fixtures.fish("h", Fixtures.species("gramma-loreto"), 5, Fixtures.TODAY),
                Fixtures.fish("c", Fixtures.species("valenciennea-puellaris"), 5, Fixtures.TODAY));
        Load load = load(HouseRules.USUAL, Ceiling.NUTRIENTS, "caves and crevices", fish, 5);
        assertThat(load.used()).isEqualTo(2);
        assertThat(load.steps()).singleElement().asString().contains("2 fish hold a cave", "has " + TANK.shelters());
    }

    @Test
    void theTightestNutrientComesFirst() {
        List<Load> loads = new Headroom(TANK, HouseRules.USUAL, Fixtures.TODAY)
                .of(Ceiling.NUTRIENTS, Collections.nCopies(9, FISH), one -> 15);
        assertThat(loads).hasSize(3).isSortedAccordingTo((one, other) -> Double.compare(other.share(), one.share()));
    }

    @Test
    void aLoadFitsUpToItsLimit() {
        Load load = new Load("x", 3, 4, "mg", List::of, InchRule.SOURCE);
        assertThat(load.share()).isEqualTo(0.75);
        assertThat(load.fits()).isTrue();
        assertThat(new Load("x", 4, 4, "mg", List::of, InchRule.SOURCE).fits()).isTrue();
        assertThat(new Load("x", 4.01, 4, "mg", List::of, InchRule.SOURCE).fits())
                .isFalse();
    }

    @Test
    void everyStepOfTheWasteIsTold() {
        assertThat(load(HouseRules.USUAL, Ceiling.WASTE, "ammonia nitrogen a day", List.of(FISH), 15)
                        .steps())
                .hasSize(3)
                .allSatisfy(step -> assertThat(step).isNotBlank());
    }

    @Test
    void theInchRuleTurnsOnTheDayTheTankIsMature() {
        HouseRules rules = HouseRules.USUAL;
        InchRule rule = new InchRule(TANK, rules);
        LocalDate mature =
                TANK.cycledOn().orElseThrow().plusMonths(rules.capacity().matureAfterMonths());
        assertThat(rule.matureOn()).contains(mature);
        assertThat(rule.gallons()).isCloseTo(TANK.netWater().litres() / 3.785411784, within(1e-9));
        assertThat(rule.gallonsPerInch(mature.minusDays(1)))
                .isEqualTo(rules.capacity().gallonsPerInchNew());
        assertThat(rule.gallonsPerInch(mature)).isEqualTo(rules.capacity().gallonsPerInchMature());
        assertThat(rule.ceilingInches(mature))
                .isCloseTo(rule.gallons() / rules.capacity().gallonsPerInchMature(), within(1e-9));
        assertThat(rule.matureCeilingInches()).isEqualTo(rule.ceilingInches(mature));
    }
}
