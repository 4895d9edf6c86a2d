package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/** Pressures among the fish of one plan: between residents today, and between residents and a newcomer. */
public final class Encounters {
    private final PressureModel model;
    private final List<Fish> residents;
    private final Map<SpeciesId, Long> residentsOfSpecies;
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
                new PressureModel(Habitat.of(stock.plan().tank(), stock.plan().asOf())),
                stock.residents(),
                stock.plan().asOf());
    }

    /** The same fish on other ground. */
    public static Encounters on(Habitat ground, ResolvedPlan stock) {
        return new Encounters(
                new PressureModel(ground), stock.residents(), stock.plan().asOf());
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

    /** The pressure of a resident on a newcomer in its first week. */
    public Pressure onArrival(Fish resident, Fish newcomer, int newcomers) {
        return onArrival(resident, newcomer, newcomers, Set.of(), daysHere(resident));
    }

    /**
     * The pressure of a resident on a newcomer that is welcomed with some care.
     *
     * @param ahead days the resident has been here before it
     */
    Pressure onArrival(Fish resident, Fish newcomer, int newcomers, Set<ArrivalAid> welcome, int ahead) {
        return firstWeek(resident, newcomer, ahead, newcomers, welcome);
    }

    /** The pressure of a newcomer on a resident in the newcomer's first week. */
    public Pressure byNewcomer(Fish newcomer, Fish resident, int newcomers) {
        return byNewcomer(newcomer, resident, newcomers, daysHere(resident));
    }

    /** The pressure of such a newcomer on a resident that has been here for some days before it. */
    Pressure byNewcomer(Fish newcomer, Fish resident, int newcomers, int ahead) {
        return firstWeek(newcomer, resident, -ahead, newcomers, Set.of());
    }

    private Pressure firstWeek(Fish aggressor, Fish victim, int ahead, int newcomers, Set<ArrivalAid> welcome) {
        int rivals = (int) residents.stream()
                .filter(other -> Meetings.crowds(aggressor, other))
                .count();
        Meeting meeting = Meetings.firstWeek(
                aggressor, victim, ahead, newcomers, rivals, ofItsKind(aggressor) + newcomers, welcome);
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
                Meetings.after(aggressor, victim, ahead, together, ofItsKind(aggressor), welcome),
                today);
    }

    private Pressure settled(Fish aggressor, Fish victim) {
        int ahead = (int) ChronoUnit.DAYS.between(aggressor.arrivesOn(), victim.arrivesOn());
        LocalDate later = ahead > 0 ? victim.arrivesOn() : aggressor.arrivesOn();
        return again(aggressor, victim, ahead, (int) ChronoUnit.DAYS.between(later, today), Set.of());
    }

    private int ofItsKind(Fish fish) {
        return residentsOfSpecies.getOrDefault(fish.species().id(), 0L).intValue();
    }

    int daysHere(Fish resident) {
        return (int) ChronoUnit.DAYS.between(resident.arrivesOn(), today);
    }
}
