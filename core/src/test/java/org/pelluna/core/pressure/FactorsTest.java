package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.PressureStrengths.Kind;
import org.pelluna.core.species.Temperament;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;

/** Each factor by hand, from the strengths as docs/decisions/0002 gives them. */
class FactorsTest {
    /** Four patches of swim and two of floor: room is neither wanting nor ample. */
    private static final Habitat NEUTRAL = new Habitat(200, 5000, 0, 1, false);

    private static final Temperament TEMPER = new Temperament(
            new Temperament.Toward(0.9, 0.8, 0.6, 0.5, 0.4, 0.2, 0.7),
            0.3,
            0.5,
            50,
            0.5,
            0.5,
            Optional.empty(),
            Provenance.MEMORY);

    private static Pressure press(double victimCm, Meeting meeting, Habitat ground) {
        Fish aggressor =
                Fixtures.fish("a", Fixtures.withTemper(Fixtures.species("zebrasoma-flavescens"), TEMPER), 10, TODAY);
        Fish victim = Fixtures.fish("b", Fixtures.species("gramma-loreto"), victimCm, TODAY);
        return new PressureModel(ground).of(aggressor, victim, meeting, TODAY);
    }

    private static Optional<Factor> factor(Factor.Kind kind, Pressure pressure) {
        return pressure.factors().stream().filter(one -> one.kind() == kind).findFirst();
    }

    private static double of(Factor.Kind kind, Meeting meeting) {
        return factor(kind, press(10, meeting, NEUTRAL)).map(Factor::multiplier).orElse(1.0);
    }

    private static double on(Factor.Kind kind, Habitat ground) {
        return factor(kind, press(10, Meeting.plain(0), ground))
                .map(Factor::multiplier)
                .orElse(1.0);
    }

