package org.pelluna.app.losses;

import java.time.LocalDate;
import java.util.List;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.core.shop.PlannedCrew;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.watch.CrewPlan;

/** Invertebrates to be bought, ready to print. */
record PlannedCrewView(
        String key,
        String name,
        String scientificName,
        int count,
        String when,
        boolean now,
        String size,
        List<FindingView> findings) {
    static PlannedCrewView of(PlannedCrew one, LocalDate today, Measures measures) {
        CrewPlan plan = one.plan();
        return new PlannedCrewView(
                plan.id(),
                plan.name(),
                Invertebrates.called(plan.name())
                        .map(Invertebrate::scientificName)
                        .orElse(plan.group().words()),
                plan.count(),
                one.from()
                        .map(from -> from.isAfter(today) ? "from " + from : "can arrive now")
                        .orElse("no day yet: something must change first"),
                one.from().filter(from -> !from.isAfter(today)).isPresent(),
                measures.lengthField(Invertebrates.called(plan.name())
                        .map(Invertebrate::adultCm)
                        .map(cm -> Math.max(1, cm / 2))
                        .orElse(1.5)),
                FindingView.all(one.findings(), measures));
    }
}
