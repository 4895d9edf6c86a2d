package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.tank.WaterSpace;

/** What each rule says, whole, in the cases that a keeper meets: the numbers, the names, and who would see it otherwise. */
class RuleWordsTest {
    private static Judgement judge(Tank tank, HouseRules rules, List<Resident> residents, Wish wish) {
        return Shortlist.of(ResolvedPlan.of(plan(tank, rules, residents, List.of(wish)), CATALOGUE))
                .get(0);
    }

    private static List<Finding> findings(String rule, Tank tank, HouseRules rules, List<Resident> here, Wish wish) {
        return judge(tank, rules, here, wish).findings().stream()
                .filter(finding -> finding.rule().equals(rule))
                .toList();
    }

    private static Finding only(String rule, Tank tank, HouseRules rules, List<Resident> here, Wish wish) {
        List<Finding> found = findings(rule, tank, rules, here, wish);
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    private static Finding only(String rule, List<Resident> here, Wish wish) {
        return only(rule, Fixtures.reef(), HouseRules.USUAL, here, wish);
    }

    private static HouseRules with(java.util.function.UnaryOperator<Approaches> approaches) {
        return HouseRules.USUAL.withApproaches(approaches.apply(Approaches.USUAL));
    }

    private static String remedy(Finding finding) {
        return finding.remedy().map(Object::toString).orElse("");
    }

    private static List<String> approaches(Finding finding) {
        return finding.approaches().stream().map(Object::toString).toList();
    }

    private static List<Resident> several(String species, int count) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(i -> resident(species.substring(0, 3) + i, species, 90, 5))
                .toList();
    }

    @Test
    void everyRuleAsksAQuestionOfItsOwnUnderAKeyOfItsOwn() {
        assertThat(Rules.ALL.stream().map(ShortlistRule::question))
                .doesNotHaveDuplicates()
                .allMatch(question -> question.endsWith("?") && question.length() > 10);
        assertThat(Rules.ALL.stream().map(ShortlistRule::key))
                .doesNotHaveDuplicates()
                .allMatch(key -> key.matches("[a-z-]+"));
    }

    /** A tank of exactly so many US gallons, cycled months ago: 5 gallons for each inch, from a year on 3. */
    private static Tank gallons(double gallons, int months) {
        return new TankBuilder()
                .shape(new TankShape.Box(gallons * 3785.411784 / (50 * 50), 50, 50))
                .water(new WaterSpace(0, 0, 1.6, 0.4, 0.4, 0))
                .sand(0)
                .cycledOn(TODAY.minusMonths(months))
                .build();
    }

    @Test
    void headroomInInchesIsCountedForEveryFishOfAWish() {
        // Three green chromis of 8 cm are 9.45 in; a royal gramma of 6.5 cm is 2.56 in.
        Finding fits = only(
                "headroom", gallons(80, 6), HouseRules.USUAL, several("gramma-loreto", 1), wish("chromis-viridis", 3));
        assertThat(fits.severity()).isEqualTo(Severity.FINE);
        assertThat(fits.sentence()).isEqualTo("There is room: with it, 12 of 16 inches of adult fish.");
        Finding waits = only(
                "headroom", gallons(55, 6), HouseRules.USUAL, several("gramma-loreto", 1), wish("chromis-viridis", 3));
        assertThat(waits.severity()).isEqualTo(Severity.WAIT);
        assertThat(waits.sentence()).contains("the limit then rises to 18.3 inches of adult fish");
        assertThat(waits.until()).contains(TODAY.plusMonths(6));
        Finding never = only(
                "headroom", gallons(30, 24), HouseRules.USUAL, several("gramma-loreto", 1), wish("chromis-viridis", 3));
        assertThat(never.severity()).isEqualTo(Severity.STOP);
        assertThat(never.sentence()).contains("the mature tank's limit is 10");
        assertThat(remedy(never)).startsWith("Keep fewer or smaller fish");
    }

