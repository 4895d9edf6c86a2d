package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.FishHappening;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happens to fish that belong here: each in one transaction, made of the plan as it is in that transaction. */
@Service
@Transactional
class FishService {
    private static final int MOST_FISH = 500;

    private final HappeningStore happenings;

    FishService(HappeningStore happenings) {
        this.happenings = happenings;
    }

    /** Says what happens to a fish, if it can; throws {@link IllegalArgumentException} with a sentence if it cannot. */
    @FunctionalInterface
    interface What {
        FishHappening of(Resident fish, LocalDate today);
    }

    /**
     * Records what happened to a fish.
     *
     * @param formKey the form's own key; sent twice, it happens once
     * @return the fish as it is then
     * @throws RefusedException if it cannot have happened, with a sentence
     * @throws NotFoundException if there is no such fish
     */
    Resident record(UUID keeperId, UUID tankId, String fishKey, String formKey, What what) {
        Resident[] then = new Resident[1];
        happenings.record(keeperId, tankId, FormKey.checked(formKey), plan -> {
            Resident fish = fish(plan, fishKey);
            FishHappening happening = RefusedException.unless(() -> what.of(fish, plan.asOf()));
            then[0] = RefusedException.unless(() -> happening.done(fish));
            return happening;
        });
        return then[0] != null ? then[0] : fish(happenings.plan(keeperId, tankId), fishKey);
    }

    private static Resident fish(TankPlan plan, String key) {
        return plan.residents().stream()
                .filter(fish -> fish.id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("fish"));
    }

    /** A day on which something can have happened to a fish that belongs here. */
    static LocalDate day(Resident fish, LocalDate today, Optional<LocalDate> said) {
        LocalDate day = said.orElse(today);
        if (day.isAfter(today)) {
            throw new IllegalArgumentException("this day lies in the future");
        }
        if (!fish.belongsHere(day)) {
            throw new IllegalArgumentException(fish.name()
                    + (day.isBefore(fish.arrivedOn()) ? " arrived only on " + fish.arrivedOn() : " had left by then"));
        }
        return day;
    }

    /** The fish leaves alive. */
    static FishHappening left(Resident fish, LocalDate today, Optional<LocalDate> on, Departure how) {
        return new FishHappening.Left(fish.id(), day(fish, today, on), how);
    }

    /** The fish is taken out of the display for a time. */
    static FishHappening takenOut(
            Resident fish, LocalDate today, Optional<LocalDate> from, Absence.Place place, Optional<String> note) {
        return new FishHappening.TakenOut(
                fish.id(), new Absence(FormKey.fresh(), day(fish, today, from), Optional.empty(), place, note));
    }

    /** The fish comes back into the display. */
    static FishHappening cameBack(Resident fish, LocalDate today, Optional<LocalDate> on) {
        Absence out = fish.noted().absences().stream()
                .filter(one -> one.until().isEmpty())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(fish.name() + " is in the display already"));
        return new FishHappening.CameBack(fish.id(), out.id(), day(fish, today, on));
    }

    /** The fish is measured. */
    static FishHappening measured(Resident fish, LocalDate today, Optional<LocalDate> on, double cm) {
        Life.Measured length = new Life.Measured(day(fish, today, on), cm);
        return new FishHappening.Measured(
                fish.id(),
                length,
                fish.noted().lengths().stream()
                        .filter(one -> one.on().equals(length.on()))
                        .findFirst());
    }

    /** Its sex or stage is noted. */
    static FishHappening sexed(Resident fish, LocalDate today, Optional<LocalDate> on, Life.Sex sex) {
        Life.Sexed noted = new Life.Sexed(day(fish, today, on), sex);
        return new FishHappening.Sexed(
                fish.id(),
                noted,
                fish.noted().sexes().stream()
                        .filter(one -> one.on().equals(noted.on()))
                        .findFirst());
    }

    /**
     * Enters fish that live here already.
     *
     * @param said what was said of them with that
     * @return whether they are new; not if the same form entered them before
     * @throws RefusedException if they are too many
     */
    boolean enter(UUID keeperId, UUID tankId, String formKey, List<Resident> residents, List<LogEntry> said) {
        return happenings
                .record(keeperId, tankId, FormKey.checked(formKey), plan -> {
                    if (plan.residents().size() + residents.size() > MOST_FISH) {
                        throw new RefusedException("a tank's record holds at most " + MOST_FISH + " fish");
                    }
                    return new Happening.Entered(residents, said);
                })
                .isPresent();
    }

    /** Takes back what a form recorded. */
    void undo(UUID keeperId, UUID tankId, String formKey) {
        happenings.undo(keeperId, tankId, formKey);
    }
}
