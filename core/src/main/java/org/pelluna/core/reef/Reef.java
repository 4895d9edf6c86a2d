package org.pelluna.core.reef;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.forecast.WaterForecast.PlannedFish;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.id.FishId;
import org.pelluna.core.patch.Homes;
import org.pelluna.core.patch.Patches;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.units.Quantity;

/** A tank through time: everyone who lived, lives or is to live in it, and what it is like on any day. */
public final class Reef {
    private static final int HORIZON_YEARS = 5;
    private static final int EMPTY_YEARS = 1;

    private final ResolvedPlan stock;
    private final TankPlan plan;
    private final List<Member> members = new ArrayList<>();
    private final Map<FishId, Homes.Home> homes;
    private final List<ReefEvent> marks;

    private record Member(Fish fish, LocalDate from, Optional<LocalDate> until, boolean planned) {
        boolean isHere(LocalDate on) {
            return !from.isAfter(on) && until.filter(day -> !day.isAfter(on)).isEmpty();
        }
    }

    /**
     * The reef of a plan.
     *
     * @param stock the plan with its species
     * @param coming the fish to come and their days
     */
    public Reef(ResolvedPlan stock, List<PlannedFish> coming) {
        this.stock = stock;
        this.plan = stock.plan();
        stock.timeline()
                .stays()
                .forEach(stay -> members.add(new Member(stay.who(), stay.cameOn(), stay.leftOn(), false)));
        for (PlannedFish day : coming) {
            Map<FishId, Integer> of = new HashMap<>();
            for (Fish fish : day.fish()) {
                int number = of.merge(fish.id(), 1, Integer::sum);
                boolean resident = members.removeIf(one -> one.fish().id().equals(fish.id()) && !one.planned());
                members.add(new Member(
                        new Fish(
                                number == 1 ? fish.id() : new FishId(fish.id() + "-" + number),
                                number == 1 ? fish.name() : fish.name() + " " + number,
                                fish.species(),
                                fish.growth()),
                        day.on(),
                        Optional.empty(),
                        !resident));
            }
        }
        members.sort(Comparator.comparing(Member::from)
                .thenComparing(one -> one.fish().id()));
        this.homes = Homes.of(plan.tank(), oneEach(members));
        this.marks = collectMarks();
    }

    /** Each fish once, however often it came back. */
    private static List<Fish> oneEach(List<Member> members) {
        Map<FishId, Fish> each = new LinkedHashMap<>();
        members.forEach(member -> each.putIfAbsent(member.fish().id(), member.fish()));
        return List.copyOf(each.values());
    }

    /** The first day that can be looked at: the first arrival ever, or today. */
    public LocalDate begin() {
        return members.stream()
                .map(Member::from)
                .min(LocalDate::compareTo)
                .filter(day -> day.isBefore(plan.asOf()))
                .orElse(plan.asOf());
    }

    /** The last day that can be looked at: some years after the last arrival. */
    public LocalDate end() {
        return members.stream()
                .map(Member::from)
                .max(LocalDate::compareTo)
                .map(day -> day.isAfter(plan.asOf()) ? day : plan.asOf())
                .map(day -> day.plusYears(HORIZON_YEARS))
                .orElse(plan.asOf().plusYears(EMPTY_YEARS));
    }

    /** The days on which something changes, in order. */
    public List<ReefEvent> marks() {
        return marks;
    }

    private List<ReefEvent> collectMarks() {
        List<ReefEvent> all = new ArrayList<>();
        for (Member one : members) {
            all.add(mark(
                    one,
                    one.from(),
                    ReefEvent.Kind.ARRIVAL,
                    one.planned() ? " arrives" : isBack(one) ? " is back" : " arrived",
                    "at ",
                    Quantity.cm(one.fish().growth().startLengthCm())));
            one.until().ifPresent(day -> all.add(left(one, day)));
            Future.outgrown(one.fish(), plan.tank(), plan.houseRules())
                    .filter(out -> one.isHere(out.on()))
                    .ifPresent(out -> all.add(new ReefEvent(
                            out.on(),
                            ReefEvent.Kind.OUTGROWN,
                            one.fish().name() + " outgrows the tank",
                            List.of(one.fish().id()),
                            out.finding())));
        }
        bites(all);
        all.sort(Comparator.comparing(ReefEvent::on)
                .thenComparing(ReefEvent::kind)
                .thenComparing(ReefEvent::words));
        return List.copyOf(all);
    }

    /** It is taken out for a time, or gone for good. */
    private ReefEvent left(Member one, LocalDate day) {
        return absence(one.fish().id(), Absence::from, day)
                .map(out -> mark(
                        one,
                        day,
                        ReefEvent.Kind.LOSS,
                        " is taken out",
                        out.place().words()))
                .orElseGet(() -> mark(
                        one, day, ReefEvent.Kind.LOSS, " left", cause(one.fish().id())));
    }

    private boolean isBack(Member one) {
        return absence(one.fish().id(), out -> out.until().orElse(LocalDate.MIN), one.from())
                .isPresent();
    }

    private Optional<Absence> absence(FishId id, Function<Absence, LocalDate> when, LocalDate day) {
        return plan.residents().stream()
                .filter(fish -> fish.id().equals(id))
                .flatMap(fish -> fish.noted().absences().stream())
                .filter(out -> when.apply(out).equals(day))
                .findFirst();
    }

