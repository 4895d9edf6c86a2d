package org.pelluna.core.shop;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.pelluna.core.arrival.StockingPause;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Species;

/**
 * Can I buy this one today?
 *
 * @param species what was asked about
 * @param answer today, later or no
 * @param laterFrom for {@link Answer#LATER}, the day; empty while no date can be given
 * @param reasons the two strongest reasons for the answer, or for care; fewer if there are fewer
 * @param smallestCm the smallest fish to buy, cm: below it the answer is worse
 * @param largestCm the largest fish to buy, cm; empty when no size will do
 * @param checks what to look at and ask in the shop
 * @param judgement all findings at the fitting size nearest to the usual one at sale
 */
public record ShopCard(
        Species species,
        Answer answer,
        Optional<LocalDate> laterFrom,
        List<Finding> reasons,
        Optional<Double> smallestCm,
        Optional<Double> largestCm,
        List<Finding> checks,
        Judgement judgement) {
    private static final int SIZES = 12;

    /** Rules whose findings stand among the checks, not among the reasons. */
    private static final Set<String> CHECKED = Set.of("hazard", "ailment");

    /** The better size first: by verdict, then by how many findings ask for care. */
    private static final Comparator<Judgement> FIT = Comparator.comparing(Judgement::verdict)
            .thenComparing(one -> one.findings(Severity.CAREFUL).size());

    /** The answer in the shop. */
    public enum Answer {
        TODAY("yes"),
        LATER("later"),
        NO("no");

        private final String words;

        Answer(String words) {
            this.words = words;
        }

        /** The answer as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /**
     * The card for one fish, or one suitable group, of a species.
     *
     * @param count how many are asked for; 0 for one fish, or one suitable group
     * @param inThePlan the verdict in the plan of a fish that was judged beside the residents alone
     */
    public static ShopCard of(ResolvedPlan stock, Species species, int count, UnaryOperator<Judgement> inThePlan) {
        int many = count > 0 ? count : stock.fewestMore(species);
        List<Judgement> sizes = sizes(species)
                .mapToObj(cm -> Shortlist.ask(stock, species, many, cm))
                .toList();
        Judgement best = sizes.stream().min(FIT).orElseThrow();
        List<Judgement> fitting =
                sizes.stream().filter(one -> FIT.compare(one, best) == 0).toList();
        double sale = species.size().saleCm().value();
        Judgement judgement = inThePlan.apply(fitting.stream()
                .min(Comparator.comparingDouble(one -> Math.abs(cm(one) - sale)))
                .orElseThrow());
        Optional<Finding> pause = StockingPause.of(stock).finding();
        Answer answer = judgement.verdict() == Verdict.OUT
                ? Answer.NO
                : judgement.verdict() == Verdict.LATER || pause.isPresent() ? Answer.LATER : Answer.TODAY;
        List<Finding> reasons = Stream.concat(pause.stream(), judgement.findings().stream())
                .filter(finding -> finding.severity().compareTo(Severity.CAREFUL) <= 0)
                .filter(finding -> !CHECKED.contains(finding.rule()))
                .sorted(Comparator.comparing(Finding::severity)
                        .thenComparing(finding ->
                                judgement.deciding().filter(finding::equals).isEmpty()))
                .limit(2)
                .toList();
        return new ShopCard(
                species,
                answer,
                answer == Answer.LATER ? later(judgement, pause) : Optional.empty(),
                reasons,
                answer == Answer.NO ? Optional.empty() : Optional.of(cm(fitting.get(0))),
                answer == Answer.NO ? Optional.empty() : Optional.of(cm(fitting.get(fitting.size() - 1))),
                ShopChecks.of(species, stock.plan().houseRules().approaches().pause()),
                judgement);
    }

    /** The sizes at which a fish may be offered, the usual size among them, from small to large, cm. */
    private static DoubleStream sizes(Species species) {
        double sale = species.size().saleCm().value();
        double adult = species.size().adultCm().value();
        return DoubleStream.concat(
                        DoubleStream.of(sale),
                        java.util.stream.IntStream.rangeClosed(0, SIZES)
                                .mapToDouble(step -> 0.6 * sale + step * (adult - 0.6 * sale) / SIZES))
                .sorted();
    }

    private static double cm(Judgement judgement) {
        return judgement.wished().wish().lengthCm().orElseThrow();
    }

    private static Optional<LocalDate> later(Judgement judgement, Optional<Finding> pause) {
        if (judgement.verdict() == Verdict.LATER && judgement.laterFrom().isEmpty()) {
            return Optional.empty();
        }
        return Stream.concat(judgement.laterFrom().stream(), pause.flatMap(Finding::until).stream())
                .max(Comparator.naturalOrder());
    }
}
