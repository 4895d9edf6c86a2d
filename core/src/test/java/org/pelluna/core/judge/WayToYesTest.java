package org.pelluna.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Species;

class WayToYesTest {
    private static ResolvedPlan stock(List<Resident> residents, Wish... wishes) {
        return ResolvedPlan.of(plan(Fixtures.reef(), HouseRules.USUAL, residents, List.of(wishes)), CATALOGUE);
    }

    private static WaterReserve water(ResolvedPlan stock) {
        return WaterReserve.of(stock, WaterFit.NONE);
    }

    private static Judgement judged(ResolvedPlan stock, WishId wish) {
        return PlanJudgement.of(stock, water(stock)).judgements().stream()
                .filter(one -> one.wished().wish().id().equals(wish))
                .findFirst()
                .orElseThrow();
    }

    private static List<WayToYes> ways(ResolvedPlan stock, String species) {
        return WayToYes.of(stock, judged(stock, new WishId("wish-" + species)), CATALOGUE.all(), water(stock));
    }

    /** A goby is a mouthful for a lionfish: it can come once the lionfish is gone, or a fish comes that is none. */
    @Test
    void whatWouldBeEatenComesOnceTheEaterIsGone() {
        ResolvedPlan stock =
                stock(List.of(resident("king", "dendrochirus-zebra", 400, 15)), wish("elacatinus-oceanops", 1));
        assertThat(ways(stock, "elacatinus-oceanops"))
                .extracting(WayToYes::turn)
                .last()
                .isInstanceOfSatisfying(
                        Turn.Rehome.class, out -> assertThat(out.fish().key()).isEqualTo("king"));
    }

    @Test
    void whatWouldEatAnotherWishComesOnceThatIsDropped() {
        ResolvedPlan stock = stock(List.of(), wish("dendrochirus-zebra", 1), wish("elacatinus-oceanops", 1));
        assertThat(ways(stock, "dendrochirus-zebra"))
                .extracting(WayToYes::turn)
                .first()
                .isEqualTo(new Turn.Drop(
                        new WishId("wish-elacatinus-oceanops"),
                        Fixtures.species("elacatinus-oceanops").commonName(),
                        Fixtures.species("dendrochirus-zebra").commonName()));
    }

    /** Three clownfish fight; a pair does not. */
    @Test
    void threeOfAPairFishComeAsTwo() {
        ResolvedPlan stock = stock(List.of(), wish("amphiprion-ocellaris", 3));
        assertThat(ways(stock, "amphiprion-ocellaris"))
                .extracting(WayToYes::turn)
                .first()
                .isEqualTo(new Turn.Fewer(2));
    }

    /** An angelfish that outgrows the tank: one that stays smaller is named, calmer than or as calm as it is. */
    @Test
    void aFishThatOutgrowsTheTankHasASmallerOneInItsPlace() {
        ResolvedPlan stock = stock(List.of(), wish("heniochus-diphreutes", 1));
        assertThat(ways(stock, "heniochus-diphreutes"))
                .extracting(WayToYes::turn)
                .isNotEmpty()
                .allSatisfy(turn -> assertThat(turn)
                        .isInstanceOfSatisfying(
                                Turn.Instead.class,
                                one -> assertThat(one.species().family()).isEqualTo("Chaetodontidae")));
    }

    @Test
    void ofAWishThatMayComeNothingIsTurned() {
        ResolvedPlan stock = stock(List.of(), wish("gramma-loreto", 1));
        assertThat(ways(stock, "gramma-loreto")).isEmpty();
    }

    /** A shark for a reef tank: no fish that goes makes it a yes, and nothing in reach is like it. */
    @Test
    void whatIsTooLargeForTheTankIsTurnedByNobodysLeaving() {
        ResolvedPlan stock = stock(List.of(resident("a", "gramma-loreto", 300, 6)), wish("naso-unicornis", 1));
        assertThat(ways(stock, "naso-unicornis"))
                .extracting(WayToYes::turn)
                .noneMatch(turn -> turn instanceof Turn.Rehome || turn instanceof Turn.Drop);
    }

    /** Whatever is told is true: the plan with that change written into it, judged from the start, says what the way says. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void eachWayHoldsInThePlanThatIsChangedSo(int seed) {
        Random random = new Random(seed);
        List<Species> all = List.copyOf(CATALOGUE.all());
        List<Resident> residents = IntStream.range(0, 4)
                .mapToObj(i -> resident(
                        "r" + i, all.get(random.nextInt(all.size())).id().key(), 400, 8))
                .toList();
        Wish[] wishes = random.ints(0, all.size())
                .distinct()
                .limit(5)
                .mapToObj(i -> wish(all.get(i).id().key(), 1 + random.nextInt(3)))
                .toArray(Wish[]::new);
        ResolvedPlan stock = stock(residents, wishes);
        for (Judgement one : PlanJudgement.of(stock, water(stock)).judgements()) {
            for (WayToYes way : WayToYes.of(stock, one, CATALOGUE.all(), water(stock))) {
                ResolvedPlan after = ResolvedPlan.of(changed(stock.plan(), one, way.turn()), CATALOGUE);
                assertThat(judged(after, way.then().wished().wish().id()).verdict())
                        .isEqualTo(way.then().verdict())
                        .isNotEqualTo(Verdict.OUT);
            }
        }
    }

    private static TankPlan changed(TankPlan plan, Judgement refused, Turn turn) {
        return turn.happening(refused.wished().wish(), new WishId("asked"))
                .map(change -> change.applyTo(plan))
                .orElseGet(() -> plan.with(as -> as.residents(plan.residents().stream()
                        .map(one -> turn.equals(new Turn.Rehome(one.id(), one.name()))
                                ? one.withLeftOn(Optional.of(TODAY))
                                : one)
                        .toList())));
    }
}
