package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;
import static org.pelluna.core.finding.Severity.BENEFIT;
import static org.pelluna.core.finding.Severity.CAREFUL;
import static org.pelluna.core.finding.Severity.FINE;
import static org.pelluna.core.finding.Severity.STOP;
import static org.pelluna.core.finding.Severity.WAIT;
import static org.pelluna.core.tank.AnimalGroup.LARGE_POLYP_STONY_CORALS;
import static org.pelluna.core.tank.AnimalGroup.SHRIMPS;
import static org.pelluna.core.tank.AnimalGroup.SNAILS;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

class ShortlistTest {
    private static final TankShape CUBE = new TankShape.Box(60, 42, 44);

    /** Fish, tank, rule, the severity expected of it. What is expected is common practice. */
    static Stream<Arguments> cases() {
        TankBuilder young = new TankBuilder().cycledOn(TODAY.minusMonths(3));
        return Stream.of(
                arguments("naso-lituratus", Fixtures.reef(), "volume", STOP),
                arguments("naso-lituratus", Fixtures.reef(), "swim-length", STOP),
                arguments("gramma-loreto", Fixtures.reef(), "volume", FINE),
                arguments("gramma-loreto", Fixtures.reef(), "swim-length", FINE),
                arguments("paracanthurus-hepatus", new TankBuilder().shape(CUBE).build(), "swim-length", STOP),
                arguments("siganus-vulpinus", new TankBuilder().swim(100).build(), "swim-length", STOP),
                arguments(
                        "oxycirrhites-typus",
                        new TankBuilder().holding(SHRIMPS, 3).build(),
                        "reef",
                        STOP),
                arguments(
                        "oxycirrhites-typus",
                        new TankBuilder().holding(SHRIMPS, 6).build(),
                        "reef",
                        CAREFUL),
                arguments(
                        "centropyge-loriculus",
                        new TankBuilder().holding(LARGE_POLYP_STONY_CORALS, 5).build(),
                        "reef",
                        CAREFUL),
                arguments(
                        "chaetodon-auriga",
                        new TankBuilder().holding(LARGE_POLYP_STONY_CORALS, 5).build(),
                        "reef",
                        STOP),
                arguments(
                        "chromis-viridis", new TankBuilder().holding(SNAILS, 1).build(), "reef", FINE),
                arguments(
                        "halichoeres-chrysus",
                        new TankBuilder().holding(SNAILS, 2).build(),
                        "reef",
                        FINE),
                arguments(
                        "nemateleotris-magnifica",
                        new TankBuilder().cover(Cover.Kind.OPEN, 0).build(),
                        "cover",
                        WAIT),
                arguments(
                        "nemateleotris-magnifica",
                        new TankBuilder().cover(Cover.Kind.MESH, 20).build(),
                        "cover",
                        WAIT),
                arguments(
                        "nemateleotris-magnifica",
                        new TankBuilder().cover(Cover.Kind.LID, 3).build(),
                        "cover",
                        FINE),
                arguments(
                        "salarias-fasciatus",
                        new TankBuilder().cover(Cover.Kind.OPEN, 0).build(),
                        "cover",
                        CAREFUL),
                arguments("halichoeres-chrysus", new TankBuilder().sand(0).build(), "sand", STOP),
                arguments("halichoeres-chrysus", new TankBuilder().sand(6).build(), "sand", FINE),
                arguments("opistognathus-aurifrons", new TankBuilder().sand(3).build(), "sand", STOP),
                arguments("synchiropus-splendidus", young.build(), "maturity", WAIT),
                arguments("synchiropus-splendidus", young.build(), "pods", WAIT),
                arguments(
                        "synchiropus-splendidus", new TankBuilder().refugium(0).build(), "pods", CAREFUL),
                arguments("synchiropus-splendidus", Fixtures.reef(), "pods", FINE),
                arguments("gramma-loreto", new TankBuilder().cycling().build(), "maturity", WAIT),
                arguments("zebrasoma-flavescens", young.build(), "maturity", WAIT),
                arguments(
                        "macropharyngodon-bipartitus",
                        new TankBuilder().firstTank().build(),
                        "care",
                        CAREFUL),
                arguments("chelmon-rostratus", Fixtures.reef(), "care", CAREFUL),
                arguments("siganus-vulpinus", Fixtures.reef(), "hazard", CAREFUL),
                arguments("meiacanthus-grammistes", Fixtures.reef(), "hazard", CAREFUL),
                arguments("salarias-fasciatus", Fixtures.reef(), "benefit", BENEFIT));
    }

