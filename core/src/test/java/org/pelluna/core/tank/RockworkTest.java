package org.pelluna.core.tank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;

class RockworkTest {
    private static final TankShape BOX = new TankShape.Box(150, 55, 58);
    private static final double BELOW_RIM = 4;
    private static final double SAND = 8;
    private static final double WATER = 58 - BELOW_RIM - SAND;

    static Layout.Rock rock(
            String id, Layout.Rock.Form form, double x, double y, double wide, double deep, double high, double lift) {
        return new Layout.Rock(id, id, form, x, y, wide, deep, high, lift, Optional.empty());
    }

    private static Rockwork work(Layout.Rock... rocks) {
        return new Rockwork(BOX, SAND, BELOW_RIM, List.of(rocks));
    }

    static Layout layout(Layout.Rock... rocks) {
        return new Layout(List.of(rocks), List.of(), List.of(), List.of(), Optional.empty());
    }

    /** Half an ellipsoid is π/6·w·d·h, an elliptic cylinder π/4·w·d·h: elementary geometry. */
    @ParameterizedTest
    @CsvSource({"MOUND, 0.523599, 30", "PILLAR, 0.785398, 30", "SHELF, 0.785398, 5"})
    void bulkIsThatOfTheBody(Layout.Rock.Form form, double factor, double high) {
        double litres = work(rock("a", form, 70, 27, 60, 40, high, 0)).bulkLitres(BOX);
        assertThat(litres).isCloseTo(factor * 60 * 40 * high / 1000, Percentage.withPercentage(1));
    }

    @Test
    void rocksThatStandIntoOneAnotherCountOnceAndWhatIsOutOfTheWaterDoesNot() {
        var one = rock("a", Layout.Rock.Form.PILLAR, 70, 27, 40, 40, 20, 0);
        var same = rock("b", Layout.Rock.Form.PILLAR, 70, 27, 40, 40, 20, 0);
        var shelf = rock("c", Layout.Rock.Form.SHELF, 70, 27, 40, 40, 10, 25);
        double single = work(one).bulkLitres(BOX);
        assertThat(work(one, same).bulkLitres(BOX)).isCloseTo(single, within(1e-9));
        assertThat(work(one, shelf).bulkLitres(BOX)).isCloseTo(1.5 * single, within(1e-9));
        double tall =
                work(rock("a", Layout.Rock.Form.PILLAR, 70, 27, 40, 40, 50, 0)).bulkLitres(BOX);
        assertThat(tall).isCloseTo(single * WATER / 20, within(1e-9));
    }

    @Test
    void rockBeyondTheGlassTakesNoWater() {
        double whole = work(rock("a", Layout.Rock.Form.PILLAR, 75, 27.5, 40, 40, 20, 0))
                .bulkLitres(BOX);
        double half =
                work(rock("a", Layout.Rock.Form.PILLAR, 0, 27.5, 40, 40, 20, 0)).bulkLitres(BOX);
        assertThat(half).isCloseTo(whole / 2, Percentage.withPercentage(1));
    }

    @Test
    void theClearSwimIsTheWholeLengthUntilRockShutsEveryLane() {
        assertThat(work().clearSwimCm(BOX)).isCloseTo(150, within(1e-9));
        // Low rock leaves the water above it clear.
        assertThat(work(rock("a", Layout.Rock.Form.PILLAR, 50, 27, 30, 55, 20, 0))
                        .clearSwimCm(BOX))
                .isCloseTo(150, within(1e-9));
        // A wall of rock from glass to glass leaves the longer side.
        double walled = work(
                        rock("a", Layout.Rock.Form.PILLAR, 50, 0, 20, 60, 46, 0),
                        rock("b", Layout.Rock.Form.PILLAR, 50, 55, 20, 60, 46, 0))
                .clearSwimCm(BOX);
        assertThat(walled).isBetween(88.0, 92.0);
    }

    @ParameterizedTest
    @CsvSource({"5", "10", "20", "30", "40"})
    void tallerRockNeverLeavesALongerSwimNorMoreWater(double high) {
        Tank lower = Fixtures.reef().drawn(layout(rock("a", Layout.Rock.Form.PILLAR, 60, 27, 40, 50, high, 0)));
        Tank taller = Fixtures.reef().drawn(layout(rock("a", Layout.Rock.Form.PILLAR, 60, 27, 40, 50, high + 5, 0)));
        assertThat(taller.swimCm()).isLessThanOrEqualTo(lower.swimCm());
        assertThat(taller.netWater().litres()).isLessThan(lower.netWater().litres());
    }

    @Test
    void aRoundTankHasItsChordToSwim() {
        TankShape round = new TankShape.Cylinder(60, 70);
        double swim = new Rockwork(round, 2, 3, List.of()).clearSwimCm(round);
        // A lane 0.3 of the diameter wide in the middle: its edges are chords of √(1 − 0.3²) of the diameter.
        assertThat(swim).isCloseTo(60 * Math.sqrt(1 - 0.09), within(1.6));
    }

