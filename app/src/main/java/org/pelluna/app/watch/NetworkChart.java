package org.pelluna.app.watch;

import static org.pelluna.app.chart.TimeAxis.f;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.app.portrait.Markup;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.core.id.FishId;
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

    private NetworkChart() {}

    static String svg(Ranks ranks) {
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
        StringBuilder svg = new StringBuilder(
                "<svg class=\"network-chart\" viewBox=\"0 0 " + f(LEFT + size * cell + 6) + " "
                        + f(TOP + size * cell + 6)
                        + "\" role=\"img\" aria-label=\"Who presses whom, observed and predicted; the list says the same\">");
        for (int i = 0; i < size; i++) {
            String name = order.get(i).fish().name();
            String key = Portraits.key(order.get(i).fish().species());
            double at = i * cell;
            svg.append("<path class=\"graticule\" d=\"M" + f(LEFT) + " " + f(TOP + at + cell / 2) + "h" + f(size * cell)
                    + "M" + f(LEFT + at + cell / 2) + " " + f(TOP) + "v" + f(size * cell) + "\"/>");
            svg.append(
                    "<text class=\"chart-text chart-name\" x=\"" + f(LEFT - 38) + "\" y=\"" + f(TOP + at + cell / 2 + 4)
                            + "\" text-anchor=\"end\">" + Markup.escape(shorten(name)) + "</text>");
            svg.append(use(key, LEFT - 34, TOP + at + cell / 2 - 12));
            svg.append("<g>" + use(key, LEFT + at + cell / 2 - 15, TOP - 34) + "<title>" + Markup.escape(name)
                    + "</title></g>");
            svg.append("<path class=\"own-field\" d=\"M" + f(LEFT + at + 3) + " " + f(TOP + at + 3) + "l" + f(cell - 6)
                    + " " + f(cell - 6) + "\"/>");
        }
        for (Ranks.Pair pair : ranks.pairs()) {
            double x = LEFT + (places.get(pair.victim().id()) + 0.5) * cell;
            double y = TOP + (places.get(pair.aggressor().id()) + 0.5) * cell;
            double disc = Math.sqrt(pair.observed() / observed) * cell * 0.46;
            double ring = Math.sqrt(pair.predicted() / predicted) * cell * 0.46;
            svg.append("<g class=\"pair-field\"><title>"
                    + Markup.escape(pair.aggressor().name()) + " on "
                    + Markup.escape(pair.victim().name()) + ": " + pair.observed() + " logged, "
                    + Numbers.plain(pair.predicted()) + " an hour predicted</title>");
            if (disc > 0) {
                svg.append("<circle class=\"" + (disc > ring * 1.25 ? "more-than" : "as-expected") + "\" cx=\"" + f(x)
                        + "\" cy=\"" + f(y) + "\" r=\"" + f(disc) + "\"/>");
            }
            if (ring > 1) {
                svg.append("<circle class=\"ring\" cx=\"" + f(x) + "\" cy=\"" + f(y) + "\" r=\"" + f(ring) + "\"/>");
            }
            svg.append("</g>");
        }
        return svg.append("</svg>").toString();
    }

    private static String use(String key, double x, double y) {
        return "<use href=\"#" + key + "\" x=\"" + f(x) + "\" y=\"" + f(y) + "\" width=\"30\" height=\"24\"/>";
    }

    private static String shorten(String name) {
        return name.length() <= 14 ? name : name.substring(0, 13).strip() + "…";
    }
}
