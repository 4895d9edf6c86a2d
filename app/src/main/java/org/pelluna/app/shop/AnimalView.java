package org.pelluna.app.shop;

import java.util.List;
import java.util.Locale;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.shop.InvertebrateCard;

/**
 * What is said of a shrimp, a snail or an anemone, ready to print.
 *
 * @param severity the gravest finding's, for its flag
 * @param answer yes, later or no
 */
record AnimalView(
        String name, String scientificName, String group, String severity, String answer, List<FindingView> findings) {
    static AnimalView of(InvertebrateCard card, Measures measures) {
        Severity severity = card.severity();
        return new AnimalView(
                card.kind().commonName(),
                card.kind().scientificName(),
                card.kind().group().words(),
                severity == Severity.BENEFIT ? "fine" : severity.name().toLowerCase(Locale.ROOT),
                switch (severity) {
                    case STOP -> "no";
                    case WAIT -> "later";
                    case CAREFUL -> "yes, with care";
                    case FINE, BENEFIT -> "yes";
                },
                FindingView.all(card.findings(), measures));
    }
}
