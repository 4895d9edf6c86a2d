package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.tank.Layout;

/**
 * The outline of a rock, roughened inward: it touches the rock's measures and never passes them. The same rock always looks the
 * same.
 */
final class RockOutline {
    private static final int POINTS = 22;
    private static final double ROUGH = 0.13;

    private RockOutline() {}

    /** Seen from the front: x and height above its underside, from left to right over the top. */
    static List<double[]> front(Layout.Rock rock) {
        List<double[]> points = new ArrayList<>();
        double left = rock.xCm() - rock.widthCm() / 2;
        for (int i = 0; i <= POINTS; i++) {
            double turn = Math.PI * i / POINTS;
            double across = (1 - Math.cos(turn)) / 2;
            double top = rock.form() == Layout.Rock.Form.MOUND ? Math.sin(turn) : Math.pow(Math.sin(turn), 0.22);
            double coarse = rock.form() == Layout.Rock.Form.MOUND ? ROUGH : ROUGH * 0.6;
            double rough = i == POINTS / 2 ? 1 : 1 - coarse * chance(rock.id(), i / 2);
            points.add(new double[] {left + rock.widthCm() * across, rock.heightCm() * top * rough});
        }
        if (rock.form() == Layout.Rock.Form.SHELF) {
            for (int i = POINTS - 1; i > 0; i -= 3) {
                points.add(new double[] {
                    left + rock.widthCm() * i / POINTS, rock.heightCm() * 0.18 * chance(rock.id(), 100 + i)
                });
            }
        }
        return points;
    }

    /** Seen from above: x and y, the ring at a share of its size. */
    static List<double[]> top(Layout.Rock rock, double ring) {
        List<double[]> points = new ArrayList<>();
        int count = POINTS + 6;
        for (int i = 0; i < count; i++) {
            double turn = 2 * Math.PI * i / count;
            double rough = i % (count / 4) == 0 ? 1 : 1 - ROUGH * chance(rock.id(), 40 + i);
            points.add(new double[] {
                rock.xCm() + rock.widthCm() / 2 * ring * rough * Math.cos(turn),
                rock.yCm() + rock.depthCm() / 2 * ring * rough * Math.sin(turn)
            });
        }
        return points;
    }

    /** Short strokes down the lee side, as charts show steep ground. */
    static String hachures(Layout.Rock rock, double base) {
        StringBuilder path = new StringBuilder();
        List<double[]> outline = front(rock);
        for (int i = POINTS / 2 + 1; i < POINTS - 1; i++) {
            double[] at = outline.get(i);
            double length = rock.heightCm() * (0.1 + 0.14 * chance(rock.id(), 70 + i));
            path.append(Svg.path(
                    "M{} {}l{} {}",
                    at[0] - rock.widthCm() * 0.015,
                    base - at[1] * 0.97,
                    -rock.widthCm() * 0.025,
                    Math.min(length, at[1] * 0.8)));
        }
        return path.toString();
    }

    /** A number from 0 to 1 that is always the same for a key and a place. */
    private static double chance(String key, int place) {
        int mixed = (key.hashCode() * 31 + place) * 0x9E3779B1;
        mixed ^= mixed >>> 15;
        mixed *= 0x85EBCA6B;
        return (mixed >>> 8 & 0xffff) / 65535.0;
    }
}
