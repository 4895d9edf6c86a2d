package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Temperament;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.LengthUnit;

/** The properties every pressure must have, whatever the fish: on seeded random fish, meetings and tanks. */
class PressurePropertiesTest {
    private static final double EQUAL = 1e-12;

    /** Three hundred scenes; a failure names its seed. */
    static IntStream seeds() {
        return IntStream.range(0, 300);
    }

    /** A random scene. */
    private record Scene(Random random, Fish aggressor, Fish victim, Meeting meeting, Habitat ground) {
        static Scene of(int seed) {
            Random random = new Random(seed);
            return new Scene(random, fish("a", random), fish("b", random), anyMeeting(random), anyGround(random));
        }

        double pressure() {
            return pressure(aggressor, victim, meeting, ground);
        }

        double with(Meeting other) {
            return pressure(aggressor, victim, other, ground);
        }

        double with(Habitat other) {
            return pressure(aggressor, victim, meeting, other);
        }

        double on(Fish other) {
            return pressure(aggressor, other, meeting, ground);
        }

        static double pressure(Fish aggressor, Fish victim, Meeting meeting, Habitat ground) {
            return new PressureModel(ground)
                    .of(aggressor, victim, meeting, TODAY)
                    .perHour();
        }
    }

    private static Fish fish(String id, Random random) {
        List<Species> all = new ArrayList<>(Fixtures.CATALOGUE.all());
        Species species = all.get(random.nextInt(all.size()));
        return Fixtures.fish(
                id,
                Fixtures.withTemper(species, temper(random)),
                2 + random.nextDouble() * species.size().adultCm().value(),
                TODAY);
    }

    private static Temperament temper(Random random) {
        double others = random.nextDouble() * 0.5;
        double family = others + random.nextDouble() * (1 - others);
        double genus = family + random.nextDouble() * (1 - family);
        double own = genus + random.nextDouble() * (1 - genus);
        return new Temperament(
                new Temperament.Toward(
                        own, genus, family, random.nextDouble(), random.nextDouble(), others, random.nextDouble()),
                random.nextDouble(),
                random.nextDouble(),
                10 + random.nextDouble() * 200,
                random.nextDouble(),
                random.nextDouble(),
                Optional.empty(),
                Provenance.MEMORY);
    }

    private static Meeting anyMeeting(Random random) {
        Set<ArrivalAid> welcome = EnumSet.noneOf(ArrivalAid.class);
        for (ArrivalAid one : ArrivalAid.values()) {
            if (random.nextInt(4) == 0) {
                welcome.add(one);
            }
        }
        return new Meeting(
                random.nextInt(-60, 61),
                1 + random.nextInt(5),
                random.nextInt(4),
                random.nextBoolean() ? 0 : random.nextInt(90),
                false,
                false,
                welcome);
    }

