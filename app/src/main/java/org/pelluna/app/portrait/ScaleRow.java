package org.pelluna.app.portrait;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.species.Species;

/** Several species at their adult length beside one another, from small to large, all to one scale; each leads to its page. */
public final class ScaleRow {
    private static final double GAP_CM = 1.5;

    private ScaleRow() {}

    /**
     * The row; the page carries the sheet of portraits.
     *
     * @param address where each leads
     */
    public static Svg of(List<Species> species, Measures measures, Function<Species, String> address) {
        Svg.Builder fish = new Svg.Builder();
        double x = 0;
        double high = 0;
        for (Species one : species.stream()
                .sorted(Comparator.comparingDouble(ScaleRow::adult))
                .toList()) {
            double wide = adult(one) * Portraits.FIELD_WIDTH / 100;
            double tall = adult(one) * Portraits.FIELD_HEIGHT / 100;
            fish.add(
                    "<a href='{}'><title>{}, {}</title><rect class='hit' x='{}' y='{}' width='{}' height='{}'/><use href='#{}' x='{}' y='{}' width='{}' height='{}'/></a>",
                    address.apply(one),
                    one.commonName(),
                    measures.lengthOf(adult(one)),
                    x,
                    -tall / 2,
                    wide,
                    tall,
                    Portraits.key(one),
                    x,
                    -tall / 2,
                    wide,
                    tall);
            x += wide + GAP_CM;
            high = Math.max(high, tall);
        }
        return Svg.of("<svg class='scale-row' viewBox='0 {} {} {}'>{}</svg>", -high / 2, x, high, fish.build());
    }

    private static double adult(Species one) {
        return one.size().adultCm().value();
    }
}
