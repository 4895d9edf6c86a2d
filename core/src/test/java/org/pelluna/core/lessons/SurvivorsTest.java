package org.pelluna.core.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.Observations;

class SurvivorsTest {
    private static final LocalDate TODAY = Fixtures.TODAY;

    private static Resident fish(String id, int cameAgo, int livedDays, Resident.Method method) {
        LocalDate came = TODAY.minusDays(cameAgo);
        return new Resident(
                new FishId(id),
                new SpeciesId("gramma-loreto"),
                id,
                came,
                4,
                livedDays < 0 ? Optional.empty() : Optional.of(came.plusDays(livedDays)),
                Optional.empty(),
                Optional.of(new Resident.Acquisition(Optional.empty(), Optional.of(method), Optional.of(40.0))));
    }

    private static TankPlan plan(List<Resident> residents, Loss.Cause cause, Observations journal) {
        List<Loss> losses = new ArrayList<>();
        for (Resident one : residents) {
            one.leftOn()
                    .ifPresent(day -> losses.add(new Loss(
                            "l-" + one.id(),
                            one.id(),
                            day,
                            cause,
                            Loss.Certainty.LIKELY,
                            Optional.empty(),
                            Optional.empty())));
        }
        return TankPlan.of(TODAY, Fixtures.reef(), HouseRules.USUAL)
                .with(as -> as.residents(residents).losses(losses).observations(journal));
    }

    private static final List<Resident> FISH = List.of(
            fish("a", 300, -1, Resident.Method.BOX),
            fish("b", 280, -1, Resident.Method.BOX),
            fish("c", 260, 12, Resident.Method.STRAIGHT),
            fish("d", 240, 20, Resident.Method.STRAIGHT),
            fish("e", 220, -1, Resident.Method.STRAIGHT));

    @Test
    void livesAreFollowedFromArrivalAndToldApartByMethod() {
        var plans = List.of(plan(FISH, Loss.Cause.AGGRESSION, Observations.EMPTY));
        var all = Survivors.of(plans, Fixtures.CATALOGUE, Survivors.By.ALL);
        assertThat(all).hasSize(1);
        assertThat(all.get(0).curve()).extracting(step -> step.time()).containsExactly(12.0, 20.0);
        assertThat(all.get(0).curve().get(1).survival()).isCloseTo(0.6, within(1e-12));
        assertThat(all.get(0).how().orElseThrow().arithmetic()).isEqualTo("(1 − 1/5) × (1 − 1/4) = 60 % after 20 days");
        var methods = Survivors.of(plans, Fixtures.CATALOGUE, Survivors.By.METHOD);
        assertThat(methods).extracting(Survivors.Group::name).containsExactly("straight in", "through the box");
        assertThat(methods.get(0).lost()).isEqualTo(2);
        assertThat(methods.get(1).lost()).isZero();
        assertThat(methods.get(1).how()).isEmpty();
        assertThat(Survivors.of(plans, Fixtures.CATALOGUE, Survivors.By.PLACE))
                .extracting(Survivors.Group::name)
                .containsExactly("among the first three", "fourth to sixth");
    }

    @Test
    void aFishGivenAwayLivedUntilThen() {
        var plans = List.of(plan(FISH, Loss.Cause.GIVEN_AWAY, Observations.EMPTY));
        assertThat(Survivors.of(plans, Fixtures.CATALOGUE, Survivors.By.ALL)
                        .get(0)
                        .lost())
                .isZero();
        assertThat(Lessons.of(plans, Fixtures.CATALOGUE)).containsExactly("You lost none of 5 fish.");
    }

    @Test
    void lessonsSayWhatHappenedWithTheirCounts() {
        var lessons = Lessons.of(List.of(plan(FISH, Loss.Cause.JUMPED, Observations.EMPTY)), Fixtures.CATALOGUE);
        assertThat(lessons.get(0)).contains("2 of 2 losses").contains("in the first 90 days");
        assertThat(lessons.get(1)).contains("jumped (2 of 2)").contains("cover");
        assertThat(lessons).anyMatch(one -> one.contains("had cost 80"));
    }

    @Test
    void causesThatTieAreBothNamed() {
        var lessons = Lessons.of(
                List.of(
                        plan(FISH, Loss.Cause.JUMPED, Observations.EMPTY),
                        plan(FISH, Loss.Cause.AGGRESSION, Observations.EMPTY)),
                Fixtures.CATALOGUE);
        assertThat(lessons)
                .anyMatch(one -> one.startsWith("Main causes: ")
                        && one.contains("jumped")
                        && one.contains("aggression")
                        && one.contains("2 each of 4")
                        && one.contains("cover"));
    }

    private static CrewCount crew(int daysAgo, CrewCount.Kind kind, int count) {
        return new CrewCount(
                "k" + daysAgo + kind, TODAY.minusDays(daysAgo), AnimalGroup.SNAILS, "turbans", kind, count, 1.2);
    }

    @Test
    void theCrewDwindlesAtTheRateOfItsCountsAndIsRestockedInTime() {
        Observations journal = Observations.EMPTY.with(as -> as.crew(List.of(
                crew(70, CrewCount.Kind.ADDED, 30),
                crew(35, CrewCount.Kind.COUNTED, 24),
                crew(0, CrewCount.Kind.COUNTED, 19))));
        Crew crew = Crew.of(ResolvedPlan.of(plan(List.of(), Loss.Cause.JUMPED, journal), Fixtures.CATALOGUE))
                .get(0);
        assertThat(crew.lost()).isEqualTo(11);
        assertThat(crew.animalWeeks()).isCloseTo(27 * 5 + 21.5 * 5, within(1e-9));
        assertThat(crew.perWeek()).isCloseTo(11 / 242.5, within(1e-9));
        assertThat(crew.interval().holds(crew.perWeek())).isTrue();
        assertThat(crew.about()).isCloseTo(19, within(1e-9));
        assertThat(crew.restockOn()).as("19 of 30 is less than two thirds").isEqualTo(TODAY);
        assertThat(crew.eaters()).isEmpty();
        assertThat(crew.how().arithmetic()).isEqualTo("2 % die anyway + 0 % by those who live here = 2 % a week");
    }

    @Test
    void whoTakesThemIsNamedAndTheSizeThatIsSafe() {
        Observations journal = Observations.EMPTY.with(as -> as.crew(List.of(crew(10, CrewCount.Kind.ADDED, 20))));
        var eater = Fixtures.CATALOGUE.all().stream()
                .filter(one -> Optional.ofNullable(one.reef().get(AnimalGroup.SNAILS))
                        .filter(stance -> stance.conduct() == org.pelluna.core.species.ReefStance.Conduct.TAKES
                                && stance.belowCm().filter(cm -> cm > 1.2).isPresent())
                        .isPresent())
                .findFirst()
                .orElseThrow();
        Resident resident =
                new Resident(new FishId("r"), eater.id(), "Crusher", TODAY.minusDays(100), 10, Optional.empty());
        Crew crew = Crew.of(ResolvedPlan.of(plan(List.of(resident), Loss.Cause.JUMPED, journal), Fixtures.CATALOGUE))
                .get(0);
        assertThat(crew.eaters()).containsExactly("Crusher");
        assertThat(crew.safeCm()).isEqualTo(eater.reef().get(AnimalGroup.SNAILS).belowCm());
        assertThat(crew.predicted()).isGreaterThan(0.05);
        assertThat(crew.how().arithmetic()).isEqualTo("2 % die anyway + 5 % by those who live here = 7 % a week");
        assertThat(crew.how().reasons()).containsExactly("Crusher");
    }
}