    @Test
    void headroomIsTakenFromItsLastInch() {
        // 9 cm are 3.543 in: five times that in gallons is just enough, a hundredth less is not.
        double inches = 9 / 2.54;
        Wish clown = wish("amphiprion-ocellaris", 1);
        assertThat(only("headroom", gallons(5 * inches + 1e-6, 6), HouseRules.USUAL, List.of(), clown)
                        .severity())
                .isEqualTo(Severity.FINE);
        assertThat(only("headroom", gallons(5 * inches - 0.01, 6), HouseRules.USUAL, List.of(), clown)
                        .severity())
                .isEqualTo(Severity.WAIT);
        assertThat(only("headroom", gallons(3 * inches - 0.01, 6), HouseRules.USUAL, List.of(), clown)
                        .severity())
                .isEqualTo(Severity.STOP);
    }

    @Test
    void theOtherApproachesToHeadroomAreSaidWhereTheyDisagreeAndOnlyThere() {
        Finding agreed = only("headroom", Fixtures.reef(), HouseRules.USUAL, List.of(), wish("gramma-loreto"));
        assertThat(agreed.approaches()).isEmpty();
        Finding torn = only(
                "headroom", gallons(30, 24), HouseRules.USUAL, several("gramma-loreto", 1), wish("chromis-viridis", 3));
        assertThat(approaches(torn)).hasSize(3);
        assertThat(approaches(torn).get(0)).startsWith("By the inch rule: no, 12.01 of 10 in (adult fish).");
        assertThat(approaches(torn).get(1)).startsWith("By the waste rule: yes");
        Finding byWaste = only(
                "headroom",
                gallons(30, 24),
                with(as -> as.withCeiling(Approaches.Ceiling.WASTE)),
                several("gramma-loreto", 1),
                wish("chromis-viridis", 3));
        assertThat(byWaste.severity()).isEqualTo(Severity.FINE);
        assertThat(byWaste.sentence())
                .startsWith("There is room: with it fully grown, ammonia nitrogen a day reaches ");
        Finding byNutrients = only(
                "headroom",
                gallons(30, 24),
                with(as -> as.withCeiling(Approaches.Ceiling.NUTRIENTS)),
                several("gramma-loreto", 4),
                wish("chromis-viridis", 9));
        assertThat(byNutrients.severity()).isEqualTo(Severity.STOP);
        assertThat(remedy(byNutrients)).contains("change more water");
        double one = used(wish("chromis-viridis", 1));
        assertThat(used(wish("chromis-viridis", 6))).isCloseTo(6 * one, org.assertj.core.api.Assertions.within(1e-9));
    }

    /** Ammonia nitrogen of a wish alone. */
    private static double used(Wish wish) {
        return only("headroom", Fixtures.reef(), with(as -> as.withCeiling(Approaches.Ceiling.WASTE)), List.of(), wish)
                .figures()
                .get(0)
                .value();
    }

    @Test
    void aHaremComesAtOnceOrOneFirstAndTwoNever() {
        String lyretail = "pseudanthias-squamipinnis";
        Finding five = only("company", List.of(), wish(lyretail, 5));
        assertThat(five.severity()).isEqualTo(Severity.FINE);
        assertThat(five.sentence()).isEqualTo("5 are fine: it lives as one male's harem.");
        assertThat(approaches(five))
                .containsExactly(
                        "By “start with one and add”: one now, the others when it has settled.",
                        "By “the whole group at once”: all 5 on one day.");
        Finding oneFirst = only(
                "company",
                Fixtures.reef(),
                with(as -> as.withAnthias(Approaches.HaremFish.ONE_FIRST)),
                List.of(),
                wish(lyretail, 5));
        assertThat(oneFirst.severity()).isEqualTo(Severity.CAREFUL);
        assertThat(oneFirst.sentence()).endsWith("Your approach starts with one and adds more.");
        assertThat(only("company", List.of(), wish(lyretail, 1)).sentence())
                .isEqualTo("One is fine: it lives as one male's harem.");
        Finding joins = only("company", several(lyretail, 4), wish(lyretail, 2));
        assertThat(joins.approaches()).as("a group that is there is joined").isEmpty();
        assertThat(joins.sentence()).startsWith("6 are fine");
        Finding two = only("company", several(lyretail, 1), wish(lyretail, 1));
        assertThat(two.severity()).isEqualTo(Severity.STOP);
        assertThat(two.sentence()).isEqualTo("Keep only one: of two, the stronger kills the weaker.");
        assertThat(remedy(two)).isEqualTo("Keep one, or 4 to 9 together.");
        Finding few = only("company", List.of(), wish(lyretail, 3));
        assertThat(few.severity()).isEqualTo(Severity.CAREFUL);
        assertThat(few.sentence())
                .isEqualTo("3 are few: it lives as one male's harem, and in a small one the weakest suffers.");
    }

