package org.pelluna.app.water;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.storage.WaterTestStore;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.NitrateRange;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.shop.LivingCrew;
import org.pelluna.core.units.Numbers;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The water in time and its tests. */
@Controller
@RequestMapping("/tanks/{tankId}/water")
class WaterController {
    private final WaterTestStore tests;
    private final Clock clock;

    WaterController(WaterTestStore tests, Clock clock) {
        this.tests = tests;
        this.clock = clock;
    }

    /** A kind of test as the form asks for it. */
    record KindView(String name, String key, String title, String unit) {
        static KindView of(WaterTest.Kind kind, Measures measures) {
            return new KindView(
                    kind.name(),
                    kind.key(),
                    kind.title(),
                    kind == WaterTest.Kind.TEMPERATURE ? measures.temperature().symbol() : kind.unit());
        }
    }

    /** The latest reading of a kind and whether it suits. */
    record LatestView(String title, String reading, String on, String range, boolean suits) {}

    /** A test ready to print. */
    record TestView(String key, String on, String kind, String measured, String predicted) {}

    @GetMapping
    String page(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> to,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        if (part) {
            TankAnswers answers = here.answers();
            model.addAttribute("chart", course(answers).svg(from, to));
            return "water/page :: drawn";
        }
        TestForm form = new TestForm();
        form.key = FormKey.fresh();
        form.on = LocalDate.now(clock);
        model.addAttribute("form", form);
        return show(here, here.measures(), model);
    }

    private static WaterCourse course(TankAnswers answers) {
        Assessment assessment = answers.assessment();
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        List<WaterForecast.Day> days = answers.reserve()
                .forecast()
                .days(Alternative.coming(stock, assessment.order()), plan.asOf().plusDays(WaterCourse.AHEAD_DAYS));
        return new WaterCourse(plan, days, answers.fit());
    }

    private String show(Here here, Measures measures, Model model) {
        TankAnswers answers = here.answers();
        Assessment assessment = answers.assessment();
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        WaterCourse course = course(answers);
        List<WaterForecast.Day> days = course.days();
        model.addAttribute("today", plan.asOf());
        model.addAttribute(
                "cycling",
                stock.cycle()
                        .filter(one -> one.isGoingOn(plan.asOf()))
                        .map(
                                one -> "The tank is still cycling, probably until " + one.endsOn() + ": "
                                        + one.because() + ". It may be from " + one.earliest() + " to " + one.latest()
                                        + "; each test of ammonia and nitrite moves it. From then on the water is predicted here.")
                        .orElse(""));
        model.addAttribute("chart", days.isEmpty() ? "" : course.svg(Optional.empty(), Optional.empty()));
        model.addAttribute("worst", days.isEmpty() ? "" : course.worst());
        model.addAttribute("howWorst", days.isEmpty() ? null : course.howWorst());
        model.addAttribute("fit", course.fitWords());
        model.addAttribute(
                "range",
                NitrateRange.of(stock, answers.fit(), days, Alternative.coming(stock, assessment.order()))
                        .map(WaterCourse::rangeWords)
                        .orElse(""));
        model.addAttribute(
                "kinds",
                Arrays.stream(WaterTest.Kind.values())
                        .map(kind -> KindView.of(kind, measures))
                        .toList());
        model.addAttribute("suits", FindingView.all(LivingCrew.water(stock), measures));
        model.addAttribute("latest", latest(plan, measures));
        model.addAttribute("tests", tests(plan, days, measures));
        model.addAttribute("change", WaterChangeView.of(plan, measures));
        model.addAttribute("feeding", FeedingView.of(stock, measures));
        model.addAttribute("besides", OtherWaterView.of(plan, answers.reserve()));
        return "water/page";
    }

    /** A reading with its unit; a temperature in the keeper's. */
    private static String reading(WaterTest.Kind kind, double value, Measures measures) {
        return kind == WaterTest.Kind.TEMPERATURE
                ? measures.temperatureOf(value)
                : (Numbers.plain(value, Math.max(3, kind.decimals())) + " " + kind.unit()).strip();
    }

    /** The latest of each kind that is not predicted, against what suits a reef tank. */
    private static List<LatestView> latest(TankPlan plan, Measures measures) {
        Husbandry done = plan.houseRules().husbandry();
        return Arrays.stream(WaterTest.Kind.values())
                .filter(kind -> !kind.isPredicted())
                .flatMap(kind -> plan.waterTests().stream()
                        .filter(test -> test.kind() == kind)
                        .max(Comparator.comparing(WaterTest::on))
                        .stream())
                .map(test -> new LatestView(
                        test.kind().title(),
                        reading(test.kind(), test.value(), measures),
                        test.on().toString(),
                        "suits: " + reading(test.kind(), test.kind().from(), measures) + " to "
                                + reading(test.kind(), test.kind().to(done), measures),
                        test.kind().suits(test.value(), done)))
                .toList();
    }

    private static List<TestView> tests(TankPlan plan, List<WaterForecast.Day> days, Measures measures) {
        return plan.waterTests().stream()
                .sorted(Comparator.comparing(WaterTest::on).reversed())
                .map(test -> new TestView(
                        test.id(),
                        test.on().toString(),
                        test.kind().words(),
                        reading(test.kind(), test.value(), measures),
                        days.stream()
                                .filter(day -> day.date().equals(test.on()))
                                .findFirst()
                                .filter(day -> test.kind().isPredicted())
                                .map(day -> Numbers.plain(day.of(test.kind()).orElseThrow(), 3))
                                .orElse("")))
                .toList();
    }

    @PostMapping("/tests")
    String add(
            Here here,
            @ModelAttribute("form") TestForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        List<WaterTest> tests = List.of();
        if (!faults.hasErrors()) {
            if (form.on == null || form.on.isAfter(LocalDate.now(clock))) {
                faults.rejectValue("on", "day", "The day of the test, today or before.");
            } else {
                try {
                    tests = form.tests(FormKey.checked(form.key), here.measures());
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
            return show(here, here.measures(), model);
        }
        this.tests.add(here.keeper(), here.tank(), tests);
        Undo.say(redirect, tests.size() == 1 ? "The test is recorded." : tests.size() + " tests are recorded.");
        return "redirect:/tanks/" + here.tank() + "/water";
    }

    @PostMapping("/tests/{key}/remove")
    String remove(Here here, @PathVariable String key, RedirectAttributes redirect) {
        tests.remove(here.keeper(), here.tank(), key);
        Undo.offer(redirect, "The test is removed.", "/tanks/" + here.tank() + "/water/tests/" + key + "/restore");
        return "redirect:/tanks/" + here.tank() + "/water";
    }

    @PostMapping("/tests/{key}/restore")
    String restore(Here here, @PathVariable String key, RedirectAttributes redirect) {
        tests.restore(here.keeper(), here.tank(), key);
        Undo.say(redirect, "Undone. The test is back.");
        return "redirect:/tanks/" + here.tank() + "/water";
    }
}
