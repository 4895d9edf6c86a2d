package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.course.Watched;
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
        assertThat(seen(all.before()))
                .as("day 31 counts, day 32 does not; of the last day before, which made the keeper act, nothing")
                .isEqualTo(2);
        assertThat(hours(all.before())).isEqualTo(20);
        assertThat(all.spared().orElseThrow().count()).isEqualTo(3);
        assertThat(seen(all.after())).as("from the day itself up to today").isEqualTo(5);
        assertThat(hours(all.after())).isEqualTo(11);
        assertThat(all.aggressorId()).isEmpty();
    }

    @Test
    void afterThreeWeeksARemedyIsNotCreditedAnyMore() {
        logs.watched(60, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 30);
        chases("boss", 10, 2);
        chases("boss", 9, 5);
        assertThat(seen(effect().all().after())).isEqualTo(2);
        assertThat(hours(effect().all().after())).isEqualTo(21);
    }

    @Test
    void theQuarrelBeginsWithTheLastArrival() {
        logs.resident("new", "gramma-loreto", 15, 5).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("boss", 16, 4);
        chases("boss", 15, 1);
        assertThat(seen(effect().all().before())).isEqualTo(1);
        assertThat(hours(effect().all().before())).isEqualTo(4);
    }

    @Test
    void whoComesOnTheDayOfTheRemedyOrAfterDoesNotCutTheTimeBefore() {
        logs.resident("new", "gramma-loreto", 10, 5).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        assertThat(hours(effect().all().before())).isEqualTo(20);
    }

    @Test
    void eachAggressorIsCountedTheMostFrequentBeforeFirst() {
        logs.watched(20, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("second", 15, 3);
        chases("boss", 14, 8);
        chases("second", 5, 2);
        assertThat(effect().byAggressor())
                .extracting(RateChange::aggressorId, one -> seen(one.before()), one -> seen(one.after()))
                .containsExactly(
                        tuple(Optional.of(new FishId("boss")), 8, 0), tuple(Optional.of(new FishId("second")), 3, 2));
    }

    @Test
    void aRemedyToComeHasNoTimeAfterIt() {
        logs.watched(20, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", -2);
        chases("boss", 1, 3);
        assertThat(effect().all().after()).isEmpty();
        assertThat(effect().all().verdict()).isEqualTo(Outcome.UNKNOWN);
    }

    @ParameterizedTest(name = "{0} a day before, {1} a day after, watched {2} days after: {3}")
    @CsvSource({
        "4, 0, 15, HELPED",
        "1, 9, 15, WORSE",
        "2, 1, 6, UNCLEAR",
        "0, 0, 15, UNKNOWN",
        "4, 0, 0, UNKNOWN",
        "4, 1, 15, HELPED"
    })
    void whatIsSaidRestsOnWhatSettlingWouldHaveLeft(int before, int after, int days, Outcome outcome) {
        logs.watched(40, 20, 60).remedy(Remedy.Kind.MIRROR, "pip", 15);
        if (days > 0) {
            logs.watched(15, 16 - days, 60);
        }
        for (int day = 36; day >= 16; day--) {
            chases("boss", day, before);
        }
        for (int day = 15; day > 15 - days; day--) {
            chases("boss", day, after);
        }
        RateChange change = effect().all();
        assertThat(change.verdict()).isEqualTo(outcome);
        assertThat(outcome.words()).isNotBlank();
        assertThat(change.hoursToTell(40).isPresent())
                .as("what can be told needs no more watching")
                .isIn(false, outcome == Outcome.UNCLEAR);
    }

    @ParameterizedTest(name = "second {0} a day before and {1} after, the boss {2} before and {3} after: steps in {4}")
    @CsvSource({"0, 8, 8, 0, true", "0, 0, 8, 0, false", "5, 5, 8, 0, false", "0, 8, 2, 9, false"})
    void someoneStepsInWhenTheWorstEasesAndAnotherClearlyDoesNot(
            int before, int after, int bossBefore, int bossAfter, boolean stepsIn) {
        logs.watched(36, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 18);
        for (int day = 36; day >= 0; day--) {
            chases("boss", day, day > 18 ? bossBefore : bossAfter);
            chases("second", day, day > 18 ? before : after);
        }
        assertThat(effect().steppedIn().flatMap(RateChange::aggressorId))
                .isEqualTo(stepsIn ? Optional.of(new FishId("second")) : Optional.empty());
    }

    private static RemedyEffect tried(Remedy.Kind kind, int before, int after) {
        List<Watched> earlier = new ArrayList<>();
        List<Watched> later = new ArrayList<>();
        for (int day = 0; day < 15; day++) {
            earlier.add(new Watched(30 + day, 1, before));
            later.add(new Watched(45 + day, 1, after));
        }
        Remedy remedy =
                new Remedy("r", kind, Optional.of(new FishId("pip")), Logs.day(10), Optional.empty(), Optional.empty());
        return new RemedyEffect(
                remedy,
                Logs.day(40),
                Optional.empty(),
                RateChange.of(Optional.empty(), earlier, later, 1),
                List.of(),
                Optional.empty());
    }

    @Test
    void triesOfAKindAreCountedTheMostTriedFirst() {
        List<RemedyEffect.Tally> tallies = RemedyEffect.tally(List.of(
                tried(Remedy.Kind.BOX, 1, 12),
                tried(Remedy.Kind.MIRROR, 6, 0),
                tried(Remedy.Kind.MIRROR, 8, 1),
                tried(Remedy.Kind.MIRROR, 3, 3)));
        assertThat(tallies)
                .extracting(
                        RemedyEffect.Tally::kind,
                        RemedyEffect.Tally::tried,
                        RemedyEffect.Tally::helped,
                        RemedyEffect.Tally::worse)
                .containsExactly(tuple(Remedy.Kind.MIRROR, 3, 2, 0), tuple(Remedy.Kind.BOX, 1, 0, 1));
    }

    /** A fight that is over because a fish is gone was not ended by the mirror: nothing after that day is counted. */
    @Test
    void whatIsQuietBecauseAFishIsGoneIsNoHelp() {
        logs.departed("gone", "gramma-loreto", 200, 8).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "gone", 12);
        for (int day = 32; day >= 9; day--) {
            logs.add(Logs.day(day).atTime(18, 20), LogEntry.Kind.CHASE, "boss", "gone", 1);
            logs.add(Logs.day(day).atTime(18, 40), LogEntry.Kind.CHASE, "boss", "gone", 1);
        }
        assertThat(hours(effect().all().after()))
                .as("four days, until it was gone")
                .isEqualTo(4);
        assertThat(effect().outcome()).isNotIn(Outcome.HELPED, Outcome.MAY_HAVE_HELPED);
    }

    @Test
    void whoArrivesAfterEndsTheDaysThatTell() {
        logs.resident("new", "gramma-loreto", 6, 5).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        chases("boss", 20, 3);
        assertThat(hours(effect().all().after())).isEqualTo(4);
    }

    @Test
    void anotherRemedyEndsThemTooAndTooNearItCannotBeToldApart() {
        logs.watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 15).remedy(Remedy.Kind.MORE_FOOD, "pip", 9);
        chases("boss", 20, 3);
        List<RemedyEffect> effects = RemedyEffect.of(logs.plan());
        assertThat(hours(effects.get(1).all().after()))
                .as("the mirror, until there was more food")
                .isEqualTo(6);
        assertThat(hours(effects.get(0).all().before()))
                .as("more food, since there was a mirror, but for the last")
                .isEqualTo(5);
        logs.remedy(Remedy.Kind.FRESH_ROCK, "pip", 8);
        assertThat(RemedyEffect.of(logs.plan()).get(0).outcome()).isEqualTo(Outcome.MIXED);
    }

    /** A bully that is out attacks nobody; whether it learned its lesson is told once it is back. */
    @Test
    void aBullyThatIsOutIsJudgedOnceItIsBack() {
        logs.watched(32, 0, 60).remedy(Remedy.Kind.BULLY_OUT, "boss", 10);
        for (int day = 32; day >= 11; day--) {
            chases("boss", day, 3);
        }
        assertThat(effect().all().after()).isEmpty();
        assertThat(effect().outcome()).isEqualTo(Outcome.AWAY);
    }

    /** The fish that was given up cannot be compared with itself, even where the keeper ends the remedy. */
    @Test
    void aFishThatIsGoneForGoodIsNeverBack() {
        logs.departed("gone", "gramma-loreto", 200, 10).watched(32, 0, 60).remedy(Remedy.Kind.GIVEN_UP, "gone", 10);
        for (int day = 32; day >= 11; day--) {
            chases("gone", day, 3);
        }
        assertThat(effect().outcome()).isEqualTo(Outcome.AWAY);
    }

    /** A mirror put up on the very day on which the bully was sold. */
    @Test
    void aChangeOnTheSameDayCannotBeToldApart() {
        logs.departed("gone", "gramma-loreto", 200, 10).watched(32, 0, 60).remedy(Remedy.Kind.MIRROR, "pip", 10);
        for (int day = 32; day >= 11; day--) {
            chases("gone", day, 3);
        }
        assertThat(effect().outcome()).isEqualTo(Outcome.MIXED);
    }

    private static int seen(List<Watched> watches) {
        return RateChange.encounters(watches);
    }

    private static double hours(List<Watched> watches) {
        return RateChange.hours(watches);
    }
}
