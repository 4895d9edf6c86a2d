package org.pelluna.app.company;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Habits;

/**
 * One part of the tank with those who live there.
 *
 * @param place the part, in words
 * @param dwellers how many
 * @param foods those who eat the same there, the most crowded first
 */
record PlaceView(String place, int dwellers, List<SharedFood> foods) {

    /** Fish of one place that eat the same; several are rivals for it. */
    record SharedFood(String food, int eaters, List<Eater> names) {}

    /** One of them. */
    record Eater(String name, String key) {}

    /** The parts of the tank that anyone lives in, from the sand upwards. */
    static List<PlaceView> of(List<Fish> fish) {
        return Arrays.stream(Habits.Zone.values())
                .map(zone -> at(zone, fish))
                .filter(place -> place.dwellers() > 0)
                .toList();
    }

    private static PlaceView at(Habits.Zone zone, List<Fish> fish) {
        Map<Habits.Diet, List<Fish>> byFood = fish.stream()
                .filter(one -> one.species().habits().zone() == zone)
                .collect(
                        Collectors.groupingBy(one -> one.species().habits().diet(), TreeMap::new, Collectors.toList()));
        List<SharedFood> foods = byFood.entrySet().stream()
                .map(food -> new SharedFood(
                        food.getKey().words(),
                        food.getValue().size(),
                        food.getValue().stream()
                                .map(one -> new Eater(one.name(), Portraits.key(one.species())))
                                .toList()))
                .sorted((one, other) -> other.eaters() - one.eaters())
                .toList();
        return new PlaceView(
                zone.words(), foods.stream().mapToInt(SharedFood::eaters).sum(), foods);
    }
}
