package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.IntToDoubleFunction;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

/** Simulated records with a known truth; seeded. */
public final class Logs {
    private final Random random;
    private final List<LogEntry> log = new ArrayList<>();
    private final List<ObservationSession> watches = new ArrayList<>();
    private final List<RollCall> calls = new ArrayList<>();
    private final List<Remedy> remedies = new ArrayList<>();
    private final List<Sign> signs = new ArrayList<>();
    private final List<Resident> residents = new ArrayList<>();
    private Set<FishId> unlearned = Set.of();

    public Logs(long seed) {
        this.random = new Random(seed);
    }

    public Logs resident(String id, String species, int daysAgo, double lengthCm) {
        residents.add(Fixtures.resident(id, species, daysAgo, lengthCm));
        return this;
    }

    /** A watch at 18:00 on each of some days before today, so many minutes long. */
    public Logs watched(int fromDaysAgo, int toDaysAgo, int minutes) {
        for (int ago = fromDaysAgo; ago >= toDaysAgo; ago--) {
            watches.add(new ObservationSession(
                    "w" + watches.size(), begin(ago), minutes, Optional.empty(), ObservationSession.Reason.PLANNED));
        }
        return this;
    }

    private static LocalDateTime begin(int daysAgo) {
        return Fixtures.TODAY.minusDays(daysAgo).atTime(18, 0);
    }

    /** Encounters within the watches of some days, at a rate an hour that depends on how many days ago it is. */
    public Logs encounters(
            String aggressor, String victim, int fromDaysAgo, int toDaysAgo, IntToDoubleFunction perHour) {
        for (ObservationSession watch : watches) {
            int ago = (int)
                    java.time.temporal.ChronoUnit.DAYS.between(watch.start().toLocalDate(), Fixtures.TODAY);
            if (ago <= fromDaysAgo && ago >= toDaysAgo) {
                int count = poisson(perHour.applyAsDouble(ago) * watch.minutes() / 60.0);
                for (int i = 0; i < count; i++) {
                    add(
                            watch.start().plusSeconds(1 + random.nextInt(watch.minutes() * 60 - 2)),
                            LogEntry.Kind.CHASE,
                            aggressor,
                            victim,
                            1);
                }
            }
        }
        return this;
    }

    public Logs add(LocalDateTime at, LogEntry.Kind kind, String aggressor, String victim, int hardness) {
        log.add(new LogEntry(
                "e" + log.size(),
                at,
                kind,
                Optional.of(new FishId(aggressor)),
                Optional.of(new FishId(victim)),
                Optional.of(hardness),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
        return this;
    }

    public Logs called(int daysAgo, Map<FishId, RollCall.State> found) {
        calls.add(new RollCall("c" + calls.size(), begin(daysAgo), found, Optional.empty()));
        return this;
    }

    public Logs remedy(Remedy.Kind kind, String fish, int daysAgo) {
        remedies.add(new Remedy(
                "m" + remedies.size(),
                kind,
                Optional.of(new FishId(fish)),
                Fixtures.TODAY.minusDays(daysAgo),
                Optional.empty(),
                Optional.empty()));
        return this;
    }

    public Logs sign(Sign.Kind kind, String fish, int daysAgo) {
        signs.add(new Sign(
                "s" + signs.size(), begin(daysAgo), new FishId(fish), kind, Optional.empty(), Optional.empty()));
        return this;
    }

    /** A resident that has left. */
    public Logs departed(String id, String species, int daysAgo, int leftDaysAgo) {
        residents.add(Fixtures.resident(id, species, daysAgo, 5).left(Optional.of(day(leftDaysAgo))));
        return this;
    }

    public Logs unlearned(String fish) {
        unlearned = Set.of(new FishId(fish));
        return this;
    }

    public TankPlan plan(Loss... losses) {
        List<LogEntry> sorted = new ArrayList<>(log);
        sorted.sort(java.util.Comparator.comparing(LogEntry::at));
        return TankPlan.of(Fixtures.TODAY, Fixtures.reef(), HouseRules.USUAL)
                .with(as -> as.residents(residents)
                        .log(sorted)
                        .losses(List.of(losses))
                        .observations(Observations.EMPTY.with(seen -> seen.watches(watches)
                                .rollCalls(calls)
                                .signs(signs)
                                .remedies(remedies)
                                .unlearned(unlearned))));
    }

    static LocalDate day(int daysAgo) {
        return Fixtures.TODAY.minusDays(daysAgo);
    }

    int poisson(double mean) {
        double limit = Math.exp(-mean);
        double product = random.nextDouble();
        int count = 0;
        while (product > limit) {
            product *= random.nextDouble();
            count++;
        }
        return count;
    }
}
