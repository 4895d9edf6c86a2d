package org.pelluna.core.patch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;

/**
 * Where each fish is at home. Whoever came first chose first, among the shelters its kind holds, as far as it could from those who
 * had chosen; fish of one kind that suit each other share. A fish that holds no shelter has a place in its part of the water. Our
 * own method: nobody knows where a fish that is still to come will settle.
 */
public final class Homes {
    private static final int CANDIDATES = 12;

    private final Tank tank;
    private final Layout layout;
    private final Map<FishId, Home> homes = new HashMap<>();
    private final Map<SpeciesId, Home> ofKind = new HashMap<>();
    private final Set<String> taken = new HashSet<>();

    private Homes(Tank tank) {
        this.tank = tank;
        this.layout = tank.layout();
    }

    /**
     * A home.
     *
     * @param xCm from the left
     * @param yCm from the back
     * @param zCm above the floor of the glass
     * @param shelter the shelter it holds, if it holds one
     */
    public record Home(double xCm, double yCm, double zCm, Optional<Layout.Shelter> shelter) {
        double away(Home other) {
            return Math.sqrt(square(xCm - other.xCm) + square(yCm - other.yCm) + square(zCm - other.zCm));
        }

        private static double square(double x) {
            return x * x;
        }
    }

    /** The homes of these fish, by their keys. */
    public static Map<FishId, Home> of(Tank tank, List<Fish> fish) {
        Homes homes = new Homes(tank);
        Map<SpeciesId, Integer> ofSpecies = new HashMap<>();
        fish.forEach(one -> ofSpecies.merge(one.species().id(), 1, Integer::sum));
        fish.stream()
                .sorted(Comparator.comparing(Fish::arrivesOn)
                        .thenComparing(one -> -one.species().temper().boldness())
                        .thenComparing(Fish::id))
                .forEach(one ->
                        homes.choose(one, ofSpecies.getOrDefault(one.species().id(), 1)));
        return homes.homes;
    }

    private void choose(Fish fish, int ofItsKind) {
        Species species = fish.species();
        Home shared = ofKind.get(species.id());
        if (shared != null && species.company().suits(ofItsKind)) {
            homes.put(fish.id(), shared);
            return;
        }
        Home home = sheltered(species).orElseGet(() -> open(species));
        home.shelter().ifPresent(one -> taken.add(one.id()));
        homes.put(fish.id(), home);
        ofKind.put(species.id(), home);
    }

    private Optional<Home> sheltered(Species species) {
        for (Layout.Shelter.Kind kind : held(species.habits().shelter())) {
            Optional<Home> best = layout.shelters().stream()
                    .filter(one -> one.kind() == kind && !taken.contains(one.id()))
                    .map(one -> new Home(one.xCm(), one.yCm(), one.zCm(), Optional.of(one)))
                    .max(Comparator.comparingDouble(this::clearance));
            if (best.isPresent()) {
                return best;
            }
        }
        return Optional.empty();
    }

    /** The shelters a species holds, the best first. */
    private static List<Layout.Shelter.Kind> held(Habits.Shelter shelter) {
        return switch (shelter) {
            case CAVE -> List.of(Layout.Shelter.Kind.CAVE, Layout.Shelter.Kind.CREVICE);
            case CREVICE -> List.of(Layout.Shelter.Kind.CREVICE, Layout.Shelter.Kind.CAVE);
            case BURROW -> List.of(Layout.Shelter.Kind.BURROW);
            case CORAL_BRANCHES -> List.of(Layout.Shelter.Kind.BRANCHES);
            case ANEMONE -> List.of(Layout.Shelter.Kind.ANEMONE);
            case SAND, NONE -> List.of();
        };
    }

    /** How far a place is from every home chosen so far; what nobody is near to is best. */
    private double clearance(Home place) {
        return homes.values().stream()
                        .mapToDouble(place::away)
                        .min()
                        .orElse(tank.shape().acrossCm())
                // Of places equally clear, the one nearest the middle of the front is the easiest to see.
                - 0.01 * Math.abs(place.xCm() - tank.shape().acrossCm() / 2);
    }

    private Home open(Species species) {
        List<Home> places = new ArrayList<>();
        double across = tank.shape().acrossCm();
        double deep = tank.shape().frontToBackCm();
        // Not so near the glass that the grown fish would stand out of it.
        double half = Math.min(species.size().adultCm().value(), across / 3) / 2;
        for (int i = 0; i < CANDIDATES; i++) {
            double x = across * (i + 0.5) / CANDIDATES;
            for (double share : new double[] {0.35, 0.7}) {
                double y = deep * share;
                if (tank.shape().holds(x - half, y) && tank.shape().holds(x + half, y)) {
                    places.add(new Home(x, y, height(species.habits().zone(), x, y), Optional.empty()));
                }
            }
        }
        return places.stream()
                .max(Comparator.comparingDouble(this::clearance))
                .orElseGet(() -> new Home(across / 2, deep / 2, tank.shape().heightCm() / 2, Optional.empty()));
    }

    private double height(Habits.Zone zone, double x, double y) {
        double sand = tank.sandDepthCm();
        double water = tank.shape().heightCm() - tank.water().belowRimCm() - sand;
        double rock = layout.rocks().stream()
                .filter(one -> one.covers(x, y))
                .mapToDouble(one -> one.liftCm() + one.heightCm())
                .max()
                .orElse(water * 0.2);
        return sand
                + switch (zone) {
                    case SAND, BURROW -> 0;
                    case CAVE -> water * 0.15;
                    case ROCK -> Math.min(water * 0.8, rock * 0.7);
                    case MID_WATER -> water * 0.62;
                    case SURFACE -> water * 0.92;
                };
    }
}
