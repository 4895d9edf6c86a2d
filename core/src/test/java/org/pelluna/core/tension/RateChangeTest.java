package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.course.Help;
import org.pelluna.core.course.Watched;
import org.pelluna.core.tension.RemedyEffect.Outcome;

class RateChangeTest {
    /** Hour-long watches on days one after the other, with so many encounters each. */
    private static List<Watched> hours(int firstDay, int days, int each) {
        List<Watched> watches = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            watches.add(new Watched(firstDay + day, 1, each));
        }
        return watches;
    }

    private static RateChange change(List<Watched> all, List<Watched> after, int aggressors) {
        return RateChange.of(Optional.empty(), all, after, aggressors);
    }

    @Test
    void theLastWatchBeforeIsWhatMadeTheKeeperActAndIsSpared() {
        RateChange change = change(hours(0, 4, 6), hours(4, 3, 1), 1);
        assertThat(change.before()).hasSize(3);
        assertThat(change.spared()).contains(new Watched(3, 1, 6));
        assertThat(RateChange.encounters(change.after())).isEqualTo(3);
        assertThat(RateChange.hours(change.before())).isEqualTo(3);
        assertThat(change.times())
                .isEqualTo(Help.of(change.before(), change.after()).times(RateChange.LEVEL));
    }

    @Test
    void withoutWatchesOnBothSidesOrWithoutAnyEncounterNothingIsKnown() {
        assertThat(change(List.of(), hours(4, 3, 1), 1).verdict()).isEqualTo(Outcome.UNKNOWN);
        assertThat(change(hours(0, 1, 6), hours(4, 3, 1), 1).verdict())
                .as("the one watch before is spared")
                .isEqualTo(Outcome.UNKNOWN);
        assertThat(change(hours(0, 4, 6), List.of(), 1).verdict()).isEqualTo(Outcome.UNKNOWN);
        assertThat(change(hours(0, 4, 0), hours(4, 3, 0), 1).verdict()).isEqualTo(Outcome.UNKNOWN);
    }

    @Test
    void theMoreAggressorsAreAskedAboutTheMoreItTakesToBlameOrPraiseForOne() {
        List<Watched> before = hours(20, 8, 6);
        List<Watched> after = hours(28, 6, 1);
        double fewer = change(before, after, 1).help().chanceBelow(1);
        assertThat(fewer).isBetween(0.95, 0.9999);
        assertThat(change(before, after, 1).verdict()).isEqualTo(Outcome.HELPED);
        int many = (int) Math.ceil(0.1 / (1 - fewer)) + 1;
        assertThat(change(before, after, many).verdict()).isEqualTo(Outcome.UNCLEAR);
        int some = (int) Math.ceil(0.05 / (1 - fewer)) + 1;
        assertThat(change(before, after, some).verdict()).isEqualTo(Outcome.MAY_HAVE_HELPED);

        List<Watched> quiet = hours(20, 8, 1);
        List<Watched> loud = hours(28, 6, 9);
        double more = 1 - change(quiet, loud, 1).help().chanceBelow(1);
        assertThat(change(quiet, loud, 1).verdict()).isEqualTo(Outcome.WORSE);
        assertThat(change(quiet, loud, (int) Math.ceil(0.025 / (1 - more)) + 1).verdict())
                .isNotEqualTo(Outcome.WORSE);
    }

    @Test
    void theHoursThatWouldTellAreTheFewestThatDoAndNoneWhereItIsTold() {
        RateChange open = change(hours(20, 5, 6), hours(25, 1, 2), 1);
        assertThat(open.verdict()).isIn(Outcome.UNCLEAR, Outcome.MAY_HAVE_HELPED);
        double more = open.hoursToTell(26).orElseThrow();
        assertThat(told(open, more)).isEqualTo(Outcome.HELPED);
        assertThat(more).isGreaterThan(1);
        assertThat(told(open, more / 2)).isNotEqualTo(Outcome.HELPED);

        assertThat(change(hours(20, 8, 6), hours(28, 8, 0), 1).hoursToTell(37)).isEmpty();
        assertThat(change(hours(20, 8, 3), hours(28, 8, 3), 6).hoursToTell(37))
                .as("where nothing changed no watching tells")
                .isEmpty();
    }

    private static Outcome told(RateChange open, double more) {
        double perHour = RateChange.encounters(open.after()) / RateChange.hours(open.after());
        List<Watched> all = new ArrayList<>(open.before());
        all.add(open.spared().orElseThrow());
        List<Watched> then = new ArrayList<>(open.after());
        then.add(new Watched(26, more, (int) Math.round(perHour * more)));
        return change(all, then, 1).verdict();
    }

    /** Three watches of an hour with six each, the fourth spared; three with one each since. */
    @Test
    void howItIsEstimatedIsTold() {
        RateChange change = change(hours(0, 4, 6), hours(4, 3, 1), 1);
        assertThat(change.how().orElseThrow().arithmetic())
                .startsWith("1 an hour since ÷ 6 before = 0.17; compared with no remedy × ");
        assertThat(change.how().orElseThrow().reasons())
                .startsWith("18 in 3 hours before, on 3 watches", "3 in 3 hours since, on 3 watches")
                .last()
                .asString()
                .endsWith("we say “it helped” from 95");
        assertThat(change(hours(0, 4, 6), hours(4, 3, 1), 5).how().orElseThrow().reasons())
                .last()
                .asString()
                .endsWith("we say “it helped” from 99");
        assertThat(change(hours(0, 4, 6), List.of(), 1).how()).isEmpty();
        assertThat(change(hours(0, 4, 0), hours(4, 3, 1), 1).how()).isEmpty();
    }
}
