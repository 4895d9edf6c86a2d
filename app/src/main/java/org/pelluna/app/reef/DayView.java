package org.pelluna.app.reef;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.FishPlacing;
import org.pelluna.app.portrait.ReefDrawing;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.id.FishId;
import org.pelluna.core.patch.Patches;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Factor;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.reef.FishOnDay;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.units.Numbers;

/**
 * A tank on one day, ready to print.
 *
 * @param drawing the tank to scale, SVG
 * @param account the day in words
 * @param fish everyone drawn, in the order of their numbers
 * @param headroom the loads of the chosen approach
 * @param pressures the hardest pressures of the day
 * @param findings what has been outgrown, and who could eat whom
 * @param patches whose ground is whose
 * @param picked what attacks the fish picked, and whom it attacks; empty if none is
 */
record DayView(
        Svg drawing,
        String account,
        List<FishLine> fish,
        List<LoadLine> headroom,
        List<String> pressures,
        List<FindingView> findings,
        List<String> patches,
        Optional<PickedView> picked) {

    /** One fish with its number in the drawing. */
    record FishLine(
            int number, String id, String name, String species, String length, String bodyLengths, String when) {}

    /** One load: width out of 100. */
    record LoadLine(String words, int width, boolean over) {}

    /** The fish picked, and its pressures. */
    record PickedView(String name, String what, List<PressLine> suffers, List<PressLine> gives) {}

    /** One pressure and why. */
    record PressLine(String who, String perHour, boolean hard, List<String> why) {}

    private static final int HARDEST = 5;
    private static final int REASONS = 4;

    /** Less of the floor is not worth a line. */
    private static final double LEAST_SHARE = 0.005;

    /**
     * What is shown.
     *
     * @param on the day
     * @param fish the fish picked
     * @param toCome whether fish to come are shown as ghosts
     * @param gone whether those that left are shown
     */
    record Asked(LocalDate on, Optional<FishId> fish, boolean toCome, boolean gone) {
        boolean shows(FishOnDay.Presence presence) {
            return switch (presence) {
                case HERE -> true;
                case TO_COME -> toCome;
                case GONE -> gone;
            };
        }
    }

    static DayView of(Reef reef, Asked asked, Measures measures) {
        TankPlan plan = reef.stock().plan();
        List<FishOnDay> shown = reef.swimmers(asked.on()).stream()
                .filter(one -> asked.shows(one.presence()))
                .toList();
        List<FishOnDay> here = shown.stream()
                .filter(one -> one.presence() == FishOnDay.Presence.HERE)
                .toList();
        List<FishPlacing.Placed> placed = FishPlacing.of(plan.tank(), reef.homes(), shown);
        Patches patches = reef.patches(asked.on());
        List<Patches.Patch> all = patches.all();
        List<Pressure> pressures = reef.pressures(asked.on());
        double careful = plan.houseRules().weights().carefulPerHour();
        ReefDrawing drawing = new ReefDrawing(plan.tank(), measures, true);
        ReefDrawing.Content content = new ReefDrawing.Content();
        drawing.patches(content, all, patches);
        FishInReef painter = new FishInReef(drawing, measures);
        asked.fish().ifPresent(fish -> painter.pressures(content, placed, fish, pressures, careful));
        painter.draw(content, placed, asked.fish(), true);
        String account = account(reef, asked.on(), here, shown, measures);
        return new DayView(
                drawing.svg(
                        content,
                        0,
                        "The tank on " + asked.on() + " to scale, from the front and from above. " + account),
                account,
                lines(placed, plan, measures),
                loads(reef, asked.on()),
                hardest(pressures, names(shown), careful),
                reef.findings(asked.on()).stream()
                        .map(one -> FindingView.of(one, measures))
                        .toList(),
                all.stream()
                        .filter(patch -> patch.shareOfFloor() >= LEAST_SHARE)
                        .map(DayView::words)
                        .toList(),
                asked.fish().flatMap(id -> picked(id, shown, pressures, careful, measures)));
    }

    private static Map<FishId, String> names(List<FishOnDay> shown) {
        return shown.stream()
                .collect(Collectors.toMap(
                        one -> one.fish().id(), one -> one.fish().name()));
    }

    private static String account(
            Reef reef, LocalDate on, List<FishOnDay> here, List<FishOnDay> shown, Measures measures) {
        if (here.isEmpty()) {
            return "No fish live here on " + on + ".";
        }
        FishOnDay largest = here.stream()
                .max(Comparator.comparingDouble(FishOnDay::lengthCm))
                .orElseThrow();
        long ghosts = shown.stream()
                .filter(one -> one.presence() == FishOnDay.Presence.TO_COME)
                .count();
        return here.size() + (here.size() == 1 ? " fish lives" : " fish live") + " here on " + on
                + (ghosts > 0 ? "; " + ghosts + " more will arrive" : "") + ". "
                + largest.fish().name()
                + " is the largest, " + measures.lengthOf(largest.lengthCm()) + " long.";
    }

    private static List<FishLine> lines(List<FishPlacing.Placed> placed, TankPlan plan, Measures measures) {
        List<FishLine> lines = new ArrayList<>();
        for (FishPlacing.Placed one : placed) {
            FishOnDay swimmer = one.swimmer();
            lines.add(new FishLine(
                    lines.size() + 1,
                    swimmer.fish().id().key(),
                    swimmer.fish().name(),
                    swimmer.fish().species().commonName(),
                    measures.lengthOf(swimmer.lengthCm()),
                    Numbers.plain(plan.tank().swimCm() / swimmer.lengthCm()),
                    switch (swimmer.presence()) {
                        case HERE -> "since " + swimmer.since();
                        case TO_COME -> "from " + swimmer.since();
                        case GONE -> "gone since " + swimmer.since();
                    }));
        }
        return lines;
    }

    private static List<LoadLine> loads(Reef reef, LocalDate on) {
        Reef.Loads loads = reef.headroom(on);
        List<LoadLine> lines = new ArrayList<>();
        for (int i = 0; i < loads.grown().size(); i++) {
            Load grown = loads.grown().get(i);
            int decimals = Numbers.decimalsToTell(grown.used(), grown.limit(), grown.limit() < 2 ? 2 : 1);
            String then = loads.then().stream()
                    .filter(one -> one.name().equals(grown.name()) && one.used() != grown.used())
                    .findFirst()
                    .map(one -> Numbers.plain(one.used(), decimals) + " now, ")
                    .orElse("");
            lines.add(new LoadLine(
                    grown.name() + ": " + then + Numbers.plain(grown.used(), decimals) + " fully grown, of "
                            + Numbers.plain(grown.limit(), decimals) + " " + grown.unit(),
                    (int) Math.round(100 * Math.min(1, grown.share())),
                    !grown.fits()));
        }
        return lines;
    }

    private static List<String> hardest(List<Pressure> pressures, Map<FishId, String> names, double careful) {
        return pressures.stream()
                .sorted(Comparator.comparingDouble(Pressure::perHour).reversed())
                .limit(HARDEST)
                .filter(one -> one.perHour() >= 0.05)
                .map(one -> names.get(one.aggressorId()) + " on " + names.get(one.victimId()) + ": "
                        + Numbers.count(one.perHour(), "attack") + " an hour"
                        + (one.perHour() >= careful ? " ▲" : ""))
                .toList();
    }

    private static String words(Patches.Patch patch) {
        return patch.fish().name() + "’s territory: " + Numbers.plain(100 * patch.shareOfFloor(), 0) + " % of the floor"
                + (patch.contested() >= 0.005
                        ? ", " + Numbers.plain(100 * patch.contested(), 0) + " % of it shared"
                        : "");
    }

    private static Optional<PickedView> picked(
            FishId id, List<FishOnDay> shown, List<Pressure> pressures, double careful, Measures measures) {
        Map<FishId, String> names = new HashMap<>(names(shown));
        return shown.stream()
                .filter(one -> one.fish().id().equals(id))
                .findFirst()
                .map(one -> new PickedView(
                        one.fish().name(),
                        one.fish().species().commonName() + ", " + measures.lengthOf(one.lengthCm()),
                        lines(pressures, Pressure::victimId, Pressure::aggressorId, id, names, careful),
                        lines(pressures, Pressure::aggressorId, Pressure::victimId, id, names, careful)));
    }

    private static List<PressLine> lines(
            List<Pressure> pressures,
            java.util.function.Function<Pressure, FishId> its,
            java.util.function.Function<Pressure, FishId> other,
            FishId id,
            Map<FishId, String> names,
            double careful) {
        return pressures.stream()
                .filter(one -> its.apply(one).equals(id) && one.perHour() >= 0.05)
                .sorted(Comparator.comparingDouble(Pressure::perHour).reversed())
                .limit(HARDEST)
                .map(one -> new PressLine(
                        String.valueOf(names.get(other.apply(one))),
                        Numbers.plain(one.perHour()),
                        one.perHour() >= careful,
                        one.factors().stream()
                                .sorted(Comparator.comparingDouble((Factor f) -> Math.abs(Math.log(f.multiplier())))
                                        .reversed())
                                .limit(REASONS)
                                .map(f -> f.sentence() + " × " + Numbers.plain(f.multiplier(), 2))
                                .toList()))
                .toList();
    }
}
