package org.pelluna.app.losses;

import java.time.LocalDate;
import org.pelluna.app.web.Measures;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.units.Numbers;

/** One kind of the crew ready to print. */
record CrewView(
        String name,
        String group,
        String about,
        int share,
        String lost,
        String predicted,
        String restock,
        boolean due,
        String advice,
        Explained how) {
    static CrewView of(Crew one, LocalDate today, Measures measures) {
        String eaters = one.eaters().isEmpty()
                ? "No fish here is known to eat them."
                : String.join(", ", one.eaters())
                        + (one.eaters().size() == 1 ? " takes or tests them." : " take or test them.");
        String safe = one.safeCm()
                .map(cm -> " Buy them larger than " + measures.lengthOf(cm) + ".")
                .orElse("");
        return new CrewView(
                one.name(),
                one.group().words(),
                Numbers.plain(one.about(), 0),
                (int) Math.round(100 * Math.min(1, one.about() / Math.max(1, one.most()))),
                one.animalWeeks() > 0
                        ? Numbers.plain(100 * one.perWeek(), 1) + " % a week (95 %: "
                                + Numbers.plain(100 * one.interval().low(), 1) + " to "
                                + Numbers.plain(100 * one.interval().high(), 1) + "), " + one.lost() + " lost"
                        : "count them a second time to know",
                Numbers.plain(100 * one.predicted(), 0) + " % a week"
                        + (one.animalWeeks() > 0 && one.interval().low() > one.predicted()
                                ? ": more are lost than that explains"
                                : ""),
                one.restockOn().isAfter(today.plusYears(2))
                        ? "not in sight"
                        : one.restockOn().toString(),
                !one.restockOn().isAfter(today),
                (one.toBuy() > 0 ? "Buy " + one.toBuy() + " to be back at " + one.most() + ". " : "") + taken(one)
                        + eaters + safe + " Put them in at night, when wrasses sleep.",
                one.how());
    }

    private static String taken(Crew one) {
        return one.taken().isEmpty()
                ? ""
                : one.taken().entrySet().stream()
                        .map(who -> who.getKey() + " took " + who.getValue())
                        .collect(java.util.stream.Collectors.joining(", ", "Seen: ", ". "));
    }
}
