package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.id.FishId;

/** What happened to one fish that belongs here; what it changes of the fish can be taken out again by itself. */
public sealed interface FishHappening extends Happening {
    FishId fishId();

    /** The fish as it is then. */
    Resident done(Resident fish);

    /** The fish without it. */
    Resident undone(Resident fish);

    @Override
    default TankPlan applyTo(TankPlan plan) {
        return plan.withResidents(
                Lists.replaced(plan.residents(), Resident::id, done(Happening.resident(plan, fishId()))));
    }

    @Override
    default String subject() {
        return fishId().key();
    }

    /** A fish left alive: sold, given, traded in or moved. */
    record Left(FishId fishId, LocalDate on, Departure how) implements FishHappening {
        @Override
        public Resident done(Resident fish) {
            if (fish.leftOn().isPresent()) {
                throw new IllegalArgumentException(fish.name() + " has left already");
            }
            return fish.with(fish.noted().departed(Optional.of(how))).left(Optional.of(on));
        }

        @Override
        public Resident undone(Resident fish) {
            return fish.with(fish.noted().departed(Optional.empty())).left(Optional.empty());
        }
    }

    /** A fish was taken out of the display for a time. */
    record TakenOut(FishId fishId, Absence absence) implements FishHappening {
        @Override
        public Resident done(Resident fish) {
            return fish.with(fish.noted().absences(Lists.with(fish.noted().absences(), List.of(absence))));
        }

        @Override
        public Resident undone(Resident fish) {
            return fish.with(
                    fish.noted().absences(Lists.without(fish.noted().absences(), Absence::id, Set.of(absence.id()))));
        }
    }

    /** A fish came back into the display. */
    record CameBack(FishId fishId, String absenceId, LocalDate on) implements FishHappening {
        @Override
        public Resident done(Resident fish) {
            return until(fish, Optional.of(on));
        }

        @Override
        public Resident undone(Resident fish) {
            return until(fish, Optional.empty());
        }

        private Resident until(Resident fish, Optional<LocalDate> day) {
            Absence out = Lists.get(fish.noted().absences(), Absence::id, absenceId, "absence");
            return fish.with(fish.noted()
                    .absences(Lists.replaced(
                            fish.noted().absences(),
                            Absence::id,
                            new Absence(out.id(), out.from(), day, out.place(), out.note()))));
        }
    }

    /**
     * A fish was measured.
     *
     * @param before what it replaces of the same day; empty if nothing
     */
    record Measured(FishId fishId, Life.Measured length, Optional<Life.Measured> before) implements FishHappening {
        @Override
        public Resident done(Resident fish) {
            return fish.with(fish.noted().with(length));
        }

        @Override
        public Resident undone(Resident fish) {
            List<Life.Measured> rest = fish.noted().lengths().stream()
                    .filter(one -> !one.on().equals(length.on()))
                    .toList();
            return fish.with(fish.noted().lengths(Lists.with(rest, before)));
        }
    }

    /**
     * Its sex or stage was noted.
     *
     * @param before what it replaces of the same day; empty if nothing
     */
    record Sexed(FishId fishId, Life.Sexed sexed, Optional<Life.Sexed> before) implements FishHappening {
        @Override
        public Resident done(Resident fish) {
            return fish.with(fish.noted().with(sexed));
        }

        @Override
        public Resident undone(Resident fish) {
            List<Life.Sexed> rest = fish.noted().sexes().stream()
                    .filter(one -> !one.on().equals(sexed.on()))
                    .toList();
            return fish.with(fish.noted().sexes(Lists.with(rest, before)));
        }
    }
}
