package org.pelluna.core.watch;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;

/**
 * What the record holds beside the log of encounters.
 *
 * @param watches times watched, the oldest first
 * @param rollCalls counts of heads, the oldest first
 * @param signs signs of injury or illness, the oldest first
 * @param remedies what was tried, the oldest first
 * @param crew invertebrates counted and added, the oldest first
 * @param tasks what is to be done
 * @param unlearned fish of which nothing is to be learned from the log, by their keys; {@link #WHOLE_TANK} for what holds for the tank
 * @param phases the parts of quarantines in this tank, the oldest first
 * @param crewPlans invertebrates to be bought
 * @param crewEncounters what passed between fish and invertebrates, the oldest first
 * @param reservations days of this quarantine tank kept for arrivals of other tanks, in order
 * @param fallows decisions to leave this display without fish for a disease, the oldest first
 */
@RecordBuilder
public record Observations(
        List<ObservationSession> watches,
        List<RollCall> rollCalls,
        List<Sign> signs,
        List<Remedy> remedies,
        List<CrewCount> crew,
        List<Task> tasks,
        Set<FishId> unlearned,
        List<Phase> phases,
        List<CrewPlan> crewPlans,
        List<CrewEncounter> crewEncounters,
        List<Reservation> reservations,
        List<Fallow> fallows)
        implements ObservationsBuilder.With {

    /** Stands among the {@link #unlearned} for what the log says of the whole tank; no fish can have this key. */
    public static final FishId WHOLE_TANK = new FishId("*");

    /** Nothing written. */
    public static final Observations EMPTY = new Observations(
            List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Set.of(), List.of(), List.of(), List.of(),
            List.of(), List.of());

    /** Only what the judgement of a plan rests on: crew, what is planned of it, what passed between it and fish, bookings, white spots, and a display without fish. */
    public Observations onlyStock() {
        return EMPTY.with(as -> as.crew(crew)
                .signs(signs.stream()
                        .filter(sign -> sign.kind() == Sign.Kind.WHITE_SPOTS)
                        .toList())
                .crewPlans(crewPlans)
                .crewEncounters(crewEncounters)
                .phases(phases)
                .reservations(reservations)
                .fallows(fallows));
    }

    /** Whether a roll call, a sign or a remedy names one of some fish. */
    public boolean speaksOf(Set<FishId> fish) {
        return rollCalls.stream()
                        .anyMatch(call -> call.found().keySet().stream().anyMatch(fish::contains))
                || crewEncounters.stream()
                        .anyMatch(seen -> Stream.of(seen.by(), seen.to())
                                .flatMap(one -> one.fish().stream())
                                .anyMatch(fish::contains))
                || signs.stream().anyMatch(sign -> fish.contains(sign.fishId()))
                || remedies.stream()
                        .anyMatch(
                                remedy -> remedy.fishId().filter(fish::contains).isPresent());
    }

    public Observations {
        watches = List.copyOf(watches);
        rollCalls = List.copyOf(rollCalls);
        signs = List.copyOf(signs);
        remedies = List.copyOf(remedies);
        crew = List.copyOf(crew);
        tasks = List.copyOf(tasks);
        phases = Phases.inOrder(phases);
        crewPlans = List.copyOf(crewPlans);
        crewEncounters = crewEncounters.stream()
                .sorted(Comparator.comparing(CrewEncounter::at).thenComparing(CrewEncounter::id))
                .toList();
        reservations = reservations.stream()
                .sorted(Comparator.comparing(Reservation::from).thenComparing(Reservation::id))
                .toList();
        fallows = fallows.stream()
                .sorted(Comparator.comparing(Fallow::on).thenComparing(Fallow::id))
                .toList();
        unlearned = java.util.Collections.unmodifiableSet(new TreeSet<>(unlearned));
    }
}
