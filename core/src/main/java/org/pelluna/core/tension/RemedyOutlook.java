package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Habitat;
import org.pelluna.core.pressure.Rivalry;

/** What one fish would suffer from all others, were something changed. */
final class RemedyOutlook {
    static final int OUT_DAYS = 14;
    private static final int LATER_DAYS = 21;

    private final ResolvedPlan stock;
    private final Fish fish;
    private final LocalDate today;
    private final List<Fish> others;

    /** The place as it is today. */
    final Habitat ground;

    /** Who attacks it hardest as things are; empty if it is alone. */
    final Optional<Fish> bully;

    RemedyOutlook(ResolvedPlan stock, Fish fish) {
        this.stock = stock;
        this.fish = fish;
        this.today = stock.plan().asOf();
        this.ground = Habitat.of(stock.plan().tank(), today);
        this.others = stock.residents().stream()
                .filter(one -> !one.id().equals(fish.id()))
                .toList();
        this.bully = others.stream()
                .max(Comparator.comparingDouble(one -> meet(ground, one, Set.of(), ahead(one), together(one))));
    }

    /**
     * What it would suffer.
     *
     * @param now from all together in the first week after, encounters/h
     * @param later and three weeks after
     * @param hardest who would press it hardest; empty if nobody would
     */
    record Outlook(double now, double later, String hardest) {
        static final Outlook NONE = new Outlook(0, 0, "");
    }

    /** The names of its rivals. */
    List<String> rivals() {
        return others.stream().filter(this::isRival).map(Fish::name).toList();
    }

    private boolean isBully(Fish other) {
        return bully.filter(other::equals).isPresent();
    }

    private int ahead(Fish other) {
        return (int) ChronoUnit.DAYS.between(other.arrivesOn(), fish.arrivesOn());
    }

    private int together(Fish other) {
        LocalDate later = other.arrivesOn().isAfter(fish.arrivesOn()) ? other.arrivesOn() : fish.arrivesOn();
        return (int) Math.max(0, ChronoUnit.DAYS.between(later, today));
    }

    private double meet(Habitat on, Fish other, Set<ArrivalAid> welcome, int ahead, int together) {
        return Encounters.on(on, stock)
                .again(other, fish, ahead, together, welcome)
                .perHour();
    }

    private boolean isRival(Fish other) {
        return Rivalry.seenBy(other.species(), fish.species()).isPresent();
    }

    /** The pressure of all, by a way to meet each. */
    private Outlook outlook(ToDoubleFunction<Fish> now, ToDoubleFunction<Fish> later) {
        return new Outlook(
                others.stream().mapToDouble(now).sum(),
                others.stream().mapToDouble(later).sum(),
                others.stream()
                        .max(Comparator.comparingDouble(now))
                        .filter(one -> now.applyAsDouble(one) > 0)
                        .map(Fish::name)
                        .orElse(""));
    }

    Outlook on(Habitat changed, Set<ArrivalAid> welcome) {
        return outlook(
                one -> meet(changed, one, welcome, ahead(one), together(one)),
                one -> meet(changed, one, welcome, ahead(one), together(one) + LATER_DAYS));
    }

    /** As after a return: nobody has lived with it yet. */
    private Outlook again(Set<ArrivalAid> welcome, ToDoubleFunction<Fish> headStart, boolean bullyOut) {
        return outlook(
                one -> back(one, welcome, headStart, bullyOut, 0),
                one -> back(one, welcome, headStart, bullyOut, LATER_DAYS));
    }

    /** Its rivals out and back with it on one day, so that nobody has a head start. */
    Outlook withRivals() {
        return again(Set.of(), one -> isRival(one) ? 0 : ahead(one), false);
    }

    /** The bully out, and back last. */
    Outlook withBullyBackLast() {
        return again(Set.of(), one -> isBully(one) ? -OUT_DAYS : ahead(one), true);
    }

    /** It comes back with help; the others have the head start they had. */
    Outlook backWith(Set<ArrivalAid> welcome) {
        return again(welcome, this::ahead, false);
    }

    /** The bully has a mirror to look at. */
    Outlook withMirror() {
        return outlook(
                one -> meet(ground, one, mirrored(one), ahead(one), together(one)),
                one -> meet(ground, one, mirrored(one), ahead(one), together(one) + LATER_DAYS));
    }

    private Set<ArrivalAid> mirrored(Fish one) {
        return isBully(one) ? EnumSet.of(ArrivalAid.MIRROR) : Set.of();
    }

    /** The bully gone for good. */
    Outlook withoutBully() {
        return outlook(
                one -> isBully(one) ? 0 : meet(ground, one, Set.of(), ahead(one), together(one)),
                one -> isBully(one) ? 0 : meet(ground, one, Set.of(), ahead(one), together(one) + LATER_DAYS));
    }

    private double back(
            Fish one, Set<ArrivalAid> welcome, ToDoubleFunction<Fish> headStart, boolean bullyOut, int together) {
        Set<ArrivalAid> help = EnumSet.noneOf(ArrivalAid.class);
        help.addAll(welcome);
        if (bullyOut && isBully(one)) {
            help.add(ArrivalAid.AGGRESSOR_REMOVED);
        }
        int settled = bullyOut && !isBully(one) ? together(one) + OUT_DAYS : together;
        return meet(ground, one, help, (int) headStart.applyAsDouble(one), settled);
    }
}