    @Test
    void aDrawnTankHasTheFiguresOfItsDrawing() {
        Tank before = Fixtures.reef();
        Layout drawn = new Layout(
                List.of(rock("a", Layout.Rock.Form.MOUND, 40, 25, 60, 40, 30, 0)),
                List.of(
                        new Layout.Shelter("s1", "Arch", Layout.Shelter.Kind.CAVE, 40, 40, 12, 8),
                        new Layout.Shelter("s2", "Slit", Layout.Shelter.Kind.CREVICE, 60, 40, 20, 4),
                        new Layout.Shelter("s3", "Burrow", Layout.Shelter.Kind.BURROW, 120, 40, 8, 4)),
                List.of(
                        new Layout.Feeding("f1", "Left", Layout.Feeding.Kind.STATION, 10, 40),
                        new Layout.Feeding("f2", "Clip", Layout.Feeding.Kind.CLIP, 140, 40),
                        new Layout.Feeding("f3", "Right", Layout.Feeding.Kind.STATION, 120, 40)),
                List.of(new Layout.Gap("g1", "Cable", 148, 2, 9)),
                Optional.empty());
        Tank tank = before.drawn(drawn);
        assertThat(tank.shelters()).isEqualTo(2);
        assertThat(tank.feedingPlaces()).isEqualTo(3);
        assertThat(tank.cover().gapMm()).isEqualTo(9);
        double bulk = Math.PI / 6 * 60 * 40 * 30 / 1000;
        assertThat(tank.water().rockKg()).isCloseTo(bulk * 1.6, Percentage.withPercentage(1));
        assertThat(tank.netWater().rockLitres())
                .isCloseTo(bulk * (1 - WaterSpace.USUAL_ROCK_POROSITY), Percentage.withPercentage(1));
        assertThat(tank.layout()).isEqualTo(drawn);
    }

    @Test
    void aTankNobodyDrewIsSketchedWithTheBulkAndSheltersItHas() {
        Tank tank = Fixtures.reef();
        Layout sketch = tank.layout();
        double bulk = new Rockwork(
                        tank.shape(), tank.sandDepthCm(), tank.water().belowRimCm(), sketch.rocks())
                .bulkLitres(tank.shape());
        assertThat(bulk).isCloseTo(40 / 1.6, Percentage.withPercentage(3));
        assertThat(sketch.shelters()).hasSize(tank.shelters());
        assertThat(sketch.feeding()).hasSize(tank.feedingPlaces());
        assertThat(tank.drawn(sketch).netWater().litres())
                .isCloseTo(tank.netWater().litres(), Percentage.withPercentage(1));
    }

    @Test
    void whatStandsBeyondTheGlassIsMovedIn() {
        Tank tank = Fixtures.reef().drawn(layout(rock("a", Layout.Rock.Form.MOUND, 400, -20, 500, 500, 900, 70)));
        Layout.Rock in = tank.layout().rocks().get(0);
        assertThat(in.xCm()).isEqualTo(150);
        assertThat(in.yCm()).isZero();
        assertThat(in.heightCm() + in.liftCm()).isLessThanOrEqualTo(50);
    }

    @Test
    void aDrawingThatLeavesNoWaterIsRefused() {
        assertThatThrownBy(() -> Fixtures.reef()
                        .drawn(layout(
                                rock("a", Layout.Rock.Form.PILLAR, 40, 27, 150, 55, 50, 0),
                                rock("a", Layout.Rock.Form.PILLAR, 40, 27, 150, 55, 50, 0))))
                .hasMessageContaining("used twice");
        assertThatThrownBy(() -> rock("a", Layout.Rock.Form.MOUND, 1, 1, 0, 5, 5, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void rockThatMovedOrIsNewIsFreshForAFortnight() {
        LocalDate day = LocalDate.of(2026, 11, 1);
        Layout before = layout(
                rock("a", Layout.Rock.Form.MOUND, 40, 25, 60, 40, 30, 0),
                rock("b", Layout.Rock.Form.MOUND, 100, 25, 20, 20, 10, 0));
        Layout after = layout(
                        rock("a", Layout.Rock.Form.MOUND, 40, 25, 62, 40, 30, 0),
                        rock("b", Layout.Rock.Form.MOUND, 110, 25, 20, 20, 10, 0),
                        rock("c", Layout.Rock.Form.MOUND, 70, 25, 20, 20, 10, 0))
                .placed(before, day);
        assertThat(after.freshRocks(day)).extracting(Layout.Rock::id).containsExactly("b", "c");
        assertThat(after.freshRocks(day.plusDays(13))).hasSize(2);
        assertThat(after.freshRocks(day.plusDays(14))).isEmpty();
        assertThat(after.freshRocks(day.minusDays(1))).isEmpty();
    }
}
