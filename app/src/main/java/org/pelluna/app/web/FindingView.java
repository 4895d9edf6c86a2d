package org.pelluna.app.web;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.pelluna.core.finding.Finding;

/**
 * A finding ready to print.
 *
 * @param severity the severity's name in markup, lower case
 * @param word the severity as a keeper reads it
 * @param sentence the reason in the keeper's units
 * @param until the date a wait ends; empty if it has none
 * @param remedy what would turn it; empty if nothing is known to
 * @param figures the numbers with units and provenance
 * @param approaches the views of the approaches, where they differ
 * @param source where the rule comes from
 */
public record FindingView(
        String severity,
        String word,
        String sentence,
        String until,
        String remedy,
        List<FigureLine> figures,
        List<String> approaches,
        String source) {

    /** One number. */
    public record FigureLine(String name, String value, String source) {}

    /** Several findings, in their order. */
    public static List<FindingView> all(Collection<Finding> findings, Measures measures) {
        return findings.stream().map(finding -> of(finding, measures)).toList();
    }

    /** One finding in a keeper's measures. */
    public static FindingView of(Finding finding, Measures measures) {
        return new FindingView(
                finding.severity().name().toLowerCase(Locale.ROOT),
                finding.severity().words(),
                measures.sentence(finding.reason()),
                finding.until().map(Object::toString).orElse(""),
                finding.remedy().map(measures::sentence).orElse(""),
                finding.figures().stream()
                        .map(figure -> new FigureLine(
                                figure.name(),
                                measures.figure(figure),
                                figure.provenance().words()))
                        .toList(),
                finding.approaches().stream().map(measures::sentence).toList(),
                finding.provenance().words());
    }
}
