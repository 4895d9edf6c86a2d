package org.pelluna.app.company;

import static java.util.Objects.requireNonNull;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.lead.WhatIfLead;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Habitat;
import org.pelluna.core.pressure.WhatIf;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** What if it were larger, came in company, in a box, into a longer tank? The pressures move at once. */
@Controller
class WhatIfController {
    private final Catalogue catalogue;

    WhatIfController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The circumstances as entered; an empty field leaves things as they are. */
    public static class Circumstances {
        public @Nullable String fish;
        public @Nullable Double size;
        public @Nullable Integer newcomers;
        public WhatIf.Order order = WhatIf.Order.LAST;
        public Set<ArrivalAid> welcome = EnumSet.noneOf(ArrivalAid.class);
        public @Nullable Double swim;
        public @Nullable Integer shelters;
        public @Nullable Integer feeding;
        public boolean freshRock;
    }

    /** A resident with the pressures now and then; widths are in hundredths of the hardest. */
    record Row(String name, Bar suffers, Bar gives) {}

    /** One pressure now and then. */
    record Bar(String now, String then, int nowWidth, int thenWidth, String trend) {}

    /** A fish that could be asked about. */
    record Choice(String id, String name) {}

    @GetMapping("/tanks/{tankId}/company/what-if")
    String page(
            Here here,
            @ModelAttribute("asked") Circumstances asked,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        ResolvedPlan stock = here.answers().stock();
        Catalogue known = stock.plan().species(catalogue);
        List<Choice> wished = stock.wishes().stream()
                .map(wish ->
                        new Choice(wish.species().id().key(), wish.species().commonName()))
                .distinct()
                .toList();
        Species species = (asked.fish == null
                        ? java.util.Optional.<Species>empty()
                        : known.find(new SpeciesId(asked.fish)))
                .orElseGet(() -> wished.isEmpty()
                        ? known.all().iterator().next()
                        : known.get(new SpeciesId(wished.get(0).id())));
        asked.fish = species.id().key();
        Tank tank = stock.plan().tank();
        fill(asked, species, tank, here.measures());
        WhatIf what = RefusedException.unless(() -> new WhatIf(
                here.measures().length().toCentimetres(requireNonNull(asked.size)),
                requireNonNull(asked.newcomers),
                asked.order,
                asked.welcome,
                ground(asked, tank, here.measures())));
        List<WhatIf.Shift> shifts = what.shifts(stock, species);
        double hardest =
                shifts.stream().mapToDouble(WhatIf.Shift::hardest).max().orElse(1);
        model.addAttribute("wished", wished);
        model.addAttribute("orders", WhatIf.Order.values());
        model.addAttribute(
                "others",
                known.all().stream()
                        .map(one -> new Choice(one.id().key(), one.commonName() + " — " + one.scientificName()))
                        .sorted(java.util.Comparator.comparing(Choice::name))
                        .toList());
        model.addAttribute(
                "lead",
                WhatIfLead.of(
                        species.commonName(),
                        shifts,
                        stock.plan().houseRules().weights().carefulPerHour()));
        model.addAttribute("name", species.commonName());
        model.addAttribute("portrait", Portraits.use(species));
        model.addAttribute("portraits", Portraits.sheet(List.of(species)));
        model.addAttribute(
                "rows", shifts.stream().map(shift -> row(shift, hardest)).toList());
        return part ? "company/whatif :: result" : "company/whatif";
    }

    /** What was left empty stays as it is. */
    private static void fill(Circumstances asked, Species species, Tank tank, Measures measures) {
        asked.size = asked.size == null || !(asked.size > 0)
                ? Double.valueOf(measures.lengthField(species.size().saleCm().value()))
                : asked.size;
        asked.newcomers = asked.newcomers == null ? 1 : Math.max(1, Math.min(20, asked.newcomers));
        asked.swim = asked.swim == null || !(asked.swim > 0)
                ? Double.valueOf(measures.lengthField(tank.swimCm()))
                : asked.swim;
        asked.shelters = asked.shelters == null ? tank.shelters() : Math.max(0, asked.shelters);
        asked.feeding = asked.feeding == null ? tank.feedingPlaces() : Math.max(1, asked.feeding);
        asked.order = asked.order == null ? WhatIf.Order.LAST : asked.order;
        asked.welcome = asked.welcome == null ? EnumSet.noneOf(ArrivalAid.class) : asked.welcome;
    }

    private static Habitat ground(Circumstances asked, Tank tank, Measures measures) {
        double swim = measures.length().toCentimetres(requireNonNull(asked.swim));
        return new Habitat(
                swim,
                tank.shape().footprintSquareCm() * swim / tank.swimCm(),
                requireNonNull(asked.shelters),
                requireNonNull(asked.feeding),
                asked.freshRock);
    }

    private static Row row(WhatIf.Shift shift, double hardest) {
        return new Row(
                shift.resident().name(),
                bar(shift.suffers().perHour(), shift.wouldSuffer().perHour(), hardest),
                bar(shift.gives().perHour(), shift.wouldGive().perHour(), hardest));
    }

    private static Bar bar(double now, double then, double hardest) {
        double change = then - now;
        return new Bar(
                Numbers.plain(now),
                Numbers.plain(then),
                (int) Math.round(100 * now / hardest),
                (int) Math.round(100 * then / hardest),
                Math.abs(change) < 0.05 ? "" : change < 0 ? "▼" : "▲");
    }
}
