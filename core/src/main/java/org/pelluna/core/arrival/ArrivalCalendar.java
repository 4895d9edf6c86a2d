package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.watch.Phases;
import org.pelluna.core.water.SaltMix;
import org.pelluna.core.water.Seawater;

/** What is done on which days for every arrival. */
public final class ArrivalCalendar {
    private static final int LOOK_DAYS = 14;
    private static final int WATCH_DAYS = 14;

    /** Specific gravity that fish in quarantine are raised by in a day; common practice. */
    private static final double GRAVITY_A_DAY = 0.001;

    private ArrivalCalendar() {}

    /**
     * The days of one arrival.
     *
     * @param arrival the arrival
     * @param spans what is done, in turn
     * @param ramp the daily steps from the salinity of quarantine to the display's; empty without a quarantine tank
     * @param hardest the hardest pressure it meets in its first week, encounters/h
     */
    public record Lane(Arrival arrival, List<Span> spans, List<RampStep> ramp, double hardest) {
        /** The days of a kind. */
        public Optional<Span> span(Span.Kind kind) {
            return spans.stream().filter(span -> span.kind() == kind).findFirst();
        }

        /** The evening on which it is released. */
        public LocalDate release() {
            return span(Span.Kind.RELEASE).orElseThrow().from();
        }
    }

    /**
     * Days on which something is done.
     *
     * @param kind what
     * @param from the first day
     * @param to the day after the last
     * @param words what is done, for a keeper
     */
    public record Span(Kind kind, LocalDate from, LocalDate to, String words) {
        /** What is done for an arrival, in turn. */
        public enum Kind {
            LOOK,
            QUARANTINE,
            RAMP,
            BOX,
            RELEASE,
            WATCH
        }
    }

    /**
     * One step of a salinity ramp.
     *
     * @param on the day
     * @param gravity specific gravity to reach on it
     * @param litres quarantine water to exchange for the display's
     */
    public record RampStep(LocalDate on, double gravity, double litres) {}

    /** Every arrival's days. */
    public static List<Lane> of(ResolvedPlan stock, ArrivalPlan order, List<Pressure> planned) {
        Map<FishId, Double> hardest =
                planned.stream().collect(Collectors.toMap(Pressure::victimId, Pressure::perHour, Math::max));
        return order.arrivals().stream()
                .map(arrival -> lane(
                        stock,
                        arrival,
                        arrival.wishIds().stream()
                                .mapToDouble(id -> hardest.getOrDefault(id.fish(), 0.0))
                                .max()
                                .orElse(0)))
                .toList();
    }

    private static Lane lane(ResolvedPlan stock, Arrival arrival, double hardest) {
        TankPlan plan = stock.plan();
        LocalDate today = plan.asOf();
        Quarantine quarantine = Quarantine.of(plan);
        List<Span> spans = new ArrayList<>();
        LocalDate in = arrival.date().minusDays(quarantine.days());
        Optional<LocalDate> since = arrival.wishIds().stream()
                .flatMap(
                        id -> Optional.ofNullable(plan.schedule().inQuarantine().get(id)).stream())
                .findFirst();
        if (since.isEmpty()) {
            LocalDate look = in.minusDays(LOOK_DAYS);
            spans.add(new Span(Span.Kind.LOOK, look.isBefore(today) ? today : look, in, "look for it"));
        }
        LocalDate day = since.orElse(in);
        List<RampStep> ramp = List.of();
        if (quarantine.days() > 0) {
            for (Phases.Part part : quarantine.parts()) {
                spans.add(new Span(
                        Span.Kind.QUARANTINE,
                        day,
                        day.plusDays(part.days()),
                        part.kind().words()));
                day = day.plusDays(part.days());
            }
            ramp = ramp(plan, quarantine.tank().orElseThrow(), arrival.date());
            if (!ramp.isEmpty()) {
                spans.add(new Span(Span.Kind.RAMP, ramp.get(0).on(), arrival.date(), "raise the salinity"));
            }
        }
        int box = arrival.boxDays();
        LocalDate release = arrival.date().plusDays(box);
        if (box > 0) {
            spans.add(new Span(Span.Kind.BOX, arrival.date(), release, "in the box"));
        }
        spans.add(new Span(Span.Kind.RELEASE, release, release.plusDays(1), "release after lights-out"));
        spans.add(new Span(Span.Kind.WATCH, release, release.plusDays(WATCH_DAYS), "watch"));
        return new Lane(arrival, List.copyOf(spans), ramp, hardest);
    }

    private static List<RampStep> ramp(TankPlan plan, QuarantineTank tank, LocalDate into) {
        double display = plan.tank().regime().specificGravity();
        double from = tank.specificGravity();
        int steps = (int) Math.ceil((display - from) / GRAVITY_A_DAY - 1e-9);
        List<RampStep> ramp = new ArrayList<>();
        double last = from;
        for (int step = 1; step <= steps; step++) {
            double next = from + (display - from) * step / steps;
            double share = step == steps
                    ? 1
                    : SaltMix.shareToExchange(
                            Seawater.salinityOf(last), Seawater.salinityOf(next), Seawater.salinityOf(display));
            ramp.add(new RampStep(into.minusDays(steps - step + 1L), next, share * tank.litres()));
            last = next;
        }
        return List.copyOf(ramp);
    }
}
