package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Habitat;
import org.pelluna.core.tension.RemedyOption.Step;
import org.pelluna.core.tension.RemedyOption.Way;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

/** Puts together the ways out for one fish. */
final class RemedyOptions {
    private static final int BOX_DAYS = 7;

    /** Days for which what was seen of a fish counts as how it is. */
    private static final int RECENT_DAYS = 3;

    private final ResolvedPlan stock;
    private final Fish fish;
    private final LocalDate today;
    private final RemedyOutlook outlook;
    private final List<RemedyOption> ways = new ArrayList<>();

    RemedyOptions(ResolvedPlan stock, Fish fish) {
        this.stock = stock;
        this.fish = fish;
        this.today = stock.plan().asOf();
        this.outlook = new RemedyOutlook(stock, fish);
    }

    private void add(
            Way way,
            Optional<Remedy.Kind> kind,
            String title,
            String words,
            RemedyOutlook.Outlook after,
            int days,
            String cost,
            boolean reversible,
            Step... steps) {
        ways.add(new RemedyOption(
                way,
                kind,
                title,
                words,
                after.now(),
                after.later(),
                days,
                cost,
                reversible,
                after.hardest(),
                List.of(steps)));
    }

    List<RemedyOption> all() {
        String name = fish.name();
        boolean hurt = isHurt();
        String worst = outlook.bully.map(Fish::name).orElse("the bully");
        waiting(name, hurt);
        food(name);
        freshRock();
        mirror(worst, name);
        box(name);
        rockMoved();
        bullyOut(worst, name);
        rivals(name);
        given(name, worst);
        if (hurt) {
            ways.add(ways.remove(0));
        }
        return List.copyOf(ways);
    }

    private void waiting(String name, boolean hurt) {
        add(
                Way.WAIT,
                Optional.empty(),
                "Wait",
                hurt
                        ? "Do not wait if it is pinned, torn or not eating: separate them today."
                        : "Wait and watch. Short chases that stop at feeding time usually end by themselves.",
                outlook.on(outlook.ground, Set.of()),
                0,
                "nothing",
                true,
                new Step(1, "Watch " + name + " for twenty minutes at feeding time"),
                new Step(3, "Decide again about " + name));
    }

    private void food(String name) {
        Habitat fed = new Habitat(
                outlook.ground.swimCm(),
                outlook.ground.footprintSquareCm(),
                outlook.ground.shelters(),
                outlook.ground.feedingPlaces() + 2,
                outlook.ground.freshRock());
        add(
                Way.MORE_FOOD,
                Optional.of(Remedy.Kind.MORE_FOOD),
                "More food, at more places",
                "Feed more often and at two more places, far apart. Well-fed fish fight less.",
                outlook.on(fed, Set.of()),
                0,
                "food, and the nitrate it makes",
                true,
                new Step(0, "Feed at both ends, and in front of " + name),
                new Step(7, "Test nitrate"));
    }

    private void freshRock() {
        Habitat sheltered = new Habitat(
                outlook.ground.swimCm(),
                outlook.ground.footprintSquareCm(),
                outlook.ground.shelters() + 4,
                outlook.ground.feedingPlaces(),
                true);
        add(
                Way.FRESH_ROCK,
                Optional.of(Remedy.Kind.FRESH_ROCK),
                "A new pile of rock with holes",
                "Add rock with caves at the far end: no fish has claimed it yet.",
                outlook.on(sheltered, Set.of()),
                1,
                "rock",
                true,
                new Step(0, "Set up the rock and draw it in the reef"));
    }

    private void box(String name) {
        add(
                Way.BOX,
                Optional.of(Remedy.Kind.BOX),
                "Back into the box",
                name + " spends a week in the box. Release it after lights-out when no fish attacks it.",
                outlook.backWith(EnumSet.of(ArrivalAid.BOX, ArrivalAid.LIGHTS_OUT)),
                BOX_DAYS,
                "nothing",
                true,
                new Step(0, "Put " + name + " into the box"),
                new Step(BOX_DAYS, "Release " + name + " after lights-out if no fish attacks the box"));
    }

    private void rockMoved() {
        add(
                Way.ROCK_MOVED,
                Optional.of(Remedy.Kind.ROCK_MOVED),
                "Move the rockwork",
                "All fish lose their territories; coral may break. Unplug heater and pumps, wear gloves, and set rock on the"
                        + " tank floor, not on sand.",
                outlook.on(outlook.ground, EnumSet.of(ArrivalAid.ROCK_MOVED)),
                1,
                "a day's work, some coral",
                false,
                new Step(0, "Move the rock, then draw it again"),
                new Step(1, "Roll call"));
    }

