package org.pelluna.app.voyage;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.UsualTank;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The questions after the glass: how far the tank is, and what else lives in it. */
@Controller
@RequestMapping("/tanks/{tankId}/voyage")
class StepsController {
    private static final int YEARS = 60;

    private final TankStore tanks;
    private final KnownSoFar known;

    StepsController(TankStore tanks, KnownSoFar known) {
        this.tanks = tanks;
        this.known = known;
    }

    @GetMapping("/stage")
    String stage(Here here, Model model) {
        Tank tank = tanks.get(here.keeper(), here.tank()).tank();
        boolean living =
                !known.of(here, here.measures(), model).stock().residents().isEmpty();
        model.addAttribute("stages", Stage.values());
        model.addAttribute(
                "stage",
                living
                        ? Stage.FISH
                        : tank.cycledOn().isPresent()
                                ? Stage.CYCLED
                                : tank.cyclingSince().isPresent() ? Stage.CYCLING : Stage.NO_WATER);
        model.addAttribute("day", tank.cycledOn().or(tank::cyclingSince).orElse(null));
        return "voyage/stage";
    }

    @PostMapping("/stage")
    String keepStage(
            Here here,
            @RequestParam Stage stage,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> day) {
        LocalDate today = here.answers().plan().asOf();
        if (day.filter(one -> one.isBefore(today.minusYears(YEARS)) || one.isAfter(today.plusYears(1)))
                .isPresent()) {
            throw new RefusedException("a day within the last " + YEARS + " years, or the next; or none");
        }
        boolean cycled = stage == Stage.CYCLED || stage == Stage.FISH;
        tanks.change(
                here.keeper(),
                here.tank(),
                tank -> tank.with(as -> as.cycledOn(
                                cycled
                                        ? day.or(() -> stage == Stage.CYCLED ? Optional.of(today) : Optional.empty())
                                        : Optional.empty())
                        .cyclingSince(cycled ? Optional.empty() : day)));
        return "redirect:/tanks/" + here.tank() + "/voyage/life" + (stage == Stage.FISH ? "?withFish=true" : "");
    }

    @GetMapping("/life")
    String life(Here here, @RequestParam(defaultValue = "false") boolean withFish, Model model) {
        known.of(here, here.measures(), model);
        model.addAttribute("groups", AnimalGroup.values());
        model.addAttribute(
                "kept", tanks.get(here.keeper(), here.tank()).tank().holdings().keySet());
        model.addAttribute("withFish", withFish);
        return "voyage/life";
    }

    @PostMapping("/life")
    String keepLife(
            Here here,
            @RequestParam(required = false) List<AnimalGroup> groups,
            @RequestParam(defaultValue = "false") boolean withFish) {
        Set<AnimalGroup> chosen = EnumSet.noneOf(AnimalGroup.class);
        Optional.ofNullable(groups).ifPresent(chosen::addAll);
        tanks.change(here.keeper(), here.tank(), tank -> {
            var sizes = UsualTank.usual(chosen);
            // A length the keeper has given stays.
            tank.holdings().forEach((group, cm) -> sizes.computeIfPresent(group, (any, usual) -> cm));
            return tank.withHoldings(sizes);
        });
        return "redirect:/tanks/" + here.tank() + (withFish ? "/residents/enter?voyage=true" : "/voyage/wishes");
    }
}
