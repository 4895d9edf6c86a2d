package org.pelluna.app.arrivals;

import java.util.List;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shop.PlannedCrew;

/** Shrimps, snails and others planned: a sentence each, with the day. */
final class PlannedInvertebrates {
    private PlannedInvertebrates() {}

    static List<String> of(ResolvedPlan stock) {
        return PlannedCrew.of(stock).stream()
                .map(one -> one.words() + when(one, stock))
                .toList();
    }

    private static String when(PlannedCrew one, ResolvedPlan stock) {
        return one.from()
                .map(day -> day.isAfter(stock.plan().asOf()) ? ", from " + day : ", can arrive now")
                .orElseGet(() ->
                        one.bar().map(bar -> ", no day yet: " + bar.sentence()).orElse(""));
    }
}
