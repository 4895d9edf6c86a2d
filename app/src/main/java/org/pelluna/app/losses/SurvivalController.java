package org.pelluna.app.losses;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Here;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.lessons.Lessons;
import org.pelluna.core.lessons.Survivors;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.statistics.Survival;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How long fish live here, and what this tank has taught. */
@Controller
class SurvivalController {
    private static final String SMALL = "chart-text chart-small";
    private static final double WIDTH = 720;
    private static final double HEIGHT = 220;
    private static final int[] MARKS = {30, 90, 365, 1095};
    private static final String[] DASHES = {"", "8 4", "2 4", "12 4 2 4", "5 2"};
    private static final int SHOWN = 5;

    private final TankStore tanks;
    private final Catalogue catalogue;

    SurvivalController(TankStore tanks, Catalogue catalogue) {
        this.tanks = tanks;
        this.catalogue = catalogue;
    }

    /** A group ready to print: survival at some days with interval and numbers at risk. */
    record GroupView(
            String name,
            int fish,
            long lost,
            List<String> at,
            @Nullable Explained how) {}

    @GetMapping("/tanks/{tankId}/losses/survival")
    String survival(
            Here here,
            @RequestParam(defaultValue = "ALL") Survivors.By by,
            @RequestParam(defaultValue = "false") boolean all,
            Model model) {
        List<TankPlan> plans = all
                ? tanks.of(here.keeper()).stream()
                        .map(row -> tanks.plan(here.keeper(), row.id()))
                        .toList()
                : List.of(tanks.plan(here.keeper(), here.tank()));
        List<Survivors.Group> groups = Survivors.of(plans, catalogue, by);
        model.addAttribute("by", by);
        model.addAttribute("all", all);
        model.addAttribute("ways", Survivors.By.values());
        model.addAttribute("marks", MARKS);
        model.addAttribute(
                "groups", groups.stream().map(SurvivalController::view).toList());
        model.addAttribute("chart", groups.stream().allMatch(one -> one.curve().isEmpty()) ? "" : chart(groups));
        model.addAttribute("test", test(groups));
        model.addAttribute("lessons", Lessons.of(plans, catalogue));
        return "losses/survival";
    }

    private static GroupView view(Survivors.Group group) {
        List<String> at = new ArrayList<>();
        for (int day : MARKS) {
            long followed =
                    group.lives().stream().filter(life -> life.time() >= day).count();
            if (followed == 0) {
                at.add("–");
                continue;
            }
            Survival.Step last = group.curve().stream()
                    .filter(step -> step.time() <= day)
                    .reduce((one, other) -> other)
                    .orElse(null);
            Interval interval = last == null ? Survival.unbroken(group.lives(), day) : last.interval();
            at.add((last == null ? "all" : Numbers.plain(100 * last.survival(), 0) + " %") + " ("
                    + Numbers.plain(100 * interval.low(), 0) + "–" + Numbers.plain(100 * interval.high(), 0) + "; "
                    + followed + ")");
        }
        return new GroupView(
                group.name(),
                group.lives().size(),
                group.lost(),
                at,
                group.how().orElse(null));
    }

    private static String test(List<Survivors.Group> groups) {
        if (groups.size() < 2) {
            return "";
        }
        try {
            Survival.LogRank test =
                    Survival.logRank(groups.get(0).lives(), groups.get(1).lives());
            return "Between “" + groups.get(0).name() + "” and “"
                    + groups.get(1).name() + "”: log-rank χ² "
                    + Numbers.plain(test.chiSquared(), 2) + ", p " + Numbers.plain(test.p(), 3)
                    + (test.p() < 0.05 ? "." : "; that may well be chance.");
        } catch (IllegalArgumentException e) {
            return "Too few are lost to compare the groups.";
        }
    }

    private static Svg chart(List<Survivors.Group> groups) {
        double longest = Math.max(
                30,
                groups.stream()
                        .flatMap(group -> group.lives().stream())
                        .mapToDouble(Survival.FollowUp::time)
                        .max()
                        .orElse(30));
        double scale = WIDTH / longest;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='survival-chart' viewBox='-54 -14 {} {}' role='img' aria-label='Survival after arrival; the table says the same'><rect width='{}' height='{}' class='tint-1'/>",
                        WIDTH + 214,
                        HEIGHT + 44,
                        WIDTH,
                        HEIGHT);
        for (int share = 0; share <= 100; share += 25) {
            double y = HEIGHT * (1 - share / 100.0);
            svg.add(Shapes.line("graticule", Svg.path("M0 {}H{}", y, WIDTH)))
                    .add("<g text-anchor='end'>{}</g>", Shapes.text(SMALL, -6, y + 4, share + " %"));
        }
        double label = -20;
        for (int i = 0; i < Math.min(SHOWN, groups.size()); i++) {
            Survivors.Group group = groups.get(i);
            double end = group.lives().stream()
                            .mapToDouble(Survival.FollowUp::time)
                            .max()
                            .orElse(0)
                    * scale;
            StringBuilder line = new StringBuilder("M0 0");
            double y = 0;
            for (Survival.Step step : group.curve()) {
                y = HEIGHT * (1 - step.survival());
                line.append(Svg.path("H{}V{}", step.time() * scale, y));
            }
            label = Math.max(y + 4, label + 16);
            String lead = Svg.path("M{} {}L{} {}", end, y, WIDTH + 8, label - 4);
            svg.add("<path class='survival-line' stroke-dasharray='{}' d='{}H{}'/>", DASHES[i], line, end)
                    .add("<path class='thin' stroke-dasharray='1 3' d='{}'/>", lead)
                    .add(Shapes.text(SMALL, WIDTH + 12, label, group.name()));
        }
        for (int day : MARKS) {
            if (day < longest) {
                String words = day < 365 ? day + " days" : day / 365 + " y";
                svg.add(Shapes.line("graticule", Svg.path("M{} 0V{}", day * scale, HEIGHT)))
                        .add("<g text-anchor='middle'>{}</g>", Shapes.text(SMALL, day * scale, HEIGHT + 16, words));
            }
        }
        return svg.add("</svg>").build();
    }
}
