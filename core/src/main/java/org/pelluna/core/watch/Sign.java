package org.pelluna.core.watch;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;

/**
 * A sign of injury or illness seen on a fish. It points to several things, never to one: what it may be, and what would tell them
 * apart, is offered; no diagnosis is.
 *
 * @param id key within its plan
 * @param at when
 * @param fishId the fish
 * @param kind what was seen
 * @param note the keeper's words
 * @param photo key of a photograph kept beside the plan
 */
public record Sign(
        String id, LocalDateTime at, FishId fishId, Kind kind, Optional<String> note, Optional<String> photo) {

    /** What a sign may come from, and by what one would know. */
    public record Cause(String what, String tells) {}

    /** Where the possibilities come from. */
    public static final Provenance SOURCE = Provenance.PRACTICE;

    private static Cause cause(String what, String tells) {
        return new Cause(what, tells);
    }

    /** What can be seen. */
    public enum Kind {
        TORN_FINS(
                "torn fins",
                cause("a fight", "ragged edges that look fresh; another fish chases it; other fish are whole"),
                cause("fin rot", "edges white or red and creeping inward over days, with no fish chasing"),
                cause("a net or a rock", "it was caught, or fled, just before")),
        CLOUDY_EYE(
                "a cloudy eye",
                cause("a scratch from a fight or a flight", "one eye only; torn fins too, or chases in the log"),
                cause(
                        "flukes",
                        "both eyes, or others have it; it flashes and rubs; more of it in fish that just arrived"),
                cause("bad water", "both eyes, on several fish at once: test ammonia and salinity")),
        WHITE_SPOTS(
                "white spots",
                cause("white spot disease", "grains like salt that appear and go in days; it rubs; breathing quickens"),
                cause(
                        "velvet",
                        "finer than salt, like dust, best seen from the side; fast breath; it keeps to the current"),
                cause("sand, or a healed scratch", "one or two only, unchanged for a week")),
        BLOTCHES(
                "bruise-like blotches",
                cause("a fight or a collision", "one side, soon after a chase; fades in days"),
                cause(
                        "a fast ciliate disease",
                        "red or brown, spreading within a day, in shoaling fish that just arrived. Move it to quarantine today"
                                + " and ask a fish vet"),
                cause("night colours or fright", "gone within the hour once the lights are on")),
        FAST_BREATHING(
                "fast breathing",
                cause(
                        "too little oxygen or too much ammonia",
                        "several fish, at the surface. Test ammonia; point a pump at the surface; have water ready to change"),
                cause(
                        "gill flukes or velvet",
                        "one or a few, rubbing, mouth agape; more of it in fish that just arrived"),
                cause("fright", "just chased or just released; calm within the hour")),
        THIN_BELLY(
                "a thin belly",
                cause("kept from the food", "it tries to eat and is chased off: feed at two ends"),
                cause("the wrong food", "it looks at what is given and leaves it"),
                cause("gut parasites", "it eats well and stays thin; white, stringy droppings")),
        RUBBING(
                "rubbing on rock or sand",
                cause("parasites of the skin", "again and again, others too; look for spots from the side"),
                cause("an itch", "once or twice a day, nothing to be seen")),
        SWELLING(
                "a swelling",
                cause("a blow or a bite", "one place, soon after a fight"),
                cause("a cyst", "white, hard, unchanged for weeks; common and mostly harmless"),
                cause("full of fluid", "the whole body, scales standing out: a grave sign")),
        LYING(
                "lying on its side",
                cause("sleep", "in the rock at night or with lights dim; up at once when they brighten"),
                cause("exhaustion from being hunted", "by day, in a corner; chases in the log; torn fins"),
                cause("bad water or poison", "others too. Test ammonia; have water ready to change"));

        private final String words;

        @SuppressWarnings("ImmutableEnumChecker") // The list is made by List.of.
        private final List<Cause> causes;

        Kind(String words, Cause... causes) {
            this.words = words;
            this.causes = List.of(causes);
        }

        /** The sign in a sentence. */
        public String words() {
            return words;
        }

        /** What it may come from, with what would tell. */
        public List<Cause> causes() {
            return causes;
        }

        /** Whether a fight is among the causes. */
        public boolean mayBeAFight() {
            return this == TORN_FINS || this == CLOUDY_EYE || this == BLOTCHES || this == SWELLING || this == LYING;
        }
    }
}
