package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.ResolvedPlan.Wished;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Trade;

/**
 * A change that turns the no to a wish. Each was found by judging the whole plan again with that one change, so its verdict is the one the
 * keeper reads after making it.
 *
 * @param turn the change
 * @param then the verdict after it: of the wish, or of the fish in its place
 */
public record WayToYes(Turn turn, Judgement then) {
    /** How many wishes, and how many residents, are tried: those that fight most with it. */
    private static final int MOST_TRIED = 5;

    /** How many ways of one kind are told. */
    private static final int MOST_TOLD = 2;

    /** How many species like it are told. */
    private static final int MOST_LIKE_IT = 3;

    /** How many species are looked at, those most like it first. */
    private static final int MOST_LOOKED_AT = 80;

    /** Of so many that could live here those with the best verdict are told. */
    private static final int MOST_COMPARED = 6;

    /**
     * The ways to a yes for a refused wish, the easiest for the keeper first: fewer of it, another wish less, a fish like it
     * instead, and last a resident less, since that has to be caught and given away. Empty where the wish is not refused or not in the plan's list, or nothing of this turns it.
     *
     * @param stock the plan, with those back that are out of the display for a time
     * @param refused the judgement of the wish in this plan
     * @param species what may stand in for it
     * @param water what the bacteria can handle
     */
    public static List<WayToYes> of(
            ResolvedPlan stock, Judgement refused, Collection<Species> species, WaterReserve water) {
        return refused.verdict() == Verdict.OUT
                ? new Search(stock, refused.wished(), water, Encounters.of(stock)).all(species)
                : List.of();
    }

    /** The search for one wish. */
    private record Search(ResolvedPlan stock, Wished wished, WaterReserve water, Encounters encounters) {

        List<WayToYes> all(Collection<Species> species) {
            List<WayToYes> ways = new ArrayList<>();
            fewer().ifPresent(ways::add);
            dropped().limit(MOST_TOLD).forEach(ways::add);
            instead(species).limit(MOST_LIKE_IT).forEach(ways::add);
            rehomed().limit(MOST_TOLD).forEach(ways::add);
            return ways;
        }

        /** The verdict on the wish, or on what stands in for it, in a changed plan; empty for a no. */
        private Optional<Judgement> yes(ResolvedPlan changed, WishId id) {
            return PlanJudgement.of(changed, water.with(changed)).judgements().stream()
                    .filter(one -> one.wished().wish().id().equals(id) && one.verdict() != Verdict.OUT)
                    .findFirst();
        }

        private Optional<WayToYes> fewer() {
            for (int count = wished.count() - 1; count > 0; count--) {
                Wished less = counted(count);
                Optional<Judgement> then = yes(instead(less), wished.wish().id());
                if (then.isPresent()) {
                    return Optional.of(new WayToYes(new Turn.Fewer(count), then.get()));
                }
            }
            return Optional.empty();
        }

        private Stream<WayToYes> dropped() {
            return stock.wishes().stream()
                    .filter(one -> !one.wish().id().equals(wished.wish().id())
                            && one.wish().decision() != Wish.Decision.STRUCK)
                    .sorted(Comparator.comparingDouble(one -> -fights(one.fish())))
                    .limit(MOST_TRIED)
                    .flatMap(one -> yes(without(one), wished.wish().id())
                            .map(then -> new WayToYes(
                                    new Turn.Drop(
                                            one.wish().id(),
                                            one.species().commonName(),
                                            wished.species().commonName()),
                                    then))
                            .stream());
        }

        private Stream<WayToYes> rehomed() {
            return stock.residents().stream()
                    .sorted(Comparator.comparingDouble(one -> -fights(one)))
                    .limit(MOST_TRIED)
                    .flatMap(one -> yes(stock.whileOut(one.id()), wished.wish().id())
                            .map(then -> new WayToYes(new Turn.Rehome(one.id(), one.name()), then))
                            .stream());
        }

        private Stream<WayToYes> instead(Collection<Species> species) {
            ResolvedPlan others = without(wished);
            List<Species> like = species.stream()
                    .filter(one -> isNew(one)
                            && one.trade().availability() != Trade.Availability.RARE
                            && one.temper()
                                            .turn()
                                            .compareTo(wished.species().temper().turn())
                                    <= 0
                            && Likeness.between(one, wished.species()) <= Likeness.ALIKE)
                    .sorted(Comparator.<Species>comparingDouble(one -> Likeness.between(one, wished.species()))
                            .thenComparing(one -> one.id().key()))
                    .limit(MOST_LOOKED_AT)
                    .toList();
            return Shortlist.ask(others, like).stream()
                    .filter(one -> one.verdict() != Verdict.OUT)
                    .limit(MOST_COMPARED)
                    .sorted(Comparator.comparing(Judgement::verdict))
                    .flatMap(one -> yes(
                            others.with(one.wished()), one.wished().wish().id())
                            .map(then -> new WayToYes(
                                    new Turn.Instead(
                                            one.wished().species(), one.wished().count()),
                                    then))
                            .stream());
        }

        private boolean isNew(Species one) {
            return stock.wishes().stream().noneMatch(wish -> wish.species().id().equals(one.id()))
                    && stock.residentsOf(one) == 0;
        }

        /** Attacks an hour between the wish and another fish, both ways: who is worth trying. */
        private double fights(Fish other) {
            return encounters.onArrival(other, wished.fish(), wished.count()).perHour()
                    + encounters
                            .byNewcomer(wished.fish(), other, wished.count())
                            .perHour();
        }

        private Wished counted(int count) {
            return new Wished(wished.wish().with(as -> as.count(count)), wished.fish());
        }

        private ResolvedPlan instead(Wished other) {
            return stock.wishing(stock.wishes().stream()
                    .map(one -> one.wish().id().equals(other.wish().id()) ? other : one)
                    .toList());
        }

        private ResolvedPlan without(Wished gone) {
            return stock.wishing(
                    stock.wishes().stream().filter(one -> !one.equals(gone)).toList());
        }
    }
}
