package org.pelluna.core.species;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Provenance;

/**
 * The proportions of a body plan, as landmarks and shares. Along the fish all is a share of the standard length, 0 at the tip of the
 * snout and 1 at the root of the tail; across it all is a share of the greatest depth of the body, from an axis that runs level
 * from snout to tail, or bends with {@link #axis}. A species refines its plan by its own depth, snout, tail and fins.
 *
 * @param plan which plan
 * @param depth greatest depth of the body that is usual in the plan, as a share of standard length
 * @param snout how far the snout is drawn out in these landmarks, 0 to 1
 * @param fins height of fins that these landmarks show, on the scale of {@link Appearance#fins}
 * @param gill where the gill cover ends: the length of the head
 * @param mouth form of the mouth
 * @param eye where the eye is
 * @param back landmarks of the back from the tip of the snout to the root of the tail, above the axis
 * @param belly landmarks of the belly, below the axis
 * @param axis how the axis bends; up is positive, in shares of standard length; empty for a level one
 * @param median fins along back and belly
 * @param pelvic the pelvic fin, where it has one that shows
 * @param pectoral the pectoral fin, where it has one that shows
 * @param tail the form of the tail where the plan decides it
 * @param parts what only this plan has
 * @param from where the proportions are known from
 */
public record Anatomy(
        BodyPlan plan,
        double depth,
        double snout,
        double fins,
        double gill,
        Mouth mouth,
        Eye eye,
        List<Landmark> back,
        List<Landmark> belly,
        List<Landmark> axis,
        List<MedianFin> median,
        Optional<PelvicFin> pelvic,
        Optional<PectoralFin> pectoral,
        Optional<OddTail> tail,
        List<BodyPart> parts,
        Provenance from) {

    public Anatomy {
        if (back.size() < 4 || belly.size() < 4 || rising(back) < 1 || rising(belly) < 1) {
            throw new IllegalArgumentException(plan + " needs landmarks from snout to tail along back and belly");
        }
        back = List.copyOf(back);
        belly = List.copyOf(belly);
        axis = List.copyOf(axis);
        median = List.copyOf(median);
        parts = List.copyOf(parts);
    }

    /** 1 if the landmarks run from snout to tail, else 0. */
    private static int rising(List<Landmark> points) {
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).at() < points.get(i - 1).at()) {
                return 0;
            }
        }
        return 1;
    }

    /** Greatest depth that the landmarks span, as a share of the depth they are measured in: about 1. */
    public double spanned() {
        return most(back) + most(belly);
    }

    private static double most(List<Landmark> points) {
        return points.stream().mapToDouble(Landmark::out).max().orElseThrow();
    }

    /**
     * One point of an outline.
     *
     * @param at along the fish, share of standard length
     * @param out away from the axis, share of the depth
     */
    public record Landmark(double at, double out) {}

    /**
     * The eye.
     *
     * @param at where along the fish
     * @param above how far above the axis, share of the depth
     * @param across its diameter, share of standard length
     */
    public record Eye(double at, double above, double across) {}

    /**
     * The pelvic fin.
     *
     * @param at where its base is
     * @param length length, share of the body's depth
     * @param lean how far it trails, share of standard length
     */
    public record PelvicFin(double at, double length, double lean) {}

    /**
     * The pectoral fin.
     *
     * @param at where its base is
     * @param above how far above the axis, share of the depth; below it negative
     * @param length length, share of standard length
     */
    public record PectoralFin(double at, double above, double length) {}
}
