package org.pelluna.app.portrait;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.tank.Layout;

/** Shelters drawn at their size: caves and crevices as openings, burrows in the sand, coral and anemone as they stand. */
final class Shelters {
    private static final String CAVE = "q.1-1.9 1-1.8t1 1.8Z";
    private static final String CREVICE = "q1-.9 2-.3q-.9 .7-2 .3Z";
    private static final String BURROW = "q1-.9 2 0q-1 1.4-2 0Z";
    private static final String TWIGS = "q.16-.4 .3-.62m-.4 .9q-.14-.3-.24-.5";

    private Shelters() {}

    static Svg front(Layout.Shelter one, double y, double floor) {
        double half = one.sizeCm() / 2;
        double left = one.xCm() - half;
        Svg shape = switch (one.kind()) {
            case CAVE -> hole(left, y + half * 0.9, half, CAVE);
            case CREVICE -> hole(left, y + half * 0.2, half, CREVICE);
            case BURROW -> hole(left, floor + 0.3, half, BURROW);
            case BRANCHES ->
                Shapes.line("coral", grown(-2, 2, i -> branch(one.xCm() + i * half * 0.12, y + half, half, i)));
            case ANEMONE -> Shapes.line("anemone", grown(-3, 3, i -> tentacle(one.xCm() + i * half * 0.2, y, half, i)));
        };
        return Shapes.item(one.id(), one.name() + ", " + one.kind().words(), shape);
    }

    private static Svg hole(double x, double y, double half, String shape) {
        return Shapes.line("cave", Svg.path("M{} {}", x, y) + Shapes.scaled(half, shape));
    }

    private static String grown(int from, int to, java.util.function.IntFunction<String> part) {
        return IntStream.rangeClosed(from, to).mapToObj(part).collect(Collectors.joining());
    }

    private static String branch(double x, double y, double half, int i) {
        double high = -half * (2 - Math.abs(i) * 0.25);
        String stem = Svg.path("M{} {}q{} {} {} {}", x, y, i * half * 0.3, -half, i * half * 0.42, high);
        return stem + Svg.path("m{} {}", -i * half * 0.14, half * 0.9) + Shapes.scaled(half, TWIGS);
    }

    private static String tentacle(double x, double y, double half, int i) {
        double tip = half * (i * 0.16 + 0.1);
        return Svg.path("M{} {}q{} {} {} {}", x, y + half * 0.6, i * half * 0.1, -half * 0.8, tip, -half * 1.3);
    }

    static Svg top(Layout.Shelter one, double y) {
        double half = one.sizeCm() / 2;
        String css = one.kind() == Layout.Shelter.Kind.BRANCHES || one.kind() == Layout.Shelter.Kind.ANEMONE
                ? "living-top"
                : "cave-top";
        String ellipse = "<ellipse class='{}' cx='{}' cy='{}' rx='{}' ry='{}'/>";
        return Shapes.item(one.id(), one.name(), Svg.of(ellipse, css, one.xCm(), y, half, half * 0.55));
    }
}
