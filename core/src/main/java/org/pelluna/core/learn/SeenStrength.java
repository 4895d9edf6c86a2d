package org.pelluna.core.learn;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.pressure.Likeness;
import org.pelluna.core.statistics.Interval;

/**
 * What a record says of how strongly the pressure model lets one sort of pair press each other, beside all other pairs of the same tank. What is common to all cancels out: how the tank is
 * watched, and how lively it is.
 *
 * @param sort which pairs
 * @param seen encounters of such pairs in declared watches
 * @param expected encounters predicted of them for the same hours
 * @param times how many times as strong as modelled, beside the others
 */
public record SeenStrength(Sort sort, int seen, double expected, Multiple times) {

    /** Sorts of pairs. */
    public enum Sort {
        KIN("Relatives and look-alikes"),
        FOOD_RIVALS("Rivals for food, not related"),
        NEITHER("Fish that are neither");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        /** The sort as it begins a sentence. */
        public String words() {
            return words;
        }

        static Sort of(Fish by, Fish on) {
            return switch (Likeness.of(by.species(), on.species()).kin()) {
                case OWN_SPECIES, GENUS, LOOK_ALIKE, FAMILY -> KIN;
                case NICHE_RIVAL -> FOOD_RIVALS;
                case OTHER -> NEITHER;
            };
        }
    }

    /** The interval of {@link #times}, of {@link Lesson#LEVEL}. */
    public Interval interval() {
        return times.interval(Lesson.LEVEL);
    }

    /** Whether it can be told from the model's own strength. */
    public boolean differs() {
        return !interval().holds(1);
    }

    /**
     * Each sort beside all others. The fish are partly the same in both, which makes the intervals somewhat too wide, never too narrow.
     *
     * @param sorts for each sort the pairs of each fish; of one sort alone nothing can be said
     */
    static List<SeenStrength> of(Map<Sort, List<List<TemperamentModel.Met>>> sorts) {
        List<SeenStrength> found = new ArrayList<>();
        if (sorts.size() < 2) {
            return found;
        }
        new EnumMap<>(sorts).forEach((sort, pairs) -> {
            List<List<TemperamentModel.Met>> others = sorts.entrySet().stream()
                    .filter(one -> one.getKey() != sort)
                    .flatMap(one -> one.getValue().stream())
                    .toList();
            List<TemperamentModel.Met> all =
                    pairs.stream().flatMap(List::stream).toList();
            found.add(new SeenStrength(
                    sort,
                    all.stream().mapToInt(TemperamentModel.Met::seen).sum(),
                    all.stream().mapToDouble(TemperamentModel.Met::expected).sum(),
                    TemperamentModel.of(pairs)
                            .scale()
                            .over(TemperamentModel.of(others).scale())));
        });
        return found;
    }
}
