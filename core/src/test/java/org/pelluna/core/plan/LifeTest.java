package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.TODAY;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.timeline.Stay;

class LifeTest {
    private static Absence out(int fromDaysAgo, int untilDaysAgo) {
        return new Absence(
                "out" + fromDaysAgo,
                TODAY.minusDays(fromDaysAgo),
                untilDaysAgo < 0 ? Optional.empty() : Optional.of(TODAY.minusDays(untilDaysAgo)),
                Absence.Place.OTHER_TANK,
                Optional.empty());
    }

    private static Resident fish(Absence... absences) {
        Resident fish = Fixtures.resident("bully", "zebrasoma-flavescens", 100, 10);
        return fish.with(Life.NONE.absences(List.of(absences)));
    }

    @Test
    void aFishThatIsOutDoesNotLiveHereAndBelongsHere() {
        Resident fish = fish(out(20, 6), out(3, -1));
        assertThat(fish.livesHere(TODAY.minusDays(21))).isTrue();
        assertThat(fish.livesHere(TODAY.minusDays(20))).isFalse();
        assertThat(fish.livesHere(TODAY.minusDays(7))).isFalse();
        assertThat(fish.livesHere(TODAY.minusDays(6)))
                .as("the day it came back")
                .isTrue();
        assertThat(fish.livesHere(TODAY)).isFalse();
        assertThat(fish.belongsHere(TODAY)).isTrue();
        assertThat(fish.hereSince(TODAY)).isEqualTo(TODAY.minusDays(6));
        assertThat(fish.hereSince(TODAY.minusDays(30))).isEqualTo(TODAY.minusDays(100));
        assertThat(fish.stays()).extracting(Stay::cameOn).containsExactly(TODAY.minusDays(100), TODAY.minusDays(6));
        assertThat(fish.stays().get(1).leftOn()).contains(TODAY.minusDays(3));
    }

    static IntStream seeds() {
        return IntStream.range(0, 300);
    }

