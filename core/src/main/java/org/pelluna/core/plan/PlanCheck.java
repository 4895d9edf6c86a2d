package org.pelluna.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Observations;

/** Looks for contradictions within a plan that no schema can see: keys used twice, keys that name nothing. */
final class PlanCheck {
    private Catalogue catalogue;
    private final List<Fault> faults = new ArrayList<>();
    private final Set<String> keys = new HashSet<>();

    private PlanCheck(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    static List<Fault> faults(TankPlan plan, Catalogue catalogue) {
        PlanCheck check = new PlanCheck(catalogue);
        check.water(plan);
        check.ownSpecies(plan);
        check.fish(plan);
        check.record(plan);
        check.schedule(plan);
        check.observations(plan);
        return List.copyOf(check.faults);
    }

    private void water(TankPlan plan) {
        if (plan.tank().estimatesCycle()) {
            fault(
                    "/tank/cyclingSince",
                    "a tank whose cycle is finished is not cycling any more: leave one of both days out");
        }
        try {
            plan.tank().netWater();
        } catch (IllegalArgumentException e) {
            fault("/tank/water", String.valueOf(e.getMessage()));
        }
        if (plan.tank()
                .swimLengthCm()
                .filter(cm -> cm > plan.tank().shape().longestTravelCm() * 1.5)
                .isPresent()) {
            fault("/tank/swimLengthCm", "the swimming length cannot be so much longer than the tank");
        }
    }

    private void ownSpecies(TankPlan plan) {
        Correction.faults(plan.corrections(), catalogue).forEach(problem -> fault("/corrections", problem));
        for (int i = 0; i < plan.ownSpecies().size(); i++) {
            OwnSpecies own = plan.ownSpecies().get(i);
            String path = "/ownSpecies/" + i;
            key(path, own.id().key());
            catalogue
                    .find(own.like())
                    .ifPresentOrElse(
                            other -> own.faults(other).forEach(problem -> fault(path, problem)),
                            () -> fault(path + "/like", "no species '" + own.like() + "' in the catalogue"));
        }
        if (faults.stream().noneMatch(fault -> fault.path().startsWith("/ownSpecies"))) {
            catalogue = plan.species(catalogue);
        }
    }

    private void fish(TankPlan plan) {
        for (int i = 0; i < plan.residents().size(); i++) {
            Resident resident = plan.residents().get(i);
            String path = "/residents/" + i;
            key(path, resident.id().key());
            species(path, resident.speciesId());
            if (resident.arrivedOn().isAfter(plan.asOf())) {
                fault(path + "/arrivedOn", resident.name() + " cannot arrive after the day of the plan");
            }
        }
        for (int i = 0; i < plan.wishes().size(); i++) {
            String path = "/wishes/" + i;
            key(path, plan.wishes().get(i).id().key());
            species(path, plan.wishes().get(i).speciesId());
        }
    }

    private void record(TankPlan plan) {
        Map<FishId, Resident> residents = new HashMap<>();
        plan.residents().forEach(resident -> residents.put(resident.id(), resident));
        for (int i = 0; i < plan.log().size(); i++) {
            LogEntry entry = plan.log().get(i);
            key("/log/" + i, entry.id());
            knows(residents, "/log/" + i + "/aggressorId", entry.aggressorId());
            knows(residents, "/log/" + i + "/fishId", entry.fishId());
        }
        Set<FishId> lost = new HashSet<>();
        for (int i = 0; i < plan.losses().size(); i++) {
            Loss loss = plan.losses().get(i);
            String path = "/losses/" + i + "/fishId";
            key("/losses/" + i, loss.id());
            knows(residents, path, Optional.of(loss.fishId()));
            if (!lost.add(loss.fishId())) {
                fault(path, "the fish '" + loss.fishId() + "' is lost twice");
            }
            Resident resident = residents.get(loss.fishId());
            if (resident != null && !resident.leftOn().equals(Optional.of(loss.on()))) {
                fault("/losses/" + i + "/on", "must be the day on which the resident '" + loss.fishId() + "' left");
            }
        }
    }

    private void schedule(TankPlan plan) {
        Set<WishId> wishes = new HashSet<>();
        plan.wishes().forEach(wish -> wishes.add(wish.id()));
        Schedule schedule = plan.schedule();
        Stream.concat(
                        schedule.order().stream(),
                        Stream.of(
                                schedule.notBefore().keySet(),
                                schedule.inQuarantine().keySet()))
                .forEach(named -> named.stream()
                        .filter(id -> !wishes.contains(id))
                        .forEach(id -> fault("/schedule", "no wish '" + id + "'")));
        for (int i = 0; i < schedule.setbacks().size(); i++) {
            key("/schedule/setbacks/" + i, schedule.setbacks().get(i).id());
        }
        for (int i = 0; i < plan.waterTests().size(); i++) {
            key("/waterTests/" + i, plan.waterTests().get(i).id());
        }
    }

    private void observations(TankPlan plan) {
        Set<FishId> residents = new HashSet<>();
        plan.residents().forEach(one -> residents.add(one.id()));
        Observations seen = plan.observations();
        seen.watches().forEach(one -> key("/journal/watches", one.id()));
        seen.crew().forEach(one -> key("/journal/crew", one.id()));
        seen.tasks().forEach(one -> key("/journal/tasks", one.id()));
        seen.phases().forEach(one -> key("/journal/phases", one.id()));
        seen.crewPlans().forEach(one -> key("/journal/crewPlans", one.id()));
        seen.fallows().forEach(one -> key("/journal/fallows", one.id()));
        seen.reservations().forEach(one -> key("/journal/reservations", one.id()));
        seen.crewEncounters().forEach(one -> {
            key("/journal/crewEncounters", one.id());
            Stream.of(one.by(), one.to())
                    .flatMap(animal -> animal.fish().stream())
                    .forEach(fish -> fish(residents, "/journal/crewEncounters", fish));
        });
        seen.rollCalls().forEach(one -> {
            key("/journal/rollCalls", one.id());
            one.found().keySet().forEach(fish -> fish(residents, "/journal/rollCalls", fish));
        });
        seen.signs().forEach(one -> {
            key("/journal/signs", one.id());
            fish(residents, "/journal/signs", one.fishId());
        });
        seen.remedies().forEach(one -> {
            key("/journal/remedies", one.id());
            one.fishId().ifPresent(fish -> fish(residents, "/journal/remedies", fish));
        });
        seen.unlearned().stream()
                .filter(fish -> !fish.equals(Observations.WHOLE_TANK))
                .forEach(fish -> fish(residents, "/journal/unlearned", fish));
        plan.losses().forEach(loss -> loss.linkedTo().ifPresent(fish -> fish(residents, "/losses", fish)));
    }

    private void fish(Set<FishId> residents, String path, FishId id) {
        if (!residents.contains(id)) {
            fault(path, "no resident '" + id + "'");
        }
    }

    private void key(String path, String id) {
        if (!keys.add(id)) {
            fault(path + "/id", "the key '" + id + "' is used twice");
        }
    }

    private void species(String path, SpeciesId id) {
        if (catalogue.find(id).isEmpty()) {
            fault(path + "/speciesId", "no species '" + id + "' in the catalogue");
        }
    }

    private void knows(Map<FishId, Resident> residents, String path, Optional<FishId> id) {
        id.filter(one -> !residents.containsKey(one)).ifPresent(one -> fault(path, "no resident '" + one + "'"));
    }

    private void fault(String path, String problem) {
        faults.add(new Fault(path, problem));
    }
}
