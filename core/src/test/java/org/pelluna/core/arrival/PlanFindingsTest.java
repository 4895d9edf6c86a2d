package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.kept;
import static org.pelluna.core.Fixtures.resident;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;
import org.pelluna.core.units.Numbers;

/** What is said of a whole order, where something of it is not as it should be. */
class PlanFindingsTest {
    private static final List<Resident> NOBODY = List.of();
    private static final String ONE = "centropyge-loriculus";
    private static final String OTHER = "centropyge-bispinosa";
    private static final String THIRD = "pterapogon-kauderni";

    private static TankPlan plan(Tank tank, Approaches.Kin kin, List<Resident> residents, String... wishes) {
        HouseRules rules = HouseRules.USUAL.with(
                as -> as.approaches(HouseRules.USUAL.approaches().withKin(kin)).overruled(Map.of()));
        return Fixtures.plan(
                tank, rules, residents, Stream.of(wishes).map(Fixtures::kept).toList());
    }

    private static WishId wish(String species) {
        return new WishId("wish-" + species);
    }

    private static ArrivalPlan judged(TankPlan plan, Schedule schedule) {
        return Assessment.of(plan.withSchedule(schedule), CATALOGUE).order();
    }

    private static Schedule ordered(String... species) {
        return Schedule.NONE.ordered(
                Stream.of(species).map(one -> List.of(wish(one))).toList());
    }

    private static List<Finding> of(ArrivalPlan plan, String rule) {
        return plan.findings().stream().filter(one -> one.rule().equals(rule)).toList();
    }

    @Test
    void placesAreCountedFromOne() {
        ArrivalPlan order = judged(plan(Fixtures.reef(), Approaches.Kin.NEVER, NOBODY, ONE, THIRD), Schedule.NONE);
        assertThat(order.arrivals()).extracting(Arrival::place).containsExactly(1, 2);
    }

    /** Common practice: rivals of one genus come on one day or not at all; an order that does otherwise is said to. */
    @Test
    void rivalsOnSeparateDaysAreToldWhereTheHouseLetsThemInTogetherOnly() {
        TankPlan together = plan(Fixtures.reef(), Approaches.Kin.SAME_DAY, NOBODY, ONE, THIRD, OTHER);
        assertThat(of(judged(together, Schedule.NONE), "kin")).isEmpty();
        Finding told = of(judged(together, ordered(ONE, THIRD, OTHER)), "kin").stream()
                .reduce((first, second) -> {
                    throw new AssertionError("said twice");
                })
                .orElseThrow();
        assertThat(told.sentence())
                .startsWith(CATALOGUE.get(kept(ONE).speciesId()).commonName())
                .contains(CATALOGUE.get(kept(OTHER).speciesId()).commonName())
                .doesNotContain(CATALOGUE.get(kept(THIRD).speciesId()).commonName())
                .endsWith("Your own order or the water keeps them apart.");
        for (Approaches.Kin kin : List.of(Approaches.Kin.NEVER, Approaches.Kin.CROWD)) {
            TankPlan otherwise = plan(Fixtures.reef(), kin, NOBODY, ONE, THIRD, OTHER);
            assertThat(of(judged(otherwise, ordered(ONE, THIRD, OTHER)), "kin")).isEmpty();
        }
    }

    @Test
    void rivalsThatCannotShareTheQuarantineAreToldSo() {
        ArrivalPlan order = judged(
                plan(Fixtures.reef(), Approaches.Kin.SAME_DAY, NOBODY, ONE, THIRD, OTHER),
                Schedule.NONE.quarantine(Optional.of(new QuarantineTank(70, 2, 1, 1.021))));
        assertThat(of(order, "kin"))
                .singleElement()
                .satisfies(told -> assertThat(told.sentence())
                        .endsWith("The quarantine tank or your approach to surgeonfish keeps them apart."));
    }

