package org.pelluna.app.watch;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Label;
import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.tension.Ranks;
import org.pelluna.core.units.Numbers;

/**
 * Observed against predicted: a field for each ordered pair, the aggressors down the side in the order of their rank, the victims
 * along the top. The disc grows with the encounters logged, the ring with the pressure predicted; a disc beyond its ring is more
 * than was expected. It reads at three fish and at thirty.
 */
final class NetworkChart {
    private static final double LEFT = 150;
    private static final double TOP = 46;
    private static final double MOST = 44;
    private static final double LEAST = 20;
    private static final String NAME = "chart-text chart-name";

    private NetworkChart() {}

    static Svg svg(Ranks ranks) {
        List<Ranks.Rank> order = ranks.ranked();
        int size = order.size();
        double cell = Math.max(LEAST, Math.min(MOST, 720.0 / size));
        Map<FishId, Integer> places = new HashMap<>();
        order.forEach(one -> places.put(one.fish().id(), places.size()));
        double observed = Math.max(
                1, ranks.pairs().stream().mapToInt(Ranks.Pair::observed).max().orElse(1));
        double predicted = Math.max(
                0.5,
                ranks.pairs().stream().mapToDouble(Ranks.Pair::predicted).max().orElse(0.5));
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='network-chart' viewBox='0 0 {} {}' role='img' aria-label='Which fish attack which, seen and predicted; the list shows the same'>",
                        LEFT + size * cell + 6,
                        TOP + size * cell + 6);
        for (int i = 0; i < size; i++) {
            svg.add(lines(order.get(i).fish(), i * cell, cell, size * cell));
        }
        for (Ranks.Pair pair : ranks.pairs()) {
            double x = LEFT + (requireNonNull(places.get(pair.victim().id())) + 0.5) * cell;
            double y = TOP + (requireNonNull(places.get(pair.aggressor().id())) + 0.5) * cell;
            double disc = Math.sqrt(pair.observed() / observed) * cell * 0.46;
            double ring = Math.sqrt(pair.predicted() / predicted) * cell * 0.46;
            svg.add(
                    "<g class='pair-field'><title>{} on {}: {} logged, {} an hour predicted</title>",
                    pair.aggressor().name(),
                    pair.victim().name(),
                    pair.observed(),
                    Numbers.plain(pair.predicted()));
            if (disc > 0) {
                svg.add(circle(disc > ring * 1.25 ? "more-than" : "as-expected", x, y, disc));
            }
            if (ring > 1) {
                svg.add(circle("ring", x, y, ring));
            }
            svg.add("</g>");
        }
        return svg.add("</svg>").build();
    }

    /** The line of a fish that attacks and its column as one that is attacked, with its name and portrait at their heads. */
    private static Svg lines(Fish fish, double at, double cell, double whole) {
        double middle = at + cell / 2;
        String key = Portraits.key(fish.species());
        String cross = Svg.path("M{} {}h{}M{} {}v{}", LEFT, TOP + middle, whole, LEFT + middle, TOP, whole);
        String field = Svg.path("M{} {}l{} {}", LEFT + at + 3, TOP + at + 3, cell - 6, cell - 6);
        return new Svg.Builder()
                .add(Shapes.line("graticule", cross))
                .add(
                        "<g text-anchor='end'>{}</g>",
                        Shapes.text(NAME, LEFT - 38, TOP + middle + 4, Label.cut(fish.name(), 14)))
                .add(use(key, LEFT - 34, TOP + middle - 12))
                .add("<g>{}<title>{}</title></g>", use(key, LEFT + middle - 15, TOP - 34), fish.name())
                .add(Shapes.line("own-field", field))
                .build();
    }

    private static Svg circle(String css, double x, double y, double radius) {
        return Svg.of("<circle class='{}' cx='{}' cy='{}' r='{}'/>", css, x, y, radius);
    }

    private static Svg use(String key, double x, double y) {
        return Shapes.use(key, x, y, 30, 24);
    }
}
