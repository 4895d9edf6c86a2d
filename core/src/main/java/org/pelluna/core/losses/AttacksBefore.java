package org.pelluna.core.losses;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;

/**
 * What the log says one fish did to another in the weeks before it was lost.
 *
 * @param aggressorId the fish that did it
 * @param encounters logged encounters and injuries laid to it; a count of what was seen, not of what happened
 * @param last the day of the latest
 */
public record AttacksBefore(FishId aggressorId, int encounters, LocalDate last) {

    /**
     * Everyone who was seen to attack the lost fish, the most frequent first.
     *
     * @param loss the loss
     * @param log the tank's log
     * @param days how many days before the loss are looked at
     */
    public static List<AttacksBefore> before(Loss loss, List<LogEntry> log, int days) {
        Map<FishId, AttacksBefore> byAggressor = new LinkedHashMap<>();
        for (LogEntry entry : log) {
            LocalDate on = entry.at().toLocalDate();
            boolean near = !on.isAfter(loss.on()) && !on.isBefore(loss.on().minusDays(days));
            if (near
                    && entry.aggressorId().isPresent()
                    && entry.fishId().filter(loss.fishId()::equals).isPresent()) {
                byAggressor.merge(
                        entry.aggressorId().get(),
                        new AttacksBefore(entry.aggressorId().get(), 1, on),
                        AttacksBefore::with);
            }
        }
        return byAggressor.values().stream()
                .sorted(Comparator.comparingInt(AttacksBefore::encounters).reversed())
                .toList();
    }

    private AttacksBefore with(AttacksBefore more) {
        return new AttacksBefore(aggressorId, encounters + more.encounters, last.isAfter(more.last) ? last : more.last);
    }
}
