package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;

/**
 * What Pelluna says of three hundred random plans and of both demo tanks, in numbers: verdicts with the severity of every finding, dates, costs
 * and pressures. Recorded, so that a change which was meant to change nothing is seen to. Where a change is meant,
 * run this class with {@code -Dpelluna.record=true} and say in the commit why the differences are right.
 */
class RecordedAssessmentsTest {
    private static final Path RECORD = Path.of("src/test/resources/org/pelluna/core/assess/recorded.txt");
    private static final Path DEMOS = Path.of("../app/src/main/resources/demo");
    private static final int PLANS = 300;

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.5g", value);
    }

    private static String line(String name, TankPlan plan) {
        Assessment said = Assessment.of(plan, Fixtures.CATALOGUE);
        String verdicts =
                said.judgements().stream().map(RecordedAssessmentsTest::verdict).collect(Collectors.joining(" "));
        String order = said.order().arrivals().stream()
                .map(one -> one.date() + "="
                        + one.wishIds().stream().map(WishId::key).collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
        var cost = said.order().cost();
        return name + " | " + verdicts + " | " + (said.order().proved() ? "proved " : "") + order + " | "
                + number(cost.pressure()) + " " + number(cost.lateness()) + " " + number(cost.shyness()) + " | held "
                + said.order().held().size() + " | today " + pressures(said.today()) + " | planned "
                + pressures(said.planned());
    }

    private static String verdict(Judgement one) {
        return one.wished().wish().id() + "=" + one.verdict()
                + one.laterFrom().map(day -> "@" + day).orElse("") + ":"
                + one.findings().stream()
                        .map(finding -> finding.rule() + "/" + finding.severity())
                        .collect(Collectors.joining(","));
    }

    private static String pressures(List<Pressure> all) {
        return all.size() + " "
                + number(all.stream().mapToDouble(Pressure::perHour).sum()) + " "
                + number(all.stream().mapToDouble(Pressure::perHour).max().orElse(0));
    }

    private static List<String> lines() throws IOException {
        List<String> lines = new ArrayList<>();
        for (String demo : List.of("skerry-reef", "window-lagoon")) {
            try {
                lines.add(
                        line(demo, PlanFile.read(Files.readString(DEMOS.resolve(demo + ".json")), Fixtures.CATALOGUE)));
            } catch (PlanFileException e) {
                throw new IllegalStateException(e);
            }
        }
        RandomPlans.first(PLANS).forEach((seed, plan) -> lines.add(line(String.valueOf(seed), plan)));
        return lines;
    }

    /** A keeper overrules a rule by its key, which its findings carry: so every finding can be overruled, in any plan. */
    @Test
    void everyFindingCarriesTheKeyOfARule() {
        var keys = org.pelluna.core.shortlist.Rules.ALL.stream()
                .map(org.pelluna.core.shortlist.ShortlistRule::key)
                .toList();
        assertThat(keys).doesNotHaveDuplicates();
        RandomPlans.first(60)
                .forEach((seed, plan) -> assertThat(org.pelluna.core.shortlist.Shortlist.of(
                                        org.pelluna.core.plan.ResolvedPlan.of(plan, Fixtures.CATALOGUE))
                                .stream()
                                .flatMap(one -> one.findings().stream())
                                .map(org.pelluna.core.finding.Finding::rule))
                        .isSubsetOf(keys));
    }

    @Tag("long")
    @Test
    void everyPlanIsJudgedAsItWas() throws IOException {
        List<String> now = lines();
        if (Boolean.getBoolean("pelluna.record")) {
            Files.write(RECORD, now, StandardCharsets.UTF_8);
        }
        assertThat(now).isEqualTo(Files.readAllLines(RECORD, StandardCharsets.UTF_8));
    }
}
