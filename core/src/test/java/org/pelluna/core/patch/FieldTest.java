package org.pelluna.core.patch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;

/** The quick field against the definition of a patch, point by point and fish by fish. */
class FieldTest {
    private static final Tank TANK = Fixtures.reef();

    /** Some fish of any kinds in any places, some of them sharing a home. */
    private static Patches patches(long seed, int fish) {
        Random random = new Random(seed);
        List<Species> kinds = Fixtures.CATALOGUE.all().stream()
                .filter(one -> one.temper().territory() >= 0.15)
                .toList();
        List<Fish> all = new ArrayList<>();
        Map<FishId, Homes.Home> homes = new HashMap<>();
        for (int i = 0; i < fish; i++) {
            all.add(Fixtures.fish(
                    "f" + i,
                    kinds.get(random.nextInt(kinds.size())),
                    4 + random.nextInt(5),
                    Fixtures.TODAY.minusDays(random.nextInt(30))));
            homes.put(
                    new FishId("f" + i),
                    i > 0 && random.nextInt(4) == 0
                            ? homes.get(new FishId("f" + random.nextInt(i)))
                            : new Homes.Home(
                                    random.nextDouble() * 150,
                                    random.nextDouble() * 55,
                                    random.nextDouble() * 50,
                                    Optional.empty()));
        }
        return new Patches(TANK, homes, all, Fixtures.TODAY);
    }

    private static double hold(Patches patches, int holder, Patches.View view, double x, double other) {
        return patches.strength(holder, view, x, other)
                * patches.acrossBell(holder, x)
                * patches.otherBell(holder, view, other);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void sharesAndQuarrelsAreWhatTheDefinitionSays(long seed) {
        Patches patches = patches(seed, 3 + (int) (seed * 3));
        Field field = new Field(patches, Patches.View.TOP);
        // The same grid: 72 cells along the longer side.
        double cell = 150 / 72.0;
        int columns = 72;
        int rows = (int) Math.round(55 / cell);
        int points = (columns + 1) * (rows + 1);
        for (int holder = 0; holder < patches.holders(); holder++) {
            int owned = 0;
            int contested = 0;
            for (int i = 0; i <= columns; i++) {
                for (int j = 0; j <= rows; j++) {
                    double x = i * 150.0 / columns;
                    double y = j * 55.0 / rows;
                    double its = hold(patches, holder, Patches.View.TOP, x, y);
                    double rival = 0;
                    for (int one = 0; one < patches.holders(); one++) {
                        if (patches.home(one) != patches.home(holder)) {
                            rival = Math.max(rival, hold(patches, one, Patches.View.TOP, x, y));
                        }
                    }
                    if (its > patches.edge(holder) && its > rival) {
                        owned++;
                        if (rival >= patches.edge(holder) && rival > Patches.CONTESTED * its) {
                            contested++;
                        }
                    }
                }
            }
            assertThat(field.share(holder)).as("share of %d", holder).isCloseTo(owned / (double) points, within(1e-12));
            assertThat(field.contested(holder))
                    .as("contested of %d", holder)
                    .isCloseTo(contested / (double) Math.max(1, owned), within(1e-12));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void noTwoRivalsOwnTheSamePoint(long seed) {
        Patches patches = patches(seed, 20);
        double sum = 0;
        Map<Integer, Double> ofHome = new HashMap<>();
        Field field = new Field(patches, Patches.View.FRONT);
        for (int holder = 0; holder < patches.holders(); holder++) {
            ofHome.merge(patches.home(holder), field.share(holder), Math::max);
        }
        for (double share : ofHome.values()) {
            sum += share;
        }
        assertThat(sum).isLessThanOrEqualTo(1 + 1e-9);
    }
}
