package org.pelluna.core.budget;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.resident;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;

class BudgetTest {

    private static Wish priced(String species, double price) {
        return new Wish(
                new WishId("w-" + species),
                new SpeciesId(species),
                1,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.IN,
                Optional.empty(),
                Optional.of(price),
                Optional.empty());
    }

    @Test
    void moneyAddsUpByDateAndWhatIsAttackedHardIsAtRisk() {
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL.withWeights(new HouseRules.Weights(2, 15, 0.25, 1)),
                List.of(resident("Gale", "chrysiptera-parasema", 400, 7)),
                List.of(priced("chrysiptera-cyanea", 30), priced("elacatinus-oceanops", 25)));
        Assessment assessment = Assessment.of(plan, CATALOGUE);
        Budget budget = Budget.of(assessment.stock(), assessment.order(), assessment.planned());
        assertThat(budget.price()).isEqualTo(55);
        assertThat(budget.lines()).hasSize(2);
        assertThat(budget.lines().get(1).soFar()).isGreaterThanOrEqualTo(55);
        Budget.Line damsel = budget.lines().stream()
                .filter(line -> line.wishId().key().equals("w-chrysiptera-cyanea"))
                .findFirst()
                .orElseThrow();
        assertThat(damsel.by()).isEqualTo("Gale");
        assertThat(damsel.atRisk()).isTrue();
        TankPlan calm =
                Fixtures.plan(Fixtures.reef(), HouseRules.USUAL, List.of(), List.of(priced("elacatinus-oceanops", 25)));
        Assessment alone = Assessment.of(calm, CATALOGUE);
        Budget safe = Budget.of(alone.stock(), alone.order(), alone.planned());
        assertThat(safe.price()).isEqualTo(25);
        assertThat(safe.atRisk()).isZero();
        assertThat(safe.lines().get(0).by()).isEmpty();
    }

    /** A tenth of the water each week at the tank's gravity; salt in proportion. */
    @Test
    void saltFollowsTheWaterChanged() {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of());
        double litres = plan.tank().netWater().litres();
        assertThat(Budget.saltGramsADay(plan) * 7 / (litres * 0.1)).isCloseTo(37, within(3.0));
    }
}
