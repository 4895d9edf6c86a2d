package org.pelluna.app.portrait;

import static org.pelluna.app.portrait.Paths.n;

import org.pelluna.core.tank.Layout;

/** Shelters drawn at their size: caves and crevices as openings, burrows in the sand, coral and anemone as they stand. */
final class Shelters {
    private Shelters() {}

    static String front(Layout.Shelter one, double y, double floor) {
        double half = one.sizeCm() / 2;
        double x = one.xCm();
        String shape = switch (one.kind()) {
            case CAVE ->
                "<path class=\"cave\" d=\"M" + n(x - half) + " " + n(y + half * 0.9) + "q" + n(half * 0.1) + " "
                        + n(-half * 1.9) + " " + n(half) + " " + n(-half * 1.8) + "t" + n(half) + " " + n(half * 1.8)
                        + "Z\"/>";
            case CREVICE ->
                "<path class=\"cave\" d=\"M" + n(x - half) + " " + n(y + half * 0.2) + "q" + n(half) + " "
                        + n(-half * 0.9)
                        + " " + n(half * 2) + " " + n(-half * 0.3) + "q" + n(-half * 0.9) + " " + n(half * 0.7) + " "
                        + n(-half * 2) + " " + n(half * 0.3) + "Z\"/>";
            case BURROW ->
                "<path class=\"cave\" d=\"M" + n(x - half) + " " + n(floor + 0.3) + "q" + n(half) + " " + n(-half * 0.9)
                        + " " + n(half * 2) + " 0q" + n(-half) + " " + n(half * 1.4) + " " + n(-half * 2) + " 0Z\"/>";
            case BRANCHES -> {
                StringBuilder path = new StringBuilder();
                for (int i = -2; i <= 2; i++) {
                    path.append("M" + n(x + i * half * 0.12) + " " + n(y + half) + "q" + n(i * half * 0.3) + " "
                            + n(-half) + " " + n(i * half * 0.42) + " " + n(-half * (2 - Math.abs(i) * 0.25))
                            + "m" + n(-i * half * 0.14) + " " + n(half * 0.9) + "q" + n(half * 0.16) + " "
                            + n(-half * 0.4) + " " + n(half * 0.3) + " " + n(-half * 0.62) + "m" + n(-half * 0.4) + " "
                            + n(half * 0.9) + "q" + n(-half * 0.14) + " " + n(-half * 0.3) + " " + n(-half * 0.24) + " "
                            + n(-half * 0.5));
                }
                yield "<path class=\"coral\" d=\"" + path + "\"/>";
            }
            case ANEMONE -> {
                StringBuilder path = new StringBuilder();
                for (int i = -3; i <= 3; i++) {
                    path.append("M" + n(x + i * half * 0.2) + " " + n(y + half * 0.6) + "q" + n(i * half * 0.1) + " "
                            + n(-half * 0.8) + " " + n(i * half * 0.16 + half * 0.1) + " " + n(-half * 1.3));
                }
                yield "<path class=\"anemone\" d=\"" + path + "\"/>";
            }
        };
        return "<g data-item=\"" + Markup.escape(one.id()) + "\"><title>" + Markup.escape(one.name()) + ", "
                + one.kind().words() + "</title>" + shape + "</g>";
    }

    static String top(Layout.Shelter one, double y) {
        double half = one.sizeCm() / 2;
        String kind = one.kind() == Layout.Shelter.Kind.BRANCHES || one.kind() == Layout.Shelter.Kind.ANEMONE
                ? "living-top"
                : "cave-top";
        return "<g data-item=\"" + Markup.escape(one.id()) + "\"><title>" + Markup.escape(one.name())
                + "</title><ellipse class=\"" + kind + "\" cx=\"" + n(one.xCm()) + "\" cy=\"" + n(y) + "\" rx=\""
                + n(half)
                + "\" ry=\"" + n(half * 0.55) + "\"/></g>";
    }
}
