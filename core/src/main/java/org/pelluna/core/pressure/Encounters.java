package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Stock;

/** Pressures among the fish of one plan: between residents today, and between residents and a newcomer. */
public final class Encounters {
    private final PressureModel model;
    private final List<Fish> residents;
    private final Map<String, Long> residentsOfSpecies;
    private final LocalDate today;

    private Encounters(PressureModel model, List<Fish> residents, LocalDate today) {
        this.model = model;
        this.residents = residents;
        this.residentsOfSpecies = residents.stream()
                .collect(Collectors.groupingBy(fish -> fish.species().id(), Collectors.counting()));
        this.today = today;
    }

    public static Encounters of(Stock stock) {
        return new Encounters(
                new PressureModel(Ground.of(stock.plan().tank(), stock.plan().asOf())),
                stock.residents(),
                stock.plan().asOf());
    }

    /** The same fish on other ground. */
    public static Encounters on(Ground ground, Stock stock) {
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
        Meeting meeting = meeting(resident, newcomer, daysHere(resident), newcomers);
        return model.of(resident, newcomer, meeting, today);
    }

    /**
     * The pressure of a resident on a newcomer that is welcomed with some care.
     *
     * @param ahead days the resident has been here before it
     */
    Pressure onArrival(Fish resident, Fish newcomer, int newcomers, Set<Welcome> welcome, int ahead) {
        Meeting meeting = meeting(resident, newcomer, ahead, newcomers);
        return model.of(resident, newcomer, meeting.welcome(welcome), today);
    }

    /** The pressure of such a newcomer on a resident. */
    Pressure byNewcomer(Fish newcomer, Fish resident, int newcomers, int ahead) {
        Meeting meeting = meeting(newcomer, resident, -ahead, newcomers);
        return model.of(newcomer, resident, meeting, today);
    }

    /** The pressure of a newcomer on a resident in the newcomer's first week. */
    public Pressure byNewcomer(Fish newcomer, Fish resident, int newcomers) {
        Meeting meeting = meeting(newcomer, resident, -daysHere(resident), newcomers);
        return model.of(newcomer, resident, meeting, today);
    }

    /**
     * The pressure of one fish on another as they would meet again.
     *
     * @param ahead days the aggressor would have been here before the other
     * @param together days they would have lived together
     * @param welcome what is done for the other
     */
    public Pressure again(Fish aggressor, Fish victim, int ahead, int together, Set<Welcome> welcome) {
        Meeting meeting = Meeting.plain(ahead).together(together);
        return model.of(
                aggressor, victim, kinship(meeting, aggressor, victim, 0).welcome(welcome), today);
    }

    private Meeting meeting(Fish aggressor, Fish victim, int ahead, int newcomers) {
        Meeting meeting = Meeting.plain(ahead).newcomers(newcomers);
        if (ahead > 0) {
            meeting = meeting.rivals(rivals(aggressor));
        }
        return kinship(meeting, aggressor, victim, newcomers);
    }

    private Pressure settled(Fish aggressor, Fish victim) {
        int ahead = (int) ChronoUnit.DAYS.between(aggressor.arrivesOn(), victim.arrivesOn());
        LocalDate later = ahead > 0 ? victim.arrivesOn() : aggressor.arrivesOn();
        Meeting meeting = Meeting.plain(ahead).together((int) ChronoUnit.DAYS.between(later, today));
        return model.of(aggressor, victim, kinship(meeting, aggressor, victim, 0), today);
    }

    /** Other residents in which this resident sees rivals of its own sort, its companions aside. */
    private int rivals(Fish aggressor) {
        return (int)
                residents.stream().filter(other -> crowds(aggressor, other)).count();
    }

    /** Whether the presence of {@code other} diverts the aggressor from a further rival. */
    public static boolean crowds(Fish aggressor, Fish other) {
        return !other.species().id().equals(aggressor.species().id())
                && Likeness.of(aggressor.species(), other.species()).kin().isRival();
    }

    private Meeting kinship(Meeting meeting, Fish one, Fish other, int newcomers) {
        int total = residentsOfSpecies.getOrDefault(one.species().id(), 0L).intValue() + newcomers;
        return kinshipOf(meeting, one, other, total);
    }

    /** The meeting of two fish, knowing how many of the first one's species are to live together. */
    public static Meeting kinshipOf(Meeting meeting, Fish one, Fish other, int totalOfKind) {
        if (!one.species().id().equals(other.species().id())) {
            return meeting;
        }
        boolean suits = one.species().company().suits(totalOfKind);
        return meeting.company(suits, !suits);
    }

    int daysHere(Fish resident) {
        return (int) ChronoUnit.DAYS.between(resident.arrivesOn(), today);
    }
}
