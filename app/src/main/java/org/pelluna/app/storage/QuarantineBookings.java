package org.pelluna.app.storage;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;
import org.pelluna.core.watch.Reservation;
import org.springframework.stereotype.Component;

/**
 * A keeper's quarantine tanks as the plan of another tank sees them: which one serves it, and on which days it is taken. The one with fish
 * for that tank serves it; otherwise the first that is free soonest.
 */
@Component
class QuarantineBookings {
    private final Rows.Tanks tanks;
    private final Rows.Residents residents;
    private final Rows.Observations journal;

    QuarantineBookings(Rows.Tanks tanks, Rows.Residents residents, Rows.Observations journal) {
        this.tanks = tanks;
        this.residents = residents;
        this.journal = journal;
    }

    /** The schedule of a tank with its quarantine tank; as it is, if its keeper has none as a tank of its own. */
    Schedule into(Schedule schedule, UUID keeperId, UUID tankId, LocalDate today) {
        return tanks.findByKeeperIdAndKindAndRemovedAtIsNullOrderByCreatedAt(keeperId, Purpose.Kind.QUARANTINE).stream()
                .filter(row -> !row.id().equals(tankId))
                .map(row -> new Served(row, bookings(row, tankId, today)))
                .min(Comparator.comparing(Served::isFilledForOthers).thenComparing(served -> served.free(today)))
                .map(served -> schedule.quarantine(Optional.of(figures(served.row.tank())))
                        .booked(served.bookings))
                .orElse(schedule);
    }

    /** A quarantine tank with who has it. */
    private record Served(TankRow row, List<Schedule.Booking> bookings) {
        boolean isFilledForOthers() {
            return bookings.stream().noneMatch(one -> one.wish().isPresent());
        }

        LocalDate free(LocalDate today) {
            return bookings.stream()
                    .map(Schedule.Booking::until)
                    .max(LocalDate::compareTo)
                    .orElse(today);
        }
    }

    private static QuarantineTank figures(Tank tank) {
        Purpose.Berths berths = tank.purpose().flatMap(Purpose::berths).orElseThrow();
        return new QuarantineTank(
                tank.netWater().litres(),
                berths.places(),
                berths.compartments(),
                tank.regime().specificGravity());
    }

    /** Who lives in a quarantine tank today, and until when. */
    private List<Schedule.Booking> bookings(TankRow row, UUID tankId, LocalDate today) {
        Map<Optional<WishId>, List<Resident>> guests = residents.findByTankIdOrderByPlace(row.id()).stream()
                .map(ResidentRow::toCore)
                .filter(fish -> fish.belongsHere(today))
                .collect(Collectors.groupingBy(fish -> wishOf(fish, tankId), LinkedHashMap::new, Collectors.toList()));
        Optional<LocalDate> end = Phases.end(items(row.id(), JournalRow.Kind.PHASE, Phase.class));
        List<Schedule.Booking> bookings = new ArrayList<>(reserved(row.id(), tankId, today));
        guests.forEach((wish, fish) -> {
            LocalDate from = fish.stream()
                    .map(Resident::arrivedOn)
                    .min(LocalDate::compareTo)
                    .orElseThrow();
            LocalDate until = end.orElseGet(() ->
                    from.plusDays(row.houseRules().approaches().quarantine().days()));
            // Whose days are over but who is still there has it today, too.
            bookings.add(new Schedule.Booking(
                    from,
                    until.isAfter(today) ? until : today.plusDays(1),
                    fish.stream().map(Resident::name).collect(Collectors.joining(", ")),
                    wish));
        });
        return bookings;
    }

    /** Days kept for the arrivals of other tanks; those of the tank itself follow from its own plan. */
    private List<Schedule.Booking> reserved(UUID quarantineId, UUID tankId, LocalDate today) {
        return items(quarantineId, JournalRow.Kind.RESERVATION, Reservation.class).stream()
                .filter(one ->
                        !one.tank().equals(tankId.toString()) && one.until().isAfter(today))
                .map(one -> new Schedule.Booking(one.from(), one.until(), one.names(), Optional.empty()))
                .toList();
    }

    private <T> List<T> items(UUID tankId, JournalRow.Kind kind, Class<T> type) {
        return journal.findByTankIdAndRemovedAtIsNull(tankId).stream()
                .filter(row -> row.kind() == kind)
                .map(row -> row.as(type))
                .toList();
    }

    private static Optional<WishId> wishOf(Resident fish, UUID tankId) {
        return fish.noted()
                .bound()
                .filter(bound -> bound.tank().equals(tankId.toString()))
                .flatMap(Life.Bound::wish);
    }
}
