package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.course.Watched;
import org.pelluna.core.id.FishId;
import org.pelluna.core.pressure.SettlingCourse;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;

class SettlingTest {
    private static Logs arrival(long seed, int daysAgo) {
        return new Logs(seed)
                .resident("boss", "chrysiptera-parasema", 200, 7)
                .resident("mate", "gramma-loreto", 180, 6)
                .resident("new", "ecsenius-bicolor", daysAgo, 6)
                .watched(daysAgo, 0, 20);
    }

    private static Settling together(Logs logs) {
        return Settling.of(logs.plan()).stream()
                .filter(one ->
                        one.aggressorId().isEmpty() && one.victimId().key().equals("new"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatGoesOnIsToldAndWhatSettlesAsPredictedIsNot() {
        Logs calming =
                arrival(1000, 28).encounters("boss", "new", 28, 0, ago -> 6 * SettlingCourse.USUAL.left(28 - ago));
        assertThat(together(calming).settles()).isNotEqualTo(Settling.State.NOT_SETTLING);
        Logs going = arrival(5000, 55).encounters("boss", "new", 55, 0, ago -> 8);
        Settling settling = together(going);
        assertThat(settling.settles()).isEqualTo(Settling.State.NOT_SETTLING);
        assertThat(settling.unrest()).isGreaterThan(20);
        assertThat(Settling.of(going.plan()))
                .filteredOn(one -> one.aggressorId().isPresent())
                .allSatisfy(one -> assertThat(one.settles()).isEqualTo(Settling.State.NOT_SETTLING));
    }

    @Test
    void aQuarrelThatDiesDownIsSettlingThenQuietAndItsCalmIsProjected() {
        Logs early = arrival(3, 10).encounters("boss", "new", 10, 0, ago -> 20 * Math.exp(-(10 - ago) / 4.0));
        Settling settling = together(early);
        assertThat(settling.settles()).isIn(Settling.State.SETTLING, Settling.State.OPEN);
        assertThat(settling.course().middle(10)).isLessThan(settling.course().middle(0) / 2);
        assertThat(settling.course().calmOn(2, 0.9).low()).isBetween(3.0, 25.0);
        assertThat(together(arrival(4, 55).encounters("boss", "new", 55, 50, ago -> 6))
                        .settles())
                .as("twenty minutes a day for seven weeks do not show one in four hours")
                .isEqualTo(Settling.State.SETTLING);
        Logs late = arrival(4, 55).watched(55, 0, 120).encounters("boss", "new", 55, 50, ago -> 6);
        assertThat(together(late).settles()).isEqualTo(Settling.State.QUIET);
    }

    @Test
    void withoutWatchesNothingIsSaid() {
        Logs unwatched = new Logs(1)
                .resident("boss", "chrysiptera-parasema", 200, 7)
                .resident("new", "ecsenius-bicolor", 9, 6)
                .add(Fixtures.TODAY.minusDays(1).atTime(9, 0), LogEntry.Kind.CHASE, "boss", "new", 2);
        Settling none = together(unwatched);
        assertThat(none.settles()).isEqualTo(Settling.State.TOO_EARLY);
        assertThat(none.encounters()).isZero();
    }

    @Test
    void eachAggressorHasItsOwnCourse() {
        Logs logs =
                arrival(8, 14).encounters("boss", "new", 14, 0, ago -> 5).encounters("mate", "new", 14, 0, ago -> 0.8);
        assertThat(Settling.of(logs.plan()))
                .extracting(Settling::aggressorId)
                .containsExactly(Optional.empty(), Optional.of(new FishId("boss")), Optional.of(new FishId("mate")));
    }

    @Test
    void onlyWhatTheNewcomerSuffersInDeclaredWatchesIsItsCount() {
        Logs logs = arrival(8, 14)
                .add(Logs.day(3).atTime(18, 5), LogEntry.Kind.CHASE, "boss", "new", 1)
                .add(Logs.day(2).atTime(18, 5), LogEntry.Kind.CHASE, "mate", "new", 1)
                .add(Logs.day(2).atTime(18, 6), LogEntry.Kind.CHASE, "new", "mate", 1)
                .add(Logs.day(2).atTime(18, 7), LogEntry.Kind.CHASE, "boss", "mate", 1)
                .add(Logs.day(1).atTime(9, 0), LogEntry.Kind.CHASE, "boss", "new", 1);
        assertThat(Settling.of(logs.plan())).extracting(Settling::encounters).containsExactly(2, 1, 1);
        assertThat(together(logs).hours())
                .as("four evenings since the first attack")
                .isCloseTo(4 / 3.0, within(1e-9));
        assertThat(together(logs).days(Fixtures.TODAY)).isEqualTo(3);
    }

    @Test
    void aNewcomerIsLookedAtForSixtyDays() {
        assertThat(Settling.of(arrival(8, 60).plan()))
                .extracting(Settling::victimId)
                .contains(new FishId("new"));
        assertThat(Settling.of(arrival(8, 61).plan())).isEmpty();
        assertThat(Settling.of(
                        arrival(8, 20).departed("gone", "gramma-loreto", 20, 5).plan()))
                .as("one that has left has nothing to settle")
                .hasSize(1);
    }

    @Test
    void theDaysUntilItIsCalmAreDatesAndAnEndThatMayNeverComeIsOpen() {
        Settling one =
                together(arrival(3, 10).encounters("boss", "new", 10, 0, ago -> 20 * Math.exp(-(10 - ago) / 4.0)));
        var days = one.course().calmOn(Settling.CALM, Settling.LEVEL);
        assertThat(one.calmOn().get(0)).contains(one.since().plusDays((long) Math.ceil(days.low())));
        assertThat(days.high()).isGreaterThan(120);
        assertThat(one.calmOn().get(1)).isEmpty();
    }

    @Test
    void theHoursThatWouldShowItQuietAreTheFewestThatDo() {
        Settling one = together(arrival(4, 55).encounters("boss", "new", 55, 50, ago -> 6));
        double day = one.days(Fixtures.TODAY);
        double more = one.hoursToQuiet(Fixtures.TODAY).orElseThrow();
        assertThat(more).isGreaterThan(0.5);
        assertThat(one.course()
                        .and(new Watched(day, more, 0))
                        .rate(day, Settling.LEVEL)
                        .high())
                .isLessThan(Settling.CALM);
        assertThat(one.course()
                        .and(new Watched(day, more / 2, 0))
                        .rate(day, Settling.LEVEL)
                        .high())
                .as("half as long would not have done")
                .isGreaterThanOrEqualTo(Settling.CALM);
        Settling going = together(arrival(5, 20).encounters("boss", "new", 20, 0, ago -> 40));
        assertThat(going.hoursToQuiet(Fixtures.TODAY))
                .as("a quiet evening does not undo three weeks of it")
                .isEmpty();
    }

    @Test
    void theFirstDaysAndAFewWatchesAreTooEarlyForAnyVerdictButQuiet() {
        assertThat(together(arrival(5, 5).encounters("boss", "new", 5, 0, ago -> 30))
                        .settles())
                .isEqualTo(Settling.State.TOO_EARLY);
        assertThat(together(arrival(5, 6).encounters("boss", "new", 6, 0, ago -> 30))
                        .settles())
                .isNotEqualTo(Settling.State.TOO_EARLY);
        Logs seldom = new Logs(1)
                .resident("boss", "chrysiptera-parasema", 200, 7)
                .resident("new", "ecsenius-bicolor", 20, 6)
                .watched(9, 8, 20)
                .encounters("boss", "new", 9, 8, ago -> 30);
        assertThat(together(seldom).settles()).isEqualTo(Settling.State.TOO_EARLY);
        assertThat(together(seldom.watched(7, 7, 20)).settles()).isNotEqualTo(Settling.State.TOO_EARLY);
    }

    @Test
    void theVerdictIsSaidInAKeepersWords() {
        assertThat(Settling.State.OPEN.words()).isEqualTo("not clear yet");
        assertThat(Settling.State.NOT_SETTLING.words()).isEqualTo("not settling");
    }

    @Test
    void theSecondBullyIsSeenToStepInWhenAMirrorKeepsTheFirstBusy() {
        Logs logs = arrival(12, 40)
                .encounters("boss", "new", 40, 20, ago -> 12)
                .encounters("mate", "new", 40, 20, ago -> 0.5)
                .remedy(Remedy.Kind.MIRROR, "boss", 19)
                .encounters("boss", "new", 19, 0, ago -> 0.6)
                .encounters("mate", "new", 19, 0, ago -> 9);
        RemedyEffect effect = RemedyEffect.of(logs.plan()).get(0);
        var boss = effect.byAggressor().get(0);
        assertThat(boss.aggressorId()).contains(new FishId("boss"));
        assertThat(boss.verdict()).isEqualTo(RemedyEffect.Outcome.HELPED);
        assertThat(effect.steppedIn().orElseThrow().aggressorId()).contains(new FishId("mate"));
        assertThat(Warning.of(logs.plan())).extracting(Warning::kind).contains(Warning.Kind.STEPPED_IN);
        assertThat(RemedyEffect.tally(RemedyEffect.of(logs.plan())))
                .singleElement()
                .satisfies(one -> assertThat(one.tried()).isEqualTo(1));
    }

    @Test
    void aRemedyThatWasNotWatchedIsNotJudged() {
        Logs logs = new Logs(2)
                .resident("boss", "chrysiptera-parasema", 200, 7)
                .resident("new", "ecsenius-bicolor", 20, 6)
                .remedy(Remedy.Kind.FRESH_ROCK, "boss", 10);
        assertThat(RemedyEffect.of(logs.plan()).get(0).all().verdict()).isEqualTo(RemedyEffect.Outcome.UNKNOWN);
    }

    @Test
    void rollCallsWarnOfTheMissingTheHurtAndThoseThatDoNotEat() {
        Logs logs = arrival(5, 12)
                .called(3, Map.of(new FishId("new"), RollCall.State.EATING, new FishId("mate"), RollCall.State.EATING))
                .called(2, Map.of(new FishId("new"), RollCall.State.HIDING, new FishId("mate"), RollCall.State.SEEN))
                .called(1, Map.of(new FishId("new"), RollCall.State.SEEN, new FishId("mate"), RollCall.State.MISSING));
        var warnings = Warning.of(logs.plan());
        assertThat(warnings).extracting(Warning::kind).contains(Warning.Kind.MISSING, Warning.Kind.NOT_EATING);
        Warning hungry = warnings.stream()
                .filter(one -> one.kind() == Warning.Kind.NOT_EATING)
                .findFirst()
                .orElseThrow();
        assertThat(hungry.since()).isEqualTo(Logs.day(2));
        Logs fine = logs.called(
                0, Map.of(new FishId("new"), RollCall.State.EATING, new FishId("mate"), RollCall.State.EATING));
        assertThat(Warning.of(fine.plan())).isEmpty();
    }

    @Test
    void hidingForSomeDaysAfterAnArrivalIsNormal() {
        Logs logs = arrival(6, 3)
                .called(2, Map.of(new FishId("new"), RollCall.State.HIDING))
                .called(1, Map.of(new FishId("new"), RollCall.State.HIDING));
        assertThat(Warning.of(logs.plan())).isEmpty();
    }

    @Test
    void aFierceAttackIsToldAtOnceAndOnceForEachDay() {
        Logs logs = arrival(6, 3)
                .add(Fixtures.TODAY.atTime(9, 0), LogEntry.Kind.PINNED, "boss", "new", 3)
                .add(Fixtures.TODAY.atTime(9, 5), LogEntry.Kind.PINNED, "boss", "new", 3);
        assertThat(Warning.of(logs.plan())).singleElement().satisfies(one -> {
            assertThat(one.kind()).isEqualTo(Warning.Kind.FIERCE);
            assertThat(one.words()).contains("by boss");
        });
    }

    @Test
    void howTheRateComesAboutIsTold() {
        Settling one = together(arrival(3, 10).encounters("boss", "new", 10, 0, ago -> 3));
        var rate = one.course().rate(10, Settling.LEVEL);
        assertThat(one.how(Fixtures.TODAY).orElseThrow().arithmetic())
                .startsWith(one.encounters() + " attacks ÷ ")
                .endsWith(
                        "today " + Numbers.plain(rate.low(), 2) + " to " + Numbers.plain(rate.high(), 2) + " an hour");
        assertThat(one.how(Fixtures.TODAY).orElseThrow().reasons())
                .anyMatch(reason -> reason.contains("we say “not settling” from 25"));
        Logs unseen =
                new Logs(3).resident("boss", "chrysiptera-parasema", 200, 7).resident("new", "ecsenius-bicolor", 9, 6);
        assertThat(together(unseen).how(Fixtures.TODAY)).isEmpty();
    }

    /** Hides for eight days, is then attacked, and settles as most do: nobody says that it does not settle. */
    @Test
    void aNewcomerThatHidIsJudgedFromItsFirstAttack() {
        int wrong = 0;
        for (int seed = 0; seed < 20; seed++) {
            Logs logs = new Logs(seed)
                    .resident("boss", "gramma-loreto", 300, 6)
                    .resident("new", "gramma-loreto", 28, 5)
                    .watched(28, 0, 30)
                    .encounters("boss", "new", 20, 0, ago -> 6 * (0.1 + 0.9 * Math.pow(0.5, (20 - ago) / 7.0)));
            Settling settling = together(logs);
            wrong += settling.settles() == Settling.State.NOT_SETTLING ? 1 : 0;
            assertThat(settling.since()).isAfter(Fixtures.TODAY.minusDays(23));
        }
        assertThat(wrong).isLessThanOrEqualTo(1);
    }
}
