package org.pelluna.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

/**
 * Whole verdicts as a keeper of some years would give them: fish, tank, company, what is said and why. All common practice. Each line of the table is
 * one case; {@code yes} is with or without care.
 */
class KeepersVerdictsTest {
    private static Tank tank(String name) {
        return switch (name) {
            case "nano" -> of(48, 38, 36, 5, 0).build();
            case "cube" -> of(55, 50, 45, 9, 0).build();
            case "small" -> of(85, 50, 48, 16, 15).build();
            case "medium" -> of(125, 55, 52, 30, 40).build();
            case "reef" -> new TankBuilder().build();
            case "large" -> of(200, 75, 68, 70, 120).build();
            case "hall" -> of(300, 95, 80, 150, 350).build();
            default -> throw new IllegalArgumentException(name);
        };
    }

    private static TankBuilder of(double length, double width, double height, double rockKg, double sump) {
        return new TankBuilder()
                .shape(new TankShape.Box(length, width, height))
                .water(WaterSpace.usual(3, rockKg, sump));
    }

    private static Set<Verdict> expected(String said) {
        return switch (said) {
            case "yes" -> Set.of(Verdict.IN, Verdict.WITH_CARE);
            case "care" -> Set.of(Verdict.WITH_CARE);
            case "later" -> Set.of(Verdict.LATER);
            case "no" -> Set.of(Verdict.OUT);
            default -> throw new IllegalArgumentException(said);
        };
    }

    @ParameterizedTest(name = "{0} in {1} beside {2}: {3}, because {4}")
    @CsvFileSource(resources = "keepers-verdicts.txt", delimiter = '|', ignoreLeadingAndTrailingWhitespace = true)
    void aKeeperWouldSay(String fish, String tankName, String company, String said, String why) {
        List<Resident> residents = new ArrayList<>();
        for (String one : company == null ? new String[0] : company.split(" ")) {
            String[] parts = one.split(":");
            residents.add(Fixtures.resident("r" + residents.size(), parts[0], 700, Double.parseDouble(parts[1])));
        }
        String[] wished = fish.split("\\*");
        int count = wished.length > 1 ? Integer.parseInt(wished[1]) : 1;
        Assessment judged = Assessment.of(
                Fixtures.plan(tank(tankName), HouseRules.USUAL, residents, List.of(Fixtures.wish(wished[0], count))),
                CATALOGUE);
        Judgement judgement = judged.judgements().get(0);
        assertThat(judgement.verdict())
                .as(
                        "%s: %s",
                        why,
                        judgement.findings().stream()
                                .filter(one -> one.severity().compareTo(Severity.CAREFUL) <= 0)
                                .map(one -> one.rule() + " " + one.severity() + " " + one.sentence())
                                .toList())
                .isIn(expected(said));
        // A verdict and a date never part.
        assertThat(judged.order().arrivals().isEmpty()).isEqualTo(judgement.verdict() == Verdict.OUT);
    }
}
