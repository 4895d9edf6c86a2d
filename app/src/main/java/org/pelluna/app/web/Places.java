package org.pelluna.app.web;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.pelluna.core.tank.Purpose;

/** The five places in the order of a keeper's thinking: at most thirteen tabs in all, and pages that are reached from a tab's page. */
public final class Places {
    /** Places whose pages have a name for a title. */
    private static final Set<String> NAMED = Set.of("Tank", "Species");

    private Places() {}

    /**
     * What a place holds.
     *
     * @param name as it stands on its tab
     * @param path below the tank's address; an address of its own where it begins with a tilde
     * @param answers the question it answers, in one line
     * @param titles titles of the pages that belong to it
     * @param parts pages of its own that are reached from it
     */
    private record Matter(String name, String path, String answers, Set<String> titles, List<Matter> parts) {
        static Matter of(String name, String path, String answers, String... titles) {
            return new Matter(name, path, answers, Set.of(titles), List.of());
        }

        Matter with(Matter... pages) {
            return new Matter(name, path, answers, titles, List.of(pages));
        }

        /** It and its parts. */
        Stream<Matter> all() {
            return Stream.concat(Stream.of(this), parts.stream());
        }

        /** Pages of a tank, a fish or a species are called as their keepers like; all others by their titles. */
        boolean holds(String place, String title) {
            return NAMED.contains(place) ? name.equals(place) : titles.contains(title) || name.equals(title);
        }
    }

    /**
     * A tab ready to print, or one of its parts.
     *
     * @param within whether the page shown is it or one of its parts
     * @param here whether it is the page shown
     * @param parts its parts, of the tab within which we are
     */
    public record Tab(String name, String address, String answers, boolean within, boolean here, List<Tab> parts) {}

    /** A place ready to print; tabs only of the one where we are. */
    public record Place(String name, String address, boolean here, List<Tab> tabs) {}

    private record Group(String name, List<Matter> matters) {}

    private static final Matter NOWHERE = Matter.of("", "", "");

    private static final Group TODAY = new Group(
            "Today",
            List.of(Matter.of("Today", "~/today", "What needs doing in each tank, and what has changed?")
                    .with(
                            Matter.of("Tanks", "~/tanks", "Which tanks do I have, side by side?", "Tanks"),
                            Matter.of("New tank", "~/voyage", "What can live in this tank, and when?", "First voyage"),
                            Matter.of("Mailbox", "~/mailbox", "Are there messages for me?"))));

    private static final Group REEF = new Group(
            "Reef",
            List.of(
                    Matter.of("Through time", "/reef", "Where is each fish, and how big, on any day?", "Reef", "Plate")
                            .with(Matter.of("Compare", "/reef/compare", "How do two days differ?")),
                    Matter.of(
                            "Draw it",
                            "/reef/edit",
                            "Where do rock, caves and feeding places stand?",
                            "Draw the reef")));

    private static final Matter BARE_TANK = Matter.of("Tank", "", "What is this tank, and which fish live in it?");
    private static final Matter TANK = BARE_TANK.with(
            Matter.of("House rules", "/rules", "Which limits does this tank follow?"),
            Matter.of("Headroom", "/headroom", "How many more fish fit, now and fully grown?"),
            Matter.of("Guesses", "/sharpen", "Which of my guesses matter?"));
    private static final Matter COMPANY = Matter.of(
            "Tank mates", "/company", "Which fish attack, how often, and what helps?", "Tank mates", "What if");

    private static final Group PLAN = new Group(
            "Plan",
            List.of(
                    Matter.of("Plan", "/plan", "What arrives next, when, and what delays it?", "Show the plan")
                            .with(Matter.of(
                                    "Arrivals",
                                    "/arrivals",
                                    "Which fish arrives when, and why?",
                                    "Arrivals",
                                    "Money",
                                    "Into your calendar",
                                    "Other orders",
                                    "Run sheet",
                                    "Print")),
                    Matter.of(
                            "Wishes", "/wishes", "Can I keep this fish here? If not, why, and when?", "Ways to a yes"),
                    TANK,
                    COMPANY));

