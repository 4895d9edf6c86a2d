package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/** Pressures among the fish of one plan: between residents today, and between residents and a newcomer. */
public final class Encounters {
    private final PressureModel model;
    private final List<Fish> residents;
    private final Map<SpeciesId, Long> residentsOfSpecies;
    private final Map<SpeciesId, Integer> rivalsOfSpecies = new ConcurrentHashMap<>();
    private final LocalDate today;

    private Encounters(PressureModel model, List<Fish> residents, LocalDate today) {
        this.model = model;
        this.residents = residents;
        this.residentsOfSpecies = residents.stream()
                .collect(Collectors.groupingBy(fish -> fish.species().id(), Collectors.counting()));
        this.today = today;
    }

    public static Encounters of(ResolvedPlan stock) {
        return new Encounters(
                PressureModel.of(stock), stock.residents(), stock.plan().asOf());
    }

    /** The same fish on other ground. */
    public static Encounters on(Habitat ground, ResolvedPlan stock) {
        return new Encounters(
                PressureModel.on(ground, stock), stock.residents(), stock.plan().asOf());
    }

    /** Today's pressures for every ordered pair of residents. */
    public List<Pressure> amongResidents() {
        List<Pressure> pressures = new ArrayList<>();
        for (Fish aggressor : residents) {
            for (Fish victim : residents) {
                if (!aggressor.id().equals(victim.id())) {
                    pressures.add(settled(aggressor, victim));
                }
            }
        }
        return pressures;
    }

    /** The pressure of a resident on a newcomer in its first week; so many of its species come that day. */
    public Pressure onArrival(Fish resident, Fish newcomer, int newcomers) {
        return firstWeek(resident, newcomer, daysHere(resident), newcomers, newcomers, Set.of());
    }

    /**
     * The pressure of a resident on a newcomer that is welcomed with some care.
     *
     * @param newcomers fish that come that day, of whatever species; of its own there is but this one
     * @param ahead days the resident has been here before it
     */
    Pressure onArrival(Fish resident, Fish newcomer, int newcomers, Set<ArrivalAid> welcome, int ahead) {
        return firstWeek(resident, newcomer, ahead, newcomers, 1, welcome);
    }

    /** The pressure of a newcomer on a resident in the newcomer's first week; so many of its species come that day. */
    public Pressure byNewcomer(Fish newcomer, Fish resident, int newcomers) {
        return firstWeek(newcomer, resident, -daysHere(resident), newcomers, newcomers, Set.of());
    }

    /** The pressure of such a newcomer on a resident that has been here for some days before it; of its own species there is but this one. */
    Pressure byNewcomer(Fish newcomer, Fish resident, int newcomers, int ahead) {
        return firstWeek(newcomer, resident, -ahead, newcomers, 1, Set.of());
    }

    private Pressure firstWeek(
            Fish aggressor, Fish victim, int ahead, int newcomers, int ofItsSpecies, Set<ArrivalAid> welcome) {
        Meeting meeting = Meetings.firstWeek(
                aggressor, victim, ahead, newcomers, rivals(aggressor), ofItsKind(aggressor) + ofItsSpecies, welcome);
        return model.of(aggressor, victim, meeting, today);
    }

    /**
     * The pressure of one fish on another as they would meet again.
     *
     * @param ahead days the aggressor would have been here before the other
     * @param together days they would have lived together
     * @param welcome what is done for the other
     */
    public Pressure again(Fish aggressor, Fish victim, int ahead, int together, Set<ArrivalAid> welcome) {
        return model.of(
                aggressor,
                victim,
                Meetings.after(
                        aggressor,
                        victim,
                        ahead,
                        together,
                        cameWith(victim),
                        rivalsBefore(aggressor, victim),
                        ofItsKind(aggressor),
                        welcome),
                today);
    }

    private int cameWith(Fish victim) {
        return (int) Math.max(
                1,
                residents.stream()
                        .filter(fish -> fish.arrivesOn().equals(victim.arrivesOn()))
                        .count());
    }

    private int rivalsBefore(Fish aggressor, Fish victim) {
        return (int) residents.stream()
                .filter(other -> other.arrivesOn().isBefore(victim.arrivesOn())
                        && !other.id().equals(aggressor.id())
                        && Meetings.crowds(aggressor, other))
                .count();
    }

    private Pressure settled(Fish aggressor, Fish victim) {
        int ahead = (int) ChronoUnit.DAYS.between(aggressor.arrivesOn(), victim.arrivesOn());
        LocalDate later = ahead > 0 ? victim.arrivesOn() : aggressor.arrivesOn();
        return again(aggressor, victim, ahead, (int) ChronoUnit.DAYS.between(later, today), Set.of());
    }

    /** Rivals of its own sort that live here: the same for every newcomer. */
    private int rivals(Fish aggressor) {
        return rivalsOfSpecies.computeIfAbsent(aggressor.species().id(), species -> (int) residents.stream()
                .filter(other -> Meetings.crowds(aggressor, other))
                .count());
    }

    private int ofItsKind(Fish fish) {
        return residentsOfSpecies.getOrDefault(fish.species().id(), 0L).intValue();
    }

    int daysHere(Fish resident) {
        return (int) ChronoUnit.DAYS.between(resident.arrivesOn(), today);
    }
}
