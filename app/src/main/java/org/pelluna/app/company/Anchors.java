package org.pelluna.app.company;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Where the arcs of a barb chart stand on their fish. At each fish the ends are spread from left to right so that arcs do
 * not cross there: first those that reach to the left, the shortest outermost, then those that reach to the right.
 */
final class Anchors {
    private static final double SPREAD = 0.72;

    private final Map<End, Double> places = new HashMap<>();

    /** One end of an arc: it begins at the fish that attacks. */
    private record End(CompanyController.Line line, boolean begin) {}

    Anchors(List<CompanyController.Line> lines, Map<String, Integer> place, double step) {
        Map<String, List<End>> ends = new HashMap<>();
        for (CompanyController.Line line : lines) {
            boolean above = requireNonNull(place.get(line.victimId())) > requireNonNull(place.get(line.aggressorId()));
            ends.computeIfAbsent(line.aggressorId() + above, key -> new ArrayList<>())
                    .add(new End(line, true));
            ends.computeIfAbsent(line.victimId() + above, key -> new ArrayList<>())
                    .add(new End(line, false));
        }
        for (List<End> atFish : ends.values()) {
            atFish.sort(Comparator.comparingDouble(end -> rank(end, place)));
            for (int i = 0; i < atFish.size(); i++) {
                End end = atFish.get(i);
                double middle = requireNonNull(place.get(fish(end))) * step + step / 2;
                double share = atFish.size() == 1 ? 0 : i / (double) (atFish.size() - 1) - 0.5;
                double width = Math.min(SPREAD * step, atFish.size() * 11.0);
                places.put(end, middle + share * width);
            }
        }
    }

    private static String fish(End end) {
        return end.begin() ? end.line().aggressorId() : end.line().victimId();
    }

    /** Left-going ends before right-going ones; of the former the shortest first, of the latter the longest first. */
    private static double rank(End end, Map<String, Integer> place) {
        int from = requireNonNull(place.get(fish(end)));
        int to = requireNonNull(
                place.get(end.begin() ? end.line().victimId() : end.line().aggressorId()));
        return to < from ? -1.0 / (from - to) : 1.0 / (to - from);
    }

    double x(CompanyController.Line line, boolean begin) {
        return requireNonNull(places.get(new End(line, begin)));
    }
}
