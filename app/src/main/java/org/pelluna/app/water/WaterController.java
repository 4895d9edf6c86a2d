package org.pelluna.app.water;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.chart.TimePanel;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.storage.WaterTestStore;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.budget.Budget;
import org.pelluna.core.feeding.FeedingPlan;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Ammonia;
import org.pelluna.core.water.Seawater;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The water in time, the tests, the changes and the food. */
@Controller
@RequestMapping("/tanks/{tankId}/water")
class WaterController {
    private static final int PAST_DAYS = 120;
    private static final int AHEAD_DAYS = 90;
    private static final double WIDTH = 1000;
    private static final double PANEL = 84;
    private static final double GAP = 30;

    /** A multiple of the food assumed from which a keeper is asked about it. */
    private static final double MUCH = 1.5;

    /** Total ammonia that kits can just tell from none, mg/L; common practice. */
    private static final double KIT_TELLS = 0.1;

    private final TankStore tanks;
    private final TankCache cache;
    private final WaterTestStore tests;
    private final Clock clock;

    WaterController(TankStore tanks, TankCache cache, WaterTestStore tests, Clock clock) {
        this.cache = cache;
        this.tanks = tanks;
        this.tests = tests;
        this.clock = clock;
    }

    /** A test ready to print. */
    record TestView(String key, String on, String kind, String measured, String predicted) {}

    /** A food ready to print. */
    record CourseView(String food, String grams, String eaters, int width) {}

    @GetMapping
    String page(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        TestForm form = new TestForm();
        form.key = Key.fresh();
        form.on = LocalDate.now(clock);
        model.addAttribute("form", form);
        return show(keeper, tankId, measures, model);
    }

    private String show(KeeperPrincipal keeper, UUID tankId, Measures measures, Model model) {
        Assessment assessment = cache.of(keeper.id(), tankId).assessment();
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        WaterFit fit = cache.of(keeper.id(), tankId).fit();
        List<WaterForecast.Day> days = new WaterForecast(stock, fit)
                .days(Alternative.coming(stock, assessment.order()), plan.asOf().plusDays(AHEAD_DAYS));
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("today", plan.asOf());
        model.addAttribute("chart", days.isEmpty() ? "" : chart(plan, days));
        model.addAttribute("worst", days.isEmpty() ? "" : worst(days, plan.asOf()));
        model.addAttribute("fit", fitWords(fit, plan.waterTests().size()));
        model.addAttribute("tests", tests(plan, days));
        change(plan, measures, model);
        feeding(stock, measures, model);
        return "water/page";
    }

    private static String chart(TankPlan plan, List<WaterForecast.Day> days) {
        Husbandry done = plan.houseRules().husbandry();
        TimeAxis axis =
                new TimeAxis(plan.asOf().minusDays(PAST_DAYS), plan.asOf().plusDays(AHEAD_DAYS), plan.asOf(), WIDTH);
        List<TimePanel> panels = List.of(
                new TimePanel(
                        "Un-ionised ammonia, mg/L",
                        days.stream()
                                .map(day -> new TimePanel.Point(day.date(), day.unionised()))
                                .toList(),
                        Optional.of(Ammonia.FOUR_DAY_LIMIT),
                        "limit",
                        List.of(),
                        3),
                panel(plan, days, WaterTest.Kind.AMMONIA, "Ammonia as kits show it, mg/L", Optional.of(KIT_TELLS), 2),
                panel(plan, days, WaterTest.Kind.NITRITE, "Nitrite, mg/L", Optional.of(WaterLimit.NITRITE_LIMIT), 1),
                panel(plan, days, WaterTest.Kind.NITRATE, "Nitrate, mg/L", Optional.of(done.nitrateTarget()), 0),
                panel(plan, days, WaterTest.Kind.PHOSPHATE, "Phosphate, mg/L", Optional.of(done.phosphateTarget()), 2));
        double top = 30;
        double bottom = top + panels.size() * (PANEL + GAP);
        StringBuilder svg = new StringBuilder("<svg class=\"course-chart\" viewBox=\"-8 0 " + (WIDTH + 110) + " "
                + (bottom + 30)
                + "\" role=\"img\" aria-label=\"The water, predicted and tested; the table says the same\">"
                + axis.svg(top - 4, bottom));
        for (int i = 0; i < panels.size(); i++) {
            svg.append(panels.get(i).svg(axis, top + 14 + i * (PANEL + GAP), PANEL));
        }
        return svg.append("</svg>").toString();
    }

