package org.pelluna.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.Grade;

class AttackSummaryTest {
    private static final LocalDate FROM = LocalDate.of(2026, 1, 1);
    private static final LocalDate TO = LocalDate.of(2026, 3, 31);

    private static DailyEncounters met(int day, String by, String to, int count, Grade worst) {
        return new DailyEncounters(FROM.plusDays(day), new FishId(by), new FishId(to), count, worst, "e" + day);
    }

    @Test
    void encountersOfAStretchAreToldByWhomTheyBefell() {
        List<AttackSummary> told = AttackSummary.of(
                List.of(
                        met(0, "gale", "ink", 2, Grade.CHASE),
                        met(3, "plum", "ink", 5, Grade.PIN),
                        met(4, "gale", "plum", 1, Grade.DISPLAY),
                        met(80, "gale", "ink", 1, Grade.NIP)),
                FROM,
                TO,
                9);
        assertThat(told).hasSize(3);
        AttackSummary first = told.get(0);
        assertThat(first.fish()).isEqualTo(new FishId("ink"));
        assertThat(first.count()).isEqualTo(7);
        assertThat(first.by()).isEqualTo(2);
        assertThat(first.mostBy()).isEqualTo(new FishId("plum"));
        assertThat(first.worst()).isEqualTo(Grade.PIN);
        assertThat(first.isHard()).isTrue();
        assertThat(first.from()).isEqualTo(FROM);
        assertThat(first.to()).isEqualTo(FROM.plusDays(9));
        assertThat(told.get(2).from()).isEqualTo(FROM.plusDays(80));
        // The last stretch ends with the days.
        assertThat(told.get(2).to()).isEqualTo(TO);
    }

    /** Nothing is lost and nothing is counted twice, however the days are cut; and there are never more stretches than asked for. */
    @Test
    void everyEncounterIsInOneStretch() {
        Random random = new Random(7);
        List<DailyEncounters> met = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            met.add(met(
                    random.nextInt(90),
                    "f" + random.nextInt(6),
                    "v" + random.nextInt(6),
                    1 + random.nextInt(4),
                    Grade.CHASE));
        }
        int all = met.stream().mapToInt(DailyEncounters::count).sum();
        for (int stretches : new int[] {1, 2, 7, 30, 89, 90, 400}) {
            List<AttackSummary> told = AttackSummary.of(met, FROM, TO, stretches);
            assertThat(told.stream().mapToInt(AttackSummary::count).sum())
                    .as("%d", stretches)
                    .isEqualTo(all);
            assertThat(told.stream().map(AttackSummary::from).distinct().count())
                    .isLessThanOrEqualTo(stretches);
        }
        assertThat(AttackSummary.of(met, FROM.plusYears(1), TO.plusYears(1), 10))
                .isEmpty();
    }
}
