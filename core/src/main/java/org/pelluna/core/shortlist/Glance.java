package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Species;

/**
 * What a list says of a judged fish: a hundredth of the judgement's size, so that all of the catalogue's can be remembered.
 *
 * @param species what was judged
 * @param count in how many
 * @param verdict what the findings add up to
 * @param laterFrom for {@link Verdict#LATER}, the first day on which nothing stands in the way, where it can be told
 * @param telling the reason worth a line: what speaks hardest against it, else the good it would do, else the pressure expected
 * @param today whether it {@linkplain SuitabilityFilter#today could come now}, whatever it grows to
 * @param grown whether it has {@linkplain SuitabilityFilter#grown room for life}
 * @param peaceful whether it {@linkplain SuitabilityFilter#peaceful lives in peace} with who lives here
 */
public record Glance(
        Species species,
        int count,
        Verdict verdict,
        Optional<LocalDate> laterFrom,
        Sentence telling,
        boolean today,
        boolean grown,
        boolean peaceful) {

    public static Glance of(Judgement judged) {
        return new Glance(
                judged.wished().species(),
                judged.wished().count(),
                judged.verdict(),
                judged.laterFrom(),
                telling(judged),
                SuitabilityFilter.today(judged),
                SuitabilityFilter.grown(judged),
                SuitabilityFilter.peaceful(judged));
    }

    private static Sentence telling(Judgement judged) {
        return Stream.of(
                        judged.findings().stream().filter(one -> one.severity().compareTo(Severity.FINE) < 0),
                        judged.findings(Severity.BENEFIT).stream(),
                        judged.findings().stream().filter(one -> one.rule().equals(PressureRule.RULE)),
                        judged.findings().stream())
                .flatMap(one -> one)
                .findFirst()
                .map(Finding::reason)
                .orElse(Sentence.of());
    }
}
