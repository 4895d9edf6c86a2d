package org.pelluna.app.quarantine;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.tank.Purpose;
import org.springframework.stereotype.Component;

/** The stays in quarantine that the plans of a keeper's displays contain. */
@Component
class PlannedStays {
    private final TankStore tanks;
    private final TankCache cache;

    PlannedStays(TankStore tanks, TankCache cache) {
        this.tanks = tanks;
        this.cache = cache;
    }

    /** A keeper's displays. */
    List<TankRow> displays(UUID keeper) {
        return tanks.of(keeper).stream()
                .filter(one -> one.kind() == Purpose.Kind.DISPLAY)
                .toList();
    }

    /** The stays that the plans of all displays contain, in order. */
    List<PlannedStay> of(UUID keeper) {
        return displays(keeper).stream()
                .flatMap(one -> planned(one, cache.of(keeper, one.id()).assessment()).stream())
                .sorted(Comparator.comparing(PlannedStay::from))
                .toList();
    }

    private static List<PlannedStay> planned(TankRow row, Assessment assessment) {
        return ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned()).stream()
                .filter(lane -> lane.arrival().wishIds().stream()
                        .noneMatch(assessment.stock().plan().schedule().inQuarantine()::containsKey))
                .flatMap(lane -> {
                    List<ArrivalCalendar.Span> days = lane.spans().stream()
                            .filter(span -> span.kind() == ArrivalCalendar.Span.Kind.QUARANTINE)
                            .toList();
                    return days.isEmpty()
                            ? java.util.stream.Stream.<PlannedStay>empty()
                            : java.util.stream.Stream.of(new PlannedStay(
                                    row.id().toString(),
                                    row.name(),
                                    lane.arrival().wishIds().get(0),
                                    lane.arrival().names(),
                                    days.get(0).from(),
                                    days.get(days.size() - 1).to()));
                })
                .toList();
    }
}
