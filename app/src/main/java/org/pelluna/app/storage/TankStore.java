package org.pelluna.app.storage;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.LongFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A keeper's tanks and their plans. Every method names the keeper, and another's tank is as good as none. */
@Service
@Transactional
public class TankStore {
    private final Rows.Tanks tanks;
    private final Rows.Wishes wishes;
    private final Rows.Residents residents;
    private final Rows.Losses losses;
    private final Rows.OwnSpecies own;
    private final Rows.Schedules schedules;
    private final Rows.WaterTests tests;
    private final Rows.Observations journal;
    private final Rows.Photos photos;
    private final OwnFigureStore figures;
    private final Quotas quotas;
    private final QuarantineBookings bookings;
    private final LogReader logReader;
    private final LogWriter logWriter;
    private final Clock clock;

    TankStore(
            Rows.Tanks tanks,
            Rows.Wishes wishes,
            Rows.Residents residents,
            Rows.Losses losses,
            Rows.OwnSpecies own,
            Rows.Schedules schedules,
            Rows.WaterTests tests,
            Rows.Observations journal,
            Rows.Photos photos,
            OwnFigureStore figures,
            Quotas quotas,
            QuarantineBookings bookings,
            LogReader logReader,
            LogWriter logWriter,
            Clock clock) {
        this.tanks = tanks;
        this.wishes = wishes;
        this.residents = residents;
        this.losses = losses;
        this.own = own;
        this.schedules = schedules;
        this.tests = tests;
        this.journal = journal;
        this.photos = photos;
        this.figures = figures;
        this.quotas = quotas;
        this.bookings = bookings;
        this.logReader = logReader;
        this.logWriter = logWriter;
        this.clock = clock;
    }

    /** What it takes to choose a tank. */
    public record Choice(UUID id, String name, Purpose.Kind kind) {}

    /** The keeper's tanks by name, the oldest first. */
    @Transactional(readOnly = true)
    public List<Choice> choices(UUID keeperId) {
        return tanks.choices(keeperId);
    }

    /** The keeper's tanks, the oldest first. */
    @Transactional(readOnly = true)
    public List<TankRow> of(UUID keeperId) {
        return tanks.findByKeeperIdAndRemovedAtIsNullOrderByCreatedAt(keeperId);
    }

    /** Whether a keeper has such a tank, also one that was removed and can be brought back. */
    @Transactional(readOnly = true)
    public boolean isOf(UUID keeperId, UUID tankId) {
        return tanks.existsByIdAndKeeperId(tankId, keeperId);
    }

    /**
     * One tank.
     *
     * @throws NotFoundException if the keeper has no such tank
     */
    @Transactional(readOnly = true)
    public TankRow get(UUID keeperId, UUID tankId) {
        return tanks.findByIdAndKeeperIdAndRemovedAtIsNull(tankId, keeperId)
                .orElseThrow(() -> new NotFoundException("tank"));
    }

    /**
     * The tank, held for a change until the transaction ends; whoever changes anything of a tank begins here.
     *
     * @throws NotFoundException if the keeper has no such tank
     */
    @Transactional(propagation = Propagation.MANDATORY)
    TankRow own(UUID keeperId, UUID tankId) {
        return tanks.hold(tankId, keeperId)
                .filter(row -> !row.isRemoved())
                .orElseThrow(() -> new NotFoundException("tank"));
    }

    /**
     * How far a tank has changed.
     *
     * @throws NotFoundException if the keeper has no such tank
     */
    @Transactional(readOnly = true)
    public TankState state(UUID keeperId, UUID tankId) {
        return tanks.state(tankId, keeperId).orElseThrow(() -> new NotFoundException("tank"));
    }

    /**
     * A tank's plan with the state it was read in; both of one moment.
     *
     * @param knownLog the log of a state, if it is known already; it is not read again then
     * @throws NotFoundException if the keeper has no such tank
     */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public Snapshot snapshot(UUID keeperId, UUID tankId, LongFunction<Optional<List<LogEntry>>> knownLog) {
        TankState state = state(keeperId, tankId);
        List<LogEntry> log = knownLog.apply(state.logRevision()).orElseGet(() -> logReader.read(tankId));
        return new Snapshot(state, plan(keeperId, tankId, log));
    }

    /** A plan, and the state of the tank in which it was read. */
    public record Snapshot(TankState state, TankPlan plan) {}

    /**
     * The whole plan of a tank, for today.
     *
     * @throws NotFoundException if the keeper has no such tank
     */
    @Transactional(readOnly = true)
    public TankPlan plan(UUID keeperId, UUID tankId) {
        get(keeperId, tankId);
        return plan(keeperId, tankId, logReader.read(tankId));
    }

    private TankPlan plan(UUID keeperId, UUID tankId, List<LogEntry> log) {
        TankRow tank = get(keeperId, tankId);
        return new TankPlan(
                LocalDate.now(clock),
                tank.tank(),
                tank.houseRules(),
                residents.findByTankIdOrderByPlace(tankId).stream()
                        .map(ResidentRow::toCore)
                        .toList(),
                wishes.findByTankIdAndRemovedAtIsNullAndArrivedOnIsNullOrderByPlace(tankId).stream()
                        .map(WishRow::toCore)
                        .toList(),
                log,
                losses.findByTankIdAndRemovedAtIsNullOrderByLostOnAscPlanKeyAsc(tankId).stream()
                        .map(LossRow::toCore)
                        .toList(),
                ownSpecies(tankId),
                figures.of(keeperId),
                bookings.into(schedule(tankId), keeperId, tankId, LocalDate.now(clock)),
                tests.findByTankIdAndRemovedAtIsNullOrderByTestedOnAscPlanKeyAsc(tankId).stream()
                        .map(WaterTestRow::toCore)
                        .toList(),
                JournalStore.observed(journal.findByTankIdAndRemovedAtIsNull(tankId)));
    }

