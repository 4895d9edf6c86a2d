package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;

class RemedyAdviceTest {
    private static TankPlan two(String resident, String newcomer, int daysAgo) {
        return plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(resident("Old", resident, 700, 8), resident("New", newcomer, daysAgo, 6)),
                List.of());
    }

    private static RemedyAdvice advice(TankPlan plan) {
        ResolvedPlan stock = ResolvedPlan.of(plan, CATALOGUE);
        Fish fish = stock.residents().stream()
                .filter(one -> one.name().equals("New"))
                .findFirst()
                .orElseThrow();
        return RemedyAdvice.of(stock, fish);
    }

    private static TankPlan pinned(TankPlan plan) {
        return plan.with(as -> as.log(List.of(new LogEntry(
                "e",
                TODAY.minusDays(1).atTime(19, 0),
                LogEntry.Kind.PINNED,
                Optional.of(new FishId("Old")),
                Optional.of(new FishId("New")),
                Optional.of(3),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()))));
    }

    @Test
    void twoThatLeaveEachOtherAloneNeedNothing() {
        RemedyAdvice calm = advice(two("gramma-loreto", "cryptocentrus-cinctus", 10));
        assertThat(calm.best().orElseThrow().way()).isEqualTo(RemedyOption.Way.WAIT);
        assertThat(calm.sentence()).startsWith("Wait: expect about ");
    }

    @Test
    void afterAPinningTheTwoArePartedAndWaitingIsFoldedAway() {
        RemedyAdvice hurt = advice(pinned(two("pseudocheilinus-hexataenia", "gramma-loreto", 5)));
        assertThat(hurt.best().orElseThrow().way())
                .isIn(RemedyOption.Way.BULLY_OUT, RemedyOption.Way.OTHER_TANK, RemedyOption.Way.BOX);
        assertThat(hurt.sentence()).startsWith("Today: ").contains("Then expect about ");
        assertThat(hurt.helping()).noneMatch(one -> one.way() == RemedyOption.Way.WAIT);
        assertThat(hurt.idle()).anyMatch(one -> one.way() == RemedyOption.Way.WAIT);
    }

    /** Whatever is recommended, the others that help come by what they leave, and none that helps is folded away. */
    @Test
    void theOthersComeByWhatTheyLeave() {
        for (boolean hurt : new boolean[] {true, false}) {
            TankPlan plan = two("stegastes-planifrons", "gramma-loreto", 3);
            RemedyAdvice advice = advice(hurt ? pinned(plan) : plan);
            assertThat(advice.helping()).extracting(RemedyOption::later).isSorted();
            assertThat(advice.helping()).doesNotContain(advice.best().orElseThrow());
            assertThat(1 + advice.helping().size() + advice.idle().size())
                    .isEqualTo(RemedyOption.of(ResolvedPlan.of(plan, CATALOGUE), fish(plan))
                            .size());
        }
    }

    private static Fish fish(TankPlan plan) {
        return ResolvedPlan.of(plan, CATALOGUE).residents().get(1);
    }

    @Test
    void aFishAloneNeedsNoAdvice() {
        TankPlan alone =
                plan(Fixtures.reef(), HouseRules.USUAL, List.of(resident("New", "gramma-loreto", 30, 6)), List.of());
        assertThat(advice(alone).best()).isEmpty();
        assertThat(advice(alone).sentence()).isEmpty();
    }
}
