package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Appearance;

/**
 * A seahorse, which no outline along a level axis can draw. It stands upright in the middle of the field; its length is
 * that of the body stretched out, so that with the tail rolled up it stands about three quarters as high.
 */
final class Seahorse {
    private static final String BODY = "M38 -24Q43 -37 54 -36Q64 -35 63 -25Q62 -20 57 -17Q68 -8 66 6Q64 18 56 24"
            + "Q50 30 53 35Q57 39 60 35Q61 31 57 31Q61 28 63 32Q65 38 58 40Q47 42 46 31Q45 24 50 17Q45 12 46 2Q46 -8 51 -14"
            + "L38 -19Q33 -21 33 -23Q34 -25 38 -24Z";

    private Seahorse() {}

    /** The inside of a symbol. */
    static Svg svg(Appearance look, String clip, String ground, String marking, String accent) {
        Svg.Builder mark = new Svg.Builder();
        for (int i = 0; i < 9; i++) {
            int y = -12 + i * 5;
            if (look.pattern() == Appearance.Pattern.SPOTS) {
                mark.add("<circle cx='{}' cy='{}' r='1.5' fill='{}'/>", 50 + i % 3 * 5, y, marking);
            } else {
                mark.add(
                        "<path d='M44 {}Q56 {} 70 {}' fill='none' stroke='{}' stroke-width='{}'/>",
                        y,
                        y + 3,
                        y - 1,
                        marking,
                        look.pattern() == Appearance.Pattern.LINES ? 1.9 : 0.8);
            }
        }
        return Svg.of(
                "<clipPath id='{}'><path d='{}'/></clipPath><path d='M65 -4Q75 -6 74 4Q70 10 65 9Z' fill='{}' class='fish-line'/><path d='M50 -35L52 -41L55 -37L58 -41L60 -35Z' fill='{}' class='fish-line'/><path d='{}' fill='{}'/><g clip-path='url(#{})'>{}</g><path d='{}' fill='none' class='fish-line'/><circle cx='52' cy='-27' r='2.6' fill='#f7f1dc' class='fish-line'/><circle cx='52' cy='-27' r='1.5' fill='#16181c'/>",
                clip,
                BODY,
                accent,
                ground,
                BODY,
                ground,
                clip,
                mark,
                BODY);
    }
}