    /**
     * Makes sure that fish are of a keeper's tank, and holds it.
     *
     * @throws NotFoundException if one is not
     */
    void requireFish(UUID keeperId, UUID tankId, java.util.Collection<FishId> fish) {
        own(keeperId, tankId);
        java.util.Set<String> all = fish.stream().map(FishId::key).collect(Collectors.toSet());
        if (!all.isEmpty() && residents.countByTankIdAndPlanKeyIn(tankId, all) != all.size()) {
            throw new NotFoundException("fish");
        }
    }

    /** Every tank there is, with its keeper; for what looks after them all. */
    @Transactional(readOnly = true)
    public List<Kept> everyone() {
        return tanks.findByRemovedAtIsNull().stream()
                .map(row -> new Kept(row.keeperId(), row.id()))
                .toList();
    }

    /** A tank and its keeper. */
    public record Kept(UUID keeperId, UUID tankId) {}

    /** The schedule, without wishes that have arrived or been removed since. */
    private Schedule schedule(UUID tankId) {
        Set<String> open = wishes.openKeys(tankId);
        return schedules
                .findById(tankId)
                .map(ScheduleRow::toCore)
                .map(found -> found.only(wish -> open.contains(wish.key())))
                .orElse(Schedule.NONE);
    }

    private List<OwnSpecies> ownSpecies(UUID tankId) {
        return own.findByTankIdOrderByPlanKey(tankId).stream()
                .map(OwnSpeciesRow::toCore)
                .toList();
    }

    /**
     * Adds a tank without fish. A form sent twice adds one.
     *
     * @param formKey the form's own key; it means nothing beyond this keeper
     * @return the key of the tank
     */
    public UUID add(UUID keeperId, UUID formKey, Tank tank, HouseRules rules) {
        return tanks.findByKeeperIdAndFormKey(keeperId, formKey)
                .orElseGet(() -> {
                    quotas.forTank(keeperId, 0);
                    return tanks.saveAndFlush(new TankRow(keeperId, formKey, tank, rules, clock.instant()));
                })
                .id();
    }

    /** Adds a tank with everything a plan holds and its photographs, by key: all of it, or nothing. */
    public UUID add(UUID keeperId, TankPlan plan, Map<String, byte[]> photographs) {
        quotas.forTank(keeperId, photographs.size());
        UUID tankId = add(keeperId, plan);
        photographs.forEach((key, jpeg) -> photos.save(new PhotoRow(tankId, key, jpeg)));
        return tankId;
    }

    /** Adds a tank with everything a plan holds. */
    public UUID add(UUID keeperId, TankPlan plan) {
        UUID tankId = add(keeperId, UUID.randomUUID(), plan.tank(), plan.houseRules());
        for (int i = 0; i < plan.residents().size(); i++) {
            residents.save(new ResidentRow(tankId, i, plan.residents().get(i), null));
        }
        for (int i = 0; i < plan.wishes().size(); i++) {
            wishes.save(new WishRow(tankId, i, plan.wishes().get(i)));
        }
        residents.flush();
        logWriter.write(tankId, plan.log());
        plan.ownSpecies().forEach(one -> own.save(new OwnSpeciesRow(tankId, one)));
        figures.take(keeperId, tankId, plan.corrections());
        schedules.save(new ScheduleRow(tankId, plan.schedule()));
        plan.waterTests().forEach(test -> tests.save(new WaterTestRow(tankId, test)));
        plan.losses().forEach(loss -> losses.save(new LossRow(tankId, loss)));
        journal.saveAll(JournalStore.rows(tankId, plan.observations()));
        return tankId;
    }

    /**
     * Changes profile and house rules.
     *
     * @param version the version the keeper saw
     * @throws StaleVersionException if that is no longer the current one
     */
    public void change(UUID keeperId, UUID tankId, int version, Tank tank, HouseRules rules) {
        TankRow row = own(keeperId, tankId);
        if (row.version() != version) {
            throw new StaleVersionException(row);
        }
        row.change(tank, rules);
        tanks.saveAndFlush(row);
    }

    /** Changes a profile by one step, from what it is now; house rules that are those offered for such a tank go with it. */
    public void change(UUID keeperId, UUID tankId, UnaryOperator<Tank> step) {
        TankRow row = own(keeperId, tankId);
        Tank before = row.tank();
        Tank after = step.apply(before);
        boolean asOffered = row.houseRules().equals(Preset.forNew(before));
        row.change(after, asOffered ? Preset.forNew(after) : row.houseRules());
        tanks.saveAndFlush(row);
    }

    /**
     * Takes a tank away, and with it the figures of species that were imported with it; {@link #restore} brings both back.
     *
     * @return how many figures no longer count
     */
    public int remove(UUID keeperId, UUID tankId) {
        own(keeperId, tankId).removed(clock.instant());
        return figures.hide(tankId, true);
    }

    /** Brings a tank back. */
    public void restore(UUID keeperId, UUID tankId) {
        tanks.hold(tankId, keeperId)
                .orElseThrow(() -> new NotFoundException("tank"))
                .removed(null);
        figures.hide(tankId, false);
    }
}
