package org.pelluna.app.reef;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.reef.FishOnDay;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Two days, or two plans, side by side and to one scale. */
@Controller
class CompareController {

    /** One plan to choose. */
    record Way(String key, String title) {}

    /** One side. */
    record Side(LocalDate on, String way, String title, DayView day) {}

    @GetMapping("/tanks/{tankId}/reef/compare")
    String compare(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> left,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> right,
            @RequestParam(defaultValue = "now") String leftWay,
            @RequestParam(defaultValue = "now") String rightWay,
            Model model) {
        Assessment assessment = here.answers().assessment();
        List<Alternative> ways = Alternative.of(
                assessment.stock().withAbsent(),
                assessment.judgements(),
                here.answers().reserve());
        LocalDate today = assessment.stock().plan().asOf();
        Reef one = reef(assessment, ways, leftWay);
        Reef other = reef(assessment, ways, rightWay);
        DayView.Asked from = ReefController.asked(one, Optional.of(left.orElse(today)), Optional.empty(), false, false);
        DayView.Asked to = ReefController.asked(
                other, Optional.of(right.orElse(today.plusYears(2))), Optional.empty(), false, false);
        List<Way> choices = new ArrayList<>(List.of(new Way("now", "The plan as it stands")));
        ways.forEach(way -> choices.add(new Way(way.key(), way.title())));
        model.addAttribute("ways", choices);
        model.addAttribute(
                "sides",
                List.of(
                        new Side(from.on(), leftWay, title(choices, leftWay), DayView.of(one, from, here.measures())),
                        new Side(to.on(), rightWay, title(choices, rightWay), DayView.of(other, to, here.measures()))));
        model.addAttribute("differences", differences(one, from.on(), other, to.on(), here.measures()));
        Set<Species> species = new HashSet<>();
        one.swimmers(from.on()).forEach(swimmer -> species.add(swimmer.fish().species()));
        other.swimmers(to.on()).forEach(swimmer -> species.add(swimmer.fish().species()));
        model.addAttribute("portraits", Portraits.sheet(species));
        return "reef/compare";
    }

    private static Reef reef(Assessment assessment, List<Alternative> ways, String key) {
        return ways.stream()
                .filter(way -> way.key().equals(key))
                .findFirst()
                .map(way -> new Reef(assessment.stock(), way.coming()))
                .orElseGet(
                        () -> new Reef(assessment.stock(), Alternative.coming(assessment.stock(), assessment.order())));
    }

    private static String title(List<Way> choices, String key) {
        return choices.stream()
                .filter(way -> way.key().equals(key))
                .findFirst()
                .map(Way::title)
                .orElse(choices.get(0).title());
    }

    private static List<String> differences(Reef one, LocalDate from, Reef other, LocalDate to, Measures measures) {
        List<String> words = new ArrayList<>();
        Set<String> here = names(one, from);
        Set<String> there = names(other, to);
        words.add("Fish: " + here.size() + " and " + there.size() + ".");
        said(words, "Only on the second day: ", there, here);
        said(words, "Only on the first day: ", here, there);

        words.add("Expected attacks an hour: " + Numbers.significant(pressure(one, from)) + " on the first day, "
                + Numbers.significant(pressure(other, to)) + " on the second.");
        return words;
    }

    private static void said(List<String> words, String head, Set<String> some, Set<String> without) {
        Set<String> rest = new java.util.TreeSet<>(some);
        rest.removeAll(without);
        if (!rest.isEmpty()) {
            words.add(head + String.join(", ", rest) + ".");
        }
    }

    private static List<FishOnDay> here(Reef reef, LocalDate on) {
        return reef.swimmers(on).stream()
                .filter(one -> one.presence() == FishOnDay.Presence.HERE)
                .toList();
    }

    private static Set<String> names(Reef reef, LocalDate on) {
        return here(reef, on).stream().map(one -> one.fish().name()).collect(Collectors.toSet());
    }

    private static double together(Reef reef, LocalDate on) {
        return here(reef, on).stream().mapToDouble(FishOnDay::lengthCm).sum();
    }

    private static double pressure(Reef reef, LocalDate on) {
        return reef.pressures(on).stream().mapToDouble(Pressure::perHour).sum();
    }

    private static String hardest(Reef reef, LocalDate on) {
        return reef.pressures(on).stream()
                .max(Comparator.comparingDouble(Pressure::perHour))
                .map(one -> Numbers.plain(one.perHour()))
                .orElse("none");
    }
}