    @Test
    void pairsAndSinglesAreToldWhatWouldDo() {
        Finding third = only("company", several("amphiprion-ocellaris", 2), wish("amphiprion-ocellaris", 1));
        assertThat(third.sentence()).isEqualTo("3 will fight: it lives singly or as a mated pair.");
        assertThat(remedy(third)).isEqualTo("Keep one or a pair.");
        assertThat(remedy(only("company", List.of(), wish("gramma-loreto", 2)))).isEqualTo("Keep one.");
        assertThat(remedy(only("company", List.of(), wish("chromis-viridis", 3))))
                .isEqualTo("Keep one, or 5 to 30 together.");
    }

    @Test
    void rivalsOfItsGenusAreNamedWithWhatEachApproachWouldSay() {
        List<Resident> one = List.of(resident("Sol", "zebrasoma-flavescens", 200, 12));
        Wish scopas = wish("zebrasoma-scopas");
        Finding alone = only("kin", one, scopas);
        assertThat(alone.severity()).isEqualTo(Severity.CAREFUL);
        assertThat(alone.sentence()).isEqualTo("Sol is a close relative and already lives here.");
        assertThat(approaches(alone))
                .containsExactly(
                        "By “never”: no.",
                        "By “same day only”: take Sol out and return it together with the newcomer.",
                        "By “several”: no, 2 rivals in " + litres(Fixtures.reef())
                                + "; three or more in 1000\u00a0L or more spread the attacks.");
        assertThat(only("kin", Fixtures.reef(), with(as -> as.withKin(Approaches.Kin.NEVER)), one, scopas)
                        .severity())
                .isEqualTo(Severity.STOP);
        assertThat(findings(
                        "kin",
                        Fixtures.reef(),
                        HouseRules.USUAL,
                        List.of(resident("Plum", "gramma-loreto", 90, 6)),
                        scopas))
                .isEmpty();
        assertThat(findings("kin", Fixtures.reef(), HouseRules.USUAL, one, wish("zebrasoma-flavescens")))
                .as("of one species is another question")
                .isEmpty();
    }

    private static String litres(Tank tank) {
        return Math.round(tank.netWater().litres()) + "\u00a0L";
    }

    @Test
    void severalRivalsSpreadTheirQuarrelsInALargeTankOnly() {
        List<Resident> two = List.of(
                resident("Sol", "zebrasoma-flavescens", 200, 12), resident("Vela", "zebrasoma-veliferum", 200, 15));
        Tank large = new TankBuilder().shape(new TankShape.Box(260, 90, 75)).build();
        HouseRules crowd = with(as -> as.withKin(Approaches.Kin.CROWD));
        Finding spread = only("kin", large, crowd, two, wish("zebrasoma-scopas"));
        assertThat(spread.severity()).isEqualTo(Severity.FINE);
        assertThat(spread.sentence()).startsWith("Sol, Vela are close relatives");
        assertThat(approaches(spread).get(1)).contains("return them together");
        assertThat(approaches(spread).get(2)).startsWith("By “several”: yes, 3 rivals in ");
        assertThat(only("kin", large, crowd, two.subList(0, 1), wish("zebrasoma-scopas"))
                        .severity())
                .isEqualTo(Severity.CAREFUL);
        assertThat(only("kin", Fixtures.reef(), crowd, two, wish("zebrasoma-scopas"))
                        .severity())
                .isEqualTo(Severity.CAREFUL);
    }

    @ParameterizedTest
    @CsvSource({"0, FINE", "1, FINE", "2, FINE", "3, CAREFUL", "4, CAREFUL"})
    void whoSharesItsPlaceAndFoodIsCountedAndNamed(int count, Severity severity) {
        Wish gramma = wish("gramma-loreto");
        List<Resident> here = several("gramma-loreto", count);
        Finding niche = only("niche", here, gramma);
        assertThat(niche.severity()).isEqualTo(severity);
        assertThat(niche.sentence())
                .isEqualTo(
                        switch (count) {
                            case 0 -> "No fish here competes with it for plankton in caves.";
                            case 1 -> "It competes with gra1 for plankton in caves.";
                            case 2 -> "It competes with gra1, gra2 for plankton in caves.";
                            case 3 -> "It competes with gra1, gra2, gra3 for plankton in caves.";
                            default -> "It competes with gra1, gra2, gra3 and more for plankton in caves.";
                        });
        assertThat(niche.figures().get(0).value()).isEqualTo(count);
        assertThat(niche.figures().get(1).value()).isEqualTo(count);
    }