    private static TimePanel panel(
            TankPlan plan,
            List<WaterForecast.Day> days,
            WaterTest.Kind kind,
            String title,
            Optional<Double> limit,
            int decimals) {
        return new TimePanel(
                title,
                days.stream()
                        .map(day -> new TimePanel.Point(day.date(), day.of(kind)))
                        .toList(),
                limit,
                switch (kind) {
                    case AMMONIA -> "a kit tells";
                    case NITRITE -> "limit";
                    case NITRATE, PHOSPHATE -> "target";
                },
                plan.waterTests().stream()
                        .filter(test -> test.kind() == kind)
                        .map(test -> new TimePanel.Point(test.on(), test.value()))
                        .toList(),
                decimals);
    }

    private static String worst(List<WaterForecast.Day> days, LocalDate today) {
        WaterLimit.Peak peak = WaterForecast.peak(days, today);
        double capacity = days.get(days.size() - 1).capacity();
        return "Worst of the next " + AHEAD_DAYS + " days with the plan as it stands: un-ionised ammonia "
                + Numbers.plain(peak.fourDays(), 4) + " mg/L over four days against a limit of "
                + Ammonia.FOUR_DAY_LIMIT + ", nitrite " + Numbers.plain(peak.nitrite(), 2)
                + " mg/L. At the end the bacteria could clear " + Numbers.plain(capacity, 2)
                + " mg/L of ammonia nitrogen a day.";
    }

    private static String fitWords(WaterFit fit, int tests) {
        if (fit.tests() == 0) {
            return tests == 0
                    ? "Nothing is tested yet; the lines are the model's alone."
                    : "From " + WaterFit.ENOUGH_TESTS + " tests on three days on, the model is fitted to this tank.";
        }
        return "Your " + fit.tests() + " tests fit about " + Numbers.plain(fit.food())
                + " times the waste your house rules assume"
                + (fit.food() >= MUCH ? ". Do you feed more?" : fit.food() <= 1 / MUCH ? ". Do you feed less?" : ".")
                + " Nitrate alone cannot tell food from export. The bacteria grow about "
                + Numbers.plain(fit.vigour()) + " times as fast as usual.";
    }

    private static List<TestView> tests(TankPlan plan, List<WaterForecast.Day> days) {
        return plan.waterTests().stream()
                .sorted(Comparator.comparing(WaterTest::on).reversed())
                .map(test -> new TestView(
                        test.id(),
                        test.on().toString(),
                        test.kind().words(),
                        Numbers.plain(test.value(), 3),
                        days.stream()
                                .filter(day -> day.date().equals(test.on()))
                                .findFirst()
                                .map(day -> Numbers.plain(day.of(test.kind()), 3))
                                .orElse("")))
                .toList();
    }

