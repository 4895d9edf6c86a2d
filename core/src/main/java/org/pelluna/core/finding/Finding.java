package org.pelluna.core.finding;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * One answer of one rule, with everything needed to check it.
 *
 * @param rule the rule's name, stable across versions, for example {@code swim-length}
 * @param severity what it says
 * @param reason why, as a keeper would put it
 * @param figures the numbers used, each with unit and provenance
 * @param provenance where the rule itself comes from
 * @param until the date on which a {@link Severity#WAIT} turns into a yes, where one can be computed
 * @param remedy what the keeper could change to turn it, where something could
 * @param approaches what the approaches of the trade would each say, where they differ; empty otherwise
 */
public record Finding(
        String rule,
        Severity severity,
        Sentence reason,
        List<Figure> figures,
        Provenance provenance,
        Optional<LocalDate> until,
        Optional<Sentence> remedy,
        List<Sentence> approaches) {

    public Finding {
        figures = List.copyOf(figures);
        approaches = List.copyOf(approaches);
        if (until.isPresent() && severity != Severity.WAIT) {
            throw new IllegalArgumentException(
                    "only a finding that waits has a date, but '" + rule + "' is " + severity);
        }
    }

    public static Finding of(
            String rule, Severity severity, Sentence reason, Provenance provenance, List<Figure> figures) {
        return new Finding(rule, severity, reason, figures, provenance, Optional.empty(), Optional.empty(), List.of());
    }

    /** A finding whose reason holds no length and no volume. */
    public static Finding of(
            String rule, Severity severity, String reason, Provenance provenance, List<Figure> figures) {
        return of(rule, severity, Sentence.of(reason), provenance, figures);
    }

    /** The reason in the core's units. */
    public String sentence() {
        return reason.toString();
    }

    /** The same finding with another reason. */
    public Finding withReason(Sentence because) {
        return new Finding(rule, severity, because, figures, provenance, until, remedy, approaches);
    }

    /** The same finding, due to turn on the given date. */
    public Finding until(LocalDate date) {
        return new Finding(rule, severity, reason, figures, provenance, Optional.of(date), remedy, approaches);
    }

    /** The same finding with what would turn it. */
    public Finding remedy(Sentence change) {
        return new Finding(rule, severity, reason, figures, provenance, until, Optional.of(change), approaches);
    }

    /** The same finding with what would turn it, where that holds no length and no volume. */
    public Finding remedy(String change) {
        return remedy(Sentence.of(change));
    }

    /** The same finding with the views of the approaches that differ on it. */
    public Finding approaches(List<Sentence> views) {
        return new Finding(rule, severity, reason, figures, provenance, until, remedy, views);
    }

    /** The same finding, not counted because the keeper overruled its rule; the note stays with it. */
    public Finding overruled(String note) {
        return new Finding(
                rule,
                Severity.FINE,
                Sentence.of("Overruled by you, “" + note + "”: ", reason),
                figures,
                provenance,
                Optional.empty(),
                remedy,
                approaches);
    }
}