    @ParameterizedTest(name = "{0}: {2} is {3}")
    @MethodSource("cases")
    void keepersCases(String speciesId, Tank tank, String rule, Severity expected) {
        Judgement judgement = judge(tank, List.of(), wish(speciesId));
        assertThat(judgement.findings())
                .filteredOn(finding -> finding.rule().equals(rule))
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(finding.severity()).isEqualTo(expected));
    }

    @Test
    void everyFindingHasASentenceAndFiguresWithUnits() {
        for (var species : CATALOGUE.all()) {
            Judgement judgement = judge(
                    new TankBuilder().holding(SHRIMPS, 2).holding(SNAILS, 1).build(),
                    List.of(resident("gale", "chrysiptera-parasema", 100, 5)),
                    wish(species.id()));
            assertThat(judgement.findings()).isNotEmpty().allSatisfy(finding -> {
                assertThat(finding.sentence()).endsWith(".").doesNotContain("Optional");
                assertThat(finding.provenance().words()).isNotBlank();
            });
        }
    }

    @Test
    void theVerdictIsTheHardestFinding() {
        assertThat(judge(Fixtures.reef(), List.of(), wish("naso-lituratus")).verdict())
                .isEqualTo(Verdict.OUT);
        assertThat(judge(Fixtures.reef(), List.of(), wish("elacatinus-oceanops"))
                        .verdict())
                .isEqualTo(Verdict.IN);
        assertThat(judge(Fixtures.reef(), List.of(), wish("meiacanthus-grammistes"))
                        .verdict())
                .isEqualTo(Verdict.WITH_CARE);
        Judgement later = judge(
                new TankBuilder().cycledOn(TODAY.minusMonths(7)).build(), List.of(), wish("synchiropus-splendidus"));
        assertThat(later.verdict()).isEqualTo(Verdict.LATER);
        assertThat(later.laterFrom()).contains(TODAY.minusMonths(7).plusMonths(12));
    }

    @Test
    void aWaitWithoutADateHasNoDateAltogether() {
        Judgement later = judge(
                new TankBuilder().cover(Cover.Kind.OPEN, 0).build(), List.of(), wish("macropharyngodon-bipartitus"));
        assertThat(later.verdict()).isEqualTo(Verdict.LATER);
        assertThat(later.laterFrom()).isEmpty();
        assertThat(later.undatedGate()).isPresent();
    }

    /**
     * The inch rule's arithmetic (common practice: 5 US gal to the inch when young, 3 when mature): 80 gal bear 16 in, then
     * 26.67 in.
     */
    @Test
    void headroomIsTheInchRulesArithmetic() {
        WaterSpace bare = new WaterSpace(0, 0, 1.6, 0.4, 0.4, 0);
        double lengthCm = 80 * 3785.411784 / (50 * 50);
        TankBuilder eighty = new TankBuilder()
                .shape(new TankShape.Box(lengthCm, 50, 50))
                .water(bare)
                .sand(0)
                .cycledOn(TODAY.minusMonths(6));
        List<Resident> residents =
                List.of(resident("a", "siganus-vulpinus", 60, 12), resident("b", "zebrasoma-flavescens", 60, 12));
        // 20 cm and 17 cm of adult fish are 14.57 in; 3.9 in fit no more today, but will in the mature tank.
        Finding waits = only("headroom", judge(eighty.build(), residents, wish("oxycirrhites-typus")));
        assertThat(waits.severity()).isEqualTo(WAIT);
        assertThat(waits.until()).contains(TODAY.minusMonths(6).plusMonths(12));
        assertThat(waits.figures()).anySatisfy(figure -> {
            assertThat(figure.name()).isEqualTo("limit today");
            assertThat(figure.value()).isCloseTo(16, org.assertj.core.api.Assertions.within(1e-9));
        });
        assertThat(only("headroom", judge(eighty.build(), residents, wish("naso-lituratus")))
                        .severity())
                .isEqualTo(STOP);
        assertThat(only("headroom", judge(eighty.build(), List.of(), wish("oxycirrhites-typus")))
                        .severity())
                .isEqualTo(FINE);
    }

    @Test
    void whoFitsInAMouthIsNamedWithTheDay() {
        Judgement lion = judge(
                Fixtures.reef(), List.of(resident("goby", "elacatinus-oceanops", 10, 3)), wish("dendrochirus-zebra"));
        assertThat(only("predation", lion).sentence()).contains("Zebra lionfish can swallow goby");
        Judgement goby = judge(
                Fixtures.reef(), List.of(resident("lion", "dendrochirus-zebra", 10, 14)), wish("elacatinus-oceanops"));
        assertThat(only("predation", goby).sentence()).contains("lion can swallow Neon goby today");
    }

    /** Common practice: never two lyretail anthias; a second blenny of a kind fights. */
    @Test
    void companyOfItsKindCountsThoseAlreadyHere() {
        List<Resident> one = List.of(resident("a", "pseudanthias-squamipinnis", 60, 8));
        assertThat(only("company", judge(Fixtures.reef(), one, wish("pseudanthias-squamipinnis")))
                        .severity())
                .isEqualTo(STOP);
        assertThat(only("company", judge(Fixtures.reef(), one, wish("pseudanthias-squamipinnis", 4)))
                        .severity())
                .isEqualTo(FINE);
    }

    @Test
    void aTerrorInResidenceIsNamed() {
        Judgement judgement = judge(
                Fixtures.reef(),
                List.of(resident("six", "pseudocheilinus-hexataenia", 200, 7)),
                wish("macropharyngodon-bipartitus"));
        assertThat(judgement.findings())
                .filteredOn(finding -> finding.rule().equals("pressure"))
                .anySatisfy(finding -> {
                    assertThat(finding.severity()).isEqualTo(CAREFUL);
                    assertThat(finding.sentence()).contains("attacks an hour from six");
                });
    }

    /** Common practice: adult size from day one, or a juvenile now with a dated plan to move it on. */
    @Test
    void aTankTooShortNamesBothApproachesAndTheDayItIsOutgrown() {
        Finding finding = only("swim-length", judge(Fixtures.reef(), List.of(), wish("paracanthurus-hepatus")));
        assertThat(finding.approaches())
                .hasSize(2)
                .anySatisfy(approach -> assertThat(approach.toString()).contains("outgrows this tank"));
    }

    @Test
    void theKeepersWordDecidesWhatIsInThePlan() {
        Wish struck = decided("elacatinus-oceanops", Wish.Decision.STRUCK);
        Wish kept = decided("naso-lituratus", Wish.Decision.IN);
        assertThat(judge(Fixtures.reef(), List.of(), struck).inPlan()).isFalse();
        assertThat(judge(Fixtures.reef(), List.of(), kept).inPlan()).isTrue();
        assertThat(judge(Fixtures.reef(), List.of(), kept).verdict()).isEqualTo(Verdict.OUT);
    }

    private static Wish decided(String speciesId, Wish.Decision decision) {
        Wish open = wish(speciesId);
        return new Wish(
                open.id(),
                new SpeciesId(speciesId),
                1,
                open.lengthCm(),
                open.askedBy(),
                decision,
                java.util.Optional.of("because"));
    }

    private static Judgement judge(Tank tank, List<Resident> residents, Wish wish) {
        return Shortlist.of(ResolvedPlan.of(plan(tank, HouseRules.USUAL, residents, List.of(wish)), CATALOGUE))
                .get(0);
    }

    private static Finding only(String rule, Judgement judgement) {
        List<Finding> found = judgement.findings().stream()
                .filter(finding -> finding.rule().equals(rule))
                .toList();
        assertThat(found).as(rule).hasSize(1);
        return found.get(0);
    }
}