    private static void change(TankPlan plan, Measures measures, Model model) {
        Husbandry done = plan.houseRules().husbandry();
        double litres = plan.tank().netWater().litres() * done.changeShare();
        double gravity = plan.tank().specificGravity();
        double salinity = Seawater.salinityOf(gravity);
        double kilograms = Budget.saltGramsADay(plan) * done.changeDays() / 1000;
        List<String> steps = new ArrayList<>();
        steps.add(measures.volumeOf(plan.tank().netWater().litres()) + " of net water × "
                + Numbers.plain(100 * done.changeShare()) + " % = " + measures.volumeOf(litres) + " every "
                + done.changeDays() + " days");
        steps.add("specific gravity " + Numbers.plain(gravity, 4) + " at 25 °C/25 °C is a salinity of "
                + Numbers.plain(salinity, 2) + " and a density of "
                + Numbers.plain(Seawater.densityKgPerCubicMetre(salinity, 25), 1) + " kg/m³ (EOS-80)");
        steps.add(Numbers.plain(litres, 1) + " L × "
                + Numbers.plain(Seawater.densityKgPerCubicMetre(salinity, 25) / 1000, 4) + " kg/L × "
                + Numbers.plain(salinity, 2)
                + " g/kg ÷ 0.92 for the mix's own moisture (not yet checked against a source) = "
                + Numbers.plain(kilograms, 2) + " kg of salt");
        steps.add(Numbers.plain(kilograms, 2) + " kg × " + Numbers.plain(done.saltPrice(), 2) + " = "
                + Numbers.plain(kilograms * done.saltPrice(), 2) + " each time");
        model.addAttribute("changeLitres", measures.volumeOf(litres));
        model.addAttribute("changeDays", done.changeDays());
        model.addAttribute("salt", Numbers.plain(kilograms, 2));
        model.addAttribute("saltPrice", Numbers.plain(kilograms * done.saltPrice(), 2));
        model.addAttribute("changeSteps", steps.stream().map(measures::sentence).toList());
    }

    private static void feeding(ResolvedPlan stock, Measures measures, Model model) {
        TankPlan plan = stock.plan();
        FeedingPlan feeding =
                FeedingPlan.of(stock.residents(), plan.tank(), plan.houseRules().husbandry(), plan.asOf());
        model.addAttribute("feeds", Numbers.plain(feeding.feedsADay()));
        model.addAttribute("grams", Numbers.plain(feeding.gramsADay(), 2));
        model.addAttribute("nitrogen", Numbers.plain(feeding.nitrogenMgADay(), 0));
        model.addAttribute("stations", feeding.stations());
        model.addAttribute("clips", feeding.clips());
        model.addAttribute(
                "courses",
                feeding.courses().stream()
                        .map(one -> new CourseView(
                                one.food(), Numbers.plain(one.gramsADay(), 2), String.join(", ", one.eaters()), (int)
                                        Math.round(100 * one.gramsADay() / Math.max(1e-9, feeding.gramsADay()))))
                        .toList());
        model.addAttribute(
                "feedingFindings",
                feeding.findings().stream()
                        .map(finding -> FindingView.of(finding, measures))
                        .toList());
        model.addAttribute("feedingSource", FeedingPlan.source().words());
    }

    @PostMapping("/tests")
    String add(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute("form") TestForm form,
            BindingResult faults,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        List<WaterTest> tests = List.of();
        if (!faults.hasErrors()) {
            if (form.on == null || form.on.isAfter(LocalDate.now(clock))) {
                faults.rejectValue("on", "day", "The day of the test, today or before.");
            } else {
                try {
                    tests = form.tests(Key.checked(form.key));
                    if (tests.isEmpty()) {
                        faults.reject("empty", "Enter at least one reading.");
                    }
                } catch (IllegalArgumentException e) {
                    faults.reject("range", "Not saved: " + e.getMessage() + ".");
                }
            }
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(keeper, tankId, measures, model);
        }
        this.tests.add(keeper.id(), tankId, tests);
        Undo.say(redirect, tests.size() == 1 ? "The test is recorded." : tests.size() + " tests are recorded.");
        return "redirect:/tanks/" + tankId + "/water";
    }

    @PostMapping("/tests/{key}/remove")
    String remove(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            RedirectAttributes redirect) {
        tests.remove(keeper.id(), tankId, key);
        Undo.offer(redirect, "The test is removed.", "/tanks/" + tankId + "/water/tests/" + key + "/restore");
        return "redirect:/tanks/" + tankId + "/water";
    }

    @PostMapping("/tests/{key}/restore")
    String restore(
            @AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, @PathVariable String key) {
        tests.restore(keeper.id(), tankId, key);
        return "redirect:/tanks/" + tankId + "/water";
    }
}
