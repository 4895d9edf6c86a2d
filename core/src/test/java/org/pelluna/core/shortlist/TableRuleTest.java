package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.reef;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;

/** Slow beside fast eaters: who goes short, and from how many on a fish that takes one morsel at a time starves. */
class TableRuleTest {
    private static List<Finding> findings(String wished, String... here) {
        List<Resident> residents = Stream.of(here)
                .map(species -> resident(species.substring(0, 5), species, 90, 5))
                .toList();
        return Shortlist.of(
                        ResolvedPlan.of(plan(reef(), HouseRules.USUAL, residents, List.of(wish(wished))), CATALOGUE))
                .get(0)
                .findings()
                .stream()
                .filter(finding -> finding.rule().equals("table"))
                .toList();
    }

    private static Finding only(String wished, String... here) {
        assertThat(findings(wished, here)).hasSize(1);
        return findings(wished, here).get(0);
    }

    @Test
    void aSlowFishAmongSlowOnesHasItsShare() {
        Finding alone = only("synchiropus-splendidus", "nemateleotris-magnifica");
        assertThat(alone.severity()).isEqualTo(Severity.FINE);
        assertThat(alone.sentence()).isEqualTo("It eats slowly, and no fish here eats fast.");
    }

    @Test
    void aSlowFishBesideAFastOneIsToBeFedByHand() {
        Finding one = only("synchiropus-splendidus", "thalassoma-bifasciatum");
        assertThat(one.severity()).isEqualTo(Severity.CAREFUL);
        assertThat(one.sentence()).isEqualTo("It may go hungry: it eats slowly and thala eats fast.");
        assertThat(one.remedy().orElseThrow().toString()).contains("pipette");
        assertThat(one.figures().get(0).value()).isEqualTo(1);
    }

    @Test
    void aSeahorseStarvesBesideThreeFastOnesAndBesideTwoItGoesShort() {
        assertThat(only("hippocampus-kuda", "chromis-viridis", "chrysiptera-cyanea")
                        .severity())
                .isEqualTo(Severity.CAREFUL);
        Finding three = only("hippocampus-kuda", "chromis-viridis", "chrysiptera-cyanea", "thalassoma-bifasciatum");
        assertThat(three.severity()).isEqualTo(Severity.STOP);
        assertThat(three.sentence()).startsWith("It may starve: it eats slowly and ");
        assertThat(three.remedy().orElseThrow().toString()).startsWith("Keep it alone");
    }

    @Test
    void aFastFishIsToldOfThoseItWouldRob() {
        Finding first = only("chromis-viridis", "hippocampus-kuda");
        assertThat(first.severity()).isEqualTo(Severity.CAREFUL);
        assertThat(first.sentence()).contains("hippo may go hungry");
        assertThat(only("chromis-viridis", "hippocampus-kuda", "chrysiptera-cyanea", "thalassoma-bifasciatum")
                        .severity())
                .isEqualTo(Severity.STOP);
        assertThat(findings("chromis-viridis", "gramma-loreto")).isEmpty();
    }
}
