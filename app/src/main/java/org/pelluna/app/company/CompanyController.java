package org.pelluna.app.company;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.web.HeadlineView;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.pressure.PressureStrengths;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who attacks whom: residents today, or everyone once the plan is carried out. */
@Controller
class CompanyController {
    /** More arcs than this cannot be told apart; the table has them all. */
    private static final int MOST_ARCS = 24;

    /** A longer line than this carries only fish that an arc touches. */
    private static final int LONG_LINE = 16;

    /** Rows of the table, each with its factors, unless all are asked for. */
    private static final int MOST_ROWS = 8;

    /** A fish on the line. */
    record Entry(String id, String name, String portraitKey, String date, boolean planned) {}

    /** A directed pressure ready to print. */
    record Line(
            String aggressorId,
            String aggressor,
            String victimId,
            String victim,
            double value,
            String perHour,
            boolean hard,
            List<FactorLine> factors) {}

    /** A factor ready to print. */
    record FactorLine(String name, String multiplier, String sentence) {}

    @GetMapping("/tanks/{tankId}/company")
    String page(
            Here here,
            @RequestParam(defaultValue = "plan") String show,
            @RequestParam(defaultValue = "false") boolean all,
            Model model) {
        TankAnswers answers = here.answers();
        Assessment assessment = answers.assessment();
        boolean withPlan =
                !show.equals("today") && !assessment.order().arrivals().isEmpty();
        List<Fish> fish = new ArrayList<>(assessment.stock().residents());
        List<Entry> entries = entries(assessment, withPlan, fish);
        List<Line> lines = lines(assessment, withPlan, entries);
        double careful = assessment.stock().plan().houseRules().weights().carefulPerHour();
        model.addAttribute("stands", withPlan ? null : answers.tension().orElse(null));
        model.addAttribute("headline", withPlan ? HeadlineView.ofCompany(assessment, "/tanks/" + here.tank()) : null);
        model.addAttribute("show", withPlan ? "plan" : "today");
        model.addAttribute("canPlan", !assessment.order().arrivals().isEmpty());
        model.addAttribute("entries", entries);
        List<Line> drawn = lines.stream()
                .filter(line -> line.value() >= 0.25)
                .limit(MOST_ARCS)
                .toList();
        List<Entry> onTheLine = entries.size() <= LONG_LINE ? entries : touched(entries, drawn);
        model.addAttribute(
                "lines", all ? lines : lines.stream().limit(MOST_ROWS).toList());
        model.addAttribute("pairs", lines.size());
        model.addAttribute("arcs", drawn.size());
        model.addAttribute("calm", entries.size() - onTheLine.size());
        model.addAttribute("careful", Numbers.plain(careful));
        model.addAttribute(
                "scale", Numbers.plain(PressureStrengths.USUAL.of(PressureStrengths.Kind.FULL_TEMPER_PER_HOUR)));
        model.addAttribute("source", Pressure.SOURCE.words());
        model.addAttribute(
                "portraits", Portraits.sheet(fish.stream().map(Fish::species).toList()));
        model.addAttribute("places", PlaceView.of(fish));
        model.addAttribute("meals", meals(fish, assessment.stock().plan().asOf()));
        model.addAttribute("chart", onTheLine.isEmpty() ? "" : new BarbChart(onTheLine, careful).svg(drawn));
        return "company/page";
    }

    /** Who could swallow whom, and from when, each in a sentence in the keeper's units. */
    private static List<String> meals(List<Fish> fish, LocalDate today) {
        Map<FishId, String> names = fish.stream().collect(Collectors.toMap(Fish::id, Fish::name));
        return Predation.among(fish, today).stream()
                .map(meal -> names.get(meal.predatorId()) + " could swallow " + names.get(meal.preyId())
                        + meal.when(today) + ".")
                .toList();
    }

    private static List<Entry> touched(List<Entry> entries, List<Line> drawn) {
        return entries.stream()
                .filter(entry -> drawn.stream()
                        .anyMatch(line -> line.aggressorId().equals(entry.id())
                                || line.victimId().equals(entry.id())))
                .toList();
    }

    /** The fish on the line in order of arrival; those to come, and to come back, are added to {@code fish}. */
    private static List<Entry> entries(Assessment assessment, boolean withPlan, List<Fish> fish) {
        List<Entry> entries = new ArrayList<>();
        for (Fish one : assessment.stock().residents()) {
            entries.add(entry(one, one.arrivesOn().toString(), false));
        }
        if (withPlan) {
            for (Fish one : assessment.stock().absent()) {
                fish.add(one);
                entries.add(entry(one, "to come back", true));
            }
            Map<WishId, Fish> wished = assessment.stock().wishes().stream()
                    .collect(Collectors.toMap(one -> one.wish().id(), ResolvedPlan.Wished::fish));
            for (Arrival arrival : assessment.order().arrivals()) {
                for (WishId id : arrival.wishIds()) {
                    fish.add(wished.get(id));
                    entries.add(
                            entry(requireNonNull(wished.get(id)), arrival.date().toString(), true));
                }
            }
        }
        return entries;
    }

    private static Entry entry(Fish fish, String date, boolean planned) {
        Species species = fish.species();
        return new Entry(fish.id().key(), fish.name(), Portraits.key(species), date, planned);
    }

    private static List<Line> lines(Assessment assessment, boolean withPlan, List<Entry> entries) {
        Map<String, String> names = entries.stream().collect(Collectors.toMap(Entry::id, Entry::name));
        double careful = assessment.stock().plan().houseRules().weights().carefulPerHour();
        Stream<Pressure> pressures = withPlan
                ? Stream.concat(assessment.today().stream(), assessment.planned().stream())
                : assessment.today().stream();
        return pressures
                .sorted(Comparator.comparingDouble(Pressure::perHour).reversed())
                .map(pressure -> new Line(
                        pressure.aggressorId().key(),
                        requireNonNull(names.get(pressure.aggressorId().key())),
                        pressure.victimId().key(),
                        requireNonNull(names.get(pressure.victimId().key())),
                        pressure.perHour(),
                        Numbers.plain(pressure.perHour(), 2),
                        pressure.perHour() >= careful,
                        pressure.factors().stream()
                                .map(factor -> new FactorLine(
                                        factor.kind().words(),
                                        "× " + Numbers.plain(factor.multiplier(), 2),
                                        factor.sentence()))
                                .toList()))
                .toList();
    }
}
