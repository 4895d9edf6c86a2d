package org.pelluna.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.Observations;

/** Shrimps, snails, anemones: may they come, who takes them, whom do they live with. */
class InvertebrateCardTest {
    private static Invertebrate kind(String name) {
        return Invertebrates.called(name).orElseThrow();
    }

    private static InvertebrateCard card(TankPlan plan, String name) {
        return InvertebrateCard.of(ResolvedPlan.of(plan, CATALOGUE), kind(name));
    }

    private static TankPlan with(Resident... residents) {
        return Fixtures.plan(Fixtures.reef(), List.of(residents));
    }

    private static List<String> sentences(InvertebrateCard card, Severity severity) {
        return card.findings().stream()
                .filter(finding -> finding.severity() == severity)
                .map(Finding::sentence)
                .toList();
    }

    @Test
    void namesAreFoundInOneAndInMany() {
        assertThat(Invertebrates.called("Astraea snails")).contains(kind("astraea snail"));
        assertThat(Invertebrates.called("heteractis magnifica")).contains(kind("Magnificent anemone"));
        assertThat(Invertebrates.called("royal gramma")).isEmpty();
        assertThat(Invertebrates.find("pistol")).hasSize(2);
        assertThat(Invertebrates.find("carpet anem")).hasSize(2);
        assertThat(Invertebrates.find("  ")).isEmpty();
    }

    @Test
    void everyKindStandsForItselfAndItsFiguresCanBe() {
        assertThat(Invertebrates.ALL).hasSizeGreaterThan(25).allSatisfy(one -> {
            assertThat(Invertebrates.called(one.commonName())).contains(one);
            assertThat(Invertebrates.called(one.scientificName())).contains(one);
            assertThat(one.leastGravity()).isBetween(1.020, 1.026);
            assertThat(one.leastCelsius()).isBetween(18.0, 25.0).isLessThan(one.mostCelsius());
            assertThat(one.mostCelsius()).isLessThanOrEqualTo(29);
            assertThat(one.adultCm()).isBetween(1.0, 100.0);
        });
        assertThat(Invertebrates.ALL.stream().map(Invertebrate::key)).doesNotHaveDuplicates();
        assertThat(Invertebrates.ALL.stream().map(Invertebrate::scientificName)).doesNotHaveDuplicates();
    }

    @Test
    void aPistolShrimpLivesWithTheGobyThatIsHere() {
        InvertebrateCard card =
                card(with(Fixtures.resident("Pip", "cryptocentrus-cinctus", 90, 7)), "Tiger pistol shrimp");
        assertThat(card.severity()).isEqualTo(Severity.BENEFIT);
        assertThat(sentences(card, Severity.BENEFIT)).containsExactly("It can live with Pip.");
    }

    @Test
    void loweredSalinityAndCopperAreNoPlaceForIt() {
        TankPlan low = with().withTank(Fixtures.reef().withRegime(new WaterRegime(25, 1.018)));
        assertThat(sentences(card(low, "Skunk cleaner shrimp"), Severity.STOP))
                .singleElement()
                .asString()
                .contains("1.023", "1.018");
        TankPlan copper =
                with().withWaterTests(List.of(new WaterTest("c", TODAY.minusDays(30), WaterTest.Kind.COPPER, 0.4)));
        assertThat(sentences(card(copper, "Turbo snail"), Severity.STOP))
                .singleElement()
                .asString()
                .contains("Copper was in this water");
        TankPlan longAgo =
                with().withWaterTests(List.of(new WaterTest("c", TODAY.minusDays(91), WaterTest.Kind.COPPER, 0.4)));
        assertThat(card(longAgo, "Turbo snail").findings()).isEmpty();
    }

    @Test
    void aYoungTankWaitsForItsAnemone() {
        TankPlan young = Fixtures.plan(
                new Fixtures.TankBuilder().cycledOn(TODAY.minusMonths(2)).build(), List.of());
        Finding wait = card(young, "Bubble-tip anemone").findings().get(0);
        assertThat(wait.severity()).isEqualTo(Severity.WAIT);
        assertThat(wait.until()).contains(TODAY.plusMonths(4));
        TankPlan cycling = Fixtures.plan(new Fixtures.TankBuilder().cycling().build(), List.of());
        assertThat(sentences(card(cycling, "Turbo snail"), Severity.WAIT))
                .containsExactly("The tank is still cycling, probably until " + TODAY.plusDays(42) + ".");
    }

    @Test
    void anAnemoneCatchesSmallFishButNotItsOwn() {
        InvertebrateCard card = card(
                with(
                        Fixtures.resident("Ada", "amphiprion-ocellaris", 90, 5),
                        Fixtures.resident("Plum", "gramma-loreto", 20, 5)),
                "Giant carpet anemone");
        assertThat(sentences(card, Severity.CAREFUL))
                .singleElement()
                .asString()
                .contains("Plum")
                .doesNotContain("Ada");
        assertThat(sentences(card, Severity.BENEFIT)).containsExactly("It can live with Ada.");
    }

