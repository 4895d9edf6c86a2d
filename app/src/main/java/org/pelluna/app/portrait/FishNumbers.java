package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.svg.Svg;

/** The numbers of the fish in a drawing, each above its fish, or beside the place that another number has taken. */
final class FishNumbers {
    /** Places tried in turn, in widths and heights of the number. */
    private static final double[][] PLACES = {
        {0, 0},
        {0, -1},
        {1.1, 0},
        {-1.1, 0},
        {1.1, -1},
        {-1.1, -1},
        {0, -2},
        {0, 2},
        {1.1, 1},
        {-1.1, 1},
        {2.2, 0},
        {-2.2, 0}
    };

    private static final double DIGIT = 0.55;

    private final double size;
    private final List<Box> taken = new ArrayList<>();

    private record Box(double x, double y, double wide, double high) {
        boolean meets(Box other) {
            return Math.abs(x - other.x) < (wide + other.wide) / 2 && Math.abs(y - other.y) < (high + other.high) / 2;
        }
    }

    /** @param size height of the type, cm of the tank */
    FishNumbers(double size) {
        this.size = size;
    }

    /** A number whose middle stands at {@code x} and whose foot at {@code y}, or as near as there is room. */
    Svg place(int number, double x, double y) {
        double wide = size * DIGIT * Integer.toString(number).length();
        Box chosen = new Box(x, y, wide, size * 0.8);
        for (double[] place : PLACES) {
            Box box = new Box(x + place[0] * wide, y + place[1] * size * 0.8, wide, size * 0.8);
            if (taken.stream().noneMatch(box::meets)) {
                chosen = box;
                break;
            }
        }
        taken.add(chosen);
        return Svg.of(
                "<text class='fish-number' x='{}' y='{}' font-size='{}'>{}</text>",
                chosen.x(),
                chosen.y(),
                size,
                number);
    }
}
