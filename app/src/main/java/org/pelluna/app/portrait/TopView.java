package org.pelluna.app.portrait;

import java.util.Comparator;
import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;

/** A tank seen from above; the front is below. */
final class TopView {
    private final ReefDrawing drawing;
    private final Tank tank;
    private final Layout layout;

    TopView(ReefDrawing drawing, Tank tank) {
        this.drawing = drawing;
        this.tank = tank;
        this.layout = tank.layout();
    }

    Svg svg(Svg patches, Svg fish) {
        String glass = glass();
        Svg.Builder svg = new Svg.Builder()
                .add("<clipPath id='inside-top'><path d='{}'/></clipPath>", glass)
                .add(Shapes.line(tank.sandDepthCm() > 0 ? "sand-top" : "tint-2", glass))
                .add("<g clip-path='url(#inside-top)'>");
        layout.rocks().stream()
                .sorted(Comparator.comparingDouble(rock -> rock.liftCm() + rock.heightCm()))
                .forEach(rock -> svg.add(rock(rock)));
        svg.add("</g>");
        layout.shelters().forEach(one -> svg.add(Shelters.top(one, drawing.topY(one.yCm()))));
        svg.add(patches);
        layout.box().ifPresent(box -> svg.add(box(box)));
        layout.feeding().forEach(one -> svg.add(feeding(one)));
        layout.gaps().forEach(one -> svg.add(gap(one)));
        double size = drawing.text();
        return svg.add(fish)
                .add(Shapes.line("glass", glass))
                .add(
                        "<text class='chart-text sounding-text' x='0' y='{}' font-size='{}'>from above; the front is below</text>",
                        drawing.topY(0) - size * 0.5,
                        size)
                .build();
    }

    private Svg box(Layout.Box box) {
        double left = box.xCm() - box.widthCm() / 2;
        double top = drawing.topY(box.yCm() - box.depthCm() / 2);
        return Shapes.item("box", "Acclimation box", Shapes.rect("box-frame", left, top, box.widthCm(), box.depthCm()));
    }

    private Svg feeding(Layout.Feeding one) {
        double size = Math.max(0.8, drawing.text() * 0.5);
        String circle = "<circle class='feeding-top' cx='{}' cy='{}' r='{}'/>";
        return Shapes.item(one.id(), one.name(), Svg.of(circle, one.xCm(), drawing.topY(one.yCm()), size));
    }

    private Svg gap(Layout.Gap one) {
        String path = Svg.path("M{} {}l1.2 1.2l-1.2 1.2l-1.2 -1.2Z", one.xCm(), drawing.topY(one.yCm()) - 1.2);
        return Shapes.item(one.id(), one.name(), Shapes.line("gap-mark", path));
    }

    private Svg rock(Layout.Rock rock) {
        Svg.Builder svg =
                new Svg.Builder().add("<g class='rock-item' data-item='{}'><title>{}</title>", rock.id(), rock.name());
        double[] rings = rock.form() == Layout.Rock.Form.MOUND ? new double[] {1, 0.72, 0.4} : new double[] {1};
        for (double ring : rings) {
            svg.add(Shapes.line(
                    ring == 1 ? "rock" : "rock-ring",
                    Paths.rough(RockOutline.top(rock, ring).stream()
                            .map(point -> new double[] {point[0], drawing.topY(point[1])})
                            .toList())));
        }
        return svg.add("</g>").build();
    }

    private String glass() {
        double across = tank.shape().acrossCm();
        if (tank.shape() instanceof TankShape.Cylinder round) {
            double radius = round.diameterCm() / 2;
            return Svg.path("M0 {}", drawing.topY(radius)) + Shapes.scaled(radius, "a1 1") + " 0 1 1"
                    + Shapes.scaled(radius, "2 0a1 1") + " 0 1 1" + Shapes.scaled(radius, "-2 0") + "Z";
        }
        String back = Svg.path("M0 {}H{}", drawing.topY(0), across);
        if (tank.shape() instanceof TankShape.BowFront bow) {
            double side = drawing.topY(bow.sideWidthCm());
            return back + Svg.path("V{}A{} {} 0 0 1 0 {}Z", side, bow.radiusCm(), bow.radiusCm(), side);
        }
        return back + Svg.path("V{}H0Z", drawing.topY(tank.shape().frontToBackCm()));
    }

    /** The refugium as a square of its volume, beside the tank. */
    Svg refugium(double x, double edge, String words) {
        double top = drawing.topY(0);
        String weed = Svg.path("M{} {}", x + edge * 0.2, top + edge)
                + Shapes.scaled(edge, "q.12-.3 0-.6m.3 .6q-.12-.4 0-.75m.28 .75q.1-.2 0-.5");
        return Svg.of(
                "<g class='refugium'>{}{}{}<text class='chart-text sounding-text' x='{}' y='{}' font-size='{}'>refugium {}</text></g>",
                Shapes.rect("tint-1", x, top, edge, edge),
                Shapes.line("weed", weed),
                Shapes.rect("glass-thin", x, top, edge, edge),
                x,
                top - drawing.text() * 0.5,
                drawing.text() * 0.9,
                words);
    }
}
