package org.pelluna.core.lead;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.shortlist.Judgement;

/** Leads of the pages on which a keeper chooses: the list of species, a family, one species, some side by side. */
public final class SpeciesLeads {
    /** A list judges each species by itself; what it means for the other wishes is told on its own page. */
    private static final String BESIDE = " beside the fish that live here today.";

    private SpeciesLeads() {}

    /**
     * How many of the species found fit the tank today.
     *
     * @param found the species that match what was asked
     */
    public static String list(Collection<Glance> found) {
        if (found.isEmpty()) {
            return "No species matches. Remove a filter.";
        }
        long fit = fit(found);
        return found.size() == 1
                ? "One species matches; it " + (fit == 1 ? "fits" : "does not fit") + BESIDE
                : (fit == 0 ? "None" : fit) + " of " + found.size() + " species fit" + BESIDE;
    }

    /** How many of a family fit the tank today. */
    public static String family(String called, Collection<Glance> members) {
        long fit = fit(members);
        return (fit == 0 ? "None" : fit) + " of " + members.size() + " " + called + " " + (fit == 1 ? "fits" : "fit")
                + BESIDE;
    }

    private static long fit(Collection<Glance> species) {
        return species.stream().filter(Glance::today).count();
    }

    /**
     * Whether a species can go into the tank: the verdict with the reason that decides it.
     *
     * @param arrives the day on which it comes in the plan; empty where it is not wished for, or has no date
     */
    public static Sentence entry(String tank, Judgement judgement, Optional<LocalDate> arrives) {
        String fish = judgement.wished().count() > 1
                ? judgement.wished().count() + " "
                        + judgement.wished().species().commonName()
                : judgement.wished().species().commonName();
        String verdict = fish + " in " + tank + ": " + judgement.verdict().words() + ".";
        Sentence why = judgement
                .deciding()
                .map(finding -> Sentence.of(" ", finding.reason()))
                .orElse(Sentence.of());
        return Sentence.of(
                verdict,
                why,
                arrives.map(day -> " In your plan it arrives on " + day + ".").orElse(""));
    }

    /**
     * Whether some species can live together.
     *
     * @param names of the species
     * @param against what speaks against any two of them, hardest first
     */
    public static Sentence together(List<String> names, List<Finding> against) {
        if (names.size() < 2) {
            return Sentence.of();
        }
        return against.stream()
                .filter(one -> one.severity() == Severity.STOP)
                .findFirst()
                .map(one -> Sentence.of("Do not keep them together. ", one.reason()))
                .orElseGet(() -> against.stream()
                        .filter(one -> one.severity() == Severity.CAREFUL)
                        .findFirst()
                        .map(one -> Sentence.of("They can live together, with care. ", one.reason()))
                        .orElseGet(() -> Sentence.of("They can live together.")));
    }
}
