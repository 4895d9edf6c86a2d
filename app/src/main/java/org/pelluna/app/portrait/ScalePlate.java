package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.LengthUnit;

/**
 * A species at its adult length and at its length when sold, beside a hand of 18 cm, all to one scale; and a fish in the
 * clear swim of a tank. One drawing unit is one centimetre.
 */
public final class ScalePlate {
    private static final double HAND_CM = 18;
    private static final double HAND_WIDE_CM = 13.6;

    /** The outline of an outstretched hand, fingers to the left, cm: from the wrist over the thumb and each finger back to it. */
    private static final double[] HAND = {
        18, -2.6, 15, -3, 13, -4, 11, -6.2, 8.6, -8.2, 7.6, -8.3, 7.6, -7.2, 9.6, -5, 10.6, -3.7, 8.6, -4.2, 5, -4.9, 2,
        -5.2, 1.2, -4.6, 1.9, -3.8, 5, -3.2, 8.4, -2.6, 5, -2.2, 1, -1.9, 0, -1.2, 0.9, -0.5, 5, -0.4, 8.2, -0.5, 5,
        0.4, 2, 1.1, 1.2, 1.9, 2.1, 2.6, 5.2, 2.1, 8.4, 1.6, 6.2, 2.9, 4.2, 3.9, 3.8, 4.8, 4.9, 5.2, 7.4, 4.3, 10, 3.6,
        13, 3.4, 15.5, 2.8, 18, 2.6
    };

    /** Letters on a phone are this part of the plate's width: 12 px of 252. */
    private static final double NARROW = 21;

    private ScalePlate() {}

    /** The plate, with its words for those who do not see it. */
    public static Svg of(Species species, Measures measures) {
        double adult = species.size().adultCm().value();
        double sale = species.size().saleCm().value();
        double adultWide = adult * Portraits.FIELD_WIDTH / 100;
        double saleWide = sale * Portraits.FIELD_WIDTH / 100;
        double high = Math.max(adult * Portraits.FIELD_HEIGHT / 100, HAND_WIDE_CM + 1);
        double gap = Math.max(1, adult * 0.06);
        double wide = adultWide + gap + saleWide + gap + HAND_CM + gap;
        double foot = high + wide / NARROW * 2.4;
        Svg svg = Svg.of(
                "<svg class='scale-plate' viewBox='{} 0 {} {}' role='img' aria-label='Adult of {}, as sold {}, and a hand of {}, to one scale'>",
                -gap,
                wide + gap,
                foot,
                measures.lengthOf(adult),
                measures.lengthOf(sale),
                measures.lengthOf(HAND_CM));
        return Svg.of(
                "{}{}{}{}{}</svg>",
                svg,
                fish(Portraits.key(species), 0, high, adult),
                fish(Portraits.keyAt(species, sale), adultWide + gap, high, sale),
                hand(adultWide + saleWide + 2 * gap, high / 2),
                new Svg.Builder()
                        .add(ruler("on-desk", wide, high, wide / 42, measures))
                        .add(ruler("on-phone", wide, high, wide / NARROW, measures))
                        .build());
    }

    /** An adult within the length of the clear swim: does it turn? */
    public static Svg inSwim(Species species, double swimCm) {
        double adult = species.size().adultCm().value();
        double high = Math.max(swimCm / 14, Math.min(adult * 0.7, swimCm / 4));
        double shown = Math.min(adult, swimCm);
        return Svg.of(
                "<svg class='in-swim' viewBox='0 0 {} {}' aria-hidden='true'><rect width='{}' height='{}' class='swim'/>{}</svg>",
                swimCm,
                high,
                swimCm,
                high,
                fish(Portraits.key(species), (swimCm - shown * 1.06) * 0.3, high, shown));
    }

    /** An adult by itself in a field of this length, at its beginning: rows of such fields are to one scale. */
    public static Svg grown(Species species, double fieldCm) {
        double adult = species.size().adultCm().value();
        double high = adult * Portraits.FIELD_HEIGHT / 100;
        return Svg.of(
                "<svg class='grown' viewBox='0 0 {} {}' aria-hidden='true'>{}</svg>",
                fieldCm,
                high,
                fish(Portraits.key(species), 0, high, adult));
    }

    private static Svg fish(String key, double x, double high, double length) {
        double tall = length * Portraits.FIELD_HEIGHT / 100;
        return Svg.of(
                "<use href='#{}' x='{}' y='{}' width='{}' height='{}'/>",
                key,
                x,
                (high - tall) / 2,
                length * Portraits.FIELD_WIDTH / 100,
                tall);
    }

    /** Drawn with the pen of the fish: contour, the lines of the palm, strokes along the shaded side. */
    private static Svg hand(double x, double y) {
        List<double[]> outline = new ArrayList<>();
        for (int i = 0; i < HAND.length; i += 2) {
            outline.add(new double[] {HAND[i], HAND[i + 1]});
        }
        return Svg.of(
                "<g class='hand' transform='translate({} {})'><path d='{}'/><path class='lines' d='M10.4 -3.6Q12.6 -1.4 16 -1.8M9.2 -2.2Q12 -.6 12.6 3M9 .8Q10.6 1 11 3.2M13 3.2l1 -.9M14.2 3l1 -.9M15.4 2.7l1 -.9M16.6 2.6l1 -.9'/></g>",
                x,
                y + 1.5,
                Paths.smooth(outline));
    }

    /** A ruler whose letters are legible in one of two widths; the style shows the one that is. */
    private static Svg ruler(String where, double wide, double high, double text, Measures measures) {
        double y = high + text * 0.3;
        boolean inches = measures.length() == LengthUnit.INCH;
        double unit = inches ? 2.54 : 1;
        double least = text * 3 / unit;
        int step = least > 20 ? 50 : least > 10 ? 20 : least > 5 ? 10 : least > 2 ? 5 : 2;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<g class='ruler {}'><path d='M0 {}H{}' stroke-width='{}'/>",
                        where,
                        y,
                        wide,
                        Math.max(0.1, text / 8));
        for (int mark = 0; mark * unit <= wide - text; mark += step) {
            double x = mark * unit;
            svg.add(
                    "<path d='M{} {}v{}' stroke-width='{}'/><text x='{}' y='{}' font-size='{}'>{}{}</text>",
                    x,
                    y,
                    text * 0.5,
                    Math.max(0.1, text / 10),
                    x,
                    y + text * 1.6,
                    text,
                    mark,
                    mark == 0 ? " " + measures.length().symbol() : "");
        }
        return svg.add("</g>").build();
    }
}
