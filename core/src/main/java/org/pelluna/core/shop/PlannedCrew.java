package org.pelluna.core.shop;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.watch.CrewPlan;

/**
 * Invertebrates planned, with what speaks against them and the day from which they may come.
 *
 * @param plan what is planned
 * @param findings the gravest first
 * @param from the day from which they may come; empty if something must change first
 */
public record PlannedCrew(CrewPlan plan, List<Finding> findings, Optional<LocalDate> from) {

    /** Everything planned, the soonest first, those without a day last. */
    public static List<PlannedCrew> of(ResolvedPlan stock) {
        return stock.plan().observations().crewPlans().stream()
                .map(one -> of(stock, one))
                .sorted(Comparator.comparing((PlannedCrew one) -> one.from.orElse(LocalDate.MAX))
                        .thenComparing(one -> one.plan.name()))
                .toList();
    }

    /** How many of what. */
    public String words() {
        return (plan.count() > 1 ? plan.count() + " × " : "") + plan.name();
    }

    private static PlannedCrew of(ResolvedPlan stock, CrewPlan plan) {
        List<Finding> findings = Invertebrates.called(plan.name())
                .map(kind -> InvertebrateCard.of(stock, kind).findings())
                .orElseGet(() -> GroupCard.of(stock, plan.group()));
        return new PlannedCrew(plan, findings, from(stock, findings));
    }

    /** What must change first, if it has no day. */
    public Optional<Finding> bar() {
        return findings.stream()
                .filter(one -> bars(one) && one.until().isEmpty())
                .findFirst();
    }

    private static boolean bars(Finding finding) {
        return finding.severity() == Severity.STOP || finding.severity() == Severity.WAIT;
    }

    private static Optional<LocalDate> from(ResolvedPlan stock, List<Finding> findings) {
        LocalDate from = stock.plan().asOf();
        for (Finding finding : findings) {
            if (bars(finding) && finding.until().isEmpty()) {
                return Optional.empty();
            }
            if (bars(finding) && finding.until().get().isAfter(from)) {
                from = finding.until().get();
            }
        }
        return Optional.of(from);
    }
}
