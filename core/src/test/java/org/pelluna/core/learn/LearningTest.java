package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.question.Answers;
import org.pelluna.core.tension.Logs;
import org.pelluna.core.units.Numbers;

class LearningTest {
    private static Logs tank(long seed) {
        return new Logs(seed)
                .resident("gale", "chrysiptera-parasema", 200, 7)
                .resident("plum", "gramma-loreto", 180, 6)
                .resident("ink", "ecsenius-bicolor", 150, 7)
                .watched(100, 0, 60);
    }

    private static double predicted(TankPlan plan, String aggressor, String victim) {
        return pressure(ResolvedPlan.of(plan, Fixtures.CATALOGUE), aggressor, victim);
    }

    private static double pressure(ResolvedPlan stock, String aggressor, String victim) {
        return Encounters.of(stock).amongResidents().stream()
                .filter(one -> one.aggressorId().key().equals(aggressor)
                        && one.victimId().key().equals(victim))
                .mapToDouble(Pressure::perHour)
                .findFirst()
                .orElseThrow();
    }

    /** Fish that behave as predicted are found to; intervals hold the truth as often as they say. */
    @Test
    void theIntervalHoldsTheTruthAtItsRate() {
        int held = 0;
        int rounds = 60;
        double truth = 2;
        for (int round = 0; round < rounds; round++) {
            TankPlan still = tank(round).plan();
            Logs logs = tank(100 + round);
            for (String victim : new String[] {"plum", "ink"}) {
                double rate = predicted(still, "gale", victim);
                logs.encounters("gale", victim, 100, 0, ago -> truth * rate);
            }
            var lesson = Learning.of(ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE))
                    .lessons()
                    .get(new FishId("gale"));
            held += lesson.interval().holds(truth) ? 1 : 0;
        }
        assertThat(held / (double) rounds).isBetween(0.75, 1.0);
    }

    @Test
    void theBullyIsFoundAndFeedsThePlanUntilItIsTakenBack() {
        TankPlan still = tank(1).plan();
        double usual = predicted(still, "ink", "plum");
        Logs logs = tank(2).encounters("ink", "plum", 100, 0, ago -> Math.max(0.6, 6 * usual));
        TankPlan plan = logs.plan();
        Map<FishId, Lesson> lessons =
                Learning.of(ResolvedPlan.of(plan, Fixtures.CATALOGUE)).lessons();
        // One pair alone cannot say whether it is the fish or the two; that it is the two at least, it does.
        assertThat(lessons.get(new FishId("ink")).temper().middle()).isGreaterThan(1);
        assertThat(lessons.get(new FishId("ink")).onPairs().get(new FishId("plum")))
                .isGreaterThan(2);
        assertThat(lessons.get(new FishId("gale")).temper().middle()).isLessThan(1);
        double learned = pressure(Learning.stock(plan, Fixtures.CATALOGUE), "ink", "plum");
        assertThat(learned).isGreaterThan(1.3 * predicted(plan, "ink", "plum"));
        TankPlan takenBack = logs.unlearned("ink").plan();
        double tank = Learning.of(ResolvedPlan.of(plan, Fixtures.CATALOGUE)).seenTimes();
        assertThat(pressure(Learning.stock(takenBack, Fixtures.CATALOGUE), "ink", "plum"))
                .as("what holds for the tank still holds")
                .isCloseTo(tank * predicted(takenBack, "ink", "plum"), within(1e-9));
    }

    /** Half as much is seen of everybody as predicted: that is the tank, and whoever comes into it is expected to be met so, until the keeper takes it back. */
    @Test
    void whatHoldsForTheTankHoldsForNewcomersToo() {
        TankPlan still = tank(1).plan();
        Logs logs = tank(3);
        for (String[] pair : new String[][] {
            {"gale", "plum"}, {"gale", "ink"}, {"plum", "gale"}, {"plum", "ink"}, {"ink", "gale"}, {"ink", "plum"}
        }) {
            double rate = predicted(still, pair[0], pair[1]);
            logs.encounters(pair[0], pair[1], 100, 0, ago -> 0.4 * rate);
        }
        TankPlan plan = logs.plan();
        Beliefs beliefs = Learning.of(ResolvedPlan.of(plan, Fixtures.CATALOGUE));
        assertThat(beliefs.seenTimes()).isBetween(0.25, 0.8);
        Fish newcomer = Fish.newcomer(new FishId("new"), Fixtures.species("ecsenius-midas"), 6, Fixtures.TODAY);
        ResolvedPlan learned = Learning.stock(plan, Fixtures.CATALOGUE);
        ResolvedPlan taught = learned.each(fish -> fish.learned(1, Map.of()));
        ResolvedPlan untaught = ResolvedPlan.of(plan, Fixtures.CATALOGUE);
        assertThat(onNewcomer(taught, newcomer) / onNewcomer(untaught, newcomer))
                .isCloseTo(beliefs.seenTimes(), within(1e-9));
        ResolvedPlan takenBack = Learning.stock(logs.unlearned("*").plan(), Fixtures.CATALOGUE);
        assertThat(takenBack.seenTimes()).isEqualTo(1);
    }

    private static double onNewcomer(ResolvedPlan stock, Fish newcomer) {
        return Encounters.of(stock)
                .onArrival(stock.residents().get(0), newcomer, 1)
                .perHour();
    }

    /** What a keeper says of their own species changes what was expected of it, and so what the same log teaches. */
    @Test
    void aChangedSpeciesOfTheKeepersOwnIsLearnedAnew() {
        Logs logs = tank(2).encounters("ink", "plum", 100, 0, ago -> 2);
        TankPlan plan = logs.plan();
        double[] expected = new double[2];
        for (int i = 0; i < 2; i++) {
            var own = new org.pelluna.core.plan.OwnSpecies(
                    new SpeciesId("own-ink"),
                    "Genus inventum",
                    "Own ink",
                    plan.residents().get(2).speciesId(),
                    8,
                    4,
                    200,
                    60,
                    0.1,
                    i == 0 ? 0.5 : 1,
                    Map.of(),
                    "as seen");
            TankPlan with = plan.with(as -> as.residents(plan.residents().stream()
                            .map(one -> one.id().key().equals("ink")
                                    ? new org.pelluna.core.plan.Resident(
                                            one.id(),
                                            new SpeciesId("own-ink"),
                                            one.name(),
                                            one.arrivedOn(),
                                            one.lengthCm(),
                                            one.leftOn())
                                    : one)
                            .toList())
                    .ownSpecies(List.of(own)));
            expected[i] = Learning.of(ResolvedPlan.of(with, Fixtures.CATALOGUE))
                    .lessons()
                    .get(new FishId("ink"))
                    .expected();
        }
        assertThat(expected[1]).isGreaterThan(1.2 * expected[0]);
    }

    /** An hour a day, for a hundred and one days: what is predicted of every day, summed; weeks and months go together, which changes it by little. */
    @Test
    void whatIsExpectedIsWhatWasPredictedOfTheHoursWatched() {
        TankPlan plan = tank(1).plan();
        double daily = 0;
        for (int ago = 0; ago <= 100; ago++) {
            daily += predicted(plan.withAsOf(plan.asOf().minusDays(ago)), "gale", "plum")
                    + predicted(plan.withAsOf(plan.asOf().minusDays(ago)), "gale", "ink");
        }
        Beliefs beliefs = Learning.of(ResolvedPlan.of(plan, Fixtures.CATALOGUE));
        assertThat(beliefs.hours()).isCloseTo(101, within(1.0));
        assertThat(beliefs.lessons().get(new FishId("gale")).expected())
                .isCloseTo(daily * beliefs.hours() / 101, within(0.02 * daily));
    }

    /** Two damsels are kin, a basslet and a blenny are not: what was seen and expected of all pairs is shared out among the sorts. */
    @Test
    void whatWasSeenIsSharedOutAmongTheSortsOfPairs() {
        Logs logs = new Logs(4)
                .resident("gale", "chrysiptera-parasema", 200, 6)
                .resident("gust", "chrysiptera-parasema", 190, 6)
                .resident("ink", "ecsenius-bicolor", 150, 7)
                .watched(60, 0, 60)
                .encounters("gale", "gust", 60, 0, ago -> 1)
                .encounters("gale", "ink", 60, 0, ago -> 0.5);
        ResolvedPlan stock = ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE);
        List<SeenStrength> strengths = Learning.strengths(stock, Answers.WORKED_OUT);
        assertThat(strengths)
                .extracting(SeenStrength::sort)
                .contains(SeenStrength.Sort.KIN)
                .hasSizeGreaterThan(1);
        Beliefs beliefs = Learning.of(stock);
        assertThat(strengths.stream().mapToInt(SeenStrength::seen).sum())
                .isEqualTo(beliefs.lessons().values().stream()
                        .mapToInt(Lesson::seen)
                        .sum())
                .isGreaterThan(60);
        assertThat(strengths.stream().mapToDouble(SeenStrength::expected).sum())
                .isCloseTo(
                        beliefs.lessons().values().stream()
                                .mapToDouble(Lesson::expected)
                                .sum(),
                        within(1e-6));
        assertThat(strengths).allSatisfy(one -> {
            assertThat(one.differs())
                    .isEqualTo(one.interval().low() > 1 || one.interval().high() < 1);
            assertThat(one.sort().words()).isNotBlank();
        });
    }

    @Test
    void withoutWatchesNothingIsLearned() {
        Logs logs = new Logs(1).resident("gale", "chrysiptera-parasema", 200, 7);
        ResolvedPlan stock = Learning.stock(logs.plan(), Fixtures.CATALOGUE);
        assertThat(Learning.of(stock)).isEqualTo(Beliefs.NONE);
        assertThat(stock.residents())
                .extracting(Fish::species)
                .containsExactly(Fixtures.species("chrysiptera-parasema"));
    }

    @Test
    void howAMultipleComesAboutIsTold() {
        Logs logs = tank(2).encounters("ink", "plum", 100, 0, ago -> 2);
        Beliefs beliefs = Learning.of(ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE));
        Lesson lesson = beliefs.lessons().get(new FishId("ink"));
        double tank = beliefs.seenTimes();
        assertThat(lesson.how(tank).orElseThrow().arithmetic())
                .isEqualTo(lesson.seen() + " seen ÷ (" + Numbers.plain(lesson.expected(), 1) + " predicted × "
                        + Numbers.plain(tank, 2) + " in this tank) = "
                        + Numbers.plain(lesson.seen() / lesson.expected() / tank, 2)
                        + "; allowing for what is usual × "
                        + Numbers.plain(lesson.temper().middle(), 2));
        assertThat(lesson.how(tank).orElseThrow().reasons())
                .contains("used in the plan: × " + Numbers.plain(lesson.factor(tank), 2));
    }
}
