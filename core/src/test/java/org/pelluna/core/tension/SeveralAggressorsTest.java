package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.function.Predicate;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.course.Keepers;
import org.pelluna.core.course.Watched;
import org.pelluna.core.id.FishId;

/** Six fish that attack others at once, in simulated records: what is said of any of them is as rarely wrong as what is said of one. */
class SeveralAggressorsTest {
    private static final int FISH = 6;
    private static final int ROUNDS = 60;

    /** Half an hour a day; from day twelve on every fish's rate is so many times what it would be. */
    private static List<RateChange> tried(Keepers keeper, IntToDoubleFunction times) {
        List<RateChange> changes = new ArrayList<>();
        for (int fish = 0; fish < FISH; fish++) {
            var rate = Keepers.settling(
                    (fish == 0 ? 6 : 1.5) * Math.exp(0.5 * keeper.normal()), 8 * Math.exp(0.7 * keeper.normal()), 0.3);
            List<Watched> before = new ArrayList<>();
            List<Watched> after = new ArrayList<>();
            for (double day = 0.5; day < 33; day++) {
                double since = day > 12 ? times.applyAsDouble(fish) : 1;
                (day > 12 ? after : before)
                        .add(new Watched(day, 0.5, keeper.seen(rate.applyAsDouble(day) / 2 * since)));
            }
            changes.add(RateChange.of(Optional.of(new FishId("f" + fish)), before, after, FISH));
        }
        changes.sort(Comparator.comparingInt((RateChange one) -> RateChange.encounters(one.before()))
                .reversed());
        return changes;
    }

    private static List<List<RateChange>> records(double bout, IntToDoubleFunction times) {
        List<List<RateChange>> records = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            records.add(tried(new Keepers(round, bout), times));
        }
        return records;
    }

    private static double share(List<List<RateChange>> records, Predicate<List<RateChange>> said) {
        return records.stream().filter(said).count() / (double) records.size();
    }

    private static Predicate<List<RateChange>> any(RemedyEffect.Outcome outcome) {
        return changes -> changes.stream().anyMatch(one -> one.verdict() == outcome);
    }

    @Tag("long")
    @Test
    void whereNothingWasDoneHardlyAnyoneHelpedOrSteppedIn() {
        for (double bout : new double[] {1, 5}) {
            List<List<RateChange>> records = records(bout, fish -> 1);
            assertThat(share(records, any(RemedyEffect.Outcome.HELPED))).isLessThanOrEqualTo(0.05);
            assertThat(share(records, any(RemedyEffect.Outcome.WORSE))).isLessThanOrEqualTo(0.05);
            assertThat(share(records, changes -> RemedyEffect.steppedIn(changes).isPresent()))
                    .isLessThanOrEqualTo(0.05);
        }
    }

    @Tag("long")
    @Test
    void whoStepsInForTheWorstIsFoundInAThirdOfRecordsOfSingleChases() {
        assertThat(share(
                        records(1, fish -> fish == 0 ? 0.05 : fish == 1 ? 5 : 1),
                        changes -> RemedyEffect.steppedIn(changes)
                                .filter(one ->
                                        one.aggressorId().orElseThrow().key().equals("f1"))
                                .isPresent()))
                .isGreaterThan(0.3);
    }
}
