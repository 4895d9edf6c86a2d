package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.RandomPlans;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;
import org.pelluna.core.watch.RollCall;

class HappeningTest {
    private static Setback setback(String id, Setback.Kind kind) {
        return new Setback(id, TODAY, kind, "a fish", Optional.empty(), Optional.of("a note"));
    }

    private static Wish replacement(String id) {
        return new Wish(
                new WishId(id),
                new SpeciesId("gramma-loreto"),
                1,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty());
    }

    private static Happening.Arrived arrived(String wishId, String fishId) {
        Resident fish =
                new Resident(new FishId(fishId), new SpeciesId("gramma-loreto"), "Plum", TODAY, 5, Optional.empty());
        LogEntry entry = new LogEntry(
                "arrival of " + fishId,
                TODAY.atTime(21, 0),
                LogEntry.Kind.ARRIVAL,
                Optional.empty(),
                Optional.of(new FishId(fishId)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new Happening.Arrived(new WishId(wishId), List.of(fish), List.of(entry));
    }

    /** Something that may happen to a plan as it stands; empty if nothing of the kind drawn can. */
    private static Optional<Happening> any(TankPlan plan, int number, Random random) {
        List<Resident> here =
                plan.residents().stream().filter(one -> one.leftOn().isEmpty()).toList();
        if (random.nextInt(5) == 0 && !here.isEmpty()) {
            Resident fish = here.get(random.nextInt(here.size()));
            return Optional.of(new Happening.Lost(new Loss(
                    "loss" + number,
                    fish.id(),
                    TODAY,
                    Loss.Cause.MISSING,
                    Loss.Certainty.GUESS,
                    Optional.empty(),
                    Optional.empty())));
        }
        if (random.nextInt(6) == 0 && here.size() > 1) {
            return bond(here, number, random);
        }
        if (random.nextInt(3) == 0 && !here.isEmpty()) {
            return Optional.of(ofFish(here.get(random.nextInt(here.size())), number, random));
        }
        if (random.nextInt(8) == 0) {
            return Optional.of(Happening.Ordered.in(
                    plan,
                    plan.wishes().stream().map(wish -> List.of(wish.id())).toList(),
                    Optional.of(new Schedule.Way(random.nextBoolean(), Optional.empty())),
                    random.nextBoolean() ? Optional.of(TODAY.plusDays(random.nextInt(90))) : Optional.empty()));
        }
        if (random.nextInt(8) == 0) {
            List<Phase> before = plan.observations().phases();
            String phase = "phase" + number;
            return Optional.of(new Happening.Phased(
                    before,
                    before.isEmpty()
                            ? Phases.inTurn(Approaches.Quarantine.ISOLATION.parts(), TODAY, () -> phase)
                            : Phases.again(before, TODAY.plusDays(random.nextInt(60)), "a sign", () -> phase)));
        }
        if (random.nextInt(8) == 0) {
            return Optional.of(new Happening.Entered(List.of(
                    Fixtures.resident("entered" + number, "gramma-loreto", 90, 5),
                    Fixtures.resident("entered-too" + number, "gramma-loreto", 90, 5))));
        }
        if (plan.wishes().isEmpty()) {
            return Optional.empty();
        }
        Wish any = plan.wishes().get(random.nextInt(plan.wishes().size()));
        if (any.count() > 1 && random.nextBoolean()) {
            return Optional.of(
                    random.nextBoolean()
                            ? arrived(any.id().key(), "some" + number)
                            : new Happening.SomeDied(any.id(), setback("d" + number, Setback.Kind.DIED), 1));
        }
        if (random.nextInt(8) == 0) {
            Optional<Wish> instead = random.nextBoolean() ? Optional.of(replacement("in" + number)) : Optional.empty();
            return Optional.of(new Happening.Struck(any.id(), "a way without it " + number, instead));
        }
        if (any.count() > 1 && random.nextInt(8) == 0) {
            return Optional.of(new Happening.Lessened(any.id(), 1 + random.nextInt(any.count() - 1)));
        }
        if (random.nextInt(5) == 0) {
            Optional<Wish> rest = any.count() > 1 && random.nextBoolean()
                    ? Optional.of(any.with(
                            as -> as.id(new WishId("rest" + number)).count(1 + random.nextInt(any.count() - 1))))
                    : Optional.empty();
            return Optional.of(new Happening.Quarantined(any.id(), TODAY.minusDays(random.nextInt(20)), rest));
        }
        WishId wish = plan.wishes().get(random.nextInt(plan.wishes().size())).id();
        String id = "s" + number;
        return Optional.of(
                switch (random.nextInt(4)) {
                    case 0 ->
                        new Happening.Delayed(
                                new WishId(wish.key()),
                                setback(id, Setback.Kind.LATE),
                                TODAY.plusDays(random.nextInt(50)));
                    case 1 ->
                        new Happening.FellIll(
                                new WishId(wish.key()),
                                setback(id, Setback.Kind.SICK),
                                TODAY.plusDays(random.nextInt(50)));
                    case 2 ->
                        new Happening.CameToNothing(
                                new WishId(wish.key()),
                                setback(id, Setback.Kind.DIED),
                                random.nextBoolean() ? Optional.of(replacement("r" + number)) : Optional.empty());
                    default -> arrived(wish.key(), "fish" + number);
                });
    }

    /** Two of a kind come together, or those who live together part. */
    private static Optional<Happening> bond(List<Resident> here, int number, Random random) {
        Resident one = here.get(random.nextInt(here.size()));
        Optional<Life.Bonded> bond = one.noted().bond(TODAY);
        if (bond.isPresent() && bond.get().until().isEmpty()) {
            return Optional.of(new BondHappening.Parted(
                    here.stream()
                            .filter(fish -> fish.noted().bonds().stream()
                                    .anyMatch(
                                            its -> its.bond().equals(bond.get().bond())))
                            .map(Resident::id)
                            .toList(),
                    bond.get().bond(),
                    TODAY));
        }
        return here.stream()
                .filter(fish -> fish.speciesId().equals(one.speciesId()) && !fish.equals(one))
                .findFirst()
                .map(other -> new BondHappening.CameTogether(
                        List.of(one.id(), other.id()),
                        new Life.Bonded("bond" + number, Life.Bond.PAIR, TODAY.minusDays(3), Optional.empty())));
    }

    /** Something that may happen to one fish that lives here. */
    private static Happening ofFish(Resident fish, int number, Random random) {
        boolean out =
                fish.noted().absences().stream().anyMatch(one -> one.until().isEmpty());
        return switch (random.nextInt(4)) {
            case 0 ->
                new FishHappening.Measured(
                        fish.id(),
                        new Life.Measured(TODAY, 1 + random.nextInt(30)),
                        fish.noted().lengths().stream()
                                .filter(one -> one.on().equals(TODAY))
                                .findFirst());
            case 1 ->
                new FishHappening.Sexed(
                        fish.id(),
                        new Life.Sexed(TODAY, Life.Sex.values()[random.nextInt(4)]),
                        fish.noted().sexes().stream()
                                .filter(one -> one.on().equals(TODAY))
                                .findFirst());
            case 2 ->
                out
                        ? new FishHappening.CameBack(
                                fish.id(),
                                fish.noted().absences().stream()
                                        .filter(one -> one.until().isEmpty())
                                        .findFirst()
                                        .orElseThrow()
                                        .id(),
                                TODAY)
                        : new FishHappening.TakenOut(
                                fish.id(),
                                new Absence(
                                        "out" + number, TODAY, Optional.empty(), Absence.Place.BOX, Optional.empty()));
            default ->
                new FishHappening.Left(
                        fish.id(),
                        TODAY,
                        new Departure(Departure.Kind.SOLD, Optional.of("a friend"), Optional.of(20.0)));
        };
    }

    static Stream<Long> seeds() {
        return IntStream.rangeClosed(1, 200).mapToObj(Long::valueOf);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anySequenceTakenBackInReverseGivesThePlanBack(long seed) {
        Random random = new Random(seed);
        TankPlan plan = RandomPlans.of(seed);
        plan = plan.withSchedule(plan.schedule().only(id -> true));
        List<TankPlan> before = new ArrayList<>();
        List<Happening> inverses = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(8); i++) {
            Optional<Happening> what = any(plan, i, random);
            if (what.isPresent()) {
                before.add(plan);
                inverses.add(what.get().inverse(plan));
                plan = what.get().applyTo(plan);
            }
        }
        for (int i = inverses.size() - 1; i >= 0; i--) {
            HappeningInverse back = (HappeningInverse) inverses.get(i);
            assertThat(back.obstacle(plan)).isEmpty();
            TankPlan after = plan;
            plan = back.applyTo(plan);
            assertThat(plan).as("seed %s, step %s", seed, i).isEqualTo(before.get(i));
            assertThat(back.inverse(after).applyTo(plan)).as("done again").isEqualTo(after);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatHappenedGoesThroughJsonUnchanged(long seed) {
        TankPlan plan = RandomPlans.of(seed);
        any(plan, 1, new Random(seed)).ifPresent(what -> {
            Happening back = what.inverse(plan);
            assertThat(HappeningFile.read(HappeningFile.write(back))).isEqualTo(back);
        });
    }

    private static TankPlan two() {
        return Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto", "ecsenius-bicolor");
    }

    private static WishId first() {
        return two().wishes().get(0).id();
    }

    /** The fault this was written for: a death taken back left its replacement on the list. */
    @Test
    void aDeathTakenBackTakesItsReplacementBackToo() {
        Happening died = new Happening.CameToNothing(
                first(), setback("s", Setback.Kind.DIED), Optional.of(replacement("instead")));
        TankPlan after = died.applyTo(two());
        assertThat(after.wishes()).hasSize(3);
        assertThat(after.wishes().get(0).decision()).isEqualTo(Wish.Decision.STRUCK);
        assertThat(after.schedule().setbacks()).hasSize(1);
        assertThat(died.inverse(two()).applyTo(after)).isEqualTo(two());
    }

    @Test
    void whatTheKeeperDecidedSinceIsNotUndoneWithIt() {
        Happening late = new Happening.Delayed(first(), setback("s", Setback.Kind.LATE), TODAY.plusDays(9));
        TankPlan after = late.applyTo(two());
        TankPlan later = after.withSchedule(after.schedule().notBefore(first(), TODAY.plusDays(40)));
        TankPlan back = late.inverse(two()).applyTo(later);
        assertThat(back.schedule().notBefore()).containsEntry(first(), TODAY.plusDays(40));
        assertThat(back.schedule().setbacks()).isEmpty();

        Happening died = new Happening.CameToNothing(first(), setback("d", Setback.Kind.DIED), Optional.empty());
        TankPlan struck = died.applyTo(two());
        TankPlan wanted = struck.withWishes(struck.wishes().stream()
                .map(one -> one.id().equals(first()) ? one.decided(Wish.Decision.IN, Optional.of("all the same")) : one)
                .toList());
        assertThat(died.inverse(two()).applyTo(wanted).wishes().get(0).decisionNote())
                .contains("all the same");
    }

    @Test
    void anArrivalThatTheRecordSpeaksOfIsNotTakenBack() {
        Happening.Arrived arrived = arrived(first().key(), "plum");
        HappeningInverse back = (HappeningInverse) arrived.inverse(two());
        TankPlan after = arrived.applyTo(two());
        assertThat(back.obstacle(after)).isEmpty();
        LogEntry seen = new LogEntry(
                "seen",
                TODAY.atTime(22, 0),
                LogEntry.Kind.NOTE,
                Optional.empty(),
                Optional.of(new FishId("plum")),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of("it eats"));
        assertThat(back.obstacle(after.withLog(List.of(seen)))).isPresent();
        TankPlan counted = after.with(as -> as.observations(Observations.EMPTY.withRollCalls(List.of(new RollCall(
                "c",
                TODAY.atTime(22, 0),
                java.util.Map.of(new FishId("plum"), RollCall.State.EATING),
                Optional.empty())))));
        assertThat(back.obstacle(counted)).isPresent();
    }

    @Test
    void aReplacementThatIsNoLongerOnTheListIsTakenBackFirst() {
        Happening died =
                new Happening.CameToNothing(first(), setback("d", Setback.Kind.DIED), Optional.of(replacement("r")));
        TankPlan after = arrived("r", "plum").applyTo(died.applyTo(two()));
        assertThat(((HappeningInverse) died.inverse(two())).obstacle(after)).isPresent();
    }

    @Test
    void nothingHappensToAWishThatIsNotThere() {
        assertThatThrownBy(() -> arrived("none", "plum").applyTo(two())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aPairPartsAndComesTogetherAgainWithItsFirstDay() {
        Life.Bonded bond = new Life.Bonded("bond", Life.Bond.PAIR, TODAY.minusDays(30), Optional.empty());
        Life.Bonded other = new Life.Bonded("other", Life.Bond.SHOAL, TODAY.minusDays(60), Optional.empty());
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                List.of(
                        Fixtures.resident("a", "amphiprion-ocellaris", 90, 5)
                                .with(Life.NONE.bonds(List.of(other, bond))),
                        Fixtures.resident("b", "amphiprion-ocellaris", 90, 6).with(Life.NONE.bonds(List.of(bond)))));
        BondHappening.Parted parted =
                new BondHappening.Parted(List.of(new FishId("a"), new FishId("b")), "bond", TODAY);
        TankPlan after = parted.applyTo(plan);
        assertThat(after.residents())
                .allSatisfy(fish -> assertThat(fish.noted().bonds())
                        .contains(new Life.Bonded("bond", Life.Bond.PAIR, TODAY.minusDays(30), Optional.of(TODAY))));
        assertThat(after.residents().get(0).noted().bonds())
                .as("another bond goes on")
                .contains(other);
        assertThat(parted.inverse(plan).applyTo(after)).isEqualTo(plan);
        assertThat(parted.subject()).isEqualTo("a");
    }

    @Test
    void aFishComesBackFromTheAbsenceNamedAndGoesOutAgain() {
        Absence first = new Absence(
                "first", TODAY.minusDays(40), Optional.of(TODAY.minusDays(30)), Absence.Place.BOX, Optional.of("torn"));
        Absence last = new Absence(
                "last", TODAY.minusDays(5), Optional.empty(), Absence.Place.OTHER_TANK, Optional.of("a fortnight"));
        TankPlan plan = Fixtures.plan(
                Fixtures.reef(),
                List.of(Fixtures.resident("bully", "zebrasoma-flavescens", 90, 10)
                        .with(Life.NONE.absences(List.of(first, last)))));
        FishHappening.CameBack back = new FishHappening.CameBack(new FishId("bully"), "last", TODAY);
        TankPlan after = back.applyTo(plan);
        assertThat(after.residents().get(0).noted().absences())
                .containsExactly(
                        first,
                        new Absence(
                                "last",
                                TODAY.minusDays(5),
                                Optional.of(TODAY),
                                Absence.Place.OTHER_TANK,
                                Optional.of("a fortnight")));
        assertThat(back.inverse(plan).applyTo(after)).isEqualTo(plan);
    }
}
