package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;

/** Rays that stand free of one another: the streamer of a bannerfish, the spines and the fan of a lionfish. */
final class FreeRays {
    private final BodyOutline body;

    /** Drawing units of a height of 1 in the landmarks. */
    private final double scale;

    FreeRays(BodyOutline body, double scale) {
        this.body = body;
        this.scale = scale;
    }

    /** The long streamer of the back. */
    Svg banner(String colour) {
        double x = body.x(0.38);
        double y = body.back(0.38);
        return Svg.of(
                "<path d='{}' fill='{}' class='fin-line'/>",
                Svg.path(
                        "M{} {}Q{} {} 97 {}Q{} {} {} {}Z",
                        x - 4,
                        y + 3,
                        x + 4,
                        -Fins.HIGHEST - 8,
                        -Fins.HIGHEST + 12,
                        x + 20,
                        -Fins.HIGHEST + 2,
                        x + 10,
                        y + 5),
                colour);
    }

    /** The free spines along the back of a lionfish, each with its strip of skin. */
    Svg spines(String colour) {
        Svg.Builder svg = new Svg.Builder();
        for (int i = 0; i < 11; i++) {
            double t = 0.2 + i * 0.042;
            double high = scale * (0.7 - 0.01 * (i - 4) * (i - 4));
            double y = body.back(t);
            double x = body.x(t);
            svg.add(
                    "<path d='{}' fill='{}' class='fin-line'/>",
                    Svg.path(
                            "M{} {}L{} {}l1.6 .6L{} {}Z",
                            x - 1.5,
                            y + 2,
                            x + 4,
                            Math.max(-Fins.HIGHEST, y - high),
                            x + 3.4,
                            y + 2),
                    colour);
        }
        return svg.build();
    }

    /** The pectoral fan of a lionfish. */
    Svg fan(String colour) {
        Svg.Builder svg = new Svg.Builder();
        double x = body.x(body.anatomy().gill());
        double y = body.deep() * 0.1;
        double length = scale * 1.05;
        for (int i = 0; i < 8; i++) {
            double angle = Math.toRadians(-16 + i * 14);
            double reach = length * (1 - 0.035 * i);
            double tipX = x + reach * Math.cos(angle);
            double tipY = Math.min(Fins.HIGHEST, y + reach * Math.sin(angle));
            double midX = x + reach * 0.55 * Math.cos(angle + 0.2);
            double midY = y + reach * 0.55 * Math.sin(angle + 0.2);
            svg.add(
                    "<path d='{}' fill='{}' class='fin-line'/>",
                    Svg.path("M{} {}L{} {}L{} {}Z", x, y, tipX, tipY, midX, midY),
                    colour);
        }
        return svg.build();
    }
}
