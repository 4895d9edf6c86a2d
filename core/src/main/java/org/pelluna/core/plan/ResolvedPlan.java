package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.timeline.Stay;
import org.pelluna.core.timeline.Timeline;

/**
 * A plan with its species looked up: who lives here on the day of the plan, and who is wished for.
 *
 * @param plan the plan
 * @param residents the fish living here on {@link TankPlan#asOf()}, in order of arrival
 * @param wishes every wish with its fish, as if it arrived on that day
 * @param departed the fish that lived here and left
 */
public record ResolvedPlan(TankPlan plan, List<Fish> residents, List<Wished> wishes, List<Departed> departed) {

    /** A fish that lived here, and the day it left. */
    public record Departed(Fish fish, LocalDate leftOn) {}

    /** A wish with its species; {@code fish} stands for each of its {@code count} fish. */
    public record Wished(Wish wish, Fish fish) {
        /** A wish as if it came on the given day. */
        public static Wished of(Wish wish, Species species, LocalDate on) {
            return new Wished(wish, Fish.wished(wish, species, on));
        }

        public Species species() {
            return fish.species();
        }

        public int count() {
            return wish.count();
        }
    }

    /**
     * Looks up every species of the plan.
     *
     * @throws IllegalArgumentException if the catalogue lacks one
     */
    public static ResolvedPlan of(TankPlan plan, Catalogue catalogue) {
        Catalogue known = plan.species(catalogue);
        List<Fish> residents = plan.residents().stream()
                .filter(resident -> resident.livesHere(plan.asOf()))
                .map(resident -> Fish.resident(resident, known.get(resident.speciesId())))
                .sorted(java.util.Comparator.comparing(Fish::arrivesOn))
                .toList();
        List<Wished> wishes = plan.wishes().stream()
                .map(wish -> Wished.of(wish, known.get(wish.speciesId()), plan.asOf()))
                .toList();
        List<Departed> departed = plan.residents().stream()
                .filter(resident -> resident.leftOn().isPresent() && !resident.livesHere(plan.asOf()))
                .map(resident -> new Departed(
                        Fish.resident(resident, known.get(resident.speciesId())),
                        resident.leftOn().orElseThrow()))
                .toList();
        return new ResolvedPlan(plan, residents, wishes, departed);
    }

    /** Who lives, lived or has been entered to live here, on any day. */
    public Timeline<Fish> timeline() {
        return new Timeline<>(Stream.concat(
                        residents.stream().map(fish -> Stay.of(fish, fish.arrivesOn(), Optional.empty())),
                        departed.stream()
                                .map(gone -> Stay.of(gone.fish(), gone.fish().arrivesOn(), Optional.of(gone.leftOn()))))
                .toList());
    }

    /** How many fish of this species live here. */
    public int residentsOf(Species species) {
        return (int) residents.stream()
                .filter(fish -> fish.species().id().equals(species.id()))
                .count();
    }

    /** The fewest more of this species that would do well beside those living here: one, or what a group still lacks. */
    public int fewestMore(Species species) {
        int here = residentsOf(species);
        return species.company().suits(here + 1)
                ? 1
                : Math.max(1, species.company().smallestGroup() - here);
    }
}
