package org.pelluna.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.fish;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.species;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

class FutureTest {

    /** Von Bertalanffy 1938 by hand: 10 − (10 − 4)·e^(−0.5·2) = 7.793 cm after two years. */
    @Test
    void theLengthIsVonBertalanffysAndLiesWithinItsBand() {
        GrowthCurve curve = new GrowthCurve(TODAY, 4, 10, 0.5);
        assertThat(curve.lengthCmOn(TODAY.plusYears(2))).isCloseTo(10 - 6 * Math.exp(-1), within(0.01));
        for (int months = 0; months < 120; months += 6) {
            double length = curve.lengthCmOn(TODAY.plusMonths(months));
            assertThat(length)
                    .isBetween(
                            curve.band(false).lengthCmOn(TODAY.plusMonths(months)),
                            curve.band(true).lengthCmOn(TODAY.plusMonths(months)));
        }
    }

    @Test
    void massFollowsLength() {
        Fish tang = fish("t", species("zebrasoma-flavescens"), 8, TODAY);
        Future.Size now = Future.size(tang, TODAY);
        Future.Size later = Future.size(tang, TODAY.plusYears(3));
        double b = tang.species().growth().massB().value();
        assertThat(later.massGrams() / now.massGrams())
                .isCloseTo(Math.pow(later.lengthCm() / now.lengthCm(), b), within(1e-9));
    }

    /** A tang in a tank with so much of the clear swim and of the water it wants for life. */
    private static Optional<Outgrown> outgrown(double shareOfSwim, double shareOfWater) {
        Fish tang = fish("t", species("zebrasoma-flavescens"), 5, TODAY);
        return Future.outgrown(tang, tank(shareOfSwim, shareOfWater), HouseRules.USUAL);
    }

    private static Tank tank(double shareOfSwim, double shareOfWater) {
        Fish tang = fish("t", species("zebrasoma-flavescens"), 5, TODAY);
        double wants = tang.species().needs().volumeLitres().value();
        double bare = box(wants).build().netWater().litres();
        double swim = tang.species()
                .swimWantedCm(
                        tang.growth().adultLengthCm(),
                        HouseRules.USUAL.capacity().bodyLengthsToSwim());
        return box(wants * shareOfWater * wants / bare).swim(swim * shareOfSwim).build();
    }

    private static Fixtures.TankBuilder box(double litres) {
        double side = Math.sqrt(litres * 1000 / 50);
        return new Fixtures.TankBuilder()
                .shape(new TankShape.Box(side, side, 60))
                .water(WaterSpace.usual(10, 0, 0))
                .sand(0);
    }

    /** With 90 % of the swim or 85 % of the water it may do; with less it outgrows the tank at that share of its adult length, or at the cube root of that share. */
    @Test
    void itOutgrowsWhatItLacksMost() {
        double adult =
                fish("t", species("zebrasoma-flavescens"), 5, TODAY).growth().adultLengthCm();
        assertThat(outgrown(1.2, 1.5)).isEmpty();
        assertThat(outgrown(0.901, 0.851)).isEmpty();
        assertThat(outgrown(0.8, 1.5)).hasValueSatisfying(one -> {
            assertThat(one.atCm()).isCloseTo(0.8 * adult, within(1e-9));
            assertThat(one.lacking()).isEqualTo("swimming length");
        });
        assertThat(outgrown(1.2, 0.4)).hasValueSatisfying(one -> {
            assertThat(one.atCm()).isCloseTo(Math.cbrt(0.4) * adult, within(1e-6));
            assertThat(one.lacking()).isEqualTo("water");
        });
        assertThat(outgrown(0.899, 0.849).map(Outgrown::lacking)).hasValue("swimming length");
        assertThat(outgrown(0.899, 0.5).map(Outgrown::lacking)).hasValue("water");
    }

