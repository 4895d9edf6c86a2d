package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Likeness;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Shortlist;

/** Other ways to bring the same fish in: which there are, who comes when in each, and whom one takes out meanwhile. */
class AlternativeTest {
    private static final Resident GALE = resident("gale", "chrysiptera-parasema", 400, 7);
    private static final Resident DOVE = resident("dove", "salarias-fasciatus", 200, 9);

    private static Wish in(String species, int count) {
        return wish(species, count).withDecision(Wish.Decision.IN);
    }

    private static List<Alternative> ways(List<Resident> residents, Approaches approaches, Wish... wishes) {
        ResolvedPlan stock = ResolvedPlan.of(
                plan(Fixtures.reef(), HouseRules.USUAL.withApproaches(approaches), residents, List.of(wishes)),
                CATALOGUE);
        return Alternative.of(stock, Shortlist.of(stock), WaterReserve.of(stock, WaterFit.NONE));
    }

    @Test
    void theBullyGoesOutAndComesBackLastAndNobodyElseDoes() {
        Wish[] wished = {in("gramma-loreto", 1), in("pterapogon-kauderni", 1)};
        ResolvedPlan stock = ResolvedPlan.of(
                plan(Fixtures.reef(), HouseRules.USUAL, List.of(GALE, DOVE), List.of(wished)), CATALOGUE);
        List<Alternative> ways = Alternative.of(stock, Shortlist.of(stock), WaterReserve.of(stock, WaterFit.NONE));
        Alternative out = way(ways, "bully-out");
        assertThat(out.outMeanwhile(stock)).map(Fish::id).contains(new FishId("gale"));
        assertThat(out.coming())
                .last()
                .satisfies(day -> assertThat(day.fish()).extracting(Fish::id).containsExactly(new FishId("gale")));
        assertThat(out.wishOrder(stock))
                .as("the wishes alone, each once, in the order of their days")
                .hasSize(2)
                .containsExactlyInAnyOrder(List.of(wished[0].id()), List.of(wished[1].id()));
        assertThat(way(ways, "best").outMeanwhile(stock)).isEmpty();
        assertThat(out.coming()).extracting(day -> day.on()).isSorted();
    }

    @Test
    void aWishForSeveralComesWholeInEveryWay() {
        Wish chromis = in("chromis-viridis", 5);
        Wish blenny = in("salarias-fasciatus", 1);
        Assessment assessment =
                Assessment.of(plan(Fixtures.reef(), HouseRules.USUAL, List.of(), List.of(chromis, blenny)), CATALOGUE);
        var coming = Alternative.coming(assessment.stock(), assessment.order());
        assertThat(coming).hasSize(2).extracting(day -> day.on()).isSorted();
        assertThat(coming.stream().flatMap(day -> day.fish().stream()))
                .hasSize(6)
                .filteredOn(fish -> fish.id().equals(chromis.id().fish()))
                .hasSize(5);
        for (Alternative way : Alternative.of(
                assessment.stock(),
                Shortlist.of(assessment.stock()),
                WaterReserve.of(assessment.stock(), WaterFit.NONE))) {
            boolean fewer = way.key().equals(Alternative.FEWER);
            assertThat(way.leftOut(assessment.stock(), assessment.order()).isPresent())
                    .isEqualTo(fewer);
            assertThat(way.coming().stream().mapToInt(day -> day.fish().size()).sum())
                    .isIn(fewer ? List.of(1, 5) : List.of(6));
            assertThat(way.wishOrder(assessment.stock())).hasSize(fewer ? 1 : 2);
        }
    }

    /** Surgeonfish all on one day is a way only where the house takes that approach and there are three or more. */
    @Test
    void surgeonfishComeOnOneDayWhereTheHouseHasItSo() {
        Wish[] tangs = {in("zebrasoma-flavescens", 1), in("ctenochaetus-strigosus", 1), in("acanthurus-pyroferus", 1)};
        assertThat(groups(Approaches.Tangs.TOGETHER, tangs)).contains(0b111);
        assertThat(groups(Approaches.Tangs.STAGED, tangs)).doesNotContain(0b111, 0b011, 0b101, 0b110);
        assertThat(groups(Approaches.Tangs.TOGETHER, tangs[0], tangs[1])).doesNotContain(0b111);
        assertThat(groups(Approaches.Tangs.TOGETHER, in("gramma-loreto", 1), tangs[0], tangs[1], tangs[2]))
                .contains(0b1110)
                .doesNotContain(0b1111);
    }

    private static List<Integer> groups(Approaches.Tangs how, Wish... wishes) {
        ResolvedPlan stock = ResolvedPlan.of(
                plan(
                        Fixtures.reef(),
                        HouseRules.USUAL.withApproaches(Approaches.USUAL.withTangs(how)),
                        List.of(),
                        List.of(wishes)),
                CATALOGUE);
        return new OrderProblem(
                        stock,
                        stock.wishes().stream()
                                .map(one -> new OrderItem(one.fish(), one.count(), 0, "gate"))
                                .toList())
                .groups();
    }

    @Test
    void theHardestOfWhatAFishSuffersIsNamed() {
        FishId one = new WishId("w").fish();
        Pressure soft = new Pressure(new FishId("a"), one, 1, Likeness.Kin.OTHER, List.of());
        Pressure hard = new Pressure(new FishId("b"), one, 3, Likeness.Kin.OTHER, List.of());
        Pressure elsewhere = new Pressure(new FishId("b"), new FishId("c"), 9, Likeness.Kin.OTHER, List.of());
        assertThat(Alternative.hardest(List.of(soft, elsewhere, hard), one)).contains(hard);
        assertThat(Alternative.hardest(List.of(elsewhere), one)).isEmpty();
    }

    @Test
    void anEmptyPlanHasNoWays() {
        assertThat(ways(List.of(GALE), Approaches.USUAL)).isEmpty();
        assertThat(ways(List.of(), Approaches.USUAL, in("gramma-loreto", 1)))
                .as("nobody lives here that could go out")
                .extracting(Alternative::key)
                .contains("best")
                .doesNotContain("bully-out");
        assertThat(ways(List.of(), Approaches.USUAL, in("gramma-loreto", 1))
                        .get(0)
                        .last())
                .isAfterOrEqualTo(TODAY);
    }

    private static Alternative way(List<Alternative> ways, String key) {
        return ways.stream().filter(one -> one.key().equals(key)).findFirst().orElseThrow();
    }
}
