package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.id.FishId;
import org.pelluna.core.tension.RemedyEffect.Outcome;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;

/** Counts by hand: one hour watched at 18:00 on some days, and chases written at half past. */
class RemedyEffectTest {
    private Logs logs;

    @BeforeEach
    void threeFish() {
        logs = new Logs(1)
                .resident("boss", "acanthurus-sohal", 300, 20)
                .resident("second", "zebrasoma-flavescens", 250, 14)
                .resident("pip", "gramma-loreto", 200, 5);
    }

    private Logs chases(String aggressor, int daysAgo, int count) {
        for (int i = 0; i < count; i++) {
            logs.add(Logs.day(daysAgo).atTime(18, 30).plusSeconds(i), LogEntry.Kind.CHASE, aggressor, "pip", 1);
        }
        return logs;
    }

    private RemedyEffect effect() {
        return RemedyEffect.of(logs.plan()).get(0);
    }

    @Test
    void threeWeeksBeforeAreHeldAgainstTheDaysSinceIt() {
        logs.watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("boss", 32, 7);
        chases("boss", 31, 2);
        chases("boss", 11, 3);
        chases("boss", 10, 1);
        chases("boss", 0, 4);
        RateChange all = effect().all();
        assertThat(all.before())
                .as("day 31 counts, day 32 does not, nor the day itself")
                .isEqualTo(5);
        assertThat(all.hoursBefore()).isEqualTo(21);
        assertThat(all.after()).as("from the day itself up to today").isEqualTo(5);
        assertThat(all.hoursAfter()).isEqualTo(11);
        assertThat(all.aggressorId()).isEmpty();
    }

    @Test
    void afterThreeWeeksARemedyIsNotCreditedAnyMore() {
        logs.watched(60, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 30);
        chases("boss", 10, 2);
        chases("boss", 9, 5);
        assertThat(effect().all().after()).isEqualTo(2);
        assertThat(effect().all().hoursAfter()).isEqualTo(21);
    }

    @Test
    void theQuarrelBeginsWithTheLastArrival() {
        logs.resident("new", "gramma-loreto", 15, 5).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("boss", 16, 4);
        chases("boss", 15, 1);
        assertThat(effect().all().before()).isEqualTo(1);
        assertThat(effect().all().hoursBefore()).isEqualTo(5);
    }

    @Test
    void whoComesOnTheDayOfTheRemedyOrAfterDoesNotCutTheTimeBefore() {
        logs.resident("new", "gramma-loreto", 10, 5).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        assertThat(effect().all().hoursBefore()).isEqualTo(21);
    }

    @Test
    void eachAggressorIsCountedTheMostFrequentBeforeFirst() {
        logs.watched(20, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("second", 15, 3);
        chases("boss", 14, 8);
        chases("second", 5, 2);
        assertThat(effect().byAggressor())
                .extracting(RateChange::aggressorId, RateChange::before, RateChange::after)
                .containsExactly(
                        tuple(Optional.of(new FishId("boss")), 8, 0), tuple(Optional.of(new FishId("second")), 3, 2));
    }

    @Test
    void aRemedyToComeHasNoTimeAfterIt() {
        logs.watched(20, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", -2);
        chases("boss", 1, 3);
        assertThat(effect().all().after()).isZero();
        assertThat(effect().all().hoursAfter()).isZero();
        assertThat(effect().all().verdict()).isEqualTo(Outcome.UNKNOWN);
    }

    @ParameterizedTest(name = "{0} in {1} h before, {2} in {3} h after: {4}")
    @CsvSource({
        "12, 10, 1, 10, HELPED",
        "1, 10, 12, 10, WORSE",
        "3, 10, 2, 10, UNCLEAR",
        "0, 10, 0, 10, UNKNOWN",
        "12, 10, 0, 0, UNKNOWN",
        "0, 0, 12, 10, UNKNOWN",
        "0, 10, 12, 10, WORSE",
        "12, 10, 0, 10, HELPED"
    })
    void itHelpedOnlyIfTheIntervalOfTheRatioLeavesOneOut(
            int before, double hoursBefore, int after, double hoursAfter, Outcome outcome) {
        RateChange change = new RateChange(Optional.empty(), before, hoursBefore, after, hoursAfter);
        assertThat(change.verdict()).isEqualTo(outcome);
        assertThat(change.isKnown()).isEqualTo(hoursBefore > 0 && hoursAfter > 0);
        assertThat(outcome.words()).isNotBlank();
    }

    @ParameterizedTest(name = "second {0} before and {1} after, the boss {2} before and {3} after: steps in {4}")
    @CsvSource({"0, 5, 8, 1, true", "0, 4, 8, 1, false", "0, 2, 8, 1, false", "3, 4, 8, 1, false", "0, 5, 8, 20, false"
    })
    void someoneStepsInWhenTheWorstEasesAndAnotherClearlyDoesNot(
            int before, int after, int bossBefore, int bossAfter, boolean stepsIn) {
        logs.watched(20, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("boss", 15, bossBefore);
        chases("second", 14, before);
        chases("boss", 5, bossAfter);
        chases("second", 4, after);
        assertThat(effect().steppedIn().flatMap(RateChange::aggressorId))
                .isEqualTo(stepsIn ? Optional.of(new FishId("second")) : Optional.empty());
    }

    private static RemedyEffect tried(Remedy.Kind kind, int before, int after) {
        RateChange all = new RateChange(Optional.empty(), before, 10, after, 5);
        Remedy remedy =
                new Remedy("r", kind, Optional.of(new FishId("pip")), Logs.day(10), Optional.empty(), Optional.empty());
        return new RemedyEffect(remedy, all, List.of(), Optional.empty());
    }

    @Test
    void triesOfAKindAreAddedUpTheMostTriedFirst() {
        List<RemedyEffect.Tally> tallies = RemedyEffect.tally(List.of(
                tried(Remedy.Kind.BOX, 1, 12),
                tried(Remedy.Kind.MIRROR, 20, 0),
                tried(Remedy.Kind.MIRROR, 30, 1),
                tried(Remedy.Kind.MIRROR, 3, 2)));
        assertThat(tallies)
                .extracting(
                        RemedyEffect.Tally::kind,
                        RemedyEffect.Tally::tried,
                        RemedyEffect.Tally::helped,
                        RemedyEffect.Tally::worse)
                .containsExactly(tuple(Remedy.Kind.MIRROR, 3, 2, 0), tuple(Remedy.Kind.BOX, 1, 0, 1));
        assertThat(tallies.get(0).together()).isEqualTo(new RateChange(Optional.empty(), 53, 30, 3, 15));
    }
}