    private String cause(FishId id) {
        return plan.losses().stream()
                .filter(loss -> loss.fishId().equals(id))
                .map(loss -> loss.cause().words())
                .findFirst()
                .orElse("no reason recorded");
    }

    private static ReefEvent mark(Member one, LocalDate on, ReefEvent.Kind kind, String what, Object... more) {
        String words = one.fish().name() + what;
        Severity stance = kind == ReefEvent.Kind.LOSS ? Severity.CAREFUL : Severity.FINE;
        return new ReefEvent(
                on,
                kind,
                words,
                List.of(one.fish().id()),
                Finding.of(
                        kind.words(),
                        stance,
                        Sentence.of(words + ", ", Sentence.of(more), "."),
                        Provenance.KEEPER,
                        List.of()));
    }

    private void bites(List<ReefEvent> all) {
        List<Member> living =
                members.stream().filter(one -> one.until().isEmpty()).toList();
        for (Member eater : living) {
            for (Member prey : living) {
                if (eater.equals(prey)) {
                    continue;
                }
                LocalDate both = eater.from().isAfter(prey.from()) ? eater.from() : prey.from();
                Predation.between(eater.fish(), prey.fish(), both)
                        .ifPresent(meal -> all.add(new ReefEvent(
                                meal.from(),
                                ReefEvent.Kind.BITE,
                                eater.fish().name() + " can swallow "
                                        + prey.fish().name(),
                                List.of(eater.fish().id(), prey.fish().id()),
                                bite(eater.fish(), prey.fish(), meal))));
            }
        }
    }

    private static Finding bite(Fish eater, Fish prey, Predation meal) {
        return Finding.of(
                        "bite-size",
                        Severity.STOP,
                        eater.name() + " can swallow " + prey.name() + " from " + meal.from() + ".",
                        Provenance.published("von Bertalanffy 1938 for both lengths; gape as the species' own"),
                        List.of(
                                new Figure("length then", meal.preyCm(), "cm", Provenance.MEMORY),
                                new Figure(
                                        "largest fish it can swallow then",
                                        meal.largestPreyCm(),
                                        "cm",
                                        Provenance.MEMORY)))
                .remedy("Move one of them before then.");
    }

    /** Everyone as they are on a day, each once however often it came: here, to come (again), or gone for good. */
    public List<FishOnDay> swimmers(LocalDate on) {
        Map<FishId, FishOnDay> each = new LinkedHashMap<>();
        for (Member one : members) {
            FishOnDay then = swimmer(one, on);
            each.merge(one.fish().id(), then, Reef::telling);
        }
        return List.copyOf(each.values());
    }

    /** Of two stays of a fish, in order, the one that tells where it is: here before to come, to come before gone; the last gone, the next to come. */
    private static FishOnDay telling(FishOnDay first, FishOnDay second) {
        return first.presence() == FishOnDay.Presence.GONE || second.presence() == FishOnDay.Presence.HERE
                ? second
                : first;
    }

    private static FishOnDay swimmer(Member one, LocalDate on) {
        if (one.isHere(on)) {
            return new FishOnDay(
                    one.fish(), FishOnDay.Presence.HERE, one.fish().lengthCmOn(on), one.from(), one.planned());
        }
        return one.from().isAfter(on)
                ? new FishOnDay(
                        one.fish(),
                        FishOnDay.Presence.TO_COME,
                        one.fish().growth().startLengthCm(),
                        one.from(),
                        one.planned())
                : new FishOnDay(
                        one.fish(),
                        FishOnDay.Presence.GONE,
                        one.fish().lengthCmOn(one.until().orElseThrow()),
                        one.until().orElseThrow(),
                        one.planned());
    }

    /** The home of every fish, by its key. */
    public Map<FishId, Homes.Home> homes() {
        return homes;
    }

    private List<Fish> here(LocalDate on) {
        return members.stream().filter(one -> one.isHere(on)).map(Member::fish).toList();
    }

    /** Whose ground is whose on a day. */
    public Patches patches(LocalDate on) {
        return new Patches(plan.tank(), homes, here(on), on);
    }

    /** Pressures among those who are here on a day. */
    public List<Pressure> pressures(LocalDate on) {
        return Encounters.of(stock.only(here(on), on)).amongResidents();
    }

    /** The loads of the chosen approach on a day, the fish at their length then; and when all of them have grown. */
    public record Loads(List<Load> then, List<Load> grown) {}

    /** The headroom of a day. */
    public Loads headroom(LocalDate on) {
        Headroom headroom = new Headroom(plan.tank(), plan.houseRules(), on);
        var approach = plan.houseRules().approaches().ceiling();
        List<Fish> fish = here(on);
        return new Loads(
                headroom.of(approach, fish, one -> one.lengthCmOn(on)),
                headroom.of(approach, fish, one -> one.growth().adultLengthCm()));
    }

    /** What counts on a day: everything outgrown or bite-size by then, as long as those it concerns are here. */
    public List<Finding> findings(LocalDate on) {
        Set<FishId> present = here(on).stream().map(Fish::id).collect(Collectors.toSet());
        return marks.stream()
                .filter(mark -> mark.kind() == ReefEvent.Kind.OUTGROWN || mark.kind() == ReefEvent.Kind.BITE)
                .filter(mark -> !mark.on().isAfter(on) && present.containsAll(mark.fishIds()))
                .map(ReefEvent::finding)
                .toList();
    }

    /** The plan this is the reef of. */
    public ResolvedPlan stock() {
        return stock;
    }
}
