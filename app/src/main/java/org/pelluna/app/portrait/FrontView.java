package org.pelluna.app.portrait;

import java.util.Comparator;
import java.util.List;
import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;

/** A tank seen from the front: water, rock, sand and what stands in it, behind the glass and under the cover. */
final class FrontView {
    private final ReefDrawing drawing;
    private final Tank tank;
    private final Layout layout;
    private final double across;
    private final double high;

    FrontView(ReefDrawing drawing, Tank tank) {
        this.drawing = drawing;
        this.tank = tank;
        this.layout = tank.layout();
        this.across = tank.shape().acrossCm();
        this.high = tank.shape().heightCm();
    }

    Svg svg(Svg patches, Svg fish) {
        Svg.Builder svg = new Svg.Builder();
        double surface = drawing.surface();
        double water = drawing.floor() - surface;
        for (int i = 0; i < 3; i++) {
            double from = surface + water * i / 3;
            svg.add(Shapes.rect("tint-" + (i + 1), 0, from, across, high - from));
        }
        svg.add(Shapes.line("water-line", Svg.path("M0 {}H{}", surface, across)));
        layout.rocks().stream()
                .sorted(Comparator.comparingDouble(Layout.Rock::yCm))
                .forEach(rock -> svg.add(rock(rock)));
        svg.add(sand());
        layout.shelters().forEach(one -> svg.add(Shelters.front(one, drawing.frontY(one.zCm()), drawing.floor())));
        svg.add(patches);
        layout.box().ifPresent(box -> svg.add(box(box)));
        layout.feeding().forEach(one -> svg.add(feeding(one)));
        return svg.add(fish)
                .add(Shapes.rect("glass", 0, 0, across, high))
                .add(cover())
                .build();
    }

    private Svg rock(Layout.Rock rock) {
        double base = drawing.floor() + (rock.liftCm() == 0 ? 0.6 : 0) - rock.liftCm();
        List<double[]> outline = RockOutline.front(rock).stream()
                .map(point -> new double[] {point[0], base - point[1]})
                .toList();
        boolean back = rock.yCm() < tank.shape().frontToBackCm() * 0.3;
        return Svg.of(
                "<g class='rock-item' data-item='{}'><title>{}, {}</title>{}{}</g>",
                rock.id(),
                rock.name(),
                rock.form().words(),
                Shapes.line("rock" + (back ? " rock-back" : ""), Paths.rough(outline)),
                Shapes.line("hachure", RockOutline.hachures(rock, base)));
    }

    private Svg sand() {
        if (tank.sandDepthCm() <= 0) {
            return Svg.NONE;
        }
        double floor = drawing.floor();
        StringBuilder path = new StringBuilder(Svg.path("M0 {}V{}", high, floor));
        int waves = Math.max(2, (int) (across / 18));
        double step = across / waves;
        double swell = Math.min(0.9, tank.sandDepthCm() / 6);
        for (int i = 0; i < waves; i++) {
            path.append(Svg.path("q{} {} {} 0t{} 0", step / 4, i % 2 == 0 ? -swell : swell * 0.8, step / 2, step / 2));
        }
        return Shapes.line("sand", path + Svg.path("L{} {}V{}Z", across, floor, high));
    }

    private Svg cover() {
        String css = switch (tank.cover().kind()) {
            case OPEN -> "";
            case MESH -> "mesh";
            case LID -> "lid";
        };
        if (css.isEmpty()) {
            return Svg.NONE;
        }
        Svg.Builder svg = new Svg.Builder();
        double from = -1;
        List<Layout.Gap> gaps = layout.gaps().stream()
                .sorted(Comparator.comparingDouble(Layout.Gap::xCm))
                .toList();
        for (Layout.Gap gap : gaps) {
            double half = gap.widthMm() / 20;
            svg.add(Shapes.line(css, Svg.path("M{} -1H{}", from, Math.max(from, gap.xCm() - half))));
            Svg mark = Shapes.line("gap-mark", Svg.path("M{} -1.2l-1.2 -2.4h2.4Z", gap.xCm()));
            svg.add("<g class='gap' data-item='{}'><title>{}</title>{}</g>", gap.id(), gap.name(), mark);
            from = gap.xCm() + half;
        }
        return svg.add(Shapes.line(css, Svg.path("M{} -1H{}", from, across + 1)))
                .build();
    }

    private Svg box(Layout.Box box) {
        double left = box.xCm() - box.widthCm() / 2;
        double top = drawing.surface() - 1;
        return Shapes.item(
                "box", "Acclimation box", Shapes.rect("box-frame", left, top, box.widthCm(), box.heightCm() + 1));
    }

    private Svg feeding(Layout.Feeding one) {
        double size = Math.max(0.9, drawing.text() * 0.55);
        double surface = drawing.surface();
        Svg mark = one.kind() == Layout.Feeding.Kind.STATION
                ? Shapes.line(
                        "feeding",
                        Svg.path("M{} {}", one.xCm(), surface - size * 2.2) + Shapes.scaled(size, "v1.4m-1 0h2l-1 1Z"))
                : Shapes.line(
                        "clip",
                        Svg.path("M{} {}", one.xCm(), surface - size) + Shapes.scaled(size, "v2.4q1.4 1 0 2t0 2"));
        return Shapes.item(one.id(), one.name() + ", " + one.kind().words(), mark);
    }
}