    /** On every day a fish is in the display, out of it, not come yet, or gone: one of them, and the stays say the same. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everyFishIsInOnePlaceOnAnyDay(int seed) {
        Random random = new Random(seed);
        List<Absence> absences = new ArrayList<>();
        int ago = 90;
        while (random.nextInt(3) > 0 && ago > 2) {
            int from = ago - random.nextInt(ago);
            int until = from - random.nextInt(from + 1);
            absences.add(out(from, random.nextInt(5) == 0 ? -1 : until));
            if (absences.get(absences.size() - 1).until().isEmpty()) {
                break;
            }
            ago = until;
        }
        Resident fish = fish(absences.toArray(Absence[]::new));
        Resident one = random.nextBoolean() ? fish : fish.left(Optional.of(TODAY.minusDays(random.nextInt(100))));
        for (LocalDate day = TODAY.minusDays(105); day.isBefore(TODAY.plusDays(5)); day = day.plusDays(1)) {
            LocalDate today = day;
            long stays = one.stays().stream().filter(stay -> stay.covers(today)).count();
            assertThat(stays).as("%s", day).isEqualTo(one.livesHere(day) ? 1 : 0);
            if (one.livesHere(day)) {
                assertThat(one.noted().absence(day)).isEmpty();
                assertThat(one.belongsHere(day)).isTrue();
            }
        }
    }

    @Test
    void aFishCannotBeTakenOutTwiceAtOnce() {
        assertThatThrownBy(() -> fish(out(10, -1), out(3, -1))).hasMessageContaining("it is out since");
        assertThatThrownBy(() -> fish(out(10, 2), out(3, 1))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> out(3, 5)).hasMessageContaining("cannot return");
    }

    /** The bully is out: it attacks nobody, is in no company, and its place is kept for it in the plan. */
    @Test
    void whoIsOutAttacksNobodyAndKeepsItsPlace() {
        Resident small = Fixtures.resident("small", "gramma-loreto", 40, 5);
        TankPlan here = Fixtures.plan(
                Fixtures.reef(), HouseRules.USUAL, List.of(fish(), small), List.of(Fixtures.wish("zebrasoma-scopas")));
        TankPlan away = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(fish(out(3, -1)), small),
                List.of(Fixtures.wish("zebrasoma-scopas")));
        Assessment with = Assessment.of(here, Fixtures.CATALOGUE);
        Assessment without = Assessment.of(away, Fixtures.CATALOGUE);
        assertThat(with.today()).extracting(Pressure::aggressorId).contains(new FishId("bully"));
        assertThat(without.today()).isEmpty();
        assertThat(without.stock().residents()).extracting(Fish::id).containsExactly(new FishId("small"));
        assertThat(without.judgements().get(0).findings())
                .as("a rival wished for is judged beside the one that will be back")
                .isEqualTo(with.judgements().get(0).findings());
    }

    /** Back after two weeks it is a newcomer: the other has the head start now. */
    @Test
    void whoComesBackIsTheNewcomer() {
        Resident other = Fixtures.resident("other", "zebrasoma-scopas", 40, 10);
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(fish(out(16, 2)), other));
        Fish bully = ResolvedPlan.of(plan, Fixtures.CATALOGUE).residents().get(1);
        assertThat(bully.id().key()).isEqualTo("bully");
        assertThat(bully.arrivesOn()).isEqualTo(TODAY.minusDays(2));
        assertThat(bully.growth().startsOn()).as("it grew all the while").isEqualTo(TODAY.minusDays(100));
    }

    @Test
    void aFishMeasuredAgainGrowsFromThere() {
        Resident fish = Fixtures.resident("n", "naso-lituratus", 400, 10);
        Resident again = fish.with(Life.NONE.with(new Life.Measured(TODAY.minusDays(30), 25)));
        Fish once = resolved(fish);
        Fish measured = resolved(again);
        assertThat(measured.lengthCmOn(TODAY.minusDays(30))).isEqualTo(25);
        assertThat(measured.lengthCmOn(TODAY)).isGreaterThan(25);
        assertThat(measured.lengthCmOn(TODAY.minusDays(31)))
                .as("before it was measured it was as long as it was thought")
                .isCloseTo(once.lengthCmOn(TODAY.minusDays(31)), within(1e-9));
    }

    private static Fish resolved(Resident fish) {
        return ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), List.of(fish)), Fixtures.CATALOGUE)
                .residents()
                .get(0);
    }

    @Test
    void sexIsAsLastNoted() {
        Life life = Life.NONE
                .with(new Life.Sexed(TODAY.minusDays(50), Life.Sex.FEMALE))
                .with(new Life.Sexed(TODAY.minusDays(5), Life.Sex.TERMINAL_MALE))
                .with(new Life.Sexed(TODAY.minusDays(5), Life.Sex.MALE));
        assertThat(life.sex(TODAY.minusDays(60))).isEmpty();
        assertThat(life.sex(TODAY.minusDays(6))).contains(Life.Sex.FEMALE);
        assertThat(life.sex(TODAY)).as("of one day the last word counts").contains(Life.Sex.MALE);
        assertThat(life.sexes()).hasSize(2);
    }

    @Test
    void aFishOfWhichNothingIsNotedIsWrittenAsBefore() {
        Resident fish = Fixtures.resident("n", "naso-lituratus", 400, 10);
        assertThat(fish.with(Life.NONE)).isEqualTo(fish);
        assertThat(fish.with(Life.NONE.known(Life.DatePrecision.SEASON)).life()).isPresent();
    }

    @Test
    void aLifeGoesThroughTheFileUnchanged() throws Exception {
        Life life = Life.NONE
                .with(new Life.Measured(TODAY.minusDays(30), 12.5))
                .with(new Life.Sexed(TODAY.minusDays(30), Life.Sex.TERMINAL_MALE))
                .absences(List.of(out(20, 6)))
                .departed(Optional.of(
                        new Departure(Departure.Kind.TRADED_IN, Optional.of("the shop"), Optional.of(15.0))))
                .known(Life.DatePrecision.SEASON);
        TankPlan plan =
                Fixtures.plan(Fixtures.reef(), List.of(fish().with(life).left(Optional.of(TODAY.minusDays(1)))));
        assertThat(PlanFile.read(PlanFile.write(plan), Fixtures.CATALOGUE)).isEqualTo(plan);
        byte[] zip = DataPackage.write(plan, java.util.Map.of());
        assertThat(DataPackage.read(zip, Fixtures.CATALOGUE).plan()).isEqualTo(plan);
    }

    private static Life whole() {
        return Life.NONE
                .with(new Life.Measured(TODAY.minusDays(9), 7))
                .with(new Life.Sexed(TODAY.minusDays(8), Life.Sex.FEMALE))
                .absences(List.of(out(6, 4), out(2, -1)))
                .bound(Optional.of(new Life.Bound("reef", Optional.empty(), Optional.empty())))
                .known(Life.DatePrecision.MONTH)
                .bonds(List.of(
                        new Life.Bonded("old", Life.Bond.PAIR, TODAY.minusDays(90), Optional.of(TODAY.minusDays(40))),
                        new Life.Bonded("new", Life.Bond.HAREM, TODAY.minusDays(30), Optional.empty())));
    }

    @Test
    void aLifeShiftedIsEachOfItsDaysLater() {
        Life later = whole().shiftedBy(7);
        assertThat(later.lengths()).containsExactly(new Life.Measured(TODAY.minusDays(2), 7));
        assertThat(later.sexes()).containsExactly(new Life.Sexed(TODAY.minusDays(1), Life.Sex.FEMALE));
        assertThat(later.absences()).extracting(Absence::from).containsExactly(TODAY.plusDays(1), TODAY.plusDays(5));
        assertThat(later.absences())
                .extracting(Absence::until)
                .containsExactly(Optional.of(TODAY.plusDays(3)), Optional.empty());
        assertThat(later.bonds())
                .containsExactly(
                        new Life.Bonded("old", Life.Bond.PAIR, TODAY.minusDays(83), Optional.of(TODAY.minusDays(33))),
                        new Life.Bonded("new", Life.Bond.HAREM, TODAY.minusDays(23), Optional.empty()));
        assertThat(later.shiftedBy(-7)).isEqualTo(whole());
    }

    @Test
    void intoAnotherTankGoWhatItMeasuredItsSexAndItsBonds() {
        assertThat(whole().movedOn())
                .isEqualTo(Life.NONE
                        .lengths(whole().lengths())
                        .sexes(whole().sexes())
                        .bonds(whole().bonds()));
    }

    @Test
    void aBondHoldsFromItsDayToTheDayBeforeTheyPart() {
        Life life = whole();
        assertThat(life.bond(TODAY.minusDays(91))).isEmpty();
        assertThat(life.bond(TODAY.minusDays(90)).orElseThrow().bond()).isEqualTo("old");
        assertThat(life.bond(TODAY.minusDays(41)).orElseThrow().bond()).isEqualTo("old");
        assertThat(life.bond(TODAY.minusDays(40))).isEmpty();
        assertThat(life.bond(TODAY).orElseThrow().kind()).isEqualTo(Life.Bond.HAREM);
        assertThatThrownBy(() -> new Life.Bonded("b", Life.Bond.PAIR, TODAY, Optional.of(TODAY.minusDays(1))))
                .hasMessageContaining("before they pair up");
        assertThat(new Life.Bonded("b", Life.Bond.PAIR, TODAY, Optional.of(TODAY)).covers(TODAY))
                .isFalse();
    }

    @Test
    void fishOfOneBondKnowEachOtherAndNobodyElse() {
        Life.Bonded pair = new Life.Bonded("p", Life.Bond.PAIR, TODAY.minusDays(3), Optional.empty());
        Life.Bonded other = new Life.Bonded("q", Life.Bond.PAIR, TODAY.minusDays(3), Optional.empty());
        ResolvedPlan plan = ResolvedPlan.of(
                Fixtures.plan(
                        Fixtures.reef(),
                        List.of(
                                bonded("a", pair),
                                bonded("b", pair),
                                bonded("c", other),
                                Fixtures.resident("d", "amphiprion-ocellaris", 100, 6))),
                Fixtures.CATALOGUE);
        List<Fish> fish = plan.residents();
        assertThat(fish.get(0).isBondedTo(fish.get(1))).isTrue();
        assertThat(fish.get(0).isBondedTo(fish.get(2))).isFalse();
        assertThat(fish.get(0).isBondedTo(fish.get(3))).isFalse();
        assertThat(fish.get(3).isBondedTo(fish.get(0))).isFalse();
        ResolvedPlan without = plan.without(new FishId("b"));
        assertThat(without.residents()).extracting(one -> one.id().key()).containsExactly("a", "c", "d");
        assertThat(without.plan().residents()).extracting(one -> one.id().key()).containsExactly("a", "c", "d");
    }

    private static Resident bonded(String id, Life.Bonded bond) {
        return Fixtures.resident(id, "amphiprion-ocellaris", 100, 6).with(Life.NONE.bonds(List.of(bond)));
    }
}
