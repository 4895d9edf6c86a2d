package org.pelluna.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.watch.Animal;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.CrewPlan;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Observations;

/** Invertebrates to be bought: from when, and what stands against them. */
class PlannedCrewTest {
    private static CrewPlan plan(AnimalGroup group, String name) {
        return new CrewPlan("p " + name, group, name, 2, TODAY);
    }

    private static TankPlan planning(Tank tank, List<CrewPlan> plans, Resident... residents) {
        return Fixtures.plan(tank, List.of(residents)).withObservations(Observations.EMPTY.withCrewPlans(plans));
    }

    private static List<PlannedCrew> of(TankPlan plan) {
        return PlannedCrew.of(ResolvedPlan.of(plan, CATALOGUE));
    }

    @Test
    void anAnemoneWaitsForTheTankToBeOldEnoughAndAShrimpMayComeNow() {
        LocalDate cycled = TODAY.minusMonths(3);
        List<PlannedCrew> planned = of(planning(
                Fixtures.reef().withCycledOn(Optional.of(cycled)),
                List.of(plan(AnimalGroup.ANEMONES, "Magnificent anemone"), plan(AnimalGroup.SNAILS, "my snails"))));
        assertThat(planned.get(0).plan().name()).isEqualTo("my snails");
        assertThat(planned.get(0).from()).contains(TODAY);
        assertThat(planned.get(0).bar()).isEmpty();
        assertThat(planned.get(0).words()).isEqualTo("2 × my snails");
        assertThat(planned.get(1).from().orElseThrow()).isAfter(TODAY.plusMonths(2));
    }

    @Test
    void inACyclingTankItComesWhenTheCycleIsEstimatedToBeOver() {
        PlannedCrew cycling = of(planning(
                        Fixtures.reef().withCycledOn(Optional.empty()), List.of(plan(AnimalGroup.SNAILS, "my snails"))))
                .get(0);
        assertThat(cycling.from().orElseThrow()).isAfterOrEqualTo(TODAY.plusDays(42));
    }

    @Test
    void whatMustChangeFirstLeavesItWithoutADay() {
        PlannedCrew eaten = of(planning(
                        Fixtures.reef(),
                        List.of(plan(AnimalGroup.SHRIMPS, "peppermint shrimp")),
                        Fixtures.resident("Grim", "pterois-volitans", 90, 25)))
                .get(0);
        assertThat(eaten.from()).isEmpty();
        assertThat(eaten.findings().get(0).severity()).isEqualTo(Severity.STOP);
        assertThat(eaten.findings().get(0).sentence()).contains("Grim will eat it");
    }

    @Test
    void aWishHearsOfThePartnerThatIsPlanned() {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "cryptocentrus-cinctus")
                .withObservations(
                        Observations.EMPTY.withCrewPlans(List.of(plan(AnimalGroup.SHRIMPS, "tiger pistol shrimp"))));
        assertThat(Shortlist.of(ResolvedPlan.of(plan, CATALOGUE)).get(0).findings().stream()
                        .map(Finding::sentence))
                .contains("The planned tiger pistol shrimp can live with it.");
    }

    @Test
    void whatPassesBetweenTwoFishBelongsInTheirLog() {
        Animal fish = Animal.fish(new FishId("a"));
        Animal hermits = Animal.crew("hermits");
        assertThat(new CrewEncounter(
                                "1",
                                TODAY.atTime(8, 0),
                                LogEntry.Kind.NIP,
                                hermits,
                                hermits,
                                Optional.of(3),
                                Optional.empty())
                        .by())
                .isEqualTo(hermits);
        assertThatThrownBy(() -> new CrewEncounter(
                        "1", TODAY.atTime(8, 0), LogEntry.Kind.NIP, fish, fish, Optional.of(3), Optional.empty()))
                .hasMessageContaining("log of fish");
        assertThatThrownBy(() -> new CrewEncounter(
                        "1", TODAY.atTime(8, 0), LogEntry.Kind.NOTE, fish, hermits, Optional.empty(), Optional.empty()))
                .hasMessageContaining("not done by one animal");
        assertThatThrownBy(() -> new Animal(Optional.empty(), Optional.empty())).hasMessageContaining("either");
    }
}
