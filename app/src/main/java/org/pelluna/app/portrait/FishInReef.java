package org.pelluna.app.portrait;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.reef.FishOnDay;

/** Fish drawn into a tank at their true length, and the pressure on the one that is picked. */
public final class FishInReef {
    private static final int SHOWN = 6;
    private static final double LEAST = 0.2;

    private final ReefDrawing drawing;
    private final Measures measures;

    public FishInReef(ReefDrawing drawing, Measures measures) {
        this.drawing = drawing;
        this.measures = measures;
    }

    /** The front of a tank with its residents as they are today. */
    public static Svg today(ResolvedPlan stock, Measures measures, double fieldCm) {
        var tank = stock.plan().tank();
        ReefDrawing drawing = new ReefDrawing(tank, measures, false);
        List<FishOnDay> swimmers = stock.residents().stream()
                .map(fish -> new FishOnDay(
                        fish,
                        FishOnDay.Presence.HERE,
                        fish.lengthCmOn(stock.plan().asOf()),
                        fish.arrivesOn(),
                        false))
                .toList();
        var placed = FishPlacing.of(tank, org.pelluna.core.patch.Homes.of(tank, stock.residents()), swimmers);
        ReefDrawing.Content content = new ReefDrawing.Content();
        new FishInReef(drawing, measures).draw(content, placed, Optional.empty(), false);
        return drawing.svg(
                content,
                fieldCm,
                "Front of the tank to scale, " + measures.lengthOf(tank.shape().acrossCm()) + " by "
                        + measures.lengthOf(tank.shape().heightCm()) + ", with " + swimmers.size() + " fish");
    }

    /**
     * Draws fish.
     *
     * @param picked the key of the fish picked
     * @param pickable whether fish can be picked: each is then a button
     */
    public void draw(
            ReefDrawing.Content content, List<FishPlacing.Placed> placed, Optional<FishId> picked, boolean pickable) {
        int number = 0;
        FishNumbers numbers = new FishNumbers(drawing.text() * 0.85);
        for (FishPlacing.Placed one : placed) {
            number++;
            content.front(front(one, numbers, number, picked, pickable));
            if (drawing.hasTop()) {
                content.top(top(one));
            }
        }
    }

    private Svg front(
            FishPlacing.Placed one, FishNumbers numbers, int number, Optional<FishId> picked, boolean pickable) {
        FishOnDay swimmer = one.swimmer();
        double length = swimmer.lengthCm();
        double wide = length * Portraits.FIELD_WIDTH / 100;
        double high = length * Portraits.FIELD_HEIGHT / 100;
        double x = one.xCm() - wide / 2;
        double y = drawing.frontY(one.zCm()) - high / 2;
        boolean isPicked = picked.filter(swimmer.fish().id()::equals).isPresent();
        String words = words(swimmer);
        Svg flip = one.facesRight() ? Svg.of(" transform='translate({} 0) scale(-1 1)'", 2 * one.xCm()) : Svg.NONE;
        return Svg.of(
                "<g class='swimmer {}{}' data-fish='{}' data-length-cm='{}'{}><title>{}</title>{}<use href='#{}' x='{}' y='{}' width='{}' height='{}'{}/>{}</g>",
                presence(swimmer),
                isPicked ? " picked" : "",
                swimmer.fish().id().key(),
                String.format(Locale.ROOT, "%.2f", length),
                pickable
                        ? Svg.of(" tabindex='0' role='button' aria-pressed='{}' aria-label='{}'", isPicked, words)
                        : "",
                words,
                pickable ? hit(one, length) : "",
                Portraits.keyAt(swimmer.fish().species(), length),
                x,
                y,
                String.format(Locale.ROOT, "%.2f", wide),
                String.format(Locale.ROOT, "%.2f", high),
                flip,
                numbers.place(number, one.xCm(), y + high * 0.12 - 0.3));
    }

    /** Small fish have a larger field to be picked by. */
    private Svg hit(FishPlacing.Placed one, double length) {
        double radius = Math.max(length / 2, drawing.text() * 1.2);
        return Svg.of(
                "<ellipse class='hit' cx='{}' cy='{}' rx='{}' ry='{}'/>",
                one.xCm(),
                drawing.frontY(one.zCm()),
                radius,
                Math.max(length * 0.3, drawing.text() * 1.2));
    }

