package org.pelluna.app.shown;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.pelluna.app.overview.PlanView;
import org.pelluna.app.portrait.PlateStyle;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.ReadableDates;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Component;

/** The whole plan on one upright sheet: the tank to scale, who lives in it, who comes and when, and what has no date. */
@Component
class PlanSheet {
    private static final int WIDE = 1000;
    private static final int HIGH = 1414;
    private static final int MARGIN = 50;
    private static final int DRAWING = 400;
    private static final int COLUMN = (WIDE - 3 * MARGIN) / 2;

    /** Letters of a line across the sheet. */
    private static final int LINE = 118;

    private static final int MOST_ROW = 66;
    private static final int LEAST_ROW = 15;

    private final PlateStyle style;

    PlanSheet(PlateStyle style) {
        this.style = style;
    }

    /** A line of one of the two lists. */
    private record Line(List<String> portraits, String first, String second) {}

    /** Writes on the sheet, with dates as people read them. */
    private record Pen(LocalDate today) {
        Svg text(double x, double y, double size, String words) {
            return Svg.of(
                    "<text class='chart-text' x='{}' y='{}' font-size='{}'>{}</text>",
                    x,
                    y,
                    size,
                    ReadableDates.of(words, today));
        }
    }

    /** The sheet within a page that carries the portraits. */
    Svg of(TankAnswers answers, Measures measures) {
        ResolvedPlan stock = answers.stock();
        PlanView view = PlanView.of(answers, measures);
        Pen pen = new Pen(stock.plan().asOf());
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='plan-sheet' xmlns='http://www.w3.org/2000/svg' viewBox='0 0 {} {}' width='{}' height='{}' role='img' aria-label='The plan of {} on one sheet; the page of the plan says the same'>",
                        WIDE,
                        HIGH,
                        WIDE,
                        HIGH,
                        stock.plan().tank().name())
                .add(pen.text(MARGIN, 80, 42, stock.plan().tank().name()))
                .add(pen.text(MARGIN, 112, 17, facts(stock, measures)))
                .add(
                        "<path class='graticule' d='M{} 126H{}'/><svg x='{}' y='140' width='{}' height='{}'>{}</svg>",
                        MARGIN,
                        WIDE - MARGIN,
                        MARGIN,
                        WIDE - 2 * MARGIN,
                        DRAWING,
                        view.drawing());
        int y = 140 + DRAWING + 34;
        List<String> said = Stream.of(view.next(), view.hardest(), view.held())
                .filter(one -> !one.isEmpty())
                .flatMap(one -> lines(one).stream())
                .toList();
        for (String one : said) {
            svg.add(pen.text(MARGIN, y, 17, one));
            y += 24;
        }
        return svg.add(lists(pen, stock, view, y + 26))
                .add(pen.text(MARGIN, HIGH - 28, 13, "As of " + stock.plan().asOf() + ". Pelluna advises; you decide."))
                .add("</svg>")
                .build();
    }

    private static Svg lists(Pen pen, ResolvedPlan stock, PlanView view, int y) {
        List<Line> living = living(stock, view);
        List<Line> coming = coming(stock, view);
        int room = HIGH - MARGIN - 40 - y;
        int row = Math.max(LEAST_ROW, Math.min(MOST_ROW, room / Math.max(1, Math.max(living.size(), coming.size()))));
        return new Svg.Builder()
                .add(list(pen, "Living here", living, MARGIN, y, row, room))
                .add(list(pen, "To come", coming, 2 * MARGIN + COLUMN, y, row, room))
                .build();
    }

    /** The sheet as a file that stands by itself. */
    Svg alone(TankAnswers answers, Measures measures) {
        return style.alone(of(answers, measures), species(answers.stock()));
    }

    /** Whose portraits it uses. */
    static List<Species> species(ResolvedPlan stock) {
        return Stream.concat(
                        stock.residents().stream().map(Fish::species),
                        stock.wishes().stream().map(ResolvedPlan.Wished::species))
                .toList();
    }

    private static String facts(ResolvedPlan stock, Measures measures) {
        TankPlan plan = stock.plan();
        InchRule rule = new InchRule(plan.tank(), plan.houseRules());
        return measures.lengthOf(plan.tank().shape().acrossCm()) + " × "
                + measures.lengthOf(plan.tank().shape().frontToBackCm()) + " × "
                + measures.lengthOf(plan.tank().shape().heightCm()) + ", "
                + measures.volumeOf(plan.tank().netWater().litres()) + " of water; "
                + Numbers.plain(InchRule.inches(stock.residents())) + " of "
                + Numbers.plain(rule.ceilingInches(plan.asOf())) + " inches of adult fish";
    }

    private static List<Line> living(ResolvedPlan stock, PlanView view) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < view.living().size(); i++) {
            PlanView.LivingView one = view.living().get(i);
            lines.add(new Line(
                    List.of(Portraits.key(stock.residents().get(i).species())),
                    (i + 1) + " " + one.name(),
                    one.species().equals(one.name()) ? one.length() : one.species() + ", " + one.length()));
        }
        return lines;
    }

    private static List<Line> coming(ResolvedPlan stock, PlanView view) {
        List<Line> lines = new ArrayList<>();
        for (PlanView.ComingView one : view.coming()) {
            lines.add(new Line(
                    stock.wishes().stream()
                            .filter(wish -> one.keys().contains(wish.wish().id().key()))
                            .map(wish -> Portraits.key(wish.species()))
                            .toList(),
                    one.place() + ". " + one.names(),
                    one.date() + ", " + one.away() + (one.box().isEmpty() ? "" : "; " + one.box())));
        }
        for (PlanView.HeldView one : view.without()) {
            lines.add(new Line(
                    stock.wishes().stream()
                            .filter(wish -> one.key().equals(wish.wish().id().key()))
                            .map(wish -> Portraits.key(wish.species()))
                            .toList(),
                    one.name(),
                    "without a date"));
        }
        return lines;
    }

    private static Svg list(Pen pen, String title, List<Line> lines, int x, int y, int row, int room) {
        Svg.Builder svg = new Svg.Builder()
                .add(pen.text(x, y, 22, title))
                .add("<path class='graticule' d='M{} {}h{}'/>", x, y + 8, COLUMN);
        int shown = Math.min(lines.size(), room / row);
        boolean tall = row >= 32;
        double letters = tall ? Math.min(20, row * 0.36) : Math.max(11, row * 0.72);
        for (int i = 0; i < shown; i++) {
            Line line = lines.get(i);
            double middle = y + 14 + (i + 0.5) * row;
            double wide = Math.min(76, row * 1.2);
            double at = x;
            for (String key :
                    line.portraits().subList(0, Math.min(3, line.portraits().size()))) {
                svg.add(
                        "<use href='#{}' x='{}' y='{}' width='{}' height='{}'/>",
                        key,
                        at,
                        middle - wide * 0.4,
                        wide,
                        wide * 0.8);
                at += wide * 0.8;
            }
            double words = Math.max(at + wide * 0.3, x + wide * 1.15);
            if (tall) {
                svg.add(pen.text(words, middle - 2, letters, line.first()))
                        .add(pen.text(words, middle + letters, letters * 0.82, line.second()));
            } else {
                svg.add(pen.text(words, middle + letters * 0.35, letters, line.first() + ", " + line.second()));
            }
        }
        if (lines.isEmpty()) {
            svg.add(pen.text(x, y + 34, 16, "No fish yet."));
        }
        if (shown < lines.size()) {
            svg.add(pen.text(
                    x, y + 26.0 + room, 13, "and " + (lines.size() - shown) + " more, on the page of the plan"));
        }
        return svg.build();
    }

    /** Words in lines of the sheet's width. */
    static List<String> lines(String words) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ", -1)) {
            if (line.length() > 0 && line.length() + 1 + word.length() > LINE) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() == 0 ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