    private static final Matter CALL = Matter.of("Roll call", "/watch/roll-call", "Is every fish there, and eating?");
    private static final Matter SIGNS =
            Matter.of("Signs", "/watch/signs", "Which fish are hurt or ill?", "Without fish");
    private static final Matter LOSSES = Matter.of("Losses", "/losses", "Which fish died, and why?");
    private static final Matter REMEDIES = Matter.of("Remedies", "/watch/remedies", "What was tried, and did it help?");
    private static final Matter CREW =
            Matter.of("Crew", "/losses/crew", "How many snails, crabs and shrimps are left, and what eats them?");
    private static final Matter ADD =
            Matter.of("Add", "/watch", "What did you see just now?", "Watch", "Change an entry", "In words");
    private static final Matter WATER = Matter.of("Water", "/water", "What is in the water, and what will be?");
    private static final Matter ANSWERS = Matter.of(
            "Answers",
            "/log/answers",
            "What does my log show?",
            "Settling",
            "Pecking order",
            "What now",
            "Learned",
            "Survival");

    private static final Group LOG = new Group(
            "Log",
            List.of(
                    Matter.of(
                            "Story", "/log", "What happened in this tank, from the first arrival to the last planned?"),
                    ADD.with(CALL, SIGNS, LOSSES, REMEDIES, CREW),
                    ANSWERS,
                    WATER));

    private static final Group SHOP = new Group(
            "Shop",
            List.of(
                    Matter.of("Can I buy it?", "/shop", "Can I buy this animal today?", "Shop card"),
                    Matter.of(
                            "Species",
                            "/species",
                            "What is this fish, and what does it need?",
                            "A species of your own")));

    private static final Group BARE_LOG =
            new Group("Log", List.of(ADD.with(CALL, SIGNS, LOSSES, REMEDIES), ANSWERS, WATER));

    private static final List<Group> DISPLAY = List.of(TODAY, REEF, PLAN, LOG, SHOP);
    private static final List<Group> QUARANTINE = List.of(
            TODAY,
            new Group(
                    "Plan",
                    List.of(
                            Matter.of(
                                    "Quarantine",
                                    "/quarantine",
                                    "Which fish are in it, until when, and which is next?"),
                            BARE_TANK)),
            BARE_LOG);
    private static final List<Group> HOLDING = List.of(TODAY, new Group("Plan", List.of(BARE_TANK, COMPANY)), BARE_LOG);

    /** The places of whoever has no tank yet. */
    public static List<Place> ofNone(String place, String title) {
        return List.of(of(Purpose.Kind.DISPLAY, "", place, title).get(0));
    }

    /**
     * The places of a tank.
     *
     * @param kind what the tank is for
     * @param tank its address
     * @param place the place of the page that is shown
     * @param title its title
     */
    public static List<Place> of(Purpose.Kind kind, String tank, String place, String title) {
        List<Group> groups = groups(kind);
        Matter here = groups.stream()
                .flatMap(group -> group.matters().stream())
                .flatMap(Matter::all)
                .filter(one -> one.holds(place, title))
                .findFirst()
                .orElse(NOWHERE);
        return groups.stream().map(group -> place(group, here, tank)).toList();
    }

    /** Everything that the places of a tank hold. */
    public static List<Tab> all(Purpose.Kind kind, String tank) {
        return groups(kind).stream()
                .flatMap(group -> group.matters().stream())
                .flatMap(Matter::all)
                .map(one -> tab(one, NOWHERE, tank))
                .toList();
    }

    private static List<Group> groups(Purpose.Kind kind) {
        return switch (kind) {
            case DISPLAY -> DISPLAY;
            case QUARANTINE -> QUARANTINE;
            case HOLDING -> HOLDING;
        };
    }

    private static Place place(Group group, Matter here, String tank) {
        boolean ours = group.matters().stream().flatMap(Matter::all).anyMatch(here::equals);
        return new Place(
                group.name(),
                address(group.matters().get(0), tank),
                ours,
                ours ? group.matters().stream().map(one -> tab(one, here, tank)).toList() : List.of());
    }

    private static Tab tab(Matter one, Matter here, String tank) {
        boolean within = one.all().anyMatch(here::equals);
        return new Tab(
                one.name(),
                address(one, tank),
                one.answers(),
                within,
                one == here,
                within ? one.parts().stream().map(part -> tab(part, here, tank)).toList() : List.of());
    }

    private static String address(Matter matter, String tank) {
        return matter.path().startsWith("~") ? matter.path().substring(1) : tank + matter.path();
    }
}
