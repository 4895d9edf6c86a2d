package org.pelluna.app.portrait;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.pelluna.core.species.Anatomy;
import org.pelluna.core.species.Anatomy.Landmark;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.BodyPlan;
import org.pelluna.core.species.CatalogueFiles;

/**
 * The outline of a body without fins, snout at the left, and the coordinates in which all that is on it is placed. Along the body 0 is
 * the tip of the snout, 1 the root of the tail; across it −1 is the back, 0 the middle, 1 the belly. In the drawing the body is
 * {@link #LENGTH} long and its axis lies at y = 0, or bends about it.
 */
final class BodyOutline {
    /** Standard length in drawing units; the total length with the tail is 100. */
    static final double LENGTH = 80;

    private static final Map<BodyPlan, Anatomy> ANATOMIES = CatalogueFiles.anatomies();

    private final Anatomy anatomy;
    private final double deep;

    /** How much further the snout is drawn out than in the landmarks. */
    private final double drawnOut;

    BodyOutline(Appearance look) {
        this.anatomy = requireNonNull(ANATOMIES.get(look.plan()));
        this.deep = look.depth() * LENGTH;
        this.drawnOut = Math.max(0, look.snout() - anatomy.snout());
    }

    Anatomy anatomy() {
        return anatomy;
    }

    /** Greatest depth of the body in drawing units. */
    double deep() {
        return deep;
    }

    /** x in drawing units. */
    double x(double t) {
        return t * LENGTH;
    }

    /** y of the back at t. */
    double back(double t) {
        return bent(t) + slim(t, -deep * between(anatomy.back(), t));
    }

    /** y of the belly at t. */
    double belly(double t) {
        return bent(t) + slim(t, deep * between(anatomy.belly(), t));
    }

    /** y at t, from −1 at the back to 1 at the belly, and beyond. */
    double y(double t, double across) {
        double back = back(t);
        double belly = belly(t);
        return (back + belly) / 2 + across * (belly - back) / 2;
    }

    /** The point at t, from −1 at the back to 1 at the belly, and beyond. */
    double[] point(double t, double across) {
        return new double[] {x(t), y(t, across)};
    }

    /** Where the eye is along the body. */
    double eyeAt() {
        return anatomy.eye().at() + 0.12 * drawnOut;
    }

    double eyeY() {
        return bent(eyeAt()) - deep * anatomy.eye().above() * (1 - 0.4 * drawnOut);
    }

    /** Radius of the eye in drawing units. */
    double eye() {
        return Math.max(0.9, anatomy.eye().across() * LENGTH / 2);
    }

    /** y of the tip of the snout. */
    double tip() {
        return back(0);
    }

    /** The closed path of the outline. */
    String path() {
        List<double[]> points = new ArrayList<>();
        places(anatomy.back()).forEach(at -> points.add(new double[] {x(at), back(at)}));
        List<Double> belly = places(anatomy.belly());
        for (int i = belly.size() - 1; i >= 0; i--) {
            points.add(new double[] {x(belly.get(i)), belly(belly.get(i))});
        }
        return Paths.smooth(points);
    }

    boolean isBent() {
        return !anatomy.axis().isEmpty();
    }

    /** Where an outline is drawn through: its landmarks, and closer where the body winds. */
    private List<Double> places(List<Landmark> landmarks) {
        TreeSet<Double> places = new TreeSet<>();
        landmarks.forEach(one -> places.add(one.at()));
        for (double at = 0.25; isBent() && at < 0.97; at += 0.05) {
            places.add(at);
        }
        return List.copyOf(places);
    }

    private double bent(double t) {
        return isBent() ? -LENGTH * swung(anatomy.axis(), t) : 0;
    }

    /** Between two landmarks of the axis as a winding body swings. */
    private static double swung(List<Landmark> axis, double t) {
        Landmark before = axis.get(0);
        for (Landmark next : axis) {
            if (t <= next.at() && next.at() > before.at()) {
                double share = (1 - Math.cos(Math.PI * (t - before.at()) / (next.at() - before.at()))) / 2;
                return before.out() + share * (next.out() - before.out());
            }
            before = next;
        }
        return before.out();
    }

    /** A snout drawn out draws the head together about the mouth. */
    private double slim(double t, double y) {
        double until = 0.2 + 0.16 * drawnOut;
        if (drawnOut == 0 || t >= until) {
            return y;
        }
        double mouth = -deep * anatomy.back().get(0).out();
        double least = 0.013 * LENGTH * Math.signum(y - mouth);
        double slimmed = (y - mouth) * Math.pow(t / until, 2.4 * drawnOut);
        return mouth + (t > 0 && Math.abs(slimmed) < Math.abs(least) ? least : slimmed);
    }

    /** Between two landmarks as a straight line runs. */
    static double between(List<Landmark> landmarks, double t) {
        Landmark before = landmarks.get(0);
        if (t <= before.at()) {
            return before.out();
        }
        for (Landmark next : landmarks.subList(1, landmarks.size())) {
            if (t <= next.at()) {
                double share = (t - before.at()) / Math.max(1e-9, next.at() - before.at());
                return before.out() + share * (next.out() - before.out());
            }
            before = next;
        }
        return before.out();
    }
}
