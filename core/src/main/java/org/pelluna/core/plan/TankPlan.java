package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.watch.Journal;
import org.pelluna.core.watch.LogEntry;

/**
 * Everything one tank's findings depend on, and its record.
 *
 * @param asOf the day for which the plan is judged
 * @param tank the tank
 * @param houseRules the keeper's limits and schools
 * @param residents every fish that lives or lived here
 * @param wishes every wish, struck ones included
 * @param log what was seen
 * @param losses what was lost
 * @param ownSpecies what the keeper adds to the catalogue for this plan
 * @param schedule what the keeper decided about the arrivals
 * @param waterTests water tests, the oldest first
 * @param journal what the record holds beside the log
 */
public record TankPlan(
        LocalDate asOf,
        Tank tank,
        HouseRules houseRules,
        List<Resident> residents,
        List<Wish> wishes,
        List<LogEntry> log,
        List<Loss> losses,
        List<OwnSpecies> ownSpecies,
        Schedule schedule,
        List<WaterTest> waterTests,
        Journal journal) {

    /** A plan with an empty journal. */
    public TankPlan(
            LocalDate asOf,
            Tank tank,
            HouseRules houseRules,
            List<Resident> residents,
            List<Wish> wishes,
            List<LogEntry> log,
            List<Loss> losses,
            List<OwnSpecies> ownSpecies,
            Schedule schedule,
            List<WaterTest> waterTests) {
        this(asOf, tank, houseRules, residents, wishes, log, losses, ownSpecies, schedule, waterTests, Journal.EMPTY);
    }

    public TankPlan {
        residents = List.copyOf(residents);
        wishes = List.copyOf(wishes);
        log = List.copyOf(log);
        losses = List.copyOf(losses);
        ownSpecies = List.copyOf(ownSpecies);
        waterTests = List.copyOf(waterTests);
    }

    /** The same, judged for another day. */
    public TankPlan on(LocalDate day) {
        return new TankPlan(
                day, tank, houseRules, residents, wishes, log, losses, ownSpecies, schedule, waterTests, journal);
    }

    /** The same as if a fish had never come here; what was written of it stays. */
    public TankPlan without(String residentId) {
        return withResidents(Lists.without(residents, Resident::id, java.util.Set.of(residentId)));
    }

    /** The same with another schedule. */
    public TankPlan with(Schedule changed) {
        return new TankPlan(
                asOf, tank, houseRules, residents, wishes, log, losses, ownSpecies, changed, waterTests, journal);
    }

    TankPlan withWishes(List<Wish> changed) {
        return new TankPlan(
                asOf, tank, houseRules, residents, changed, log, losses, ownSpecies, schedule, waterTests, journal);
    }

    TankPlan withResidents(List<Resident> changed) {
        return new TankPlan(
                asOf, tank, houseRules, changed, wishes, log, losses, ownSpecies, schedule, waterTests, journal);
    }

    TankPlan withLog(List<LogEntry> changed) {
        return new TankPlan(
                asOf, tank, houseRules, residents, wishes, changed, losses, ownSpecies, schedule, waterTests, journal);
    }

    TankPlan withLosses(List<Loss> changed) {
        return new TankPlan(
                asOf, tank, houseRules, residents, wishes, log, changed, ownSpecies, schedule, waterTests, journal);
    }

    /**
     * Every species this plan may name.
     *
     * @throws IllegalArgumentException if one of its own resembles a species the catalogue lacks
     */
    public Catalogue species(Catalogue catalogue) {
        return OwnSpecies.added(ownSpecies, catalogue);
    }
}
