package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;

class WishesTogetherTest {
    private static List<Finding> findings(HouseRules rules, Wish... wishes) {
        List<Wish> kept = Stream.of(wishes)
                .map(wish -> wish.decided(Wish.Decision.IN, java.util.Optional.of("wanted")))
                .toList();
        ResolvedPlan stock =
                ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), rules, List.of(), kept), Fixtures.CATALOGUE);
        return WishesTogether.findings(stock, Shortlist.of(stock));
    }

    private static Wish wish(String key, String species, int count) {
        return new Wish(
                new WishId(key),
                new SpeciesId(species),
                count,
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                Wish.Decision.OPEN,
                java.util.Optional.empty());
    }

    @Test
    void twoOfOneGenusAreRivals() {
        assertThat(findings(HouseRules.USUAL, wish("a", "zebrasoma-flavescens", 1), wish("b", "zebrasoma-scopas", 1)))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.sentence()).contains("are rivals", "Zebrasoma");
                    assertThat(one.remedy()).isPresent();
                });
    }

    @Test
    void aFishWishedForTwiceIsToldWithTheWholeNumber() {
        assertThat(findings(
                        HouseRules.USUAL, wish("a", "zebrasoma-flavescens", 1), wish("b", "zebrasoma-flavescens", 1)))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.severity()).isEqualTo(Severity.STOP);
                    assertThat(one.sentence()).contains("on the list twice", "2 in all", "too many to live together");
                });
        assertThat(findings(
                        HouseRules.USUAL, wish("a", "amphiprion-ocellaris", 1), wish("b", "amphiprion-ocellaris", 1)))
                .singleElement()
                .satisfies(one -> assertThat(one.severity()).isEqualTo(Severity.CAREFUL));
    }

    @Test
    void aPredatorAndItsPreyAreNotWishedForTogether() {
        assertThat(findings(HouseRules.USUAL, wish("a", "pterois-volitans", 1), wish("b", "elacatinus-oceanops", 1)))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.severity()).isEqualTo(Severity.STOP);
                    assertThat(one.sentence()).contains("can swallow");
                });
    }

    @Test
    void aSeahorseAndAFastEaterAreNotWishedForTogetherUnsaid() {
        assertThat(findings(HouseRules.USUAL, wish("a", "chromis-viridis", 5), wish("b", "hippocampus-reidi", 1)))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.severity()).isEqualTo(Severity.CAREFUL);
                    assertThat(one.sentence()).contains("may go hungry");
                });
    }

    @Test
    void strangersGetAlongOnTheListAndWhatIsDroppedIsNotCounted() {
        assertThat(findings(HouseRules.USUAL, wish("a", "zebrasoma-flavescens", 1), wish("b", "gramma-loreto", 1)))
                .isEmpty();
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(
                        Fixtures.reef(),
                        HouseRules.USUAL,
                        List.of(),
                        List.of(
                                wish("a", "zebrasoma-flavescens", 1),
                                wish("b", "zebrasoma-scopas", 1)
                                        .decided(Wish.Decision.STRUCK, java.util.Optional.of("no")))),
                Fixtures.CATALOGUE);
        assertThat(WishesTogether.findings(stock, Shortlist.of(stock))).isEmpty();
    }

    @Test
    void theHousesApproachToRivalsDecides() {
        for (Preset preset : Preset.ALL) {
            boolean never = preset.rules().approaches().kin() == org.pelluna.core.plan.Approaches.Kin.NEVER;
            assertThat(findings(preset.rules(), wish("a", "zebrasoma-flavescens", 1), wish("b", "zebrasoma-scopas", 1)))
                    .as(preset.key())
                    .singleElement()
                    .satisfies(one -> assertThat(one.severity()).isEqualTo(never ? Severity.STOP : Severity.CAREFUL));
        }
    }
}