    private String words(FishOnDay swimmer) {
        String when = switch (swimmer.presence()) {
            case HERE -> measures.lengthOf(swimmer.lengthCm());
            case TO_COME -> "arrives " + swimmer.since() + " at " + measures.lengthOf(swimmer.lengthCm());
            case GONE -> "gone since " + swimmer.since();
        };
        return swimmer.fish().name() + ", " + swimmer.fish().species().commonName() + ", " + when;
    }

    private static String presence(FishOnDay swimmer) {
        return switch (swimmer.presence()) {
            case HERE -> "is-here";
            case TO_COME -> "to-come";
            case GONE -> "is-gone";
        };
    }

    /** From above a fish is a spindle of its length with its tail. */
    private Svg top(FishPlacing.Placed one) {
        double half = one.swimmer().lengthCm() / 2;
        double broad = one.swimmer().lengthCm() * 0.1;
        double way = one.facesRight() ? -1 : 1;
        double x = one.xCm();
        double y = drawing.topY(one.yCm());
        String ground = one.swimmer()
                .fish()
                .species()
                .lookAt(one.swimmer().lengthCm())
                .colours()
                .get(0)
                .hex();
        return Svg.of(
                "<g class='swimmer-top {}'><title>{}</title><path class='from-above' fill='{}' d='M{} {}Q{} {} {} {}L{} {}V{}L{} {}Q{} {} {} {}Z'/></g>",
                presence(one.swimmer()),
                words(one.swimmer()),
                ground,
                x - way * half,
                y,
                x - way * half * 0.3,
                y - broad * 1.6,
                x + way * half * 0.62,
                y,
                x + way * half,
                y - broad * 0.7,
                y + broad * 0.7,
                x + way * half * 0.62,
                y,
                x - way * half * 0.3,
                y + broad * 1.6,
                x - way * half,
                y);
    }

    /** Lines from the fish that attack the picked fish, and to those it attacks; heavy where it is hard. */
    public void pressures(
            ReefDrawing.Content content,
            List<FishPlacing.Placed> placed,
            FishId picked,
            List<Pressure> pressures,
            double careful) {
        Map<FishId, FishPlacing.Placed> byId = placed.stream()
                .collect(Collectors.toMap(one -> one.swimmer().fish().id(), one -> one));
        pressures.stream()
                .filter(one ->
                        one.aggressorId().equals(picked) || one.victimId().equals(picked))
                .filter(one -> one.perHour() >= LEAST
                        && byId.containsKey(one.aggressorId())
                        && byId.containsKey(one.victimId()))
                .sorted(java.util.Comparator.comparingDouble(Pressure::perHour).reversed())
                .limit(SHOWN)
                .forEach(one -> content.front(arrow(
                        requireNonNull(byId.get(one.aggressorId())),
                        requireNonNull(byId.get(one.victimId())),
                        one.perHour() >= careful)));
    }

    private Svg arrow(FishPlacing.Placed from, FishPlacing.Placed to, boolean hard) {
        double x1 = from.xCm();
        double y1 = drawing.frontY(from.zCm());
        double x2 = to.xCm();
        double y2 = drawing.frontY(to.zCm());
        double away = Math.max(0.1, Math.hypot(x2 - x1, y2 - y1));
        double short_ = Math.min(away * 0.3, to.swimmer().lengthCm() * 0.35);
        double ex = x2 - (x2 - x1) / away * short_;
        double ey = y2 - (y2 - y1) / away * short_;
        double bend = away * 0.14;
        double mx = (x1 + ex) / 2 - (ey - y1) / away * bend;
        double my = (y1 + ey) / 2 + (ex - x1) / away * bend;
        double head = drawing.text() * 0.8;
        double angle = Math.atan2(ey - my, ex - mx);
        return Svg.of(
                "<g class='press{}'><path d='M{} {}Q{} {} {} {}'/><path class='head' d='M{} {}L{} {}L{} {}Z'/></g>",
                hard ? " hard" : "",
                x1,
                y1,
                mx,
                my,
                ex,
                ey,
                ex,
                ey,
                ex - head * Math.cos(angle - 0.45),
                ey - head * Math.sin(angle - 0.45),
                ex - head * Math.cos(angle + 0.45),
                ey - head * Math.sin(angle + 0.45));
    }
}
