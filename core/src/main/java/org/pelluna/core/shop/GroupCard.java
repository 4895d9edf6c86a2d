package org.pelluna.core.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Cycle;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.units.Quantity;

/** What is asked of invertebrates by their group alone: is the tank old enough, and who here takes them. */
final class GroupCard {
    private GroupCard() {}

    /** What speaks against animals of which only the group is known: a tank still cycling, and who here takes them, whatever their size. */
    static List<Finding> of(ResolvedPlan stock, AnimalGroup group) {
        List<Finding> findings = new ArrayList<>();
        age(stock, 0, Provenance.PRACTICE, findings);
        all(stock).forEach(fish -> eater(fish, group, 0).ifPresent(findings::add));
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }

    /** Who lives here, and who is sure to come. */
    static List<Fish> all(ResolvedPlan stock) {
        return Stream.concat(
                        stock.withAbsent().residents().stream(),
                        stock.wishes().stream()
                                .filter(one -> one.wish().decision() == org.pelluna.core.plan.Wish.Decision.IN)
                                .map(ResolvedPlan.Wished::fish))
                .toList();
    }

    static void age(ResolvedPlan stock, int months, Provenance source, List<Finding> findings) {
        LocalDate from = stock.plan().tank().cycledOn().orElseThrow().plusMonths(months);
        Optional<Cycle> cycle =
                stock.cycle().filter(one -> one.isGoingOn(stock.plan().asOf()));
        if (cycle.isPresent()) {
            findings.add(InvertebrateCard.finding(
                            Severity.WAIT,
                            "The tank is still cycling, probably until "
                                    + cycle.get().endsOn() + ".",
                            Provenance.PRACTICE)
                    .until(from));
        } else if (from.isAfter(stock.plan().asOf())) {
            findings.add(InvertebrateCard.finding(
                            Severity.WAIT,
                            "Wait until " + from + ": it needs a tank " + months + (months == 1 ? " month" : " months")
                                    + " old, with its food grown.",
                            source)
                    .until(from));
        }
    }

    static Optional<Finding> eater(Fish fish, AnimalGroup group, double cm) {
        ReefStance stance = fish.species().reef().get(group);
        if (stance == null
                || stance.conduct() == ReefStance.Conduct.LEAVES_ALONE
                || stance.belowCm().filter(below -> cm >= below).isPresent()) {
            return Optional.empty();
        }
        boolean takes = stance.conduct() == ReefStance.Conduct.TAKES;
        Finding finding = InvertebrateCard.finding(
                takes ? Severity.STOP : Severity.CAREFUL,
                fish.name() + (takes ? " will eat it" : " may pick at it") + ": "
                        + fish.species().commonName() + " and " + group.words() + ".",
                stance.from());
        return Optional.of(
                stance.belowCm().isPresent()
                        ? finding.remedy(Sentence.of(
                                "Choose one of ", Quantity.cm(stance.belowCm().get()), " or more."))
                        : finding);
    }
}
