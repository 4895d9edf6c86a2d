package org.pelluna.core.tank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.units.LengthUnit;

class TankTest {
    @Test
    void netWaterFollowsTheStepsAKeeperCanCheck() {
        NetWater water = new Fixtures.TankBuilder()
                .shape(new TankShape.Box(100, 50, 50))
                .water(new WaterSpace(5, 32, 1.6, 0.4, 0.4, 30))
                .sand(4)
                .build()
                .netWater();
        assertThat(water.grossLitres()).isEqualTo(250);
        assertThat(water.toWaterLineLitres()).isEqualTo(225);
        assertThat(water.rockLitres()).isCloseTo(12, within(1e-9));
        assertThat(water.sandLitres()).isCloseTo(12, within(1e-9));
        assertThat(water.litres()).isCloseTo(225 - 12 - 12 + 30, within(1e-9));
    }

    @Test
    void moreRockSandOrAirNeverLeavesMoreWater() {
        double before = Fixtures.reef().netWater().litres();
        assertThat(new Fixtures.TankBuilder().sand(12).build().netWater().litres())
                .isLessThan(before);
        assertThat(new Fixtures.TankBuilder()
                        .water(WaterSpace.usual(4, 80, 50))
                        .build()
                        .netWater()
                        .litres())
                .isLessThan(before);
        assertThat(new Fixtures.TankBuilder()
                        .water(WaterSpace.usual(9, 40, 50))
                        .build()
                        .netWater()
                        .litres())
                .isLessThan(before);
    }

    @Test
    void aTankFullOfRockIsRefused() {
        Tank full =
                new Fixtures.TankBuilder().water(WaterSpace.usual(4, 5000, 0)).build();
        assertThatIllegalArgumentException().isThrownBy(full::netWater).withMessageContaining("leave no water");
    }

    @Test
    void theSameTankInInchesHoldsTheSameWater() {
        TankShape metric = new TankShape.Box(152.4, 60.96, 50.8);
        TankShape inches = new TankShape.Box(
                LengthUnit.INCH.toCentimetres(60),
                LengthUnit.INCH.toCentimetres(24),
                LengthUnit.INCH.toCentimetres(20));
        assertThat(inches.volumeLitresTo(inches.heightCm()))
                .isCloseTo(metric.volumeLitresTo(metric.heightCm()), within(1e-9));
    }

    /** The bow's area against the trapezium rule over the circle through its three known points. */
    @Test
    void theFloorOfABowFrontIsItsIntegral() {
        TankShape.BowFront bow = new TankShape.BowFront(120, 45, 60, 55);
        double radius = (60.0 * 60 + 15 * 15) / 30;
        double sum = 0;
        int steps = 200_000;
        for (int i = 0; i < steps; i++) {
            double x = -60 + 120.0 * (i + 0.5) / steps;
            sum += (45 + Math.sqrt(radius * radius - x * x) - (radius - 15)) * 120.0 / steps;
        }
        assertThat(bow.footprintSquareCm()).isCloseTo(sum, within(0.01));
    }

    @Test
    void aCylinderHoldsPiRSquaredH() {
        assertThat(new TankShape.Cylinder(60, 50).volumeLitresTo(50))
                .isCloseTo(Math.PI * 900 * 50 / 1000, within(1e-9));
    }

    @Test
    void ageCountsWholeMonthsSinceTheCycle() {
        Tank tank =
                new Fixtures.TankBuilder().cycledOn(LocalDate.of(2026, 1, 31)).build();
        assertThat(tank.ageMonths(LocalDate.of(2026, 2, 27))).hasValue(0);
        assertThat(tank.ageMonths(LocalDate.of(2026, 4, 30))).hasValue(2);
        assertThat(tank.ageMonths(LocalDate.of(2026, 1, 1))).isEmpty();
        assertThat(new Fixtures.TankBuilder().cycling().build().ageMonths(Fixtures.TODAY))
                .isEmpty();
    }

    @Test
    void impossibleShapesAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new TankShape.Box(0, 50, 50));
        assertThatIllegalArgumentException().isThrownBy(() -> new TankShape.BowFront(100, 50, 40, 50));
        assertThatIllegalArgumentException().isThrownBy(() -> new TankShape.Cylinder(Double.NaN, 50));
    }
}
