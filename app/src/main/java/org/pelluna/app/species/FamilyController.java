package org.pelluna.app.species;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.portrait.ScalePlate;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.lead.SpeciesLeads;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Family;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Temperament;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** One family in the order of its tempers or of its sizes. */
@Controller
class FamilyController {
    /** Orders in which a family can be read. */
    enum Order {
        OTHERS(
                "fiercest toward others first",
                Comparator.comparingDouble(one -> -toward(one).others())),
        KIN(
                "most aggressive to their own species first",
                Comparator.comparingDouble(one -> -toward(one).ownSpecies())),
        SIZE(
                "largest first",
                Comparator.comparingDouble(one -> -one.size().adultCm().value()));

        private final String words;
        private final Comparator<Species> by;

        Order(String words, Comparator<Species> by) {
            this.words = words;
            this.by = by;
        }

        public String words() {
            return words;
        }

        private static Temperament.Toward toward(Species one) {
            return one.temper().toward();
        }
    }

    /** A share drawn as a bar of so many hundredths. */
    record Bar(String value, int percent) {}

    /** One species of the family. */
    record Line(
            String id,
            String name,
            String scientificName,
            Svg portrait,
            Svg toScale,
            Bar others,
            Bar family,
            Bar kin,
            String adult,
            VerdictView verdict) {}

    private final Catalogue catalogue;

    FamilyController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    @GetMapping("/tanks/{tankId}/families/{family}")
    String page(
            Here here,
            @PathVariable("family") String name,
            @RequestParam(defaultValue = "OTHERS") Order order,
            Model model) {
        TankAnswers answers = here.answers();
        TankPlan plan = answers.plan();
        Map<SpeciesId, Glance> verdicts = answers.verdicts();
        List<Species> members = plan.species(catalogue).all().stream()
                .filter(one -> one.family().equalsIgnoreCase(name) && verdicts.containsKey(one.id()))
                .sorted(order.by.thenComparing(Species::scientificName))
                .toList();
        if (members.isEmpty()) {
            throw new NotFoundException("family");
        }
        double longest = members.stream()
                .mapToDouble(one -> one.size().adultCm().value())
                .max()
                .orElseThrow();
        model.addAttribute("family", Family.of(members.get(0)));
        model.addAttribute(
                "lead",
                SpeciesLeads.family(
                        Family.of(members.get(0)).called(),
                        members.stream().map(one -> verdicts.get(one.id())).toList()));
        model.addAttribute("order", order);
        model.addAttribute("orders", Order.values());
        model.addAttribute("portraits", Portraits.sheet(members));
        model.addAttribute("longest", here.measures().lengthOf(longest));
        model.addAttribute(
                "lines",
                members.stream()
                        .map(one -> line(one, requireNonNull(verdicts.get(one.id())), longest, here.measures()))
                        .toList());
        return "species/family";
    }

    private static Line line(Species one, Glance judged, double longest, Measures measures) {
        Temperament.Toward toward = one.temper().toward();
        return new Line(
                one.id().key(),
                one.commonName(),
                one.scientificName(),
                Portraits.use(one),
                ScalePlate.grown(one, longest * 1.06),
                bar(toward.others()),
                bar(toward.family()),
                bar(toward.ownSpecies()),
                measures.lengthOf(one.size().adultCm().value()),
                VerdictView.of(judged));
    }

    private static Bar bar(double share) {
        return new Bar(Numbers.plain(share, 2), (int) Math.round(100 * share));
    }
}