    @Test
    void neighboursWithOtherFoodAreNoRivals() {
        Finding niche = only("niche", several("zebrasoma-flavescens", 1), wish("chromis-viridis", 5));
        assertThat(niche.figures().get(0).value()).as("in mid-water too").isEqualTo(1);
        assertThat(niche.figures().get(1).value()).as("on algae").isZero();
        assertThat(niche.sentence()).contains("No fish here competes with it for");
    }

    @Test
    void aCruiserWantsSoManyOfItsLengthsAndTheLongestMore() {
        // A yellow tang cruises: 120 cm for its kind; four lengths of 17 cm are 68, of 20 cm 80. With ten lengths 170
        // and 200.
        HouseRules ten =
                HouseRules.USUAL.withCapacity(HouseRules.USUAL.capacity().withBodyLengthsToSwim(10));
        Wish tang = wish("zebrasoma-flavescens");
        assertThat(only("swim-length", new TankBuilder().swim(120).build(), HouseRules.USUAL, List.of(), tang)
                        .severity())
                .isEqualTo(Severity.FINE);
        assertThat(only("swim-length", new TankBuilder().swim(170).build(), ten, List.of(), tang)
                        .severity())
                .isEqualTo(Severity.CAREFUL);
        Finding torn = only("swim-length", new TankBuilder().swim(185).build(), ten, List.of(), tang);
        assertThat(torn.sentence())
                .isEqualTo(
                        "Long enough for its usual adult size; the longest known would need 200\u00a0cm to swim, and this tank has 185\u00a0cm.");
        assertThat(approaches(torn)).hasSize(2);
        Finding enough = only("swim-length", new TankBuilder().swim(200).build(), ten, List.of(), tang);
        assertThat(enough.severity()).isEqualTo(Severity.FINE);
        assertThat(enough.sentence()).endsWith("170\u00a0cm to swim and has 200\u00a0cm.");
        Finding hovers = only("swim-length", new TankBuilder().swim(50).build(), ten, List.of(), wish("gramma-loreto"));
        assertThat(hovers.severity()).as("a fish that hovers wants no lengths").isEqualTo(Severity.FINE);
    }

    @Test
    void aJuvenileHasRoomUntilADayByTheApproachThatMovesItOn() {
        Tank small = new TankBuilder().swim(100).build();
        Wish tang = wish("zebrasoma-flavescens");
        Finding grown = only("swim-length", small, HouseRules.USUAL, List.of(), tang);
        assertThat(grown.severity()).isEqualTo(Severity.STOP);
        assertThat(approaches(grown).get(1)).startsWith("Bought young, it outgrows this tank about 20");
        Finding young =
                only("swim-length", small, with(as -> as.withBigFish(Approaches.BigFish.JUVENILE)), List.of(), tang);
        assertThat(young.severity()).isEqualTo(Severity.CAREFUL);
        assertThat(young.sentence()).contains("It has room until about 20", "at 14.2\u00a0cm.");
        Wish old = tang.withLengthCm(java.util.Optional.of(16.0));
        Finding late =
                only("swim-length", small, with(as -> as.withBigFish(Approaches.BigFish.JUVENILE)), List.of(), old);
        assertThat(late.severity()).isEqualTo(Severity.STOP);
        assertThat(approaches(late).get(1)).contains("it is too long already");
    }

