package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.watch.LogEntry;

class RanksTest {
    private static Logs three() {
        return new Logs(1)
                .resident("a", "chrysiptera-parasema", 200, 7)
                .resident("b", "gramma-loreto", 180, 6)
                .resident("c", "ecsenius-bicolor", 20, 6);
    }

    private static ResolvedPlan stock(Logs logs) {
        return ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE);
    }

    @Test
    void whoWinsRules() {
        Logs logs = three();
        for (int i = 0; i < 6; i++) {
            logs.add(Fixtures.TODAY.minusDays(10 - i).atTime(9, 0), LogEntry.Kind.CHASE, "a", "b", 1)
                    .add(Fixtures.TODAY.minusDays(10 - i).atTime(10, 0), LogEntry.Kind.NIP, "b", "c", 1)
                    .add(Fixtures.TODAY.minusDays(10 - i).atTime(11, 0), LogEntry.Kind.CHASE, "a", "c", 1);
        }
        Ranks ranks = Ranks.of(stock(logs));
        assertThat(ranks.ranked())
                .extracting(one -> one.fish().id())
                .containsExactly(new FishId("a"), new FishId("b"), new FishId("c"));
        assertThat(ranks.linearity().orElseThrow().h()).isCloseTo(1, within(1e-12));
        assertThat(ranks.ranked().stream().mapToDouble(Ranks.Rank::davidsScore).sum())
                .isCloseTo(0, within(1e-9));
        assertThat(List.copyOf(ranks.courses().get(new FishId("a")).values()))
                .last()
                .satisfies(rating -> assertThat(rating).isGreaterThan(1100));
        assertThat(ranks.pairs()).hasSize(6);
        assertThat(ranks.encounters()).isEqualTo(18);
    }

    @Test
    void anEmptyLogRanksNobody() {
        Ranks ranks = Ranks.of(stock(three()));
        assertThat(ranks.linearity()).isEmpty();
        assertThat(ranks.ranked())
                .allSatisfy(one -> assertThat(one.davidsScore()).isZero());
    }

    @Test
    void waysOutAreOrderedFromMildToHardAndEachHasItsPrice() {
        ResolvedPlan stock = stock(three());
        Fish victim = stock.residents().stream()
                .filter(one -> one.id().key().equals("c"))
                .findFirst()
                .orElseThrow();
        List<RemedyOption> ways = RemedyOption.of(stock, victim);
        assertThat(ways.get(0).title()).isEqualTo("Wait");
        double wait = ways.get(0).pressure();
        assertThat(ways.get(0).later()).isLessThanOrEqualTo(wait);
        assertThat(way(ways, "More food, at more places").pressure()).isLessThanOrEqualTo(wait);
        assertThat(way(ways, "A new pile of rock with holes").pressure()).isLessThan(wait);
        assertThat(way(ways, "A mirror at the front").pressure()).isLessThan(wait);
        assertThat(way(ways, "Move the rockwork").pressure()).isLessThan(wait);
        assertThat(way(ways, "Rehome c").pressure()).isZero();
        assertThat(ways.stream()
                        .filter(one -> one.way() == RemedyOption.Way.REHOME_BULLY)
                        .findFirst()
                        .orElseThrow()
                        .pressure())
                .isLessThan(wait);
        assertThat(ways).allSatisfy(one -> assertThat(one.steps()).isNotEmpty());
        // A return begins the settling anew; the box softens it.
        assertThat(way(ways, "Back into the box").later())
                .isLessThan(way(ways, "Back into the box").pressure());
    }

    /** Advice that could harm: to wait was the first thing said of a fish that was pinned. */
    @Test
    void forAFishThatWasPinnedWaitingIsTheLastThingAndSaysSo() {
        Logs logs =
                new Logs(5).resident("boss", "chrysiptera-parasema", 200, 7).resident("new", "ecsenius-bicolor", 9, 6);
        RemedyOption calm = ways(logs).get(0);
        assertThat(calm.way()).isEqualTo(RemedyOption.Way.WAIT);
        List<RemedyOption> ways =
                ways(logs.add(Fixtures.TODAY.minusDays(1).atTime(9, 0), LogEntry.Kind.PINNED, "boss", "new", 3));
        assertThat(ways.get(0).way()).isNotEqualTo(RemedyOption.Way.WAIT);
        RemedyOption last = ways.get(ways.size() - 1);
        assertThat(last.way()).isEqualTo(RemedyOption.Way.WAIT);
        assertThat(last.words()).contains("separate them today");
        assertThat(ways).extracting(RemedyOption::way).doesNotHaveDuplicates();
    }

    private static List<RemedyOption> ways(Logs logs) {
        ResolvedPlan plan = ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE);
        return RemedyOption.of(
                plan,
                plan.residents().stream()
                        .filter(one -> one.id().key().equals("new"))
                        .findFirst()
                        .orElseThrow());
    }

    private static RemedyOption way(List<RemedyOption> ways, String title) {
        return ways.stream()
                .filter(one -> one.title().equals(title))
                .findFirst()
                .orElseThrow();
    }
}