    private static Set<ArrivalAid> aids(String names) {
        return Stream.of(names.split("\\+"))
                .filter(name -> !name.equals("none"))
                .map(ArrivalAid::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(ArrivalAid.class)));
    }

    @Test
    void allNeutralIsTheTemperOfAStranger() {
        assertThat(press(10, Meeting.plain(0), NEUTRAL).perHour()).isCloseTo(10 * 0.2 * 0.75, within(1e-12));
    }

    @ParameterizedTest(name = "{0} cm beside 10: temper {1}, size {2}")
    @CsvSource({"10, 0.2, 1", "6, 0.2, 1.25", "5.9, 0.7, 1.25", "20, 0.2, 0.40657", "30, 0.2, 0.35"})
    void whoIsMuchSmallerIsAttackedAndWhoIsLargerIsChallengedLess(double cm, double temper, double size) {
        Pressure pressure = press(cm, Meeting.plain(0), NEUTRAL);
        assertThat(factor(Factor.Kind.TEMPER, pressure).orElseThrow().multiplier())
                .isEqualTo(temper);
        assertThat(factor(Factor.Kind.SIZE, pressure).orElseThrow().multiplier())
                .isCloseTo(size, within(1e-5));
    }

    @ParameterizedTest(name = "{0} days ahead, {1}: {2}")
    @CsvSource({
        "0, none, 0.75",
        "7, none, 1.1",
        "14, none, 1.45",
        "60, none, 1.45",
        "-7, none, 0.625",
        "-14, none, 0.5",
        "-90, none, 0.5",
        "14, ROCK_MOVED, 1.1",
        "14, AGGRESSOR_REMOVED, 1.1",
        "14, ROCK_MOVED+AGGRESSOR_REMOVED, 0.75",
        "14, BOX, 1.45"
    })
    void whoWasFirstOwnsItsGroundAfterAFortnight(int ahead, String help, double multiplier) {
        assertThat(of(Factor.Kind.SENIORITY, Meeting.plain(ahead).welcome(aids(help))))
                .isCloseTo(multiplier, within(1e-12));
    }

    @ParameterizedTest(name = "{0} days ahead, {1} newcomers: {2}")
    @CsvSource({"14, 1, 1", "14, 4, 0.5", "1, 4, 0.5", "0, 4, 1", "-3, 4, 1"})
    void aResidentsAttentionIsDivided(int ahead, int newcomers, double multiplier) {
        assertThat(of(Factor.Kind.ATTENTION, Meeting.plain(ahead).newcomers(newcomers)))
                .isCloseTo(multiplier, within(1e-12));
    }

    @ParameterizedTest(name = "{0} rivals settled: {1}")
    @CsvSource({"0, 1", "1, 0.8", "2, 0.66667", "4, 0.5"})
    void rivalsDivertIt(int rivals, double multiplier) {
        assertThat(of(Factor.Kind.CROWDING, Meeting.plain(14).rivals(rivals))).isCloseTo(multiplier, within(1e-5));
    }

    @ParameterizedTest(name = "swim {0} cm, floor {1} cm²: {2}")
    @CsvSource({"200, 5000, 1", "100, 10000, 1.18921", "50, 5000, 1.8", "200, 312.5, 1.8", "3200, 5000, 0.5"})
    void roomIsCountedInPatches(double swim, double floor, double multiplier) {
        assertThat(on(Factor.Kind.SWIM_SPACE, new Habitat(swim, floor, 0, 1, false)))
                .isCloseTo(multiplier, within(1e-5));
    }

    @ParameterizedTest(name = "{0} shelters: {1}; {2} feeding places: {3}")
    @CsvSource({"0, 1, 1, 1", "8, 0.74715, 2, 0.9", "80, 0.60002, 4, 0.85"})
    void shelterAndFoodHelp(int shelters, double sheltered, int places, double fed) {
        Habitat ground = new Habitat(200, 5000, shelters, places, false);
        assertThat(on(Factor.Kind.SHELTER, ground)).isCloseTo(sheltered, within(1e-5));
        assertThat(on(Factor.Kind.FOOD, ground)).isCloseTo(fed, within(1e-12));
    }

    @Test
    void freshRockHelpsWhereItIsDrawn() {
        assertThat(on(Factor.Kind.FRESH_ROCK, new Habitat(200, 5000, 0, 1, true)))
                .isEqualTo(0.8);
        assertThat(on(Factor.Kind.FRESH_ROCK, NEUTRAL)).isEqualTo(1);
        Layout.Rock rock = new Layout.Rock(
                "r", "New", Layout.Rock.Form.MOUND, 50, 30, 20, 20, 15, 0, Optional.of(TODAY.minusDays(3)));
        Tank drawn =
                Fixtures.reef().drawn(new Layout(List.of(rock), List.of(), List.of(), List.of(), Optional.empty()));
        assertThat(Habitat.of(drawn, TODAY).freshRock()).isTrue();
        assertThat(Habitat.of(drawn, TODAY.plusDays(30)).freshRock()).isFalse();
        assertThat(Habitat.of(Fixtures.reef(), TODAY).freshRock()).isFalse();
    }

    @ParameterizedTest(name = "{0} days ahead, {1}: {2}, “{3}”")
    @CsvSource({
        "1, BOX, 0.7, acclimation box",
        "1, LIGHTS_OUT, 0.9, release after lights-out",
        "1, MIRROR, 0.85, mirror",
        "1, BOX+LIGHTS_OUT, 0.63, 'acclimation box, release after lights-out'",
        "1, ROCK_MOVED, 1, ''",
        "0, BOX, 1, ''",
        "-5, BOX, 1, ''"
    })
    void helpCountsAgainstThoseWhoWereHereBefore(int ahead, String help, double multiplier, String word) {
        Pressure pressure = press(10, Meeting.plain(ahead).welcome(aids(help)), NEUTRAL);
        Optional<Factor> factor = factor(Factor.Kind.WELCOME, pressure);
        assertThat(factor.map(Factor::multiplier).orElse(1.0)).isCloseTo(multiplier, within(1e-12));
        assertThat(factor.map(Factor::word).orElse("")).isEqualTo(word);
    }

    @ParameterizedTest(name = "{0} days ahead, {1}: “{2}”")
    @CsvSource({
        "20, ROCK_MOVED, the rock was moved, 20",
        "20, AGGRESSOR_REMOVED, it was taken out meanwhile, 20",
        "20, ROCK_MOVED+AGGRESSOR_REMOVED, the attacker was taken out and the rock moved, 0",
        "20, BOX, '', 20",
        "0, ROCK_MOVED, the rock was moved, 0",
        "-5, ROCK_MOVED+AGGRESSOR_REMOVED, '', -5"
    })
    void whatTookAnOwnersAdvantageIsSaid(int ahead, String help, String word, double figure) {
        Factor seniority = factor(
                        Factor.Kind.SENIORITY, press(10, Meeting.plain(ahead).welcome(aids(help)), NEUTRAL))
                .orElseThrow();
        assertThat(seniority.word()).isEqualTo(word);
        assertThat(seniority.figure()).isEqualTo(figure);
    }

    /** Where only sizes and the days between two are open, it is the same number. */
    @ParameterizedTest(name = "{0} times as long, {1} days ahead")
    @CsvSource({"0.5, 20", "1, 3", "1.5, 20", "1, -20"})
    void aPairAttacksAsMuchHoweverItIsEstimated(double ratio, int ahead) {
        Fish aggressor =
                Fixtures.fish("a", Fixtures.withTemper(Fixtures.species("zebrasoma-flavescens"), TEMPER), 10, TODAY);
        Fish victim = Fixtures.fish("b", Fixtures.species("gramma-loreto"), 10, TODAY);
        Meeting meeting = Meeting.plain(ahead).welcome(aids("BOX"));
        PressureModel model = new PressureModel(new Habitat(120, 3000, 5, 2, true));
        assertThat(model.pair(aggressor, victim, meeting).perHour(ratio, ahead))
                .isPositive()
                .isCloseTo(
                        press(10 * ratio, meeting, new Habitat(120, 3000, 5, 2, true))
                                .perHour(),
                        within(1e-12));
        assertThatThrownBy(() -> model.pair(aggressor, victim, meeting.together(3)))
                .hasMessageContaining("how a pair has settled");
    }

    @Test
    void howAPressureComesAboutIsItsFactors() {
        Pressure pressure = press(10, Meeting.plain(0), NEUTRAL);
        assertThat(pressure.how().arithmetic()).isEqualTo("10 × 0.2 × 1 × 0.75 × 1 × 1 × 1 = 1.5 attacks an hour");
        assertThat(pressure.how().reasons())
                .hasSize(6)
                .contains("× 0.75, "
                        + factor(Factor.Kind.SENIORITY, pressure)
                                .orElseThrow()
                                .kind()
                                .words()
                        + ": Neither arrived first.");
    }

    /** Of a first week at most four times is believed; of two that have settled so many times more as a quarrel that goes on keeps: at a temper of 0.2, 3.5 times as much. */
    @ParameterizedTest(name = "learned {0} times, {1} days together: {2}")
    @CsvSource({"6, 0, 4", "3, 0, 3", "0.25, 0, 0.25", "6, 400, 6", "20, 400, 14", "0.25, 400, 0.25"})
    void howMuchOfWhatWasLearnedCounts(double times, int together, double counts) {
        Fish aggressor = Fixtures.fish(
                        "a", Fixtures.withTemper(Fixtures.species("zebrasoma-flavescens"), TEMPER), 10, TODAY)
                .learned(1, Map.of(new FishId("b"), times));
        Meeting meeting = Meeting.plain(20);
        PressureModel model = new PressureModel(NEUTRAL);
        Pressure pressure = model.of(
                aggressor,
                Fixtures.fish("b", Fixtures.species("gramma-loreto"), 10, TODAY),
                together == 0 ? meeting : meeting.together(together),
                TODAY);
        assertThat(factor(Factor.Kind.LEARNED, pressure).orElseThrow().multiplier())
                .isCloseTo(counts, within(1e-9));
        assertThat(factor(
                        Factor.Kind.LEARNED,
                        model.of(
                                aggressor,
                                Fixtures.fish("c", Fixtures.species("gramma-loreto"), 10, TODAY),
                                meeting,
                                TODAY)))
                .as("nothing was learned of another")
                .isEmpty();
    }

    @Test
    void companyAndTimeTogether() {
        assertThat(of(Factor.Kind.COMPANY, Meeting.plain(0).company(true, false)))
                .isEqualTo(0.1);
        assertThat(of(Factor.Kind.COMPANY, Meeting.plain(0).company(false, true)))
                .isEqualTo(1.5);
        assertThat(of(Factor.Kind.COMPANY, Meeting.plain(0))).isEqualTo(1);
        assertThat(of(Factor.Kind.SETTLING, Meeting.plain(0).together(8)))
                .isCloseTo((1 + 0.2 / 0.7 * 2 / 7) / 2, within(1e-12));
        assertThat(factor(Factor.Kind.SETTLING, press(10, Meeting.plain(0), NEUTRAL)))
                .isEmpty();
    }

    @ParameterizedTest(name = "{0} {1} {2} {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "SIZE | 1 | 1.04 | '' | Both are of the same length.",
                "SIZE | 1 | 0.95 | '' | The other is 0.95 times as long.",
                "SIZE | 1 | 2 | '' | The other is 2 times as long.",
                "SENIORITY | 1 | 0 | '' | Neither arrived first.",
                "SENIORITY | 1 | 0 | the rock was moved | Neither arrived first: the rock was moved.",
                "SENIORITY | 1 | 1 | '' | It has lived here 1 day longer.",
                "SENIORITY | 1 | 9 | it was taken out meanwhile | It has lived here 9 days longer; it was taken out meanwhile.",
                "SENIORITY | 1 | -3 | '' | The other arrived 3 days earlier.",
                "CROWDING | 1 | 1 | '' | One other rival already lives here.",
                "CROWDING | 1 | 2 | '' | 2 other rivals already live here.",
                "COMPANY | 0.1 | 0 | '' | They live together as their species does.",
                "COMPANY | 1.5 | 0 | '' | Too many or too few of one species: stronger fish bully weaker ones.",
                "SETTLING | 1 | 1 | '' | They have lived together for 1 day."
            })
    void everyFactorSaysWhy(Factor.Kind kind, double multiplier, double figure, String word, String sentence) {
        assertThat(new Factor(kind, multiplier, figure, word).sentence()).isEqualTo(sentence);
        assertThat(kind.words()).isNotBlank();
    }

    @Test
    void strengthsAreAValue() {
        PressureStrengths usual = PressureStrengths.USUAL;
        PressureStrengths firmer = usual.with(Kind.BOX, 0.5);
        assertThat(firmer.of(Kind.BOX)).isEqualTo(0.5);
        assertThat(usual.of(Kind.BOX)).as("the usual ones are not changed").isEqualTo(0.7);
        assertThat(firmer)
                .isNotEqualTo(usual)
                .isEqualTo(usual.with(Kind.BOX, 0.5))
                .hasSameHashCodeAs(usual.with(Kind.BOX, 0.5));
        assertThat(firmer.hashCode()).isNotZero();
        for (double wrong : new double[] {0, -1, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThatThrownBy(() -> usual.with(Kind.BOX, wrong)).isInstanceOf(IllegalArgumentException.class);
        }
        for (Kind kind : Kind.values()) {
            assertThat(kind.logSpread()).isPositive();
            assertThat(kind.from().words()).isNotBlank();
        }
    }

    @Test
    void residentsPressEachOtherBothWaysAndNobodyHimself() {
        var plan = Fixtures.plan(
                Fixtures.reef(),
                List.of(
                        Fixtures.resident("old", "zebrasoma-flavescens", 30, 10),
                        Fixtures.resident("new", "acanthurus-leucosternon", 6, 10)));
        List<Pressure> pressures =
                Encounters.of(ResolvedPlan.of(plan, Fixtures.CATALOGUE)).amongResidents();
        assertThat(pressures)
                .extracting(one -> one.aggressorId() + " on " + one.victimId())
                .containsExactlyInAnyOrder("old on new", "new on old");
        assertThat(pressures)
                .allSatisfy(one -> assertThat(
                                factor(Factor.Kind.SETTLING, one).orElseThrow().figure())
                        .as("together since the later came")
                        .isEqualTo(6));
    }

    @Test
    void rivalsSettledDivertOnlyWhoWasHereBefore() {
        var plan = Fixtures.plan(
                Fixtures.reef(),
                List.of(
                        Fixtures.resident("one", "zebrasoma-flavescens", 90, 10),
                        Fixtures.resident("other", "zebrasoma-xanthurum", 60, 10),
                        Fixtures.resident("small", "chromis-viridis", 60, 5)));
        ResolvedPlan stock = ResolvedPlan.of(plan, Fixtures.CATALOGUE);
        Encounters encounters = Encounters.of(stock);
        Fish resident = stock.residents().get(0);
        Fish newcomer = Fixtures.fish("new", Fixtures.species("zebrasoma-scopas"), 9, TODAY);
        assertThat(factor(Factor.Kind.CROWDING, encounters.onArrival(resident, newcomer, 1))
                        .orElseThrow()
                        .figure())
                .as("the other sailfin of its genus, not the damsel, nor itself")
                .isEqualTo(1);
        assertThat(factor(Factor.Kind.CROWDING, encounters.byNewcomer(newcomer, resident, 1)))
                .isEmpty();
    }
}
