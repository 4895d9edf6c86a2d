package org.pelluna.app.today;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;

/** What has come into a tank's record since a moment, in a few sentences. */
final class Changes {
    private Changes() {}

    static List<String> since(TankPlan plan, LocalDateTime since) {
        Map<FishId, String> names = plan.fishNames();
        List<String> changes = new ArrayList<>();
        plan.residents().stream()
                .filter(one -> !one.arrivedOn().isBefore(since.toLocalDate()))
                .forEach(one -> changes.add(one.name() + " arrived on " + one.arrivedOn() + "."));
        plan.losses().stream()
                .filter(loss -> !loss.on().isBefore(since.toLocalDate()))
                .forEach(loss -> changes.add(names.get(loss.fishId()) + " was lost on " + loss.on() + ": "
                        + loss.cause().words() + "."));
        long encounters = plan.log().stream()
                .filter(entry -> entry.kind().hasAggressor() && entry.at().isAfter(since))
                .count();
        if (encounters > 0) {
            changes.add(encounters + (encounters == 1 ? " attack was logged." : " attacks were logged."));
        }
        plan.log().stream()
                .filter(entry ->
                        entry.kind() == LogEntry.Kind.NOTE && entry.at().isAfter(since))
                .forEach(entry -> changes.add(entry.note().orElse("")));
        plan.schedule().setbacks().stream()
                .filter(one -> !one.on().isBefore(since.toLocalDate()))
                .forEach(one -> changes.add(one.fish() + " " + one.kind().words() + "; the plan was updated."));
        return changes;
    }
}
