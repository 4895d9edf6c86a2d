package org.pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The parts of a quarantine as their keeper lays them down; a form sent twice counts once. */
@Service
@Transactional
class PartService {
    private static final int FARTHEST_YEARS = 2;

    private final HappeningStore happenings;

    PartService(HappeningStore happenings) {
        this.happenings = happenings;
    }

    /** Adds a part; those that follow wait for it, if they would overlap. */
    void add(
            UUID keeperId, UUID tankId, String form, Phase.Kind kind, LocalDate from, int days, Optional<String> note) {
        record(keeperId, tankId, form, before -> {
            near(from);
            Phase added =
                    RefusedException.unless(() -> new Phase(FormKey.fresh(), kind, from, days, note, Optional.empty()));
            List<Phase> after = new ArrayList<>();
            LocalDate free = added.until();
            boolean placed = false;
            for (Phase one : Phases.inOrder(before)) {
                if (!placed && one.covers(from) && one.from().isBefore(from)) {
                    after.add(one.cut(from, "another part was put in"));
                } else if (one.from().isBefore(from)) {
                    after.add(one);
                } else {
                    if (!placed) {
                        after.add(added);
                        placed = true;
                    }
                    long by = Math.max(0, java.time.temporal.ChronoUnit.DAYS.between(one.from(), free));
                    Phase later = one.later(by);
                    after.add(later);
                    free = later.until();
                }
            }
            if (!placed) {
                after.add(added);
            }
            return after;
        });
    }

    /** The part that goes on begins again on a day, and those after it follow. */
    void again(UUID keeperId, UUID tankId, String form, LocalDate on, String why) {
        record(keeperId, tankId, form, before -> {
            near(on);
            if (before.isEmpty()) {
                throw new RefusedException("nothing has started yet; add the first step");
            }
            return Phases.again(before, on, why, FormKey::fresh);
        });
    }

    /** Takes a part out. */
    void remove(UUID keeperId, UUID tankId, String form, String key) {
        record(
                keeperId,
                tankId,
                form,
                before -> before.stream().filter(one -> !one.id().equals(key)).toList());
    }

    void undo(UUID keeperId, UUID tankId, String form) {
        happenings.undo(keeperId, tankId, form);
    }

    private void record(UUID keeperId, UUID tankId, String form, Function<List<Phase>, List<Phase>> change) {
        happenings.record(keeperId, tankId, FormKey.checked(form), plan -> {
            List<Phase> before = plan.observations().phases();
            return new Happening.Phased(before, change.apply(before));
        });
    }

    private void near(LocalDate day) {
        LocalDate today = happenings.today();
        if (day.isBefore(today.minusYears(FARTHEST_YEARS)) || day.isAfter(today.plusYears(FARTHEST_YEARS))) {
            throw new RefusedException("choose a day within " + FARTHEST_YEARS + " years of today");
        }
    }
}
