package org.pelluna.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.tension.Logs;
import org.pelluna.core.tension.Warning;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.Sign;

class StoryTest {
    private static final FishId GALE = new FishId("gale");
    private static final FishId INK = new FishId("ink");

    /** Gale attacks Ink, who came three weeks ago; a mirror on the fourth day, a cloudy eye, and one that left. */
    private static Logs quarrel() {
        Logs logs = new Logs(3)
                .resident("gale", "pseudochromis-fridmani", 200, 7)
                .resident("ink", "gramma-loreto", 20, 6)
                .departed("dune", "ecsenius-bicolor", 150, 90)
                .watched(18, 18, 40)
                .remedy(Remedy.Kind.MIRROR, "gale", 17)
                .sign(Sign.Kind.CLOUDY_EYE, "ink", 15);
        for (int i = 0; i < 11; i++) {
            logs.add(
                    TODAY.minusDays(18).atTime(18, 1 + i),
                    i == 7 ? LogEntry.Kind.PINNED : LogEntry.Kind.CHASE,
                    "gale",
                    "ink",
                    1);
        }
        return logs;
    }

    private static Story story(TankPlan plan) {
        return Story.of(Assessment.of(plan, Fixtures.CATALOGUE), Warning.of(plan));
    }

    @Test
    void everyFishHasItsLaneFromTheFirstArrivalToTheLastPlanned() {
        TankPlan plan = quarrel().plan().withWishes(List.of(Fixtures.wish("pterapogon-kauderni")));
        Story story = story(plan);
        assertThat(story.from()).isEqualTo(TODAY.minusDays(200));
        assertThat(story.to()).isAfter(TODAY);
        assertThat(story.lanes()).extracting(Lane::name).startsWith("gale", "dune", "ink");
        assertThat(story.lanes())
                .filteredOn(Lane::planned)
                .singleElement()
                .satisfies(lane -> assertThat(lane.from()).isAfterOrEqualTo(TODAY));
        Lane gone = story.lane(new FishId("dune")).orElseThrow();
        assertThat(gone.end().orElseThrow().on()).isEqualTo(TODAY.minusDays(90));
        assertThat(gone.stays().get(0).until()).contains(TODAY.minusDays(90));
    }

    /** The fish that died is the one lost, not the one that is blamed for it. */
    @Test
    void whoDiedIsLostAndWhoLeftIsNot() {
        FishId dune = new FishId("dune");
        Loss loss = new Loss(
                "l",
                dune,
                TODAY.minusDays(90),
                Loss.Cause.AGGRESSION,
                Loss.Certainty.SEEN,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(GALE));
        Story story = story(quarrel().plan(loss));
        assertThat(story.lane(dune).orElseThrow().end().orElseThrow())
                .isEqualTo(new Lane.End(TODAY.minusDays(90), "was lost: aggression", true));
        assertThat(story.lane(GALE).orElseThrow().end()).isEmpty();
        assertThat(story(quarrel().plan())
                        .lane(dune)
                        .orElseThrow()
                        .end()
                        .orElseThrow()
                        .lost())
                .isFalse();
    }

    /** Who jumped on the day it came has no whole day in the tank, and is told of all the same. */
    @Test
    void whoWasLostOnTheDayItCameHasItsLane() {
        Story story =
                story(quarrel().departed("spark", "elacatinus-oceanops", 3, 3).plan());
        Lane lane = story.lane(new FishId("spark")).orElseThrow();
        assertThat(lane.stays()).containsExactly(new Lane.Days(TODAY.minusDays(3), Optional.of(TODAY.minusDays(3))));
        assertThat(lane.end().orElseThrow().on()).isEqualTo(TODAY.minusDays(3));
    }

    @Test
    void aDayAndAPairAreOneMeetingWithItsHardest() {
        assertThat(story(quarrel().plan()).met()).singleElement().satisfies(met -> {
            assertThat(met.count()).isEqualTo(11);
            assertThat(met.worst()).isEqualTo(Grade.PIN);
            assertThat(met.isHard()).isTrue();
            assertThat(met.on()).isEqualTo(TODAY.minusDays(18));
        });
    }

    @Test
    void theEpisodeTellsDayByDayWhatWasSeenAndTried() {
        TankPlan plan = quarrel().plan();
        List<Episode> episodes = Episodes.of(story(plan), plan);
        assertThat(episodes).extracting(Episode::title).startsWith("ink");
        assertThat(episodes.get(0).lines())
                .containsExactly(
                        "Day 3, " + TODAY.minusDays(18)
                                + ": Watched for 40 minutes. gale attacked ink 11 times, at worst pinned.",
                        "Day 4, " + TODAY.minusDays(17) + ": Tried: a mirror at the front, for gale.",
                        "Day 6, " + TODAY.minusDays(15) + ": ink: a cloudy eye.");
        assertThat(episodes.get(1).lines()).as("dune's weeks").containsExactly("Nothing was logged.");
    }

    @Test
    void whatWasPredictedStandsBesideWhatWasSeen() {
        List<Tension> tension = story(quarrel().plan()).tension();
        assertThat(tension).hasSizeLessThanOrEqualTo(61);
        assertThat(tension.get(0).predicted()).as("one fish alone").isZero();
        assertThat(tension)
                .filteredOn(one -> one.seen().isPresent())
                .singleElement()
                .satisfies(one -> assertThat(one.seen().orElseThrow()).isEqualTo(11 / (40 / 60.0)));
        assertThat(tension.get(tension.size() - 1).predicted()).isGreaterThan(0);
    }

    @Test
    void testsThatPassALimitAreMarkedAndOthersNot() {
        TankPlan plan = quarrel()
                .plan()
                .withWaterTests(List.of(
                        new WaterTest("a", TODAY.minusDays(3), WaterTest.Kind.NITRITE, 2),
                        new WaterTest("b", TODAY.minusDays(2), WaterTest.Kind.NITRITE, 0)));
        assertThat(story(plan).marks())
                .filteredOn(mark -> mark.kind() == Mark.Kind.TEST_OVER_LIMIT)
                .singleElement()
                .satisfies(mark -> assertThat(mark.words()).isEqualTo("nitrite 2 mg/L"));
    }

    @Test
    void aboutOneFishOnlyWhatConcernsItIsKept() {
        Story story = story(quarrel().plan());
        assertThat(story.about(INK).met()).hasSize(1);
        assertThat(story.about(GALE).marks())
                .filteredOn(mark -> mark.kind() == Mark.Kind.SIGN)
                .isEmpty();
        assertThat(story.about(new FishId("dune")).met()).isEmpty();
    }

    @Test
    void anEmptyTankHasAStoryThatBeginsToday() {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of());
        Story story = story(plan);
        assertThat(story.lanes()).isEmpty();
        assertThat(story.to()).isEqualTo(TODAY.plusDays(14));
        assertThat(Episodes.of(story, plan)).isEmpty();
        assertThat(story.lane(GALE)).isEqualTo(Optional.empty());
    }
}
