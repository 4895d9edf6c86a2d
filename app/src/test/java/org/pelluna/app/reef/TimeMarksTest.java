package org.pelluna.app.reef;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.reef.ReefEvent;
import org.pelluna.core.species.CatalogueFiles;

class TimeMarksTest {
    private static Reef reef;
    private static TankPlan plan;

    @BeforeAll
    static void theDemosReef() throws Exception {
        plan = PlanFile.read(
                new String(
                        TimeMarksTest.class
                                .getResourceAsStream("/demo/skerry-reef.json")
                                .readAllBytes(),
                        StandardCharsets.UTF_8),
                CatalogueFiles.shipped());
        Assessment assessment = Assessment.of(plan, CatalogueFiles.shipped());
        reef = new Reef(assessment.stock(), Alternative.coming(assessment.stock(), assessment.order()));
    }

    @Test
    void everyMarkStandsOnItsDayAndSaysWhatItIs() {
        String svg = TimeMarks.svg(reef, plan.asOf()).toString();
        List<MatchResult> marks = Pattern.compile(
                        "time-mark mark-([a-z]+)\"><title>([0-9-]+): ([^<]+)</title><path d=\"M([-0-9.]+) ")
                .matcher(svg)
                .results()
                .toList();
        List<ReefEvent> expected = reef.marks().stream()
                .filter(one -> !one.on().isBefore(reef.begin()) && !one.on().isAfter(reef.end()))
                .toList();
        assertThat(marks).hasSameSizeAs(expected);
        double days = ChronoUnit.DAYS.between(reef.begin(), reef.end());
        for (int i = 0; i < marks.size(); i++) {
            ReefEvent mark = expected.get(i);
            assertThat(marks.get(i).group(1)).isEqualToIgnoringCase(mark.kind().name());
            assertThat(marks.get(i).group(2)).isEqualTo(mark.on().toString());
            double x = ChronoUnit.DAYS.between(reef.begin(), mark.on()) / days * 1000;
            assertThat(Double.parseDouble(marks.get(i).group(4))).isCloseTo(x, within(5.1));
        }
    }

    @Test
    void theListSaysTheSameInTheSameOrder() {
        List<TimeMarks.MarkLine> lines = TimeMarks.lines(reef);
        assertThat(lines).isNotEmpty().isSortedAccordingTo(java.util.Comparator.comparing(TimeMarks.MarkLine::day));
        assertThat(lines).allSatisfy(line -> {
            assertThat(line.words()).isNotBlank();
            assertThat(line.on()).isEqualTo(reef.begin().plusDays(line.day()).toString());
        });
        assertThat(lines).anyMatch(line -> line.words().contains("arrives"));
        assertThat(lines).anyMatch(line -> line.words().contains("left"));
    }
}
