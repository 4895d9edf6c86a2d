package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.species.Appearance;

/**
 * The outline of a body without fins, snout at the left. Along the axis 0 is the tip of the snout, 1 the root of the tail;
 * in the drawing the body is {@link #LENGTH} long and its axis lies at y = 0.
 */
final class BodyOutline {
    /** Standard length in drawing units; the total length with the tail is 100. */
    static final double LENGTH = 80;

    private static final int STEPS = 26;

    private final Appearance look;
    private final Profile profile;

    BodyOutline(Appearance look) {
        this.look = look;
        this.profile = Profile.of(look.plan());
    }

    /**
     * The run of a body's height: rises as t^rise, falls as (1−t)^fall.
     *
     * @param rise small for a blunt head
     * @param fall small for a body that keeps its height
     * @param root height of the tail's root as a share of the greatest height
     * @param belly share of the height below the axis
     */
    private record Profile(double rise, double fall, double root, double belly) {
        static Profile of(Appearance.BodyPlan plan) {
            return switch (plan) {
                case DISC -> new Profile(0.62, 0.62, 0.16, 0.5);
                case OVAL -> new Profile(0.55, 0.5, 0.26, 0.5);
                case BASS -> new Profile(0.6, 0.6, 0.34, 0.5);
                case TORPEDO -> new Profile(0.6, 0.45, 0.45, 0.5);
                case BLENNY -> new Profile(0.2, 0.45, 0.35, 0.52);
                case GOBY -> new Profile(0.32, 0.3, 0.55, 0.5);
                case DRAGONET -> new Profile(0.4, 0.6, 0.3, 0.42);
                case TRIGGER -> new Profile(0.95, 0.7, 0.24, 0.5);
                case LION -> new Profile(0.5, 0.55, 0.32, 0.48);
                case EEL -> new Profile(0.2, 0.15, 0.6, 0.5);
                case TALL -> new Profile(0.8, 0.7, 0.16, 0.5);
                case DART -> new Profile(0.35, 0.35, 0.5, 0.5);
                case BOX -> new Profile(0.35, 0.22, 0.3, 0.56);
                case PUFFER -> new Profile(0.55, 0.6, 0.32, 0.58);
                case SEAHORSE, PIPE -> new Profile(0.15, 0.2, 0.35, 0.5);
                case ANGLER -> new Profile(0.45, 0.5, 0.3, 0.58);
            };
        }

        double height(double t) {
            double peak = rise / (rise + fall);
            double top = Math.pow(peak, rise) * Math.pow(1 - peak, fall);
            double run = Math.pow(t, rise) * Math.pow(1 - t, fall) / top;
            return Math.max(run, t > peak ? root : 0);
        }
    }

    /** x in drawing units. */
    double x(double t) {
        return t * LENGTH;
    }

    /** y of the back, negative, at t. */
    double back(double t) {
        return -height(t) * (1 - profile.belly);
    }

    /** y of the belly, positive, at t. */
    double belly(double t) {
        return height(t) * profile.belly;
    }

    private double height(double t) {
        double beak = Math.max(0, look.snout() - 0.7);
        double drawnOut = 0.12 + 0.16 * look.snout() + 0.2 * beak;
        double slim = t < drawnOut ? Math.pow(t / drawnOut, 0.9 * look.snout() + 2.5 * beak) : 1;
        return look.depth() * LENGTH * profile.height(t) * slim;
    }

    /** The closed path of the outline. */
    String path() {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double t = eased(i / (double) STEPS);
            points.add(new double[] {x(t), back(t)});
        }
        for (int i = STEPS; i > 0; i--) {
            double t = eased(i / (double) STEPS);
            points.add(new double[] {x(t), belly(t)});
        }
        return Paths.smooth(points);
    }

    /** More points near the snout, where the outline bends most. */
    private static double eased(double share) {
        return share * share * (1.6 - 0.6 * share);
    }
}
