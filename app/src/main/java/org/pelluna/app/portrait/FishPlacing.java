package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.core.id.FishId;
import org.pelluna.core.patch.Homes;
import org.pelluna.core.reef.FishOnDay;
import org.pelluna.core.species.Habits;
import org.pelluna.core.tank.Tank;

/**
 * Where the fish of a drawing hover: near their homes, in their part of the water, groups as groups, and beside one another as far
 * as there is room. The same fish on the same day always stand the same.
 */
public final class FishPlacing {
    private static final int ROUNDS = 60;

    private FishPlacing() {}

    /**
     * A fish with its place.
     *
     * @param swimmer the fish
     * @param xCm its middle, from the left
     * @param yCm its middle, from the back
     * @param zCm its middle, above the floor of the glass
     * @param facesRight whether it looks to the right
     */
    public record Placed(FishOnDay swimmer, double xCm, double yCm, double zCm, boolean facesRight) {}

    private static final class Spot {
        private final FishOnDay swimmer;
        private final double wide;
        private final double high;
        private final double homeX;
        private final double homeZ;
        private final double lowest;
        private final double highest;
        private final double y;
        private double x;
        private double z;

        Spot(FishOnDay swimmer, Homes.Home home, Tank tank, int place) {
            this.swimmer = swimmer;
            this.wide = swimmer.lengthCm();
            this.high =
                    Math.max(0.16, Math.min(0.7, swimmer.fish().species().look().depth() * 0.95)) * wide;
            double water = tank.shape().heightCm() - tank.water().belowRimCm() - tank.sandDepthCm();
            double[] band = band(swimmer.fish().species().habits().zone());
            this.lowest = tank.sandDepthCm() + Math.min(water * band[0] + high / 2, water - high / 2);
            this.highest = Math.max(lowest, tank.sandDepthCm() + Math.min(water * band[1], water) - high / 2);
            // A group spreads by golden turns about its middle.
            double turn = place * 2.39996;
            double out = wide * 0.9 * Math.sqrt(place);
            this.homeX = home.xCm() + out * Math.cos(turn);
            this.homeZ = home.zCm() + out * 0.5 * Math.sin(turn);
            this.y = home.yCm();
            this.x = homeX;
            this.z = homeZ;
        }

        private static double[] band(Habits.Zone zone) {
            return switch (zone) {
                case SAND, BURROW -> new double[] {0, 0.06};
                case CAVE -> new double[] {0, 0.5};
                case ROCK -> new double[] {0.05, 0.8};
                case MID_WATER -> new double[] {0.4, 0.95};
                case SURFACE -> new double[] {0.8, 1};
            };
        }

        void settle(double across) {
            double half = Math.min(wide, across) / 2;
            x = Math.max(half, Math.min(across - half, x));
            z = Math.max(lowest, Math.min(highest, z));
        }
    }

    /** Places every fish. */
    public static List<Placed> of(Tank tank, Map<FishId, Homes.Home> homes, List<FishOnDay> swimmers) {
        List<Spot> spots = new ArrayList<>();
        Map<Homes.Home, Integer> atHome = new HashMap<>();
        for (FishOnDay one : swimmers) {
            Homes.Home home = homes.get(one.fish().id());
            if (home != null) {
                spots.add(new Spot(one, home, tank, atHome.merge(home, 1, Integer::sum) - 1));
            }
        }
        double across = tank.shape().acrossCm();
        spots.forEach(spot -> spot.settle(across));
        for (int round = 0; round < ROUNDS; round++) {
            part(spots);
            for (Spot spot : spots) {
                spot.x += 0.03 * (spot.homeX - spot.x);
                spot.z += 0.03 * (spot.homeZ - spot.z);
                spot.settle(across);
            }
        }
        return spots.stream()
                .map(spot -> new Placed(
                        spot.swimmer,
                        spot.x,
                        spot.y,
                        spot.z,
                        (spot.swimmer.fish().id().hashCode() & 4) == 0))
                .toList();
    }

    /** Pushes fish apart that would cover one another, along the way in which they overlap least. */
    private static void part(List<Spot> spots) {
        for (int i = 0; i < spots.size(); i++) {
            for (int j = i + 1; j < spots.size(); j++) {
                Spot one = spots.get(i);
                Spot other = spots.get(j);
                double overX = (one.wide + other.wide) / 2 * 1.05 - Math.abs(one.x - other.x);
                double overZ = (one.high + other.high) / 2 * 1.1 - Math.abs(one.z - other.z);
                if (overX > 0 && overZ > 0) {
                    if (overX < overZ * 1.6) {
                        double push = overX / 2 * (one.x < other.x || (one.x == other.x && i % 2 == 0) ? 1 : -1);
                        one.x -= push * 0.5;
                        other.x += push * 0.5;
                    } else {
                        double push = overZ / 2 * (one.z < other.z || (one.z == other.z && i % 2 == 0) ? 1 : -1);
                        one.z -= push * 0.5;
                        other.z += push * 0.5;
                    }
                }
            }
        }
    }
}