    @Test
    void whoTakesItIsNamed() {
        InvertebrateCard card =
                card(with(Fixtures.resident("Rasp", "pseudocheilinus-hexataenia", 90, 7)), "Sexy shrimp");
        assertThat(card.findings())
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(finding.sentence()).contains("Rasp"));
    }

    private static TankPlan withCrew(TankPlan plan, CrewCount... counts) {
        return plan.withObservations(Observations.EMPTY.withCrew(List.of(counts)));
    }

    private static CrewCount count(String id, int daysAgo, String name, CrewCount.Kind kind, int count, String by) {
        return new CrewCount(
                id,
                TODAY.minusDays(daysAgo),
                AnimalGroup.CRABS_AND_HERMITS,
                name,
                kind,
                count,
                2,
                Optional.ofNullable(by));
    }

    @Test
    void whatWasSeenTakenCountsAndSaysHowManyToBuy() {
        TankPlan plan = withCrew(
                with(),
                count("a", 100, "Scarlet hermits", CrewCount.Kind.ADDED, 20, null),
                count("b", 60, "Scarlet hermits", CrewCount.Kind.LOST, 3, "Blue-legged hermits"),
                count("c", 30, "Scarlet hermits", CrewCount.Kind.LOST, 2, "Blue-legged hermits"),
                count("d", 0, "Scarlet hermits", CrewCount.Kind.COUNTED, 15, null));
        Crew crew = Crew.of(ResolvedPlan.of(plan, CATALOGUE)).get(0);
        assertThat(crew.lost()).isEqualTo(5);
        assertThat(crew.taken()).containsEntry("Blue-legged hermits", 5);
        assertThat(crew.toBuy()).isEqualTo(5);
        // 20 for 40 days, 17 for 30, 15 for 30, in weeks
        assertThat(crew.animalWeeks())
                .isCloseTo((20 * 40 + 17 * 30 + 15 * 30) / 7.0, org.assertj.core.api.Assertions.within(1e-9));
        assertThatThrownBy(() -> count("e", 1, "x", CrewCount.Kind.COUNTED, 1, "Rasp"))
                .hasMessageContaining("only animals that are lost");
    }

    @Test
    void aGobyIsToldOfTheShrimpThatIsThere() {
        TankPlan plan = withCrew(
                Fixtures.plan(Fixtures.reef(), List.of(), "cryptocentrus-cinctus", "elacatinus-oceanops"),
                count("a", 10, "Tiger pistol shrimp", CrewCount.Kind.ADDED, 1, null),
                count("b", 10, "Giant carpet anemone", CrewCount.Kind.ADDED, 1, null));
        var judged = Shortlist.of(ResolvedPlan.of(plan, CATALOGUE));
        assertThat(judged.get(0).findings())
                .filteredOn(one -> one.rule().equals("partner"))
                .extracting(Finding::severity)
                .contains(Severity.BENEFIT);
        assertThat(judged.get(1).findings())
                .filteredOn(one -> one.rule().equals("partner"))
                .singleElement()
                .satisfies(one -> assertThat(one.sentence()).contains("can catch a fish under"));
    }

    /** Fish bear a lowered salinity that the shrimps among them do not. */
    @Test
    void theShrimpsThatLiveHereAreAskedAboutTheWaterToo() {
        CrewCount shrimps = new CrewCount(
                "s",
                TODAY.minusDays(9),
                AnimalGroup.SHRIMPS,
                "Cleaner shrimps",
                CrewCount.Kind.ADDED,
                2,
                4,
                Optional.empty());
        TankPlan plan = with().withObservations(Observations.EMPTY.withCrew(List.of(shrimps)));
        assertThat(LivingCrew.water(ResolvedPlan.of(plan, CATALOGUE))).isEmpty();
        TankPlan low = plan.withTank(Fixtures.reef().withRegime(new WaterRegime(25, 1.018)));
        assertThat(LivingCrew.water(ResolvedPlan.of(low, CATALOGUE)))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.severity()).isEqualTo(Severity.STOP);
                    assertThat(one.sentence()).contains("shrimp lives here. It needs a specific gravity of");
                });
        TankPlan gone = low.withObservations(Observations.EMPTY.withCrew(List.of(
                shrimps,
                new CrewCount(
                        "t",
                        TODAY,
                        AnimalGroup.SHRIMPS,
                        "Cleaner shrimps",
                        CrewCount.Kind.COUNTED,
                        0,
                        4,
                        Optional.empty()))));
        assertThat(LivingCrew.water(ResolvedPlan.of(gone, CATALOGUE))).isEmpty();
    }
}
