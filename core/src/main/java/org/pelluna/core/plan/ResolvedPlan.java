package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.timeline.Stay;
import org.pelluna.core.timeline.Timeline;

/**
 * A plan with its species looked up: who lives here on the day of the plan, and who is wished for.
 *
 * @param plan the plan
 * @param residents the fish living in the display on {@link TankPlan#asOf()}, in order of arrival
 * @param wishes every wish with its fish, as if it arrived on that day
 * @param departed the fish that lived here and left
 * @param absent the fish that belong here and are out of the display for a time, in order of arrival
 * @param seenTimes how many times as much aggression is seen in this tank as predicted, as learned; 1 where nothing was
 */
public record ResolvedPlan(
        TankPlan plan,
        List<Fish> residents,
        List<Wished> wishes,
        List<Departed> departed,
        List<Fish> absent,
        double seenTimes) {

    /** A plan of whose tank nothing was learned. */
    private ResolvedPlan(
            TankPlan plan, List<Fish> residents, List<Wished> wishes, List<Departed> departed, List<Fish> absent) {
        this(plan, residents, wishes, departed, absent, 1);
    }

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
     * Looks up every species of the plan. A tank that is not known to be cycled is taken to be so on the day estimated by {@link Cycle}.
     *
     * @throws IllegalArgumentException if the catalogue lacks one
     */
    public static ResolvedPlan of(TankPlan written, Catalogue catalogue) {
        TankPlan plan = Cycle.withEstimatedCycle(written);
        Catalogue known = plan.species(catalogue);
        List<Fish> residents = fish(plan, known, resident -> resident.livesHere(plan.asOf()));
        List<Fish> absent =
                fish(plan, known, resident -> resident.belongsHere(plan.asOf()) && !resident.livesHere(plan.asOf()));
        List<Wished> wishes = plan.wishes().stream()
                .map(wish -> Wished.of(wish, known.get(wish.speciesId()), plan.asOf()))
                .toList();
        List<Departed> departed = plan.residents().stream()
                .filter(resident -> resident.leftOn().isPresent() && !resident.belongsHere(plan.asOf()))
                .map(resident -> new Departed(
                        Fish.resident(resident, known.get(resident.speciesId()), plan.asOf()),
                        resident.leftOn().orElseThrow()))
                .toList();
        return new ResolvedPlan(plan, residents, wishes, departed, absent);
    }

    private static List<Fish> fish(TankPlan plan, Catalogue known, Predicate<Resident> which) {
        return plan.residents().stream()
                .filter(which)
                .map(resident -> Fish.resident(resident, known.get(resident.speciesId()), plan.asOf()))
                .sorted(Comparator.comparing(Fish::arrivesOn))
                .toList();
    }

    /** The same as it will be with those back that are out for a time: what is planned must leave room for them. */
    public ResolvedPlan withAbsent() {
        return absent.isEmpty()
                ? this
                : new ResolvedPlan(
                        plan,
                        Stream.concat(residents.stream(), absent.stream())
                                .sorted(Comparator.comparing(Fish::arrivesOn))
                                .toList(),
                        wishes,
                        departed,
                        List.of(),
                        seenTimes);
    }

    /** The same with a wish, in the place of those for its species. */
    public ResolvedPlan with(Wished wish) {
        return wishing(Stream.concat(
                        wishes.stream()
                                .filter(one -> !one.species()
                                        .id()
                                        .equals(wish.species().id())),
                        Stream.of(wish))
                .toList());
    }

    /** The same with these wishes and no others. */
    public ResolvedPlan wishing(List<Wished> all) {
        return new ResolvedPlan(
                plan.with(as -> as.wishes(all.stream().map(Wished::wish).toList())),
                residents,
                all,
                departed,
                absent,
                seenTimes);
    }

    /** The same as if a fish had never come here. */
    public ResolvedPlan without(FishId fishId) {
        Predicate<Fish> other = fish -> !fish.id().equals(fishId);
        return new ResolvedPlan(
                plan.without(fishId),
                residents.stream().filter(other).toList(),
                wishes,
                departed,
                absent.stream().filter(other).toList(),
                seenTimes);
    }

    /** The same without what was observed; what was learned of it stays. */
    public ResolvedPlan unobserved() {
        return new ResolvedPlan(plan.unobserved(), residents, wishes, departed, absent, seenTimes);
    }

    /** The same fish and no others, on a day of the same tank: nobody wished for, gone or out, and no record. */
    public ResolvedPlan only(List<Fish> fish, LocalDate day) {
        return new ResolvedPlan(plan.forEncounters(day), fish, List.of(), List.of(), List.of(), seenTimes);
    }

    /** The same while a resident is out and nobody else. */
    public ResolvedPlan whileOut(FishId fishId) {
        return new ResolvedPlan(
                plan,
                residents.stream().filter(fish -> !fish.id().equals(fishId)).toList(),
                wishes,
                departed,
                List.of(),
                seenTimes);
    }

    /** The same in a tank in which so many times as much is seen as predicted. */
    public ResolvedPlan seen(double times) {
        return new ResolvedPlan(plan, residents, wishes, departed, absent, times);
    }

    /** The same with other fish in the place of its own, one for one. */
    public ResolvedPlan each(UnaryOperator<Fish> change) {
        return new ResolvedPlan(
                plan,
                residents.stream().map(change).toList(),
                wishes,
                departed,
                absent.stream().map(change).toList(),
                seenTimes);
    }

    /** Who lives, lived or has been entered to live in the display, on any day; those out for a time are not there meanwhile. */
    public Timeline<Fish> timeline() {
        Map<FishId, Resident> known = new HashMap<>();
        plan.residents().forEach(resident -> known.put(resident.id(), resident));
        return new Timeline<>(Stream.of(
                        residents.stream(), absent.stream(), departed.stream().map(Departed::fish))
                .flatMap(fish -> fish)
                .flatMap(fish -> Optional.ofNullable(known.get(fish.id()))
                        .map(Resident::stays)
                        .map(stays -> stays.stream().map(stay -> new Stay<>(fish.since(stay.cameOn()), stay.days())))
                        .orElseGet(() -> Stream.of(Stay.of(fish, fish.arrivesOn(), Optional.empty()))))
                .toList());
    }

    /** The end of the first cycle, where it is only estimated; empty for a tank known to be cycled. */
    public Optional<Cycle> cycle() {
        return Cycle.of(plan);
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
