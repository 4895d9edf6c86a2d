package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Accent;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.OddTail;
import org.pelluna.core.species.Tail;

/** The tail fin, from the root of the tail to the end of the fish. */
final class TailFin {
    private static final double END = 99.4;

    private final Appearance look;
    private final BodyOutline body;
    private final double root;
    private final double middle;

    private final FinColours colours;

    TailFin(Appearance look, BodyOutline body, FinColours colours) {
        this.look = look;
        this.colours = colours;
        this.body = body;
        this.root = Math.max(0.9, (body.belly(1) - body.back(1)) / 2);
        this.middle = (body.belly(1) + body.back(1)) / 2;
    }

    Svg svg() {
        String path = body.anatomy().tail().map(this::odd).orElseGet(() -> usual(look.tail()));
        return path.isEmpty()
                ? Svg.NONE
                : Svg.of(
                        "<path d='{}' fill='{}' class='fin-line'/>{}<path d='{}' class='fin-ray'/>",
                        path,
                        colours.of(Accent.Part.TAIL),
                        colours.margin(path),
                        rays());
    }

    /** Half of its spread. */
    private double half() {
        return Math.max(root * 1.35, Math.min(body.deep() * 0.36, 16.5));
    }

    private double x() {
        return BodyOutline.LENGTH - 2;
    }

    private String usual(Tail tail) {
        double half = half();
        double x = x();
        double m = middle;
        return switch (tail) {
            case FORKED ->
                Svg.path(
                        "M{} {}Q{} {} {} {}Q91 {} 89 {}Q91 {} {} {}Q{} {} {} {}",
                        x,
                        m - root,
                        x + 8,
                        m - half * 0.75,
                        END,
                        m - half,
                        m - half * 0.35,
                        m,
                        m + half * 0.35,
                        END,
                        m + half,
                        x + 8,
                        m + half * 0.75,
                        x,
                        m + root);
            case LYRE ->
                Svg.path(
                        "M{} {}Q86 {} {} {}Q91 {} 88 {}Q91 {} {} {}Q86 {} {} {}",
                        x,
                        m - root,
                        m - half * 1.15,
                        END,
                        m - half * 1.2,
                        m - half * 0.85,
                        m,
                        m + half * 0.85,
                        END,
                        m + half * 1.2,
                        m + half * 1.15,
                        x,
                        m + root);
            case STRAIGHT ->
                Svg.path(
                        "M{} {}Q{} {} 98.4 {}Q95.6 {} 98.4 {}Q{} {} {} {}",
                        x,
                        m - root,
                        x + 8,
                        m - half * 0.8,
                        m - half * 0.95,
                        m,
                        m + half * 0.95,
                        x + 8,
                        m + half * 0.8,
                        x,
                        m + root);
            case ROUND -> round();
        };
    }

    private String round() {
        double half = half();
        return Svg.path(
                "M{} {}Q86 {} 93 {}Q{} {} {} {}Q{} {} 93 {}Q86 {} {} {}",
                x(),
                middle - root,
                middle - half * 0.95,
                middle - half * 0.92,
                END,
                middle - half * 0.7,
                END,
                middle,
                END,
                middle + half * 0.7,
                middle + half * 0.92,
                middle + half * 0.95,
                x(),
                middle + root);
    }

    private String odd(OddTail tail) {
        double half = half();
        return switch (tail) {
            case NONE -> "";
            case POINTED ->
                Svg.path(
                        "M{} {}Q88 {} 100 {}Q88 {} {} {}",
                        x(),
                        middle - root,
                        middle - half * 1.5,
                        middle,
                        middle + half * 1.5,
                        x(),
                        middle + root);
            case ROUND -> round();
            case SHARK ->
                Svg.path(
                        "M{} {}Q88 {} 100 {}Q97 {} 90 {}L92 {}Q86 {} {} {}",
                        x() - 3,
                        middle - root,
                        middle - root * 2.2,
                        middle - body.deep() * 0.6,
                        middle - body.deep() * 0.15,
                        middle + root * 0.7,
                        middle + body.deep() * 0.45,
                        middle + root * 1.9,
                        x() - 3,
                        middle + root);
            case WHIP ->
                Svg.path("M{} {}L100 {}L{} {}", x() - 6, middle - root * 0.8, middle, x() - 6, middle + root * 0.8);
        };
    }

    private String rays() {
        boolean fan =
                body.anatomy().tail().filter(tail -> tail != OddTail.ROUND).isEmpty();
        StringBuilder path = new StringBuilder();
        for (int i = -3; fan && i <= 3; i++) {
            double reach = look.tail() == Tail.STRAIGHT || look.tail() == Tail.ROUND ? 96 : 88 + Math.abs(i) * 2.6;
            path.append(Svg.path("M{} {}L{} {}", x() + 1, middle + root * i / 3.4, reach, middle + half() * i / 3.6));
        }
        return path.toString();
    }
}
