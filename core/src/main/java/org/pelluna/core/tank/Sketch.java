package org.pelluna.core.tank;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A layout nobody has drawn yet: two mounds of the rock's bulk, the shelters in them, the feeding places at the ends. */
final class Sketch {
    private static final double TALLEST = 0.72;

    private Sketch() {}

    static Layout of(Tank tank) {
        List<Layout.Rock> rocks = rocks(tank);
        return new Layout(rocks, shelters(tank, rocks), feeding(tank), List.of(), Optional.empty());
    }

    private static List<Layout.Rock> rocks(Tank tank) {
        double bulk = 1000 * tank.water().rockKg() / tank.water().rockKgPerLitre();
        if (bulk <= 0) {
            return List.of();
        }
        double length = tank.shape().acrossCm();
        double deep = tank.shape().frontToBackCm();
        double highest = TALLEST * (tank.shape().heightCm() - tank.water().belowRimCm() - tank.sandDepthCm());
        double left = 0.46;
        double right = 0.24;
        double share = Math.PI / 6 * 0.56 * deep * length * (left + 0.66 * right);
        double high = Math.min(highest, bulk / share);
        // What the mounds cannot hold at that height makes them wider.
        double grown = Math.min(1.6, Math.sqrt(bulk / (share * high)));
        return List.of(
                mound(
                        "rock-1",
                        "Main reef",
                        0.32 * length,
                        0.44 * deep,
                        left * length * grown,
                        0.56 * deep * grown,
                        high),
                mound(
                        "rock-2",
                        "Outlier",
                        0.8 * length,
                        0.46 * deep,
                        right * length * grown,
                        0.56 * deep * grown,
                        0.66 * high));
    }

    private static Layout.Rock mound(
            String id, String name, double x, double y, double width, double depth, double height) {
        return new Layout.Rock(
                id,
                name,
                Layout.Rock.Form.MOUND,
                tenth(x),
                tenth(y),
                tenth(width),
                tenth(depth),
                tenth(height),
                0,
                Optional.empty());
    }

    private static List<Layout.Shelter> shelters(Tank tank, List<Layout.Rock> rocks) {
        List<Layout.Shelter> shelters = new ArrayList<>();
        int count = rocks.isEmpty() ? 0 : Math.min(tank.shelters(), 24);
        for (int i = 0; i < count; i++) {
            Layout.Rock rock = rocks.get(i % 3 == 2 ? 1 : 0);
            // Golden turns keep the openings apart, and in view.
            double turn = (i * 0.618034 + 0.1) % 1;
            double across = 1.7 * turn - 0.85;
            double up = i % 2 == 0 ? 0.14 : 0.5 * (1 - across * across) + 0.08;
            double front = Math.sqrt(Math.max(0, 1 - across * across - up * up));
            boolean cave = i % 2 == 0;
            shelters.add(new Layout.Shelter(
                    "shelter-" + (i + 1),
                    (cave ? "Cave " : "Crevice ") + (i + 1),
                    cave ? Layout.Shelter.Kind.CAVE : Layout.Shelter.Kind.CREVICE,
                    tenth(rock.xCm() + across * rock.widthCm() / 2 * 0.96),
                    tenth(rock.yCm() + front * rock.depthCm() / 2),
                    tenth(tank.sandDepthCm() + Math.max(2, up * rock.heightCm())),
                    tenth(Math.max(2.5, rock.heightCm() * (cave ? 0.26 : 0.14)))));
        }
        return shelters;
    }

    private static List<Layout.Feeding> feeding(Tank tank) {
        List<Layout.Feeding> feeding = new ArrayList<>();
        int count = Math.min(tank.feedingPlaces(), 12);
        for (int i = 0; i < count; i++) {
            feeding.add(new Layout.Feeding(
                    "feeding-" + (i + 1),
                    "Feeding place " + (i + 1),
                    Layout.Feeding.Kind.STATION,
                    tenth(tank.shape().acrossCm() * (i + 0.5) / count),
                    tenth(tank.shape().frontToBackCm() * 0.6)));
        }
        return feeding;
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
