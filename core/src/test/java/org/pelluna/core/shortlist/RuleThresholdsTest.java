package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.wish;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.NaturalFood;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

/** Every rule that has a threshold turns at it, for every species of the catalogue: just short of it and just beyond. */
class RuleThresholdsTest {
    static Stream<Species> species() {
        return CATALOGUE.all().stream();
    }

    private static Optional<Finding> finding(Tank tank, HouseRules rules, Species species, String rule) {
        ResolvedPlan stock = ResolvedPlan.of(plan(tank, rules, List.of(), List.of(wish(species.id()))), CATALOGUE);
        return Shortlist.of(stock).get(0).findings().stream()
                .filter(one -> one.rule().equals(rule))
                .findFirst();
    }

    private static Optional<Severity> severity(Tank tank, Species species, String rule) {
        return finding(tank, HouseRules.USUAL, species, rule).map(Finding::severity);
    }

    /** A bare box that holds so much water. */
    private static Tank holding(double litres) {
        double side = Math.sqrt(litres * 1000 / 50);
        return new TankBuilder()
                .shape(new TankShape.Box(side, side, 60))
                .water(WaterSpace.usual(10, 0, 0))
                .sand(0)
                .swim(litres)
                .build();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void waterIsEnoughFromWhatItWantsOn(Species one) {
        double wants = one.needs().volumeLitres().value();
        double bare = holding(wants).netWater().litres() / wants;
        assertThat(severity(holding(wants * 1.001 / bare), one, "volume")).hasValue(Severity.FINE);
        assertThat(severity(holding(wants * 0.99 / bare), one, "volume")).hasValue(Severity.CAREFUL);
        assertThat(severity(holding(wants * 0.851 / bare), one, "volume")).hasValue(Severity.CAREFUL);
        assertThat(severity(holding(wants * 0.849 / bare), one, "volume")).hasValue(Severity.STOP);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void clearSwimIsEnoughFromWhatTheAdultWantsOnAndAJuvenileIsASchool(Species one) {
        double wants = one.swimWantedCm(
                one.size().adultCm().value(), HouseRules.USUAL.capacity().bodyLengthsToSwim());
        if (wants == 0) {
            assertThat(severity(new TankBuilder().swim(10).build(), one, "swim-length"))
                    .isEmpty();
            return;
        }
        Tank enough = new TankBuilder().swim(wants * 1.001).build();
        Tank nearly = new TankBuilder().swim(wants * 0.901).build();
        Tank shorter = new TankBuilder().swim(wants * 0.899).build();
        assertThat(severity(enough, one, "swim-length")).isNotEqualTo(Optional.of(Severity.STOP));
        assertThat(severity(nearly, one, "swim-length")).hasValue(Severity.CAREFUL);
        assertThat(severity(shorter, one, "swim-length")).hasValue(Severity.STOP);
        Approaches usual = Approaches.USUAL;
        HouseRules juvenile = HouseRules.USUAL.with(as -> as.approaches(new Approaches(
                        usual.ceiling(),
                        Approaches.BigFish.JUVENILE,
                        usual.kin(),
                        usual.anthias(),
                        usual.clownfish(),
                        usual.tangs(),
                        usual.pause(),
                        usual.quarantine(),
                        usual.bacteria(),
                        usual.salinity(),
                        usual.rock()))
                .husbandry(HouseRules.USUAL.husbandry())
                .overruled(Map.of()));
        // A fish that is bought small still has room for a time: careful, with the day; never simply fine.
        Finding asAJuvenile = finding(shorter, juvenile, one, "swim-length").orElseThrow();
        assertThat(asAJuvenile.severity()).isIn(Severity.CAREFUL, Severity.STOP);
        assertThat(asAJuvenile.approaches()).hasSize(2);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void whatTurnsOnAllIsSaidToEvenInAnEmptyTank(Species one) {
        assertThat(severity(new TankBuilder().build(), one, "fierce"))
                .isEqualTo(
                        one.temper().toward().others() >= 0.5
                                        || one.temper().toward().others()
                                                        * one.temper().newcomers()
                                                >= 0.52 * 0.52 - 1e-12
                                ? Optional.of(Severity.CAREFUL)
                                : Optional.empty());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void whatRestsWantsAFloorOneAndAHalfTimesItsLengthByHalf(Species one) {
        double adult = one.size().adultCm().value();
        Tank enough = floor(1.5 * adult + 0.1, 0.5 * adult + 0.1);
        if (!one.habits().isResting()) {
            assertThat(severity(enough, one, "floor")).isEmpty();
            return;
        }
        assertThat(severity(enough, one, "floor")).hasValue(Severity.FINE);
        assertThat(severity(floor(1.5 * adult - 0.1, 1.4 * adult), one, "floor"))
                .hasValue(Severity.STOP);
        assertThat(severity(floor(1.5 * adult + 0.1, 0.5 * adult - 0.1), one, "floor"))
                .hasValue(Severity.STOP);
    }

    private static Tank floor(double along, double across) {
        return new TankBuilder()
                .shape(new TankShape.Box(along, across, 60))
                .water(WaterSpace.usual(0, 0, 0))
                .sand(0)
                .build();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void sandIsDeepEnoughFromWhatItWantsOn(Species one) {
        double wants = one.needs().sandCm().value();
        if (wants <= 0) {
            assertThat(severity(new TankBuilder().sand(0).build(), one, "sand")).isEmpty();
            return;
        }
        assertThat(severity(new TankBuilder().sand(wants).build(), one, "sand")).hasValue(Severity.FINE);
        // A little less than the rule of thumb is no stop, much less and none is.
        assertThat(severity(new TankBuilder().sand(Math.max(0.1, wants - 0.9)).build(), one, "sand"))
                .hasValue(Severity.CAREFUL);
        assertThat(severity(
                        new TankBuilder()
                                .sand(Math.max(0, wants - Math.max(1, 0.2 * wants) - 0.1))
                                .build(),
                        one,
                        "sand"))
                .hasValue(Severity.STOP);
        assertThat(severity(new TankBuilder().sand(0).build(), one, "sand")).hasValue(Severity.STOP);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void aTankIsOldEnoughFromTheVeryDayOn(Species one) {
        long months = (long) one.needs().maturityMonths().value();
        LocalDate cycled = TODAY.minusMonths(months);
        Optional<Finding> early =
                finding(new TankBuilder().cycledOn(cycled.plusDays(5)).build(), HouseRules.USUAL, one, "maturity");
        assertThat(early).hasValueSatisfying(finding -> {
            assertThat(finding.severity()).isEqualTo(Severity.WAIT);
            assertThat(finding.until()).hasValue(cycled.plusDays(5).plusMonths(months));
        });
        assertThat(severity(new TankBuilder().cycledOn(cycled.minusDays(3)).build(), one, "maturity"))
                .isNotEqualTo(Optional.of(Severity.WAIT));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void podsWaitForTheirMonthsAndThenForARefugium(Species one) {
        long months = (long) one.needs().podsMonths().value();
        if (months <= 0) {
            assertThat(severity(new TankBuilder().cycledOn(TODAY).refugium(0).build(), one, "pods"))
                    .isEmpty();
            return;
        }
        Tank young = new TankBuilder()
                .cycledOn(TODAY.minusMonths(months).plusDays(5))
                .build();
        assertThat(severity(young, one, "pods")).hasValue(Severity.WAIT);
        TankBuilder old = new TankBuilder().cycledOn(TODAY.minusMonths(months).minusDays(3));
        assertThat(severity(old.refugium(30).build(), one, "pods")).hasValue(Severity.FINE);
        assertThat(severity(old.refugium(0).build(), one, "pods")).hasValue(Severity.CAREFUL);
        Tank hunted = old.refugium(30)
                .build()
                .withSeen(Optional.of(new NaturalFood(Optional.empty(), Optional.of(NaturalFood.Pods.NONE))));
        assertThat(severity(hunted, one, "pods")).hasValue(Severity.STOP);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void aCoverHoldsUpToTheWidestGapOfTheHouse(Species one) {
        double widest = HouseRules.USUAL.widestGapMm();
        Optional<Severity> held =
                severity(new TankBuilder().cover(Cover.Kind.MESH, widest).build(), one, "cover");
        Optional<Severity> wide =
                severity(new TankBuilder().cover(Cover.Kind.MESH, widest + 0.5).build(), one, "cover");
        switch (one.jumping()) {
            case RARELY -> {
                assertThat(held).isEmpty();
                assertThat(wide).isEmpty();
            }
            case HABITUALLY -> {
                assertThat(held).hasValue(Severity.FINE);
                assertThat(wide).hasValue(Severity.WAIT);
            }
            default -> {
                assertThat(held).hasValue(Severity.FINE);
                assertThat(wide).hasValue(Severity.CAREFUL);
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void hazardsAilmentsBenefitsAndLifespanAreToldOfEveryFishThatHasThem(Species one) {
        ResolvedPlan stock =
                ResolvedPlan.of(plan(Fixtures.reef(), HouseRules.USUAL, List.of(), List.of(wish(one.id()))), CATALOGUE);
        List<Finding> findings = Shortlist.of(stock).get(0).findings();
        assertThat(findings)
                .filteredOn(finding -> finding.rule().equals("hazard"))
                .hasSameSizeAs(one.hazards());
        assertThat(findings)
                .filteredOn(finding -> finding.rule().equals("ailment"))
                .hasSameSizeAs(one.ailments());
        assertThat(findings)
                .filteredOn(finding -> finding.rule().equals("benefit"))
                .hasSameSizeAs(one.benefits());
        assertThat(findings)
                .filteredOn(finding -> finding.rule().equals("lifespan"))
                .hasSize(1);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("species")
    void noPresetLetsInMoreThanTheSlackestOfItsFigures(Species one) {
        // Half the water it wants is a stop, but for young fish where the keeper plans to move them on and they have
        // somewhere to go.
        Tank small = holding(one.needs().volumeLitres().value() * 0.5);
        for (Preset preset : Preset.ALL) {
            boolean movesOn = preset.rules().approaches().bigFish() == Approaches.BigFish.JUVENILE
                    && one.needs().volumeLitres().value() <= 4000;
            Severity severity =
                    finding(small, preset.rules(), one, "volume").orElseThrow().severity();
            assertThat(severity).as(preset.title()).isIn(Severity.STOP, movesOn ? Severity.CAREFUL : Severity.STOP);
        }
    }

    @Test
    void aYoungFishWithAPlanToMoveItOnHasWaterUntilADay() {
        Species tang = CATALOGUE.get(new SpeciesId("zebrasoma-veliferum"));
        Tank small = holding(tang.needs().volumeLitres().value() * 0.5);
        HouseRules juvenile = Preset.of("full-sail").orElseThrow().rules();
        assertThat(finding(small, juvenile, tang, "volume")).hasValueSatisfying(finding -> {
            assertThat(finding.severity()).isEqualTo(Severity.CAREFUL);
            assertThat(finding.sentence()).contains("It has room until about ");
        });
        Species giant = CATALOGUE.get(new SpeciesId("epinephelus-lanceolatus"));
        assertThat(finding(small, juvenile, giant, "volume")).hasValueSatisfying(finding -> {
            assertThat(finding.severity()).isEqualTo(Severity.STOP);
            assertThat(finding.sentence()).contains("almost no home tank");
        });
    }
}
