package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Verdict;

class WithoutFishTest {
    @Test
    void whatFreesUpIsWhatTheJudgementSaysWithoutIt() {
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(
                        Fixtures.resident("lion", "pterois-volitans", 400, 30),
                        Fixtures.resident("tang", "zebrasoma-flavescens", 300, 14)),
                List.of(Fixtures.wish("gramma-loreto")));
        Assessment now = Assessment.of(plan, Fixtures.CATALOGUE);
        assertThat(now.judgements().get(0).verdict()).isEqualTo(Verdict.OUT);
        WithoutFish without = WithoutFish.of(now, new FishId("lion"));
        assertThat(without.turns()).singleElement().satisfies(turn -> {
            assertThat(turn.before()).isEqualTo(Verdict.OUT);
            assertThat(turn.after())
                    .isEqualTo(Assessment.of(plan.without(new FishId("lion")), Fixtures.CATALOGUE)
                            .judgements()
                            .get(0)
                            .verdict())
                    .isNotEqualTo(Verdict.OUT);
        });
        assertThat(without.dates()).singleElement().satisfies(shift -> {
            assertThat(shift.before()).isEmpty();
            assertThat(shift.after()).isPresent();
        });
        assertThat(without.after().used()).isLessThan(without.before().used());
        assertThat(without.after().limit()).isEqualTo(without.before().limit());
        assertThat(plan.houseRules().approaches().ceiling()).isEqualTo(Approaches.Ceiling.INCHES);
        assertThat(without.ends())
                .hasSize(2)
                .allMatch(one -> one.aggressorId().key().equals("lion")
                        || one.victimId().key().equals("lion"));
    }

    @Test
    void withoutAFishThatHarmsNobodyNoWishTurns() {
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(Fixtures.resident("g", "gramma-loreto", 300, 6)),
                List.of(Fixtures.wish("zebrasoma-flavescens")));
        WithoutFish without = WithoutFish.of(Assessment.of(plan, Fixtures.CATALOGUE), new FishId("g"));
        assertThat(without.turns()).isEmpty();
        assertThat(without.ends()).isEmpty();
    }
}
