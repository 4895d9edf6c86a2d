package org.pelluna.core.shortlist;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
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
        Wish wish = new Wish(
                new WishId("asked"),
                species.id(),
                count,
                Optional.of(lengthCm),
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty());
        return Judgement.of(
                new Candidate(ResolvedPlan.Wished.of(wish, species, stock.plan().asOf()), stock));
    }

    /** A judgement of each wish, in the order of the wishes. */
    public static List<Judgement> of(ResolvedPlan stock) {
        return stock.wishes().stream()
                .map(wished -> Judgement.of(new Candidate(wished, stock)))
                .toList();
    }
}
