package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall.State;
import org.pelluna.core.watch.Sign;

class WarningTest {
    private Logs logs;

    @BeforeEach
    void twoFish() {
        logs = new Logs(1).resident("gale", "zebrasoma-flavescens", 200, 12).resident("pip", "gramma-loreto", 20, 5);
    }

    private List<Warning> warnings(Loss... losses) {
        return Warning.of(logs.plan(losses));
    }

    @Test
    void aQuietTankHasNone() {
        assertThat(warnings()).isEmpty();
        assertThat(Warning.of(new Logs(1).plan())).as("an empty tank").isEmpty();
    }

    @ParameterizedTest(name = "{1} of hardness {2}, {0} days ago: {3}")
    @CsvSource({
        "0, CHASE, 3, true",
        "2, CHASE, 3, true",
        "3, CHASE, 3, false",
        "0, CHASE, 2, false",
        "2, PINNED, 1, true",
        "3, PINNED, 1, false",
        "0, INJURY, 1, true",
        "-1, PINNED, 3, false"
    })
    void aFierceAttackIsToldForThreeDays(int daysAgo, LogEntry.Kind kind, int hardness, boolean told) {
        logs.add(Logs.day(daysAgo).atTime(9, 0), kind, "gale", "pip", hardness);
        assertThat(warnings().stream().anyMatch(one -> one.kind() == Warning.Kind.FIERCE))
                .isEqualTo(told);
    }

    @Test
    void theLatestFierceAttackIsToldOnceWithWhoDidIt() {
        logs.add(Logs.day(2).atTime(9, 0), LogEntry.Kind.PINNED, "pip", "gale", 1)
                .add(Logs.day(2).atTime(9, 0), LogEntry.Kind.PINNED, "gale", "pip", 1)
                .add(Logs.day(1).atTime(9, 0), LogEntry.Kind.PINNED, "gale", "pip", 1);
        assertThat(warnings())
                .extracting(Warning::fishId, Warning::since)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(new FishId("gale"), Logs.day(2)),
                        org.assertj.core.groups.Tuple.tuple(new FishId("pip"), Logs.day(1)));
        assertThat(warnings().get(1).words()).contains("pip was attacked fiercely", "by gale", "Help it today");
    }

    @Test
    void aFishMissingAtRollCallIsToldFromTheFirstCallItWasNotSeenToEat() {
        logs.called(9, Map.of(new FishId("pip"), State.EATING))
                .called(6, Map.of(new FishId("pip"), State.SEEN))
                .called(1, Map.of(new FishId("pip"), State.MISSING, new FishId("gale"), State.EATING));
        assertThat(warnings()).singleElement().satisfies(one -> {
            assertThat(one.kind()).isEqualTo(Warning.Kind.MISSING);
            assertThat(one.fishId()).isEqualTo(new FishId("pip"));
            assertThat(one.since()).isEqualTo(Logs.day(6));
            assertThat(one.episode()).isEqualTo("MISSING pip " + Logs.day(6));
            assertThat(one.words()).contains("overflow", "test ammonia");
        });
    }

    @Test
    void theLastRollCallCountsNotAnEarlierNorOneToCome() {
        logs.called(5, Map.of(new FishId("pip"), State.MISSING))
                .called(1, Map.of(new FishId("pip"), State.EATING))
                .called(-1, Map.of(new FishId("pip"), State.MISSING));
        assertThat(warnings()).isEmpty();
    }

    @Test
    void aFishHurtAtRollCallIsTold() {
        logs.called(1, Map.of(new FishId("pip"), State.HURT));
        assertThat(warnings()).extracting(Warning::kind).containsExactly(Warning.Kind.HURT);
    }

    @ParameterizedTest(name = "here {0} days, two calls without eating: {1}")
    @CsvSource({"20, true", "6, true", "5, false", "2, false"})
    void hidingIsNormalInTheFirstDays(int here, boolean told) {
        logs.resident("shy", "gramma-loreto", here, 5)
                .called(1, Map.of(new FishId("shy"), State.SEEN))
                .called(0, Map.of(new FishId("shy"), State.SEEN));
        assertThat(warnings().stream().anyMatch(one -> one.kind() == Warning.Kind.NOT_EATING))
                .isEqualTo(told);
    }

    @Test
    void notSeenToEatOnceIsNoReasonToWorryUnlessItIsAttackedEvenThenTwice() {
        logs.called(1, Map.of(new FishId("pip"), State.SEEN));
        assertThat(warnings()).isEmpty();
        logs.resident("new", "gramma-loreto", 3, 5)
                .called(2, Map.of(new FishId("new"), State.SEEN))
                .called(0, Map.of(new FishId("new"), State.SEEN))
                .add(Logs.day(6).atTime(9, 0), LogEntry.Kind.CHASE, "gale", "new", 1);
        assertThat(warnings())
                .singleElement()
                .satisfies(one -> assertThat(one.words()).contains("others bully it", "far end"));
    }

    @Test
    void anAttackAWeekAgoIsNotBeingAttackedNow() {
        logs.resident("new", "gramma-loreto", 3, 5)
                .called(2, Map.of(new FishId("new"), State.SEEN))
                .called(0, Map.of(new FishId("new"), State.SEEN))
                .add(Logs.day(7).atTime(9, 0), LogEntry.Kind.CHASE, "gale", "new", 1);
        assertThat(warnings()).isEmpty();
    }

    @ParameterizedTest(name = "a sign {0} days ago: {1}")
    @CsvSource({"0, true", "6, true", "7, false", "-1, false"})
    void aSignIsToldForAWeek(int daysAgo, boolean told) {
        logs.sign(Sign.Kind.TORN_FINS, "pip", daysAgo);
        assertThat(warnings().stream().anyMatch(one -> one.kind() == Warning.Kind.HURT))
                .isEqualTo(told);
    }

    @Test
    void whoHasLeftIsNotSpokenOf() {
        logs.add(Logs.day(1).atTime(9, 0), LogEntry.Kind.PINNED, "gale", "gone", 3)
                .departed("gone", "gramma-loreto", 30, 1)
                .sign(Sign.Kind.TORN_FINS, "gone", 1);
        assertThat(warnings()).isEmpty();
    }

    @Test
    void theGravestComesFirst() {
        logs.sign(Sign.Kind.TORN_FINS, "gale", 1)
                .add(Logs.day(1).atTime(9, 0), LogEntry.Kind.PINNED, "gale", "pip", 3)
                .called(1, Map.of(new FishId("pip"), State.MISSING));
        assertThat(warnings())
                .extracting(Warning::kind)
                .containsExactly(Warning.Kind.MISSING, Warning.Kind.FIERCE, Warning.Kind.HURT);
    }

    @Test
    void whoStepsInAfterARemedyIsTold() {
        logs.resident("next", "acanthurus-leucosternon", 150, 14)
                .watched(27, 0, 60)
                .encounters("gale", "pip", 27, 14, ago -> 4)
                .encounters("next", "pip", 13, 0, ago -> 4)
                .remedy(Remedy.Kind.MIRROR, "pip", 14);
        assertThat(warnings())
                .filteredOn(one -> one.kind() == Warning.Kind.STEPPED_IN)
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.fishId()).isEqualTo(new FishId("next"));
                    assertThat(one.since()).isEqualTo(Logs.day(14));
                    assertThat(one.words()).contains("next attacks more since", "0 before");
                });
    }
}