    /** Of twenty thousand individuals drawn about the usual adult length, as many pass a length as the chance says. */
    @ParameterizedTest
    @ValueSource(doubles = {0.9, 1, 1.05, 1.2})
    void theChanceToOutgrowIsTheShareOfIndividualsThatDo(double times) {
        GrowthCurve curve = new GrowthCurve(TODAY, 4, 10, 0.5);
        double limit = times * curve.adultLengthCm();
        Random random = new Random(7);
        double share = random.doubles(20_000)
                        .map(any -> curve.adultLengthCm() * Math.exp(random.nextGaussian() * Math.log1p(0.1)))
                        .filter(cm -> cm > limit)
                        .count()
                / 20_000.0;
        assertThat(curve.chanceToPass(limit)).isCloseTo(share, within(0.01));
        assertThat(curve.chanceToPass(3)).isEqualTo(1);
    }

    /** A tank in which the usual adult just fits: three in ten of its kind do not, and that is said; in a roomier one nothing is. */
    @Test
    void aGoodChanceToOutgrowIsToldThoughTheUsualAdultFits() {
        assertThat(mayOutgrow(0.95))
                .singleElement()
                .satisfies(one -> assertThat(one.sentence())
                        .matches("t may outgrow this tank: about 3 in 10 of its species grow past [0-9.]+.cm\\."));
        assertThat(mayOutgrow(1.2)).isEmpty();
        assertThat(mayOutgrow(0.8)).isEmpty();
    }

    private static List<Finding> mayOutgrow(double swim) {
        TankPlan plan = Fixtures.plan(tank(swim, 1.5), List.of(resident("t", "zebrasoma-flavescens", 10, 5)));
        return Future.findings(ResolvedPlan.of(plan, CATALOGUE)).stream()
                .filter(one -> one.rule().equals("may-outgrow"))
                .toList();
    }

    @Test
    void aFishTooLargeFromTheFirstDayIsSaidToBeSo() {
        Fish naso = fish("n", species("naso-lituratus"), 40, TODAY);
        var finding = Future.outgrown(naso, Fixtures.reef(), HouseRules.USUAL)
                .orElseThrow()
                .finding();
        assertThat(finding.sentence())
                .contains("too large for this tank from the day it arrives")
                .doesNotContain("as early as");
        assertThat(finding.remedy().map(Sentence::toString)).hasValue("Ask now who will take it.");
        var outgrown = Future.outgrown(naso, Fixtures.reef(), HouseRules.USUAL).orElseThrow();
        assertThat(outgrown.lookFrom()).isEqualTo(TODAY);
        assertThat(outgrown.task()).isEqualTo("Find n a new home: it is too large for this tank");
    }

    @Test
    void aFishThatOutgrowsTheTankIsDatedWithItsBandAndItsNewHome() {
        Fish naso = fish("n", species("naso-lituratus"), 10, TODAY);
        Outgrown outgrown =
                Future.outgrown(naso, Fixtures.reef(), HouseRules.USUAL).orElseThrow();
        assertThat(naso.lengthCmOn(outgrown.on())).isGreaterThanOrEqualTo(outgrown.atCm());
        assertThat(naso.lengthCmOn(outgrown.on().minusDays(3))).isLessThan(outgrown.atCm());
        assertThat(outgrown.earliest()).isBefore(outgrown.on());
        assertThat(outgrown.latest()).hasValueSatisfying(day -> assertThat(day).isAfter(outgrown.on()));
        assertThat(outgrown.finding().remedy().map(Sentence::toString))
                .hasValueSatisfying(words -> assertThat(words)
                        .contains(outgrown.earliest().minusMonths(3).toString()));
        assertThat(Future.outgrown(fish("g", species("gramma-loreto"), 5, TODAY), Fixtures.reef(), HouseRules.USUAL))
                .isEmpty();
    }

    @Test
    void bothKindsOfDatesAreFindings() {
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(
                        Fixtures.reef(),
                        List.of(
                                resident("Naso", "naso-lituratus", 30, 12),
                                resident("Rake", "pterois-volitans", 30, 12),
                                resident("Mote", "elacatinus-oceanops", 30, 3))),
                CATALOGUE);
        List<Finding> findings = Future.findings(stock);
        assertThat(findings).extracting(Finding::rule).contains("outgrow", "bite-size");
        assertThat(findings)
                .anySatisfy(finding -> assertThat(finding.sentence()).contains("Rake can swallow Mote"));
    }
}