    private static Habitat anyGround(Random random) {
        return new Habitat(
                40 + random.nextDouble() * 300,
                1500 + random.nextDouble() * 20000,
                random.nextInt(20),
                1 + random.nextInt(4),
                random.nextBoolean());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void pressureIsFiniteAndNeverNegative(int seed) {
        assertThat(Scene.of(seed).pressure()).isFinite().isNotNegative();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theFactorsExplainTheWholePressure(int seed) {
        Scene scene = Scene.of(seed);
        Pressure pressure =
                new PressureModel(scene.ground()).of(scene.aggressor(), scene.victim(), scene.meeting(), TODAY);
        double product = PressureStrengths.USUAL.of(PressureStrengths.Kind.FULL_TEMPER_PER_HOUR);
        for (Factor factor : pressure.factors()) {
            product *= factor.multiplier();
            assertThat(factor.sentence()).endsWith(".");
        }
        assertThat(pressure.perHour()).isCloseTo(product, within(EQUAL));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoArrivesAfterSuffersAtLeastAsMuchAsWhoArrivesBefore(int seed) {
        Scene scene = Scene.of(seed);
        int days = 1 + scene.random().nextInt(100);
        Meeting plain = Meeting.plain(0).together(scene.meeting().daysTogether());
        Meeting after = new Meeting(days, 1, 0, plain.daysTogether(), false, false, Set.of());
        Meeting before = new Meeting(-days, 1, 0, plain.daysTogether(), false, false, Set.of());
        assertThat(scene.with(after)).isGreaterThanOrEqualTo(scene.with(plain) - EQUAL);
        assertThat(scene.with(plain)).isGreaterThanOrEqualTo(scene.with(before) - EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreNewcomersThatDayNeverRaiseThePressureOnAnyOne(int seed) {
        Scene scene = Scene.of(seed);
        int newcomers = scene.meeting().newcomersThatDay();
        assertThat(scene.with(scene.meeting().newcomers(newcomers + 1))).isLessThanOrEqualTo(scene.pressure() + EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreSettledRivalsNeverRaiseThePressureOnOne(int seed) {
        Scene scene = Scene.of(seed);
        int rivals = scene.meeting().rivalsSettled();
        assertThat(scene.with(scene.meeting().rivals(rivals + 1))).isLessThanOrEqualTo(scene.pressure() + EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aLargerNewcomerNeverSuffersMore(int seed) {
        Scene scene = Scene.of(seed);
        double length = scene.victim().lengthCmOn(TODAY);
        Fish larger = Fixtures.fish(
                "b", scene.victim().species(), length * (1 + scene.random().nextDouble()), TODAY);
        assertThat(scene.on(larger)).isLessThanOrEqualTo(scene.pressure() + EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreRoomShelterFoodOrFreshRockNeverRaisesIt(int seed) {
        Scene scene = Scene.of(seed);
        Habitat g = scene.ground();
        double before = scene.pressure() + EQUAL;
        double more = 1 + scene.random().nextDouble();
        assertThat(scene.with(new Habitat(
                        g.swimCm() * more,
                        g.footprintSquareCm() * more,
                        g.shelters(),
                        g.feedingPlaces(),
                        g.freshRock())))
                .isLessThanOrEqualTo(before);
        assertThat(scene.with(new Habitat(
                        g.swimCm(), g.footprintSquareCm(), g.shelters() + 1, g.feedingPlaces(), g.freshRock())))
                .isLessThanOrEqualTo(before);
        assertThat(scene.with(new Habitat(
                        g.swimCm(), g.footprintSquareCm(), g.shelters(), g.feedingPlaces() + 1, g.freshRock())))
                .isLessThanOrEqualTo(before);
        assertThat(scene.with(new Habitat(g.swimCm(), g.footprintSquareCm(), g.shelters(), g.feedingPlaces(), true)))
                .isLessThanOrEqualTo(before);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nearerKinIsNeverAttackedLess(int seed) {
        Scene scene = Scene.of(seed);
        Species self = scene.aggressor().species();
        Species other = scene.victim().species();
        double length = scene.victim().lengthCmOn(TODAY);
        double own = scene.on(Fixtures.fish("b", self, length, TODAY));
        double genus = scene.on(Fixtures.fish("b", named(other, self.genus(), self.family()), length, TODAY));
        double family = scene.on(Fixtures.fish("b", named(other, "Alia", self.family()), length, TODAY));
        double stranger = scene.on(Fixtures.fish("b", named(other, "Alia", "Aliidae"), length, TODAY));
        assertThat(genus).isGreaterThanOrEqualTo(family - EQUAL);
        assertThat(family).isGreaterThanOrEqualTo(stranger - EQUAL);
        // The other may look like the aggressor or share its niche; its own species always does both.
        assertThat(own).isGreaterThanOrEqualTo(genus - EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aLookAlikeIsNeverAttackedLessThanOneThatIsNot(int seed) {
        Scene scene = Scene.of(seed);
        Species self = scene.aggressor().species();
        Species stranger = named(scene.victim().species(), "Alia", "Aliidae");
        double length = scene.victim().lengthCmOn(TODAY);
        Species alike = looking(stranger, self);
        assertThat(scene.on(Fixtures.fish("b", alike, length, TODAY)))
                .isGreaterThanOrEqualTo(scene.on(Fixtures.fish("b", stranger, length, TODAY)) - EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void removingTheBullyAndMovingTheRockTakesItsAdvantageAway(int seed) {
        Scene scene = Scene.of(seed);
        int days = 1 + scene.random().nextInt(100);
        Set<ArrivalAid> both = EnumSet.of(ArrivalAid.ROCK_MOVED, ArrivalAid.AGGRESSOR_REMOVED);
        double reset = scene.with(Meeting.plain(days).welcome(both));
        assertThat(reset).isCloseTo(scene.with(Meeting.plain(0)), within(EQUAL));
        assertThat(scene.with(Meeting.plain(days).welcome(EnumSet.of(ArrivalAid.ROCK_MOVED))))
                .isBetween(reset - EQUAL, scene.with(Meeting.plain(days)) + EQUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theUnitsCancel(int seed) {
        Random random = new Random(seed);
        double lengthIn = 20 + random.nextDouble() * 80;
        double widthIn = 12 + random.nextDouble() * 20;
        Scene scene = Scene.of(seed);
        assertThat(scene.with(ground(lengthIn * 2.54, widthIn * 2.54)))
                .isCloseTo(
                        scene.with(ground(
                                LengthUnit.INCH.toCentimetres(lengthIn), LengthUnit.INCH.toCentimetres(widthIn))),
                        within(EQUAL));
    }

    private static Habitat ground(double lengthCm, double widthCm) {
        TankShape shape = new TankShape.Box(lengthCm, widthCm, 50);
        return Habitat.of(new Fixtures.TankBuilder().shape(shape).build(), Fixtures.TODAY);
    }

    private static Species named(Species like, String genus, String family) {
        return copy(like, genus.toLowerCase(java.util.Locale.ROOT) + "-probata", genus, family, like.look());
    }

    private static Species looking(Species like, Species model) {
        return copy(like, like.id().key(), like.genus(), like.family(), model.look());
    }

    private static Species copy(
            Species like, String id, String genus, String family, org.pelluna.core.species.Appearance look) {
        return like.with(
                as -> as.id(new SpeciesId(id)).genus(genus).family(family).look(look));
    }
}
