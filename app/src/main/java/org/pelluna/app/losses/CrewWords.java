package org.pelluna.app.losses;

import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Animal;
import org.pelluna.core.watch.CrewEncounter;

/** What passed between fish and invertebrates, in words. */
public final class CrewWords {
    private CrewWords() {}

    /** Who did what to whom. */
    public static String of(CrewEncounter seen, TankPlan plan) {
        String by = name(seen.by(), plan);
        String to = name(seen.to(), plan);
        String whom = by.equals(to) ? "others of their kind" : to;
        return switch (seen.kind()) {
            case DISPLAY -> by + " displayed at " + whom;
            case CHASE -> by + " chased " + whom;
            case NIP -> by + " nipped " + whom;
            case PINNED -> by + " pinned " + whom;
            case INJURY, ARRIVAL, SPAWNED, NOTE -> by + " hurt " + whom;
        };
    }

    private static String name(Animal animal, TankPlan plan) {
        return animal.crew()
                .or(() -> animal.fish()
                        .flatMap(id -> plan.residents().stream()
                                .filter(one -> one.id().equals(id))
                                .map(Resident::name)
                                .findFirst()))
                .orElse("a fish");
    }
}
