package org.pelluna.app.watch;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.springframework.ui.Model;

/** The fish of a tank to choose from, and to name. */
final class FishChoices {
    private final Map<FishId, String> names;

    /** One fish to choose. */
    record Choice(String id, String name, Svg portrait) {}

    private FishChoices(Map<FishId, String> names) {
        this.names = names;
    }

    /** Puts the fish that live here into a model, with their portraits, and knows the names of all. */
    static FishChoices into(Model model, TankPlan plan, Catalogue catalogue) {
        Catalogue known = plan.species(catalogue);
        FishChoices faces = new FishChoices(plan.fishNames());
        List<Resident> here = plan.residents().stream()
                .filter(one -> one.livesHere(plan.asOf()))
                .sorted(Comparator.comparing(Resident::arrivedOn))
                .toList();
        model.addAttribute(
                "fish",
                here.stream()
                        .map(one -> new Choice(one.id().key(), one.name(), Portraits.use(known.get(one.speciesId()))))
                        .toList());
        model.addAttribute(
                "portraits",
                Portraits.sheet(plan.residents().stream()
                        .map(one -> known.get(one.speciesId()))
                        .toList()));
        return faces;
    }

    String name(FishId id) {
        return names.getOrDefault(id, id.key());
    }

    String name(Optional<FishId> id, String otherwise) {
        return id.map(this::name).orElse(otherwise);
    }
}
