package org.pelluna.core.patch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;

/**
 * Whose ground is whose, on a day. From its home the hold of a fish falls off with the square of the distance, like a bell, and
 * is half at the edge of the patch of its kind, which grows with the fish; it is the stronger, the more territorial the species and
 * the longer it has lived here, up to two weeks. Ground belongs to the fish with the strongest hold, out to where that is half
 * of its full strength; where another's is at least {@value #CONTESTED} of it, the ground is contested. Under a rock that was set
 * since, a hold counts from the day it was set: fresh ground. Our own method, after the idea of a utilisation distribution (Worton
 * 1989, Ecology 70; from memory).
 */
public final class Patches {
    /** Share of the strongest hold from which ground is contested. */
    public static final double CONTESTED = 0.6;

    /** Where the method comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "hold falls off from the home like a bell, half at the edge of the territory; it grows with territoriality and two"
                    + " weeks of residence");

    private static final double LEAST_TERRITORY = 0.15;
    private static final double YOUNG = 0.5;

    private final Tank tank;
    private final LocalDate on;
    private final List<Holder> holders = new ArrayList<>();
    private final List<Layout.Rock> fresh;
    private final Map<View, Field> fields = new EnumMap<>(View.class);

    private record Holder(Fish fish, Homes.Home home, int homeNumber, double strength, double reach) {}

    /** Views of a tank. */
    public enum View {
        FRONT,
        TOP
    }

    /**
     * The patches of some fish.
     *
     * @param tank the tank
     * @param homes their homes
     * @param fish those who live here on the day
     * @param on the day
     */
    public Patches(Tank tank, Map<FishId, Homes.Home> homes, List<Fish> fish, LocalDate on) {
        this.tank = tank;
        this.on = on;
        this.fresh = tank.layout().freshRocks(on);
        Map<Homes.Home, Integer> numbers = new HashMap<>();
        for (Fish one : fish) {
            var temper = one.species().temper();
            Homes.Home home = homes.get(one.id());
            if (home != null && temper.territory() >= LEAST_TERRITORY) {
                double grown = Math.max(
                        YOUNG, Math.min(1, one.lengthCmOn(on) / one.growth().adultLengthCm()));
                Integer shared = numbers.putIfAbsent(home, numbers.size());
                holders.add(new Holder(
                        one,
                        home,
                        shared == null ? numbers.size() - 1 : shared,
                        temper.territory() * held(one.arrivesOn()),
                        temper.patchCm() / 2 * grown));
            }
        }
    }

    private double held(LocalDate since) {
        return Math.max(0, Math.min(1, (ChronoUnit.DAYS.between(since, on) + 1.0) / Layout.FRESH_DAYS));
    }

    /**
     * One patch.
     *
     * @param fish the holder
     * @param shareOfFloor its area seen from above, as a share of the floor
     * @param contested share of it that is contested
     * @param front its outline seen from the front, x and height above the floor, cm
     * @param top its outline seen from above, x and y, cm
     */
    public record Patch(
            Fish fish, double shareOfFloor, double contested, List<List<double[]>> front, List<List<double[]>> top) {}

    /** Every patch, the largest first. */
    public List<Patch> all() {
        Field top = field(View.TOP);
        Field front = field(View.FRONT);
        List<Patch> patches = new ArrayList<>();
        for (int i = 0; i < holders.size(); i++) {
            patches.add(
                    new Patch(holders.get(i).fish(), top.share(i), top.contested(i), front.outline(i), top.outline(i)));
        }
        patches.removeIf(one -> one.top().isEmpty() && one.front().isEmpty());
        patches.sort(java.util.Comparator.comparingDouble(Patch::shareOfFloor).reversed());
        return patches;
    }

    /** The outlines of all contested ground in a view. */
    public List<List<double[]>> contested(View view) {
        return field(view).contestedOutline();
    }

    private Field field(View view) {
        return fields.computeIfAbsent(view, one -> new Field(this, one));
    }

    int holders() {
        return holders.size();
    }

    /** The number of a holder's home; companions share it. */
    int home(int holder) {
        return holders.get(holder).homeNumber();
    }

    /** Half of the full strength: where a patch ends. */
    double edge(int holder) {
        return holders.get(holder).strength() / 2;
    }

    /** How strong a holder is at a point of a view, its distance from home aside: less on ground that is fresh. */
    double strength(int holder, View view, double x, double other) {
        Holder one = holders.get(holder);
        double strength = one.strength();
        for (Layout.Rock rock : fresh) {
            boolean onIt = view == View.TOP
                    ? rock.covers(x, other)
                    : Math.abs(x - rock.xCm()) < rock.widthCm() / 2
                            && other < tank.sandDepthCm() + rock.liftCm() + rock.heightCm();
            if (onIt && one.fish().arrivesOn().isBefore(rock.placedOn().orElseThrow())) {
                strength = Math.min(
                        strength,
                        one.fish().species().temper().territory()
                                * held(rock.placedOn().orElseThrow()));
            }
        }
        return strength;
    }

    /** What is left of a hold at a distance from home to the left or the right; it multiplies with the other direction's. */
    double acrossBell(int holder, double x) {
        return bell(holder, x - holders.get(holder).home().xCm());
    }

    /** The same toward the front or up. */
    double otherBell(int holder, View view, double other) {
        Homes.Home home = holders.get(holder).home();
        return bell(holder, other - (view == View.TOP ? home.yCm() : home.zCm()));
    }

    private double bell(int holder, double awayCm) {
        double away = awayCm / holders.get(holder).reach();
        return Math.exp(-away * away * Math.log(2));
    }

    double width() {
        return tank.shape().acrossCm();
    }

    double height(View view) {
        return view == View.TOP
                ? tank.shape().frontToBackCm()
                : tank.shape().heightCm() - tank.water().belowRimCm();
    }

    boolean inside(View view, double x, double other) {
        return view == View.FRONT ? other >= 0 : tank.shape().holds(x, other);
    }
}
