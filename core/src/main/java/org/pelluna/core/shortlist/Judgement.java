package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;

/**
 * Every finding on one wish.
 *
 * @param wished the wish with its fish
 * @param verdict what the findings add up to, before the keeper's own decision
 * @param laterFrom for {@link Verdict#LATER}, the first day on which nothing dated stands in the way; empty while
 *     something waits that has no date
 * @param findings the findings, hardest first
 */
public record Judgement(
        ResolvedPlan.Wished wished, Verdict verdict, Optional<LocalDate> laterFrom, List<Finding> findings) {

    static Judgement of(Candidate candidate) {
        return of(
                candidate.wished(),
                Rules.ALL.stream()
                        .flatMap(rule -> rule.judge(candidate).stream())
                        .toList(),
                candidate.rules().overruled());
    }

    /** The same with one finding more, which counts. */
    public Judgement with(Finding finding) {
        List<Finding> all = new ArrayList<>(findings);
        all.add(finding);
        return of(wished, all, Map.of());
    }

    private static Judgement of(ResolvedPlan.Wished wished, List<Finding> unsorted, Map<String, String> overruled) {
        List<Finding> findings = unsorted.stream()
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
        List<Finding> counting = findings.stream()
                .filter(finding -> !overruled.containsKey(finding.rule()))
                .toList();
        Verdict verdict = has(counting, Severity.STOP)
                ? Verdict.OUT
                : has(counting, Severity.WAIT)
                        ? Verdict.LATER
                        : has(counting, Severity.CAREFUL) ? Verdict.WITH_CARE : Verdict.IN;
        List<Finding> noted = findings.stream()
                .map(finding -> overruled.containsKey(finding.rule())
                                && finding.severity().compareTo(Severity.FINE) < 0
                        ? finding.overruled(String.valueOf(overruled.get(finding.rule())))
                        : finding)
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
        return new Judgement(wished, verdict, laterFrom(verdict, counting), noted);
    }

    /** Whether it is part of the plan: as the findings say, unless the keeper decided otherwise. */
    public boolean inPlan() {
        return wished.wish().decision() == Wish.Decision.OPEN
                ? verdict != Verdict.OUT
                : wished.wish().decision() == Wish.Decision.IN;
    }

    /** The findings of one severity. */
    public List<Finding> findings(Severity severity) {
        return findings.stream()
                .filter(finding -> finding.severity() == severity)
                .toList();
    }

    /** The finding that decides the verdict: the first of the hardest, of several waits the longest, of several cautions the attacks; empty where nothing speaks against it. */
    public Optional<Finding> deciding() {
        return findings.stream()
                .filter(finding -> finding.severity().compareTo(Severity.CAREFUL) <= 0)
                .min(Comparator.comparing(Finding::severity)
                        .thenComparing(finding -> finding.until().orElse(LocalDate.MAX), Comparator.reverseOrder())
                        .thenComparing(finding -> !finding.rule().equals(PressureRule.RULE)));
    }

    /** The gate that no date opens by itself, if there is one: a missing cover, an unfinished cycle. */
    public Optional<Finding> undatedGate() {
        return findings(Severity.WAIT).stream()
                .filter(finding -> finding.until().isEmpty())
                .findFirst();
    }

    /** The dated gate that opens last, headroom aside, if there is one. */
    public Optional<Finding> lastGate() {
        return findings(Severity.WAIT).stream()
                .filter(finding -> !finding.rule().equals(HeadroomRule.RULE))
                .filter(finding -> finding.until().isPresent())
                .max(Comparator.comparing(finding -> finding.until().orElseThrow()));
    }

    private static boolean has(List<Finding> findings, Severity severity) {
        return findings.stream().anyMatch(finding -> finding.severity() == severity);
    }

    private static Optional<LocalDate> laterFrom(Verdict verdict, List<Finding> findings) {
        List<Finding> waits = findings.stream()
                .filter(finding -> finding.severity() == Severity.WAIT)
                .toList();
        if (verdict != Verdict.LATER
                || waits.stream().anyMatch(finding -> finding.until().isEmpty())) {
            return Optional.empty();
        }
        return waits.stream().map(finding -> finding.until().orElseThrow()).max(Comparator.naturalOrder());
    }
}
