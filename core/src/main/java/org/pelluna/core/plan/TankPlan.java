package org.pelluna.core.plan;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Observations;

/**
 * Everything one tank's findings depend on, and its record.
 *
 * @param asOf the day for which the plan is judged
 * @param tank the tank
 * @param houseRules the keeper's limits and approaches
 * @param residents every fish that lives or lived here
 * @param wishes every wish, struck ones included
 * @param log what was seen
 * @param losses what was lost
 * @param ownSpecies what the keeper adds to the catalogue for this plan
 * @param corrections the keeper's own figures of species of the catalogue
 * @param schedule what the keeper decided about the arrivals
 * @param waterTests water tests, the oldest first
 * @param observations what the record holds beside the log
 */
@RecordBuilder
public record TankPlan(
        LocalDate asOf,
        Tank tank,
        @IfAbsent("{}") HouseRules houseRules,
        List<Resident> residents,
        List<Wish> wishes,
        List<LogEntry> log,
        List<Loss> losses,
        List<OwnSpecies> ownSpecies,

        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Correction> corrections,

        @IfAbsent("{}") Schedule schedule,
        List<WaterTest> waterTests,
        @IfAbsent("{}") @JsonProperty("journal") Observations observations)
        implements TankPlanBuilder.With {

    public TankPlan {
        residents = List.copyOf(residents);
        wishes = List.copyOf(wishes);
        log = List.copyOf(log);
        losses = List.copyOf(losses);
        ownSpecies = List.copyOf(ownSpecies);
        corrections = List.copyOf(corrections);
        waterTests = List.copyOf(waterTests);
    }

    /** A plan for a tank of which nothing else is known: no fish, no wish, no record. */
    public static TankPlan of(LocalDate asOf, Tank tank, HouseRules houseRules) {
        return new TankPlan(
                asOf,
                tank,
                houseRules,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Schedule.NONE,
                List.of(),
                Observations.EMPTY);
    }

    /** What each fish that lives or lived here is called. */
    public Map<FishId, String> fishNames() {
        return residents.stream().collect(Collectors.toMap(Resident::id, Resident::name));
    }

    /** The same without what was observed: no log, no watches, roll calls, signs, remedies or tasks. Crew, tests and losses stay. */
    public TankPlan unobserved() {
        return with(as -> as.log(List.of()).observations(observations.onlyStock()));
    }

    /** What the water rests on: the tank, its rules, the fish that lived and were lost here, and the tests. */
    public TankPlan forWater() {
        return with(as ->
                as.wishes(List.of()).log(List.of()).schedule(Schedule.NONE).observations(Observations.EMPTY));
    }

    /** What fish do to one another rests on: the tank, its rules and the fish, on a day; no wishes and no record. */
    public TankPlan forEncounters(LocalDate day) {
        return with(as -> as.asOf(day)
                .wishes(List.of())
                .log(List.of())
                .losses(List.of())
                .schedule(Schedule.NONE)
                .waterTests(List.of())
                .observations(Observations.EMPTY));
    }

    /** The same as if a fish had never come here; what was written of it stays. */
    public TankPlan without(FishId residentId) {
        return withResidents(Lists.without(residents, Resident::id, java.util.Set.of(residentId)));
    }

    /**
     * Every species this plan may name.
     *
     * @throws IllegalArgumentException if one of its own resembles a species the catalogue lacks
     */
    public Catalogue species(Catalogue catalogue) {
        return OwnSpecies.added(ownSpecies, Correction.applied(corrections, catalogue));
    }
}
