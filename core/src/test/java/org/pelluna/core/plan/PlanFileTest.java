package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.json.Json;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.NaturalFood;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.watch.Animal;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.CrewPlan;
import org.pelluna.core.watch.Fallow;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Parasite;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.Reservation;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.watch.Task;
import tools.jackson.databind.node.ObjectNode;

class PlanFileTest {

    static Stream<TankShape> shapes() {
        return Stream.of(
                new TankShape.Box(123.456, 50, 58),
                new TankShape.BowFront(120, 45, 60, 55),
                new TankShape.Cylinder(61.2, 70));
    }

    private static Layout drawing() {
        return new Layout(
                List.of(new Layout.Rock(
                        "r", "Arch", Layout.Rock.Form.SHELF, 30, 20, 25.5, 18, 6, 12, Optional.of(TODAY))),
                List.of(new Layout.Shelter("s", "Hole", Layout.Shelter.Kind.ANEMONE, 30, 20, 12, 6)),
                List.of(new Layout.Feeding("f", "Left", Layout.Feeding.Kind.CLIP, 4, 20)),
                List.of(new Layout.Gap("g", "Cable", 50, 2, 7.5)),
                Optional.of(new Layout.Box(40, 10, 20, 12, 14)));
    }

    static TankPlan everything(TankShape shape) {
        LocalDate lost = TODAY.minusDays(3);
        return TankPlan.of(
                        TODAY,
                        new TankBuilder()
                                .shape(shape)
                                .swim(50.5)
                                .holding(AnimalGroup.SEA_CUCUMBERS, 7)
                                .build()
                                .withSeen(Optional.of(new NaturalFood(
                                        Optional.of(NaturalFood.Algae.TURF), Optional.of(NaturalFood.Pods.MANY))))
                                .drawn(drawing()),
                        HouseRules.USUAL)
                .with(as -> as.residents(List.of(
                                new Resident(
                                        new FishId("b"),
                                        new SpeciesId("gramma-loreto"),
                                        "Plüm \"the\" <shy>",
                                        TODAY.minusDays(90),
                                        4.25,
                                        Optional.empty()),
                                new Resident(
                                        new FishId("c"),
                                        new SpeciesId("gramma-loreto"),
                                        "Gone",
                                        TODAY.minusDays(90),
                                        4,
                                        Optional.of(lost),
                                        Optional.empty(),
                                        Optional.of(new Resident.Acquisition(
                                                Optional.of(Resident.Origin.WILD),
                                                Optional.of(Resident.Method.QUARANTINE_AND_BOX),
                                                Optional.of(31.5))))))
                        .wishes(List.of(
                                new Wish(
                                        new WishId("w"),
                                        new SpeciesId("chromis-viridis"),
                                        5,
                                        Optional.of(3.5),
                                        Optional.of("Ilse"),
                                        Wish.Decision.IN,
                                        Optional.of("we have room")),
                                Fixtures.wish("salarias-fasciatus")))
                        .log(List.of(
                                new LogEntry(
                                        "l",
                                        TODAY.minusDays(5).atTime(19, 30),
                                        LogEntry.Kind.PINNED,
                                        Optional.of(new FishId("b")),
                                        Optional.of(new FishId("c")),
                                        Optional.of(3),
                                        Optional.of("left cave"),
                                        Optional.of(20),
                                        Optional.of("torn fin")),
                                new LogEntry(
                                        "m",
                                        TODAY.minusDays(4).atTime(8, 0, 30),
                                        LogEntry.Kind.NOTE,
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.of("all quiet"))))
                        .losses(List.of(new Loss(
                                "x",
                                new FishId("c"),
                                lost,
                                Loss.Cause.AGGRESSION,
                                Loss.Certainty.LIKELY,
                                Optional.of(35.5),
                                Optional.of("found on the sand"),
                                Optional.of("torn fins"),
                                Optional.of(lost.minusDays(1)),
                                Optional.of(new FishId("b")))))
                        .ownSpecies(List.of(OwnSpeciesTest.basslet()))
                        .schedule(new Schedule(
                                List.of(List.of(new WishId("w"))),
                                java.util.Map.of(new WishId("w"), TODAY.plusDays(30)),
                                java.util.Map.of(new WishId("wish-salarias-fasciatus"), TODAY.minusDays(4)),
                                List.of(new Setback(
                                        "s",
                                        TODAY.minusDays(9),
                                        Setback.Kind.DIED,
                                        "Royal gramma",
                                        Optional.of(49.0),
                                        Optional.of("pinched when it came"))),
                                Optional.of(new QuarantineTank(70, 3, 2, 1.021)),
                                List.of(new Schedule.Tick(new WishId("w"), "inspect", TODAY.atTime(18, 5))),
                                List.of(new Schedule.BoxCheck(new WishId("w"), TODAY, true, Optional.of("Plüm"))),
                                Optional.of(new Schedule.Way(true, Optional.of(new FishId("b")))),
                                List.of(new Schedule.Booking(
                                        TODAY, TODAY.plusDays(9), "Gramma of the Pier", Optional.of(new WishId("w"))))))
                        .waterTests(List.of(new WaterTest("t", TODAY.minusDays(2), WaterTest.Kind.NITRATE, 12.5)))
                        .observations(Observations.EMPTY.with(seen -> seen.watches(List.of(new ObservationSession(
                                        "v",
                                        TODAY.minusDays(1).atTime(18, 0),
                                        25,
                                        Optional.of("lights low"),
                                        ObservationSession.Reason.PLANNED)))
                                .rollCalls(List.of(new RollCall(
                                        "rc",
                                        TODAY.atTime(7, 5),
                                        java.util.Map.of(new FishId("b"), RollCall.State.EATING),
                                        Optional.empty())))
                                .signs(List.of(new Sign(
                                        "sg",
                                        TODAY.atTime(7, 6),
                                        new FishId("b"),
                                        Sign.Kind.CLOUDY_EYE,
                                        Optional.of("left"),
                                        Optional.of("sg-photo"))))
                                .remedies(List.of(new Remedy(
                                        "rm",
                                        Remedy.Kind.MIRROR,
                                        Optional.of(new FishId("b")),
                                        TODAY.minusDays(9),
                                        Optional.of(TODAY),
                                        Optional.empty())))
                                .crew(List.of(new CrewCount(
                                        "cr", TODAY, AnimalGroup.SNAILS, "turbans", CrewCount.Kind.ADDED, 12, 1.5)))
                                .tasks(List.of(new Task("tk", TODAY.plusDays(2), "catch it", false)))
                                .unlearned(java.util.Set.of(new FishId("b")))
                                .phases(List.of(new Phase(
                                        "ph",
                                        Phase.Kind.LOW_SALINITY,
                                        TODAY.minusDays(3),
                                        21,
                                        Optional.of("slowly"),
                                        Optional.of(new Phase.Cut(TODAY, "a fish was added")))))
                                .crewPlans(List.of(new CrewPlan(
                                        "cp", AnimalGroup.SHRIMPS, "tiger pistol shrimp", 1, TODAY.minusDays(3))))
                                .fallows(List.of(new Fallow("fa", Parasite.VELVET, TODAY.minusDays(3))))
                                .reservations(List.of(new Reservation(
                                        "rs",
                                        "another tank",
                                        new WishId("w"),
                                        "Gramma of the Pier",
                                        TODAY.plusDays(3),
                                        TODAY.plusDays(24))))
                                .crewEncounters(List.of(new CrewEncounter(
                                        "ce",
                                        TODAY.atTime(6, 0),
                                        LogEntry.Kind.NIP,
                                        Animal.fish(new FishId("b")),
                                        Animal.crew("turbans"),
                                        Optional.of(2),
                                        Optional.of("an antenna lost")))))));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void whatIsWrittenIsReadBackWithoutLoss(TankShape shape) throws PlanFileException {
        TankPlan plan = everything(shape);
        String file = PlanFile.write(plan);
        assertThat(PlanFile.read(file, CATALOGUE)).isEqualTo(plan);
        assertThat(PlanFile.write(PlanFile.read(file, CATALOGUE))).isEqualTo(file);
    }

    @Test
    void aQuarantineTankAndWhoWaitsInItAreReadBack() throws PlanFileException {
        Resident guest = Fixtures.resident("guest", "gramma-loreto", 5, 5)
                .with(Life.NONE.bound(
                        Optional.of(new Life.Bound("display", Optional.of(new WishId("w")), Optional.of("out")))));
        TankPlan plan = Fixtures.plan(
                Fixtures.reef()
                        .withPurpose(Optional.of(new Purpose(
                                Purpose.Kind.QUARANTINE,
                                Optional.of(new Purpose.Berths(4, 2)),
                                Optional.of("Ada of the harbour")))),
                List.of(guest));
        assertThat(PlanFile.read(PlanFile.write(plan), CATALOGUE)).isEqualTo(plan);
        assertThat(plan.tank().kind()).isEqualTo(Purpose.Kind.QUARANTINE);
        assertThat(Fixtures.reef().withPurpose(Optional.of(Purpose.OWN_DISPLAY)).purpose())
                .isEmpty();
    }

    @Test
    void anEmptyPlanOfACyclingTankIsReadBackToo() throws PlanFileException {
        TankPlan plan = Fixtures.plan(new TankBuilder().cycling().build(), List.of());
        assertThat(PlanFile.read(PlanFile.write(plan), CATALOGUE)).isEqualTo(plan);
    }

    @Test
    void earlierVersionsAreReadWithTheUsualApproaches() throws PlanFileException {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto");
        ObjectNode file = (ObjectNode) Json.MAPPER.readTree(PlanFile.write(plan));
        file.put("version", 2);
        file.remove(List.of("ownSpecies", "schedule", "waterTests", "journal"));
        ObjectNode oldRules = (ObjectNode) file.get("houseRules");
        oldRules.put("rivalsSameDay", true);
        oldRules.remove("notAbovePerHour");
        ((ObjectNode) oldRules.get("husbandry")).remove(List.of("foodFactor", "pH", "bottledBacteria", "saltPrice"));
        assertThat(PlanFile.read(file.toString(), CATALOGUE)).isEqualTo(plan);
        file.put("version", 1);
        ((ObjectNode) file.get("houseRules")).remove(List.of("schools", "husbandry", "overruled"));
        assertThat(PlanFile.read(file.toString(), CATALOGUE)).isEqualTo(plan);
    }

    @Test
    void individualsPricesAndOverruledRulesAreKept() throws PlanFileException {
        Individual meek = new Individual(0.5, Optional.of(12.0), "never chased anyone");
        Wish wish = new Wish(
                new WishId("w"),
                new SpeciesId("gramma-loreto"),
                1,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty(),
                Optional.of(49.5),
                Optional.of(meek));
        Resident resident = new Resident(
                new FishId("r"),
                new SpeciesId("zebrasoma-flavescens"),
                "Sol",
                TODAY.minusDays(90),
                9,
                Optional.empty(),
                Optional.of(meek));
        HouseRules rules = HouseRules.USUAL.with(as -> as.approaches(Approaches.USUAL)
                .husbandry(Husbandry.USUAL)
                .overruled(java.util.Map.of("jump", "a lid is ordered")));
        TankPlan plan = Fixtures.plan(Fixtures.reef(), rules, List.of(resident), List.of(wish));
        assertThat(PlanFile.read(PlanFile.write(plan), CATALOGUE)).isEqualTo(plan);
    }

    /** One change to a good file, and the path at which it must be refused. */
    @ParameterizedTest(name = "{2}")
    @CsvSource(
            quoteCharacter = '`',
            delimiter = '|',
            value = {
                "\"pelluna-plan\"       | \"other\"            | /format",
                "\"version\" : 3        | \"version\" : 4      | /version",
                "\"heightCm\" : 58.0    | \"heightCm\" : -1    | /tank/shape",
                "\"shelters\" : 0       | \"shelters\" : \"x\" | /tank/shelters",
                "\"count\" : 5          | \"count\" : 0        | /wishes/0/count",
                "\"chromis-viridis\"    | \"salmo-salar\"      | /wishes/0/speciesId",
                "\"fishId\" : \"c\",    | \"fishId\" : \"zz\", | /log/0/fishId",
                "\"id\" : \"w\"         | \"id\" : \"b\"       | /wishes/0/id",
                "\"cause\" : \"aggres   | \"cause\" : \"bore   | /losses/0/cause",
                "\"gallonsPerInchNew\" : 5.0 | \"gallonsPerInchNew\" : 2 | /houseRules",
                "\"kind\" : \"pinned\"  | \"kind\" : \"note\"  | /log/0",
                "\"asOf\"               | \"asof\"             | the file",
                "\"rockKgPerLitre\" : 1.6 | \"rockKgPerLitre\" : 0.001 | /tank/water",
                "\"mirror\"            | \"prayer\"           | /journal/remedies/0/kind",
                "\"b\" : \"eating\"     | \"q\" : \"eating\"     | /journal/rollCalls",
                "\"2026-11-23\"         | \"2026-02-30\"       | /asOf"
            })
    void aFaultIsRefusedWithItsPath(String good, String bad, String path) {
        String file = PlanFile.write(everything(new TankShape.Box(123, 50, 58)));
        assertThat(file).contains(good);
        PlanFileException refused =
                catchThrowableOfType(PlanFileException.class, () -> PlanFile.read(file.replace(good, bad), CATALOGUE));
        assertThat(refused).isNotNull();
        assertThat(refused.faults())
                .anySatisfy(fault -> assertThat(fault.toString()).startsWith(path));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"{ \"format\": | not JSON", "[] | one JSON object", "{} | /format"})
    void whatIsNoPlanAtAllIsRefused(String text, String problem) {
        PlanFileException refused = catchThrowableOfType(PlanFileException.class, () -> PlanFile.read(text, CATALOGUE));
        assertThat(refused).hasMessageContaining(problem);
    }
}
