package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
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
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

/**
 * What could be done now for a fish that is harried: each way with the pressure on it afterwards, its days, what it costs, and
 * whether it can be taken back.
 *
 * @param way which way it is; of each there is at most one
 * @param kind the remedy it is, if it is one
 * @param title what it is called
 * @param words what is done
 * @param pressure what the fish would suffer from all others together in the first week after, encounters/h
 * @param later and three weeks after
 * @param days days until it is done
 * @param cost what it costs beside time
 * @param reversible whether it can be taken back
 * @param from who would press it hardest then
 * @param steps what to do, for the calendar
 */
public record RemedyOption(
        Way way,
        Optional<Remedy.Kind> kind,
        String title,
        String words,
        double pressure,
        double later,
        int days,
        String cost,
        boolean reversible,
        String from,
        List<Step> steps) {

    private static final int OUT_DAYS = 14;
    private static final int BOX_DAYS = 7;
    private static final int LATER_DAYS = 21;

    /** Days for which what was seen of a fish counts as how it is. */
    private static final int RECENT_DAYS = 3;

    /** Every way out, the mildest first as keepers try them. */
    public enum Way {
        WAIT,
        MORE_FOOD,
        FRESH_ROCK,
        MIRROR,
        BOX,
        ROCK_MOVED,
        BULLY_OUT,
        RIVALS_TOGETHER,
        OTHER_TANK,
        REHOME,
        REHOME_BULLY
    }

    /** Something to do so many days from today. */
    public record Step(int inDays, String words) {}

    private record Outlook(double now, double later, String hardest) {}

    /**
     * The ways out for one fish, the mildest first as keepers try them. The first is to wait, unless the fish was pinned or hurt or
     * did not eat in the last days: then waiting is the last.
     *
     * @param stock the plan, with what was learned of each fish
     * @param fish the fish that is harried
     */
    public static List<RemedyOption> of(ResolvedPlan stock, Fish fish) {
        return new Ways(stock, fish).all();
    }

    private static final class Ways {
        private final ResolvedPlan stock;
        private final Fish fish;
        private final List<Fish> others;
        private final Habitat ground;
        private final LocalDate today;
        private final Optional<Fish> bully;
        private final List<RemedyOption> ways = new ArrayList<>();

        Ways(ResolvedPlan stock, Fish fish) {
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
                            .filter(one -> now.applyAsDouble(one) > 0.005)
                            .map(Fish::name)
                            .orElse(""));
        }

        private Outlook on(Habitat changed, Set<ArrivalAid> welcome) {
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

        private double back(
                Fish one, Set<ArrivalAid> welcome, ToDoubleFunction<Fish> headStart, boolean bullyOut, int together) {
            Set<ArrivalAid> help = EnumSet.noneOf(ArrivalAid.class);
            help.addAll(welcome);
            boolean isBully = bully.filter(one::equals).isPresent();
            if (bullyOut && isBully) {
                help.add(ArrivalAid.AGGRESSOR_REMOVED);
            }
            int settled = bullyOut && !isBully ? together(one) + OUT_DAYS : together;
            return meet(ground, one, help, (int) headStart.applyAsDouble(one), settled);
        }

        private void add(
                Way way,
                Optional<Remedy.Kind> kind,
                String title,
                String words,
                Outlook outlook,
                int days,
                String cost,
                boolean reversible,
                Step... steps) {
            ways.add(new RemedyOption(
                    way,
                    kind,
                    title,
                    words,
                    outlook.now(),
                    outlook.later(),
                    days,
                    cost,
                    reversible,
                    outlook.hardest(),
                    List.of(steps)));
        }

        List<RemedyOption> all() {
            String name = fish.name();
            boolean hurt = isHurt();
            String worst = bully.map(Fish::name).orElse("the bully");
            add(
                    Way.WAIT,
                    Optional.empty(),
                    "Wait",
                    hurt
                            ? "Do not wait if it is pinned, torn or not eating: separate them today."
                            : "Leave them alone and watch: a squabble that ends in feeding is a pecking order being settled.",
                    on(ground, Set.of()),
                    0,
                    "nothing",
                    true,
                    new Step(1, "Watch " + name + " for twenty minutes at a feed"),
                    new Step(3, "Decide again about " + name));
            Habitat fed = new Habitat(
                    ground.swimCm(),
                    ground.footprintSquareCm(),
                    ground.shelters(),
                    ground.feedingPlaces() + 2,
                    ground.freshRock());
            add(
                    Way.MORE_FOOD,
                    Optional.of(Remedy.Kind.MORE_FOOD),
                    "More food, at more places",
                    "Feed more often and at two more places, far apart; a full belly fights less.",
                    on(fed, Set.of()),
                    0,
                    "food, and the nitrate it makes",
                    true,
                    new Step(0, "Feed at both ends, and in front of " + name),
                    new Step(7, "Test nitrate"));
            Habitat sheltered = new Habitat(
                    ground.swimCm(), ground.footprintSquareCm(), ground.shelters() + 4, ground.feedingPlaces(), true);
            add(
                    Way.FRESH_ROCK,
                    Optional.of(Remedy.Kind.FRESH_ROCK),
                    "A fresh pile of rock with holes",
                    "Rock that nobody owns, with some caves in it, at the far end.",
                    on(sheltered, Set.of()),
                    1,
                    "rock",
                    true,
                    new Step(0, "Set up the rock and draw it in the reef"));
            mirror(worst, name);
            add(
                    Way.BOX,
                    Optional.of(Remedy.Kind.BOX),
                    "Back into the box",
                    name + " goes back into the box for a week, and is released at lights-out when nobody attacks it.",
                    again(EnumSet.of(ArrivalAid.BOX, ArrivalAid.LIGHTS_OUT), this::ahead, false),
                    BOX_DAYS,
                    "nothing",
                    true,
                    new Step(0, "Put " + name + " into the box"),
                    new Step(BOX_DAYS, "Release " + name + " at lights-out if the box is left in peace"));
            add(
                    Way.ROCK_MOVED,
                    Optional.of(Remedy.Kind.ROCK_MOVED),
                    "Move the rockwork",
                    "All lose their patches; coral may break. Unplug heater and pumps, wear gloves, set rock on the glass,"
                            + " not on sand.",
                    on(ground, EnumSet.of(ArrivalAid.ROCK_MOVED)),
                    1,
                    "a day's work, some coral",
                    false,
                    new Step(0, "Move the rock, and draw it anew"),
                    new Step(1, "Roll call"));
            bullyOut(worst, name);
            rivals(name);
            given(name, worst);
            if (hurt) {
                ways.add(ways.remove(0));
            }
            return List.copyOf(ways);
        }

        /** Whether it was pinned, wounded or seen not to eat in the last days: then waiting is no help. */
        private boolean isHurt() {
            LocalDate from = today.minusDays(RECENT_DAYS);
            return stock.plan().log().stream()
                            .filter(entry -> !entry.at().toLocalDate().isBefore(from))
                            .filter(entry ->
                                    entry.fishId().filter(fish.id()::equals).isPresent())
                            .anyMatch(entry ->
                                    entry.kind() == LogEntry.Kind.PINNED || entry.kind() == LogEntry.Kind.INJURY)
                    || stock.plan().journal().rollCalls().stream()
                            .filter(call -> !call.at().toLocalDate().isBefore(from))
                            .map(call -> call.found().get(fish.id()))
                            .anyMatch(state -> state == RollCall.State.SEEN || state == RollCall.State.HURT)
                    || stock.plan().journal().signs().stream()
                            .anyMatch(sign -> sign.fishId().equals(fish.id())
                                    && sign.kind() == Sign.Kind.TORN_FINS
                                    && !sign.at().toLocalDate().isBefore(from));
        }

        private void mirror(String worst, String name) {
            add(
                    Way.MIRROR,
                    Optional.of(Remedy.Kind.MIRROR),
                    "A mirror on the glass",
                    "It keeps " + worst + " busy. The next in line may step in: watch for it. Reports are mixed.",
                    outlook(
                            one -> meet(ground, one, mirrored(one), ahead(one), together(one)),
                            one -> meet(ground, one, mirrored(one), ahead(one), together(one) + LATER_DAYS)),
                    0,
                    "a mirror",
                    true,
                    new Step(0, "Mirror on the glass at " + worst + "'s end"),
                    new Step(2, "Watch who presses " + name + " now"),
                    new Step(7, "Take the mirror away for an hour and watch"));
        }

        private Set<ArrivalAid> mirrored(Fish one) {
            return bully.filter(one::equals).isPresent() ? EnumSet.of(ArrivalAid.MIRROR) : Set.of();
        }

        private void bullyOut(String worst, String name) {
            if (bully.isEmpty()) {
                return;
            }
            add(
                    Way.BULLY_OUT,
                    Optional.of(Remedy.Kind.BULLY_OUT),
                    worst + " out for two weeks, back last",
                    "Catch " + worst
                            + ", keep it elsewhere for a fortnight, and return it as the newcomer through the box.",
                    again(Set.of(), one -> bully.filter(one::equals).isPresent() ? -OUT_DAYS : ahead(one), true),
                    OUT_DAYS,
                    "another tank for two weeks",
                    true,
                    new Step(0, "Catch " + worst),
                    new Step(OUT_DAYS, worst + " back, through the box"),
                    new Step(OUT_DAYS + 1, "Roll call, and watch " + name));
        }

        private void rivals(String name) {
            List<String> rivals =
                    others.stream().filter(this::isRival).map(Fish::name).toList();
            if (rivals.isEmpty()) {
                return;
            }
            add(
                    Way.RIVALS_TOGETHER,
                    Optional.of(Remedy.Kind.RIVALS_TOGETHER),
                    "All rivals out, and back together with it",
                    "Catch " + String.join(", ", rivals) + " and return them on one day with " + name
                            + ", so that nobody owns the tank.",
                    again(Set.of(), one -> isRival(one) ? 0 : ahead(one), false),
                    OUT_DAYS,
                    "another tank for all of them",
                    true,
                    new Step(0, "Catch " + String.join(", ", rivals) + " and " + name),
                    new Step(OUT_DAYS, "All of them back on one day, at lights-out"));
        }

        private void given(String name, String worst) {
            Outlook none = new Outlook(0, 0, "");
            add(
                    Way.OTHER_TANK,
                    Optional.empty(),
                    "Keep " + name + " in another tank",
                    "It lives elsewhere; nothing is lost but the place.",
                    none,
                    1,
                    "another tank for good",
                    true,
                    new Step(0, "Make a place for " + name + " in another tank"));
            add(
                    Way.REHOME,
                    Optional.of(Remedy.Kind.GIVEN_UP),
                    "Rehome " + name,
                    "Ask the shop, or another keeper. Log it as rehomed.",
                    none,
                    3,
                    "most of its price",
                    false,
                    new Step(0, "Ask the shop to take " + name + " back"));
            if (bully.isEmpty()) {
                return;
            }
            add(
                    Way.REHOME_BULLY,
                    Optional.of(Remedy.Kind.GIVEN_UP),
                    "Rehome " + worst,
                    "Catch it, with a trap if need be, and find it a tank where it does no harm.",
                    outlook(
                            one -> bully.filter(one::equals).isPresent()
                                    ? 0
                                    : meet(ground, one, Set.of(), ahead(one), together(one)),
                            one -> bully.filter(one::equals).isPresent()
                                    ? 0
                                    : meet(ground, one, Set.of(), ahead(one), together(one) + LATER_DAYS)),
                    7,
                    "the fish",
                    false,
                    new Step(0, "Set a trap for " + worst),
                    new Step(0, "Ask who would take " + worst));
        }
    }
}