    @Test
    void pressureIsSaidWithWhoAndHowHardAndPeaceAsPeace() {
        List<Finding> harsh = findings(
                "pressure",
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(resident("Gale", "chrysiptera-parasema", 400, 7), resident("Plum", "gramma-loreto", 90, 6)),
                wish("chrysiptera-cyanea"));
        assertThat(harsh.get(0).sentence())
                .startsWith("Without help, expect about ")
                .contains(" an hour from Gale in its first week; your limit is 4.");
        assertThat(harsh.get(0).severity()).isEqualTo(Severity.CAREFUL);
        assertThat(remedy(harsh.get(0))).startsWith("Use an acclimation box");
        assertThat(harsh)
                .anySatisfy(one -> assertThat(one.sentence())
                        .startsWith("Expect it to attack ")
                        .contains(" an hour in its first week"));
        List<Finding> calm = findings(
                "pressure",
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(resident("Dot", "elacatinus-oceanops", 90, 4)),
                wish("synchiropus-splendidus"));
        Species meekest = CATALOGUE.all().stream()
                .filter(one -> !one.family().equals("Acanthuridae"))
                .min(java.util.Comparator.comparingDouble(
                        one -> one.temper().toward().others()
                                + one.temper().toward().smallerFish()
                                + one.temper().territory()))
                .orElseThrow();
        assertThat(calm).extracting(Finding::sentence).contains("It should attack no fish here.");
        assertThat(findings(
                        "pressure",
                        Fixtures.reef(),
                        HouseRules.USUAL,
                        List.of(resident("Reed", meekest.id(), 90, 3)),
                        wish("zebrasoma-flavescens")))
                .extracting(Finding::sentence)
                .contains("No fish here should attack it.");
        assertThat(calm).allSatisfy(one -> assertThat(one.remedy()).isEmpty());
        assertThat(findings("pressure", Fixtures.reef(), HouseRules.USUAL, List.of(), wish("gramma-loreto")))
                .isEmpty();
    }