    /** Whether it was pinned, wounded or seen not to eat in the last days: then waiting is no help. */
    boolean isHurt() {
        LocalDate from = today.minusDays(RECENT_DAYS);
        return stock.plan().log().stream()
                        .filter(entry -> !entry.at().toLocalDate().isBefore(from))
                        .filter(entry ->
                                entry.fishId().filter(fish.id()::equals).isPresent())
                        .anyMatch(entry -> entry.kind() == LogEntry.Kind.PINNED || entry.kind() == LogEntry.Kind.INJURY)
                || stock.plan().observations().rollCalls().stream()
                        .filter(call -> !call.at().toLocalDate().isBefore(from))
                        .map(call -> call.found().get(fish.id()))
                        .anyMatch(state -> state == RollCall.State.SEEN || state == RollCall.State.HURT)
                || stock.plan().observations().signs().stream()
                        .anyMatch(sign -> sign.fishId().equals(fish.id())
                                && sign.kind() == Sign.Kind.TORN_FINS
                                && !sign.at().toLocalDate().isBefore(from));
    }

    private void mirror(String worst, String name) {
        add(
                Way.MIRROR,
                Optional.of(Remedy.Kind.MIRROR),
                "A mirror at the front",
                "It keeps " + worst + " busy. Another fish may start to attack. Reports are mixed.",
                outlook.withMirror(),
                0,
                "a mirror",
                true,
                new Step(0, "Put a mirror outside the front at " + worst + "'s end"),
                new Step(2, "Watch which fish attacks " + name + " now"),
                new Step(7, "Take the mirror away for an hour and watch"));
    }

    private void bullyOut(String worst, String name) {
        if (outlook.bully.isEmpty()) {
            return;
        }
        add(
                Way.BULLY_OUT,
                Optional.of(Remedy.Kind.BULLY_OUT),
                worst + " out for two weeks, returned last",
                "Catch " + worst + ", keep it elsewhere for two weeks, then return it through the box.",
                outlook.withBullyBackLast(),
                RemedyOutlook.OUT_DAYS,
                "another tank for two weeks",
                true,
                new Step(0, "Catch " + worst),
                new Step(RemedyOutlook.OUT_DAYS, worst + " back, through the box"),
                new Step(RemedyOutlook.OUT_DAYS + 1, "Roll call, and watch " + name));
    }

    private void rivals(String name) {
        List<String> rivals = outlook.rivals();
        if (rivals.isEmpty()) {
            return;
        }
        add(
                Way.RIVALS_TOGETHER,
                Optional.of(Remedy.Kind.RIVALS_TOGETHER),
                "All rivals out, and back together with it",
                "Catch " + String.join(", ", rivals) + " and return them on one day with " + name
                        + ", so that none claims the tank first.",
                outlook.withRivals(),
                RemedyOutlook.OUT_DAYS,
                "another tank for all of them",
                true,
                new Step(0, "Catch " + String.join(", ", rivals) + " and " + name),
                new Step(RemedyOutlook.OUT_DAYS, "All of them back on one day, at lights-out"));
    }

    private void given(String name, String worst) {
        add(
                Way.OTHER_TANK,
                Optional.empty(),
                "Keep " + name + " in another tank",
                "It is safe, but you need room in another tank.",
                RemedyOutlook.Outlook.NONE,
                1,
                "another tank for good",
                true,
                new Step(0, "Make room for " + name + " in another tank"));
        add(
                Way.REHOME,
                Optional.of(Remedy.Kind.GIVEN_UP),
                "Rehome " + name,
                "Ask the shop, or another keeper. Log it as rehomed.",
                RemedyOutlook.Outlook.NONE,
                3,
                "most of its price",
                false,
                new Step(0, "Ask the shop to take " + name + " back"));
        if (outlook.bully.isEmpty()) {
            return;
        }
        add(
                Way.REHOME_BULLY,
                Optional.of(Remedy.Kind.GIVEN_UP),
                "Rehome " + worst,
                "Catch it, with a trap if need be, and find it a tank where it does no harm.",
                outlook.withoutBully(),
                7,
                "the fish",
                false,
                new Step(0, "Set a trap for " + worst),
                new Step(0, "Ask who would take " + worst));
    }
}
