package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.tension.RemedyOption.Way;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.RollCall.State;
import org.pelluna.core.watch.Sign;

class RemedyOptionTest {
    private static Logs tank() {
        return new Logs(1)
                .resident("big", "acanthurus-sohal", 400, 25)
                .resident("tang", "zebrasoma-flavescens", 300, 14)
                .resident("calm", "chromis-viridis", 200, 6)
                .resident("new", "zebrasoma-scopas", 3, 9);
    }

    private static List<RemedyOption> options(Logs logs, String fish) {
        ResolvedPlan stock = ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE);
        Fish attacked = stock.residents().stream()
                .filter(one -> one.id().key().equals(fish))
                .findFirst()
                .orElseThrow();
        return RemedyOption.of(stock, attacked);
    }

    private static RemedyOption way(List<RemedyOption> options, Way way) {
        return options.stream().filter(one -> one.way() == way).findFirst().orElseThrow();
    }

    @Test
    void theMildestComesFirstEachWayOnce() {
        assertThat(options(tank(), "new")).extracting(RemedyOption::way).containsExactly(Way.values());
    }

    @Test
    void aFishAloneHasNobodyToTakeOut() {
        List<RemedyOption> options = options(new Logs(1).resident("new", "zebrasoma-scopas", 3, 9), "new");
        assertThat(options)
                .extracting(RemedyOption::way)
                .doesNotContain(Way.BULLY_OUT, Way.RIVALS_TOGETHER, Way.REHOME_BULLY)
                .contains(Way.WAIT, Way.BOX, Way.OTHER_TANK);
        assertThat(options).allSatisfy(one -> {
            assertThat(one.pressure()).isZero();
            assertThat(one.later()).isZero();
            assertThat(one.from()).isEmpty();
        });
    }

    @Test
    void withoutRivalsNoneIsTakenOutTogether() {
        Logs logs = new Logs(1).resident("gale", "acanthurus-sohal", 300, 20).resident("pip", "gramma-loreto", 3, 5);
        assertThat(options(logs, "pip"))
                .extracting(RemedyOption::way)
                .contains(Way.BULLY_OUT, Way.REHOME_BULLY)
                .doesNotContain(Way.RIVALS_TOGETHER);
    }

    @Test
    void whatHelpsSendsThePressureDown() {
        List<RemedyOption> options = options(tank(), "new");
        double waiting = way(options, Way.WAIT).pressure();
        assertThat(waiting).isPositive();
        for (Way helps : List.of(Way.MORE_FOOD, Way.FRESH_ROCK, Way.MIRROR, Way.BULLY_OUT, Way.REHOME_BULLY)) {
            assertThat(way(options, helps).pressure()).as(helps.name()).isLessThan(waiting);
        }
        assertThat(way(options, Way.OTHER_TANK).pressure()).isZero();
        assertThat(way(options, Way.REHOME).later()).isZero();
    }

    @Test
    void threeWeeksLaterAllIsCalmerByTheCourseOfSettling() {
        assertThat(options(tank(), "new"))
                .filteredOn(one -> one.pressure() > 0)
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.later()).isLessThan(one.pressure()));
    }

    @Test
    void withTheBullyRehomedWhatIsLeftIsWhatTheOthersDo() {
        List<RemedyOption> options = options(tank(), "new");
        RemedyOption rehomed = way(options, Way.REHOME_BULLY);
        String bully = way(options, Way.WAIT).from();
        assertThat(rehomed.title()).isEqualTo("Rehome " + bully);
        assertThat(rehomed.from()).isNotEqualTo(bully);
        Logs without = new Logs(1);
        for (String[] one : new String[][] {
            {"big", "acanthurus-sohal", "400", "25"},
            {"tang", "zebrasoma-flavescens", "300", "14"},
            {"calm", "chromis-viridis", "200", "6"},
            {"new", "zebrasoma-scopas", "3", "9"}
        }) {
            if (!one[0].equals(bully)) {
                without.resident(one[0], one[1], Integer.parseInt(one[2]), Double.parseDouble(one[3]));
            }
        }
        RemedyOption waiting = way(options(without, "new"), Way.WAIT);
        assertThat(rehomed.pressure()).isCloseTo(waiting.pressure(), within(1e-9));
        assertThat(rehomed.later()).isCloseTo(waiting.later(), within(1e-9));
    }

    @Test
    void aReturnBeginsTheSettlingAnewAndTheBoxHelpsIt() {
        Logs settled = new Logs(1)
                .resident("tang", "zebrasoma-flavescens", 300, 14)
                .resident("old", "zebrasoma-scopas", 120, 9);
        List<RemedyOption> options = options(settled, "old");
        assertThat(way(options, Way.BOX).pressure())
                .as("after four months together a week in the box makes strangers of them")
                .isGreaterThan(way(options, Way.WAIT).pressure());
        List<RemedyOption> fresh = options(tank(), "new");
        assertThat(way(fresh, Way.BOX).pressure())
                .as("after three days it gains by the box")
                .isLessThan(way(fresh, Way.WAIT).pressure());
    }

    @Test
    void theBullyComesBackAsTheNewcomer() {
        List<RemedyOption> options = options(tank(), "new");
        RemedyOption out = way(options, Way.BULLY_OUT);
        assertThat(out.words()).contains(way(options, Way.WAIT).from(), "return it through the box");
        assertThat(out.days()).isEqualTo(14);
        assertThat(out.steps()).extracting(RemedyOption.Step::inDays).containsExactly(0, 14, 15);
        assertThat(out.pressure())
                .as("others have had two weeks to settle, the bully lost its head start")
                .isLessThan(way(options, Way.BOX).pressure());
    }

    @Test
    void rivalsAreThoseWhoFightEachOther() {
        RemedyOption together = way(options(tank(), "new"), Way.RIVALS_TOGETHER);
        assertThat(together.words()).contains("tang").doesNotContain("calm");
        assertThat(together.pressure()).isPositive();
    }

    private static Way first(UnaryOperator<Logs> what) {
        return options(what.apply(tank()), "new").get(0).way();
    }

    @ParameterizedTest(name = "{0} {1} days ago: wait first {2}")
    @CsvSource({"PINNED, 0, false", "PINNED, 3, false", "PINNED, 4, true", "INJURY, 1, false", "CHASE, 0, true"})
    void whoIsPinnedOrTornIsNotToldToWaitFirst(LogEntry.Kind kind, int daysAgo, boolean waits) {
        assertThat(first(logs -> logs.add(Logs.day(daysAgo).atTime(9, 0), kind, "tang", "new", 1)) == Way.WAIT)
                .isEqualTo(waits);
        assertThat(first(logs -> logs.add(Logs.day(daysAgo).atTime(9, 0), kind, "new", "calm", 1)))
                .as("what it did to another is no reason")
                .isEqualTo(Way.WAIT);
    }

    @ParameterizedTest(name = "{0} at the roll call {1} days ago: wait first {2}")
    @CsvSource({"SEEN, 3, false", "SEEN, 4, true", "HURT, 0, false", "EATING, 0, true", "MISSING, 0, true"})
    void whoDoesNotEatIsNotToldToWaitFirst(State state, int daysAgo, boolean waits) {
        assertThat(first(logs -> logs.called(daysAgo, Map.of(new FishId("new"), state))) == Way.WAIT)
                .isEqualTo(waits);
    }

    @ParameterizedTest(name = "{0} {1} days ago: wait first {2}")
    @CsvSource({"TORN_FINS, 3, false", "TORN_FINS, 4, true"})
    void whoHasTornFinsIsNotToldToWaitFirst(Sign.Kind sign, int daysAgo, boolean waits) {
        assertThat(first(logs -> logs.sign(sign, "new", daysAgo)) == Way.WAIT).isEqualTo(waits);
    }

    @Test
    void waitingStaysPossibleButComesLastAndSaysWhy() {
        List<RemedyOption> options =
                options(tank().add(Logs.day(1).atTime(9, 0), LogEntry.Kind.PINNED, "tang", "new", 3), "new");
        assertThat(options).hasSize(Way.values().length);
        RemedyOption last = options.get(options.size() - 1);
        assertThat(last.way()).isEqualTo(Way.WAIT);
        assertThat(last.words()).contains("separate them today");
    }
}
