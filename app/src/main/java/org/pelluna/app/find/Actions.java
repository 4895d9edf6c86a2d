package org.pelluna.app.find;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.tank.Purpose;

/** What a keeper can do, by the words that somebody would look for. */
final class Actions {
    private static final String DO = "do";

    private Actions() {}

    /** What can be done in a tank of a kind. */
    static List<Hit> in(Purpose.Kind kind, String tank) {
        List<Hit> hits = new ArrayList<>(List.of(
                new Hit(DO, "Log an attack", "chase, nip, display, pinned, wound", tank + "/watch"),
                new Hit(DO, "Log in words", "typed or dictated", tank + "/watch/words"),
                new Hit(DO, "Roll call", "who is there, and eating", tank + "/watch/roll-call"),
                new Hit(DO, "Note a sign of injury or illness", "with a photograph", tank + "/watch/signs"),
                new Hit(
                        DO,
                        "Leave the display without fish",
                        "fallow, for white spot, velvet or flukes",
                        tank + "/watch/without-fish"),
                new Hit(DO, "Note a remedy", "box, mirror, lights out, rock moved", tank + "/watch/remedies"),
                new Hit(DO, "Enter a water test", "ammonia, nitrite, nitrate, phosphate", tank + "/water"),
                new Hit(DO, "Enter a loss", "a fish died or is missing", tank + "/losses"),
                new Hit(DO, "Change the tank", "size, rock, sand, sump, light, cover", tank),
                new Hit(DO, "Download the plan", "a file to keep or to take elsewhere", tank + "/plan.json")));
        if (kind == Purpose.Kind.DISPLAY) {
            hits.addAll(List.of(
                    new Hit(DO, "Wish for a fish", "may I have it here?", tank + "/wishes"),
                    new Hit(DO, "Add fish that live here", "one by one, or from a table", tank + "/residents/enter"),
                    new Hit(DO, "Move fish into another tank", "who of a whole tank goes first", tank + "/move"),
                    new Hit(DO, "What if", "change the tank mates and compare", tank + "/company/what-if"),
                    new Hit(DO, "Show the plan to a friend", "link, sheet, picture", tank + "/plan/show"),
                    new Hit(DO, "Print the shopping list and the plan", "on paper", tank + "/arrivals/paper"),
                    new Hit(DO, "Put the arrivals into a calendar", "file or address", tank + "/arrivals/calendar"),
                    new Hit(DO, "What the plan costs", "money, prices", tank + "/arrivals/money"),
                    new Hit(DO, "Add a missing species", "a species of your own", tank + "/own-species"),
                    new Hit(DO, "Tables out and in", "spreadsheet, CSV", tank + "/tables")));
        }
        return hits;
    }

    /** What can be done without a tank. */
    static List<Hit> anywhere() {
        return List.of(
                new Hit(DO, "New tank", "the first voyage", "/voyage"),
                new Hit(DO, "Import a plan", "from a file", "/import"),
                new Hit(DO, "Account and units", "name, measures, quiet time", "/account"));
    }
}