    static Stream<org.junit.jupiter.params.provider.Arguments> disturbers() {
        return Stream.of(
                org.junit.jupiter.params.provider.Arguments.of(
                        "pygoplites-diacanthus", AnimalGroup.SMALL_POLYP_STONY_CORALS, true),
                org.junit.jupiter.params.provider.Arguments.of("pygoplites-diacanthus", AnimalGroup.SOFT_CORALS, false),
                org.junit.jupiter.params.provider.Arguments.of("opistognathus-aurifrons", AnimalGroup.CLAMS, true),
                org.junit.jupiter.params.provider.Arguments.of(
                        "opistognathus-aurifrons", AnimalGroup.SOFT_CORALS, true),
                org.junit.jupiter.params.provider.Arguments.of(
                        "opistognathus-aurifrons", AnimalGroup.LARGE_POLYP_STONY_CORALS, true),
                org.junit.jupiter.params.provider.Arguments.of("opistognathus-aurifrons", AnimalGroup.SNAILS, false));
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.MethodSource("disturbers")
    void whatItBreaksMattersWhereItIsKept(String species, AnimalGroup group, boolean matters) {
        Finding finding = only(
                "disturbance", new TankBuilder().holding(group, 5).build(), HouseRules.USUAL, List.of(), wish(species));
        assertThat(finding.severity()).isEqualTo(matters ? Severity.CAREFUL : Severity.FINE);
    }

    @Test
    void whoTopplesRockMattersWhereThereIsRock() {
        Wish wrasse = wish("thalassoma-lunare");
        assertThat(only("disturbance", Fixtures.reef(), HouseRules.USUAL, List.of(), wrasse)
                        .severity())
                .isEqualTo(Severity.CAREFUL);
        Tank bare =
                new TankBuilder().water(new WaterSpace(4, 0, 1.6, 0.4, 0.4, 50)).build();
        assertThat(only("disturbance", bare, HouseRules.USUAL, List.of(), wrasse)
                        .severity())
                .isEqualTo(Severity.FINE);
    }

    @Test
    void waterSuitsToItsLastDegreeAndGravity() {
        var water = Fixtures.species("gramma-loreto").water();
        double cool = water.coolestCelsius().value();
        double warm = water.warmestCelsius().value();
        double least = water.lowestSpecificGravity().value();
        for (double[] suits : new double[][] {{cool, 1.025}, {warm, 1.025}, {25, least}}) {
            assertThat(wet(suits[0], suits[1])).isEmpty();
        }
        for (double borne : new double[] {cool - 0.1, cool - 2, warm + 0.1, warm + 2}) {
            assertThat(wet(borne, 1.025)).extracting(Finding::severity).containsExactly(Severity.CAREFUL);
        }
        assertThat(wet(cool - 2.1, 1.025)).extracting(Finding::severity).containsExactly(Severity.STOP);
        assertThat(wet(warm + 2.1, 1.025)).extracting(Finding::severity).containsExactly(Severity.STOP);
        assertThat(wet(25, least - 0.0005))
                .singleElement()
                .satisfies(one -> assertThat(one.approaches()).hasSize(2));
    }

    private static List<Finding> wet(double celsius, double gravity) {
        return findings(
                "water",
                Fixtures.reef().withRegime(new WaterRegime(celsius, gravity)),
                HouseRules.USUAL,
                List.of(),
                wish("gramma-loreto"));
    }

    @Test
    void aJudgementKnowsItsLastGateAndItsUndatedOne() {
        Tank young = new TankBuilder()
                .cycledOn(TODAY.minusMonths(1))
                .cover(Cover.Kind.OPEN, 0)
                .build();
        Judgement mandarin = judge(young, HouseRules.USUAL, List.of(), wish("macropharyngodon-bipartitus"));
        assertThat(mandarin.undatedGate()).map(Finding::rule).contains("cover");
        Finding last = mandarin.lastGate().orElseThrow();
        assertThat(last.rule()).isNotEqualTo("headroom").isNotEqualTo("cover");
        assertThat(mandarin.findings(Severity.WAIT).stream()
                        .filter(one -> !one.rule().equals("headroom"))
                        .flatMap(one -> one.until().stream()))
                .allSatisfy(
                        day -> assertThat(day).isBeforeOrEqualTo(last.until().orElseThrow()));
        Judgement free = judge(Fixtures.reef(), HouseRules.USUAL, List.of(), wish("elacatinus-oceanops"));
        assertThat(free.lastGate()).isEmpty();
        assertThat(free.undatedGate()).isEmpty();
        assertThat(free.findings(Severity.WAIT)).isEmpty();
        Judgement crowded = judge(gallons(20, 6), HouseRules.USUAL, List.of(), wish("amphiprion-ocellaris", 1));
        assertThat(crowded.lastGate())
                .as("headroom is dated by the order itself")
                .isEmpty();
    }

    @Test
    void theKeepersWordCountsBeforeTheFindings() {
        Wish naso = wish("naso-lituratus");
        Wish neon = wish("elacatinus-oceanops");
        assertThat(judge(Fixtures.reef(), HouseRules.USUAL, List.of(), naso).inPlan())
                .isFalse();
        assertThat(judge(Fixtures.reef(), HouseRules.USUAL, List.of(), naso.withDecision(Wish.Decision.IN))
                        .inPlan())
                .isTrue();
        assertThat(judge(Fixtures.reef(), HouseRules.USUAL, List.of(), neon).inPlan())
                .isTrue();
        assertThat(judge(Fixtures.reef(), HouseRules.USUAL, List.of(), neon.withDecision(Wish.Decision.STRUCK))
                        .inPlan())
                .isFalse();
        HouseRules overruled = HouseRules.USUAL.withOverruled(
                Map.of("volume", "it moves on", "swim-length", "it moves on", "headroom", "it moves on"));
        Judgement moved = judge(Fixtures.reef(), overruled, List.of(), naso);
        assertThat(moved.verdict()).isNotEqualTo(Verdict.OUT);
        assertThat(moved.findings())
                .filteredOn(one -> one.rule().equals("volume"))
                .allSatisfy(one -> assertThat(Objects.toString(one.sentence())).contains("it moves on"));
        assertThat(moved.findings().stream().map(Finding::severity)).isSorted();
    }

    @Test
    void aCyclingTankIsAWaitWithTheDayEstimated() {
        Judgement cycling =
                judge(new TankBuilder().cycling().build(), HouseRules.USUAL, List.of(), wish("gramma-loreto"));
        assertThat(cycling.verdict()).isEqualTo(Verdict.LATER);
        assertThat(cycling.laterFrom()).contains(Fixtures.TODAY.plusDays(42));
        assertThat(cycling.findings())
                .filteredOn(one -> one.rule().equals("maturity"))
                .allSatisfy(one -> assertThat(one.sentence().toString())
                        .startsWith("The tank is still cycling")
                        .contains("must rise and fall to zero first"));
    }
}
