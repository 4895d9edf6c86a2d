package org.pelluna.core.shortlist;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.species.Species;

/** Asks every rule of every wish. */
public final class Shortlist {
    private Shortlist() {}

    /**
     * A judgement of fish nobody has wished for yet, as if it came on the day of the plan.
     *
     * @param stock the plan
     * @param species what it is
     * @param count how many
     * @param lengthCm its length, cm
     */
    public static Judgement ask(ResolvedPlan stock, Species species, int count, double lengthCm) {
        return ask(stock, Encounters.of(stock), species, count, lengthCm);
    }

    private static Judgement ask(
            ResolvedPlan stock, Encounters encounters, Species species, int count, double lengthCm) {
        Wish wish = new Wish(
                new WishId("asked"),
                species.id(),
                count,
                Optional.of(lengthCm),
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty());
        return Judgement.of(
                new Candidate(ResolvedPlan.Wished.of(wish, species, stock.plan().asOf()), stock, encounters));
    }

    /** Judgements of species nobody has wished for yet, each of the fewest that would do well here, as they are sold; in the order asked. */
    public static List<Judgement> ask(ResolvedPlan stock, Collection<Species> species) {
        Encounters encounters = Encounters.of(stock);
        return species.stream()
                .map(one -> ask(
                        stock,
                        encounters,
                        one,
                        stock.fewestMore(one),
                        one.size().saleCm().value()))
                .toList();
    }

    /** What a list says of each species, in the fewest that would do well here, as they are sold. */
    public static Map<SpeciesId, Glance> glances(ResolvedPlan stock, Collection<Species> species) {
        return ask(stock, species).stream()
                .collect(Collectors.toMap(one -> one.wished().species().id(), Glance::of));
    }

    /** A judgement of each wish, in the order of the wishes. */
    public static List<Judgement> of(ResolvedPlan stock) {
        Encounters encounters = Encounters.of(stock);
        return stock.wishes().stream()
                .map(wished -> Judgement.of(new Candidate(wished, stock, encounters)))
                .toList();
    }
}
