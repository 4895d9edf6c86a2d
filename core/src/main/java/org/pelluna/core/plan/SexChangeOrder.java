package org.pelluna.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.species.SocialGrouping;
import org.pelluna.core.species.Species;

/**
 * Who of a group is next to change sex: of most harem fish the largest female turns male when the male is gone, of clownfish the largest male
 * turns female. It takes weeks to months; common practice.
 *
 * @param fish the one expected to change
 * @param into what it becomes
 */
public record SexChangeOrder(Fish fish, Life.Sex into) {
    /** Who is next among the fish of a species in a plan; empty if the species keeps its sex, the place is taken, or there is just one. */
    public static Optional<SexChangeOrder> of(ResolvedPlan plan, Species species) {
        SocialGrouping.SexChange change = species.company().sexChange();
        List<Fish> kin = plan.residents().stream()
                .filter(fish -> fish.species().id().equals(species.id()))
                .toList();
        if (change == SocialGrouping.SexChange.NONE || kin.size() < 2) {
            return Optional.empty();
        }
        boolean toMale = change == SocialGrouping.SexChange.FEMALE_TO_MALE;
        boolean taken = kin.stream()
                .anyMatch(fish -> fish.known()
                        .sex()
                        .filter(sex -> toMale ? sex.isMale() : sex == Life.Sex.FEMALE)
                        .isPresent());
        return taken
                ? Optional.empty()
                : kin.stream()
                        .max(Comparator.comparingDouble(
                                fish -> fish.lengthCmOn(plan.plan().asOf())))
                        .map(fish -> new SexChangeOrder(fish, toMale ? Life.Sex.MALE : Life.Sex.FEMALE));
    }
}
