package org.pelluna.core.patch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;

class PatchesTest {
    private static final LocalDate DAY = Fixtures.TODAY;
    private final Tank tank = Fixtures.reef();

    private static Fish damsel(String id, int daysHere) {
        return Fixtures.fish(id, Fixtures.species("chrysiptera-parasema"), 7, DAY.minusDays(daysHere));
    }

    private static Homes.Home at(double x, double y) {
        return new Homes.Home(x, y, 20, Optional.empty());
    }

    @Test
    void aloneAFishHoldsTheDiscOfItsKindsPatch() {
        Fish fish = damsel("a", 100);
        double grown = Math.min(1, fish.lengthCmOn(DAY) / fish.growth().adultLengthCm());
        double radius = fish.species().temper().patchCm() / 2 * grown;
        var patch = new Patches(tank, Map.of(new FishId("a"), at(75, 27)), List.of(fish), DAY)
                .all()
                .get(0);
        double area = Math.PI * radius * radius / (150 * 55);
        assertThat(patch.shareOfFloor()).isCloseTo(area, Percentage.withPercentage(8));
        assertThat(patch.contested()).isZero();
        assertThat(patch.top()).hasSize(1);
        for (double[] point : patch.top().get(0)) {
            assertThat(Math.hypot(point[0] - 75, point[1] - 27)).isCloseTo(radius, within(0.6));
        }
    }

    /** Also at the bend of a cylinder, a fish of the open water has its place where all of it is inside. */
    @Test
    void noHomeInOpenWaterLetsAGrownFishStandOutOfTheGlass() {
        Tank round = new Fixtures.TankBuilder()
                .shape(new org.pelluna.core.tank.TankShape.Cylinder(80, 90))
                .swim(70)
                .build();
        for (Tank any : List.of(tank, round)) {
            List<Fish> fish = Fixtures.CATALOGUE.all().stream()
                    .filter(one -> one.size().adultCm().value() < 20)
                    .limit(120)
                    .map(one -> Fixtures.fish(one.id().key(), one, 4, DAY))
                    .toList();
            Map<FishId, Homes.Home> homes = Homes.of(any, fish);
            for (Fish one : fish) {
                Homes.Home home = homes.get(one.id());
                double half = one.species().size().adultCm().value() / 2;
                if (home.shelter().isEmpty()) {
                    assertThat(any.shape().holds(home.xCm() - half, home.yCm())
                                    && any.shape().holds(home.xCm() + half, home.yCm()))
                            .as(one.id().key())
                            .isTrue();
                }
            }
        }
    }

    @Test
    void twoEqualsPartTheirGroundHalfWayAndQuarrelThere() {
        var patches = new Patches(
                tank,
                Map.of(new FishId("a"), at(65, 27), new FishId("b"), at(85, 27)),
                List.of(damsel("a", 100), other("b", 100)),
                DAY);
        for (var patch : patches.all()) {
            double middle = patch.fish().id().key().equals("a") ? -1 : 1;
            for (double[] point : patch.top().get(0)) {
                assertThat((point[0] - 75) * middle).isGreaterThan(-1.2);
            }
            assertThat(patch.contested()).isBetween(0.05, 0.9);
        }
        assertThat(patches.contested(Patches.View.TOP)).isNotEmpty();
    }

    private static Fish other(String id, int daysHere) {
        return Fixtures.fish(id, Fixtures.species("chrysiptera-parasema"), 7, DAY.minusDays(daysHere));
    }

    @Test
    void whoHasLivedHereLongerHoldsMore() {
        var patches = new Patches(
                        tank,
                        Map.of(new FishId("a"), at(65, 27), new FishId("b"), at(85, 27)),
                        List.of(damsel("a", 100), other("b", 3)),
                        DAY)
                .all();
        assertThat(patches.get(0).fish().id().key()).isEqualTo("a");
        assertThat(patches.get(0).shareOfFloor())
                .isGreaterThan(1.2 * patches.get(1).shareOfFloor());
    }

    @Test
    void rockSetTodayIsNobodysGround() {
        Layout.Rock rock =
                new Layout.Rock("r", "New pile", Layout.Rock.Form.MOUND, 80, 27, 20, 20, 10, 0, Optional.of(DAY));
        Tank fresh = tank.drawn(new Layout(List.of(rock), List.of(), List.of(), List.of(), Optional.empty()));
        double before = new Patches(tank, Map.of(new FishId("a"), at(75, 27)), List.of(damsel("a", 100)), DAY)
                .all()
                .get(0)
                .shareOfFloor();
        var after = new Patches(fresh, Map.of(new FishId("a"), at(75, 27)), List.of(damsel("a", 100)), DAY).all();
        assertThat(after.get(0).shareOfFloor()).isLessThan(before * 0.8);
        var later = new Patches(
                fresh, Map.of(new FishId("a"), at(75, 27)), List.of(damsel("a", 100)), DAY.plusDays(Layout.FRESH_DAYS));
        assertThat(later.all().get(0).shareOfFloor()).isGreaterThanOrEqualTo(before);
    }

    @Test
    void companionsShareTheirGround() {
        Fish one = Fixtures.fish("a", Fixtures.species("amphiprion-ocellaris"), 8, DAY.minusDays(90));
        Fish mate = Fixtures.fish("b", Fixtures.species("amphiprion-ocellaris"), 6, DAY.minusDays(90));
        var homes = Homes.of(tank, List.of(one, mate));
        assertThat(homes.get(new FishId("a"))).isEqualTo(homes.get(new FishId("b")));
        assertThat(new Patches(tank, homes, List.of(one, mate), DAY).contested(Patches.View.TOP))
                .isEmpty();
    }

    @Test
    void theFirstToComeChoosesFirstAndKeepsItsHome() {
        Fish plum = Fixtures.fish("plum", Fixtures.species("gramma-loreto"), 5, DAY.minusDays(90));
        Fish gale = damsel("gale", 20);
        var alone = Homes.of(tank, List.of(plum));
        var both = Homes.of(tank, List.of(gale, plum));
        assertThat(both.get(new FishId("plum"))).isEqualTo(alone.get(new FishId("plum")));
        assertThat(both.get(new FishId("plum")).shelter()).isPresent();
        assertThat(both.get(new FishId("gale"))).isNotEqualTo(both.get(new FishId("plum")));
    }

    @Test
    void homesLieInsideTheGlass() {
        for (var shape : List.of(
                new org.pelluna.core.tank.TankShape.Cylinder(60, 60),
                new org.pelluna.core.tank.TankShape.BowFront(120, 45, 60, 55))) {
            Tank round = new Fixtures.TankBuilder().shape(shape).build();
            List<Fish> all = Fixtures.CATALOGUE.all().stream()
                    .limit(40)
                    .map(species -> Fixtures.fish(species.id().key(), species, 4, DAY.minusDays(30)))
                    .toList();
            Homes.of(round, all).values().stream()
                    .filter(home -> home.shelter().isEmpty())
                    .forEach(home ->
                            assertThat(shape.holds(home.xCm(), home.yCm())).isTrue());
        }
    }
}
