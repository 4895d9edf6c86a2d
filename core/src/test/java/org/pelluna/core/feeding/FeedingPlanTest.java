package org.pelluna.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.fish;
import static org.pelluna.core.Fixtures.species;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.forecast.FishWaste;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.units.Numbers;

class FeedingPlanTest {
    private static final Fish TANG = fish("Sol", species("zebrasoma-flavescens"), 12, TODAY);
    private static final Fish ANTHIAS = fish("Ember", species("pseudanthias-squamipinnis"), 7, TODAY);
    private static final Fish MANDARIN = fish("Quill", species("synchiropus-splendidus"), 6, TODAY);

    private static FeedingPlan plan(Fish... fish) {
        return FeedingPlan.of(List.of(fish), Fixtures.reef(), Husbandry.USUAL, TODAY);
    }

    /** Timmons & Ebeling: ammonia nitrogen = feed × protein × 0.092; and it is what the water model takes. */
    @Test
    void itsNitrogenIsThatOfTheWaterModel() {
        FeedingPlan plan = plan(TANG, ANTHIAS);
        assertThat(plan.nitrogenMgADay()).isCloseTo(plan.gramsADay() * 1000 * 0.45 * 0.092, within(1e-9));
        FishWaste wastes = new FishWaste(Fixtures.reef(), Husbandry.USUAL);
        assertThat(plan.nitrogenMgADay() / Fixtures.reef().netWater().litres())
                .isCloseTo(wastes.nitrogen(TANG, TODAY) + wastes.nitrogen(ANTHIAS, TODAY), within(1e-12));
        assertThat(plan.portions().stream()
                        .mapToDouble(FeedingPlan.Portion::gramsADay)
                        .sum())
                .isCloseTo(plan.gramsADay(), within(1e-12));
    }

    @Test
    void grazersGetTwoClipsAndHungryOnesAFeeder() {
        assertThat(plan(TANG).clips()).isEqualTo(2);
        assertThat(plan(ANTHIAS).clips()).isZero();
        double often = ANTHIAS.species().habits().feedsPerDay().value();
        assertThat(plan(TANG, ANTHIAS).feedsADay()).isEqualTo(often);
        assertThat(plan(TANG, ANTHIAS).findings())
                .extracting(finding -> finding.rule())
                .contains("clips");
        assertThat(plan(ANTHIAS).findings().stream().anyMatch(one -> one.rule().equals("automatic-feeder")))
                .isEqualTo(often > 3);
    }

    @Test
    void hardEatersAreNamed() {
        assertThat(plan(MANDARIN).findings())
                .anySatisfy(finding ->
                        assertThat(finding.sentence()).startsWith("Quill takes prepared food with difficulty"));
    }

    @Test
    void anEmptyTankIsFedNothing() {
        assertThat(plan().gramsADay()).isZero();
        assertThat(plan().stations()).isZero();
    }

    @Test
    void howItsNitrogenComesAboutIsTold() {
        FeedingPlan plan = plan(TANG, ANTHIAS);
        String grams = Numbers.plain(plan.gramsADay(), 2);
        String nitrogen = Numbers.plain(plan.gramsADay() * 1000 * 0.45 * 0.092, 0);
        assertThat(plan.how(Husbandry.USUAL).arithmetic())
                .isEqualTo(grams + " g × 1,000 × 0.45 protein × 0.092 = " + nitrogen + " mg of ammonia nitrogen a day");
        assertThat(plan.how(Husbandry.USUAL).reasons())
                .hasSize(2)
                .anyMatch(one -> one.endsWith(": Sol"))
                .anyMatch(one -> one.endsWith(": Ember"));
    }
}
