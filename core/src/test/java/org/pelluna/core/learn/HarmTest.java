package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.tension.Logs;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;

/** How hard a fish attacks: the keeper's story, and how often what is said of it is wrong. */
class HarmTest {
    private static Map<Grade, Integer> drawn(SplittableRandom random, int count, double[] shares) {
        Map<Grade, Integer> drawn = new EnumMap<>(Grade.class);
        for (int i = 0; i < count; i++) {
            double left = random.nextDouble();
            for (Grade grade : Grade.values()) {
                left -= shares[List.of(Grade.values()).indexOf(grade)];
                if (left < 0) {
                    drawn.merge(grade, 1, Integer::sum);
                    break;
                }
            }
        }
        return drawn;
    }

    private static final double[] AS_OTHERS = {0.2, 0.6, 0.14, 0.05, 0.01};
    private static final double[] BITES = {0.05, 0.3, 0.35, 0.25, 0.05};

    /** Each attack on an evening of its own. */
    private static SeenHarm apart(Map<Grade, Integer> grades) {
        return new SeenHarm(
                grades, grades.values().stream().mapToInt(Integer::intValue).sum());
    }

    /** Twelve fish alike, each seen on a few or many evenings, one fight logged as one entry or as four alike: in few tanks is any called harder. */
    @ParameterizedTest
    @CsvSource({"4, 1", "12, 1", "40, 1", "4, 4", "12, 4", "40, 4"})
    void fishThatAttackAlikeAreNotToldApart(int fights, int entries) {
        SplittableRandom random = new SplittableRandom(3);
        int tanks = 100;
        int wrong = 0;
        for (int tank = 0; tank < tanks; tank++) {
            List<SeenHarm> fish = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                Map<Grade, Integer> grades = drawn(random, fights, AS_OTHERS);
                grades.replaceAll((grade, count) -> count * entries);
                fish.add(new SeenHarm(grades, fights));
            }
            boolean any = false;
            for (SeenHarm self : fish) {
                any |= Harm.of(
                                self,
                                SeenHarm.sum(
                                        fish.stream().filter(one -> one != self).toList()),
                                12)
                        .isHarder();
            }
            wrong += any ? 1 : 0;
        }
        assertThat(wrong / (double) tanks).isLessThanOrEqualTo(0.05);
    }

    /** One that bites is found after some forty attacks, in a tank of eight, and the interval holds its truth. */
    @Test
    void oneThatBitesIsFound() {
        SplittableRandom random = new SplittableRandom(4);
        double truth = 0;
        double usual = 0;
        for (Grade grade : Grade.values()) {
            truth += BITES[List.of(Grade.values()).indexOf(grade)] * grade.harm();
            usual += AS_OTHERS[List.of(Grade.values()).indexOf(grade)] * grade.harm();
        }
        int found = 0;
        int held = 0;
        for (int tank = 0; tank < 100; tank++) {
            Harm harm = Harm.of(apart(drawn(random, 40, BITES)), apart(drawn(random, 200, AS_OTHERS)), 8);
            found += harm.isHarder() ? 1 : 0;
            held += harm.interval(Lesson.LEVEL).holds(truth / usual) ? 1 : 0;
        }
        assertThat(found).isGreaterThan(80);
        assertThat(held)
                .as("a fish far from all others is judged a little too near to them")
                .isGreaterThan(60);
    }

    @Test
    void aFierceChaseCountsAsANipAndAWoundAsTheMost() {
        assertThat(Grade.of(entry(LogEntry.Kind.CHASE, 1))).contains(Grade.CHASE);
        assertThat(Grade.of(entry(LogEntry.Kind.CHASE, 3))).contains(Grade.NIP);
        assertThat(Grade.of(entry(LogEntry.Kind.NIP, 3))).contains(Grade.PIN);
        assertThat(Grade.of(entry(LogEntry.Kind.INJURY, 1))).contains(Grade.WOUND);
        assertThat(Grade.of(entry(LogEntry.Kind.DISPLAY, 3))).contains(Grade.DISPLAY);
    }

    private static LogEntry entry(LogEntry.Kind kind, int hardness) {
        return new LogEntry(
                "e",
                LocalDateTime.of(2026, 5, 1, 18, 0),
                kind,
                Optional.of(new FishId("a")),
                Optional.of(new FishId("b")),
                Optional.of(hardness),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The story: sixteen attacks in five evenings, four of them pinning, one wound; far fewer than predicted, and nothing to be careless about. */
    @Test
    void aBullyThatAttacksRarelyAndHardIsNeverTakenForGentle() {
        Logs logs = new Logs(1)
                .resident("gale", "chrysiptera-parasema", 200, 7)
                .resident("plum", "gramma-loreto", 180, 6)
                .resident("ink", "ecsenius-bicolor", 150, 7)
                .watched(60, 0, 180);
        for (int evening = 0; evening < 5; evening++) {
            for (int i = 0; i < 3; i++) {
                logs.add(
                        Fixtures.TODAY.minusDays(evening * 3L).atTime(18, 10 + i),
                        i == 0 && evening < 4 ? LogEntry.Kind.PINNED : LogEntry.Kind.CHASE,
                        "gale",
                        "plum",
                        2);
            }
        }
        logs.add(Fixtures.TODAY.minusDays(1).atTime(18, 30), LogEntry.Kind.INJURY, "gale", "plum", 3);
        Lesson gale = Learning.of(ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE))
                .of(new FishId("gale"))
                .orElseThrow();
        assertThat(gale.expected()).as("far more was predicted").isGreaterThan(3.0 * gale.seen());
        assertThat(gale.harm().hard()).isEqualTo(5);
        assertThat(gale.harm().middle()).isGreaterThan(1);
        assertThat(gale.verdict()).isNotEqualTo(TemperamentVerdict.GENTLER);
        assertThat(gale.factor(1)).isGreaterThanOrEqualTo(1);
        assertThat(gale.factors(1).values()).allMatch(times -> times >= 1);
        ResolvedPlan learned = Learning.stock(logs.plan(), Fixtures.CATALOGUE);
        assertThat(learned.seenTimes()).as("little is seen in this tank").isLessThan(0.9);
        assertThat(learned.residents().stream()
                        .filter(fish -> fish.id().equals(gale.fishId()))
                        .findFirst()
                        .orElseThrow()
                        .known()
                        .times())
                .as("and still no less is expected of it than of its kind")
                .isGreaterThanOrEqualTo(1 / learned.seenTimes());
    }

    private static Lesson lesson(double about, Map<Grade, Integer> own) {
        return new Lesson(
                new FishId("gale"),
                5,
                50,
                new Multiple(Math.log(about), 0.1, new double[] {1, 2, 1}),
                Harm.of(apart(own), apart(Map.of(Grade.CHASE, 60, Grade.DISPLAY, 20, Grade.NIP, 10)), 4),
                Map.of(),
                true);
    }

    /** Gentler is who attacks more rarely and no harder; the plan's multiple is how often by how hard. */
    @Test
    void gentlerIsWhoAttacksMoreRarelyAndNoHarder() {
        Lesson gentle = lesson(0.4, Map.of(Grade.DISPLAY, 5));
        assertThat(gentle.verdict()).isEqualTo(TemperamentVerdict.GENTLER);
        assertThat(gentle.factor(1)).isLessThan(0.5);
        Lesson biter = lesson(0.4, Map.of(Grade.NIP, 20, Grade.CHASE, 5));
        assertThat(biter.verdict()).isEqualTo(TemperamentVerdict.RARELY_BUT_HARD);
        assertThat(biter.factor(1)).isGreaterThan(gentle.factor(1));
        assertThat(lesson(0.4, Map.of(Grade.PIN, 1, Grade.DISPLAY, 4)).factor(1))
                .isEqualTo(1);
        assertThat(lesson(1, Map.of(Grade.NIP, 20, Grade.CHASE, 5)).verdict()).isEqualTo(TemperamentVerdict.HARDER);
        assertThat(lesson(2, Map.of()).verdict()).isEqualTo(TemperamentVerdict.FIERCER);
        assertThat(lesson(0.9, Map.of(Grade.CHASE, 3)).verdict()).isEqualTo(TemperamentVerdict.AS_ITS_KIND);
        assertThat(lesson(40, Map.of(Grade.WOUND, 9)).factor(1)).isEqualTo(4);
    }
}
