package org.pelluna.core.lead;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;

/** Lead of the log: whether it is time to watch again. */
public final class LogLead {
    private static final int DAYS_WITHOUT_WATCH = 7;

    private LogLead() {}

    /** Whether it is time to watch again; else when the tank was last watched or an entry made. Empty while no fish lives here. */
    public static String of(TankPlan plan) {
        if (plan.residents().stream().noneMatch(one -> one.belongsHere(plan.asOf()))) {
            return "";
        }
        Optional<LocalDate> watched = plan.observations().watches().stream()
                .map(ObservationSession::start)
                .max(Comparator.naturalOrder())
                .map(at -> at.toLocalDate());
        Optional<LocalDate> logged = plan.log().stream()
                .filter(entry -> entry.kind() != LogEntry.Kind.ARRIVAL)
                .map(entry -> entry.at().toLocalDate())
                .max(Comparator.naturalOrder());
        if (watched.isEmpty() && logged.isEmpty()) {
            return "Nothing logged yet. Start a timed watch.";
        }
        if (watched.isEmpty()) {
            return "Start a timed watch: you have logged entries, but no watch yet.";
        }
        long days = ChronoUnit.DAYS.between(watched.get(), plan.asOf());
        return days > DAYS_WITHOUT_WATCH
                ? "You have not watched " + plan.tank().name() + " for " + days + " days: watch it for ten minutes."
                : "Last watch: " + Dates.distance(watched.get(), plan.asOf()) + ".";
    }
}