    @Test
    void moreThanTheMatureTankCarriesIsSaidWithHowMuchToStrike() {
        Tank small = new Fixtures.TankBuilder()
                .shape(new TankShape.Box(60, 40, 40))
                .water(WaterSpace.usual(4, 9, 0))
                .build();
        ArrivalPlan order = judged(
                plan(
                        small,
                        Approaches.Kin.SAME_DAY,
                        NOBODY,
                        "zebrasoma-flavescens",
                        "siganus-vulpinus",
                        "pomacanthus-imperator"),
                Schedule.NONE);
        Finding over = of(order, "headroom").get(0);
        Figure used = over.figures().get(0);
        Figure limit = over.figures().get(1);
        assertThat(used.value()).isGreaterThan(limit.value());
        String unit = used.unit().isEmpty() ? "" : " " + used.unit();
        assertThat(over.sentence())
                .contains(
                        "make " + Numbers.plain(used.value(), 2) + unit + " of ",
                        "limit is " + Numbers.plain(limit.value(), 2) + unit + ".",
                        "worth " + Numbers.plain(used.value() - limit.value(), 2) + unit + ",");
    }

    @Test
    void moreOnOneDayThanTheBacteriaBearIsSaidWithWhatTheyBear() {
        String[] many = {
            "zebrasoma-flavescens",
            "zebrasoma-veliferum",
            "acanthurus-sohal",
            "naso-lituratus",
            "siganus-vulpinus",
            "siganus-magnificus",
            "pomacanthus-imperator",
            "pomacanthus-xanthometopon",
            "paracanthurus-hepatus",
            "chaetodon-auriga",
            "odonus-niger",
            "balistoides-conspicillum"
        };
        Tank small = new Fixtures.TankBuilder()
                .shape(new TankShape.Box(70, 45, 45))
                .water(WaterSpace.usual(4, 9, 0))
                .build();
        TankPlan plan = plan(small, Approaches.Kin.NEVER, NOBODY, many);
        assertThat(of(judged(plan, Schedule.NONE), "water")).isEmpty();
        ArrivalPlan atOnce = judged(
                plan,
                Schedule.NONE.ordered(
                        List.of(Stream.of(many).map(PlanFindingsTest::wish).toList())));
        assertThat(atOnce.arrivals()).hasSize(1);
        assertThat(of(atOnce, "water")).singleElement().satisfies(told -> {
            assertThat(told.sentence()).contains(atOnce.arrivals().get(0).names());
            assertThat(told.remedy()).isPresent();
            double adds = told.figures().get(0).value();
            assertThat(adds).isGreaterThan(told.figures().get(1).value());
        });
    }

    /** Who is in quarantine comes out first, whatever the order says; and nobody is said to change places with it. */
    @Test
    void whoIsInQuarantineComesFirst() {
        TankPlan plan = plan(Fixtures.reef(), Approaches.Kin.NEVER, NOBODY, ONE, THIRD);
        Schedule waits = Schedule.NONE
                .quarantine(Optional.of(new QuarantineTank(70, 2, 2, 1.021)))
                .quarantined(wish(THIRD), TODAY.minusDays(3));
        ArrivalPlan best = judged(plan, waits);
        assertThat(best.arrivals().get(0).wishIds()).containsExactly(wish(THIRD));
        assertThat(of(best, "quarantine")).isEmpty();
        assertThat(best.arrivals().get(1).reasons())
                .anySatisfy(one ->
                        assertThat(one.sentence()).endsWith(" cannot swap: fish already in quarantine come first."));
        ArrivalPlan own = judged(plan, waits.ordered(List.of(List.of(wish(ONE)), List.of(wish(THIRD)))));
        assertThat(of(own, "quarantine"))
                .singleElement()
                .satisfies(told -> assertThat(told.sentence())
                        .isEqualTo(own.arrivals().get(0).names()
                                + " would arrive before fish that are already in quarantine."));
    }

    /** A bully is out until all have come, and comes back as the last. */
    @Test
    void whoIsOutMeanwhileComesBackAfterAllOthers() {
        TankPlan plan = plan(
                Fixtures.reef(),
                Approaches.Kin.NEVER,
                List.of(resident("gale", "chrysiptera-parasema", 200, 5), resident("plum", "gramma-loreto", 190, 6)),
                ONE,
                THIRD);
        Schedule without = ordered(THIRD, ONE)
                .with(as -> as.way(Optional.of(new Schedule.Way(false, Optional.of(new FishId("gale"))))));
        ArrivalPlan order = judged(plan, without);
        assertThat(order.arrivals()).hasSize(2);
        ArrivalPlan.Return back = order.back().orElseThrow();
        assertThat(back.fishId()).isEqualTo(new FishId("gale"));
        assertThat(back.on()).isAfter(order.arrivals().get(1).date());
        assertThat(judged(plan, ordered(THIRD, ONE)).back()).isEmpty();
    }
}
