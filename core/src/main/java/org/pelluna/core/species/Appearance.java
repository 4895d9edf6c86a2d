package org.pelluna.core.species;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How a species looks: enough to draw it, and to tell which fish look alike.
 *
 * @param plan body plan
 * @param depth greatest body depth without fins as a share of standard length, 0.02 to 1
 * @param snout how far the snout is drawn out, 0 blunt to 1 long
 * @param tail form of the tail fin
 * @param fins height of the fins as a share of body depth, 0.1 to 1
 * @param pattern chief marking
 * @param second a second marking over the first, where there is one
 * @param colours ground colour first; then markings, fins and accents
 * @param accents parts that stand out in a colour of their own
 */
public record Appearance(
        BodyPlan plan,
        double depth,
        double snout,
        Tail tail,
        double fins,
        Pattern pattern,
        Optional<Pattern> second,
        List<Colour> colours,
        List<Accent> accents) {

    public Appearance {
        if (!(depth >= 0.02 && depth <= 1 && snout >= 0 && snout <= 1 && fins >= 0.1 && fins <= 1)) {
            throw new IllegalArgumentException("depth is 0.02 to 1, fins 0.1 to 1 and snout 0 to 1, but were " + depth
                    + ", " + fins + " and " + snout);
        }
        if (colours.isEmpty()) {
            throw new IllegalArgumentException("a look needs a ground colour");
        }
        colours = List.copyOf(colours);
        accents = List.copyOf(accents);
    }

    /**
     * A part that stands out.
     *
     * @param part which part
     * @param colour its colour
     */
    public record Accent(Part part, Colour colour) {
        /** The parts, from snout to tail. */
        public enum Part {
            SNOUT,
            LIPS,
            FACE,
            BROW,
            EYE_BAND,
            EYE_RING,
            CHEEK,
            GILL,
            SHOULDER,
            BAR,
            PATCH,
            BELLY,
            BACK,
            EDGE,
            EYESPOT,
            ROOT,
            TAIL
        }
    }

    /** Body plans. */
    public enum BodyPlan {
        DISC("disc-shaped"),
        OVAL("oval"),
        BASS("bass-shaped"),
        TORPEDO("torpedo-shaped"),
        BLENNY("blenny-shaped"),
        GOBY("goby-shaped"),
        DRAGONET("dragonet-shaped"),
        TRIGGER("trigger-shaped"),
        LION("lion-finned"),
        EEL("eel-shaped"),
        TALL("tall-finned"),
        DART("dart-shaped"),
        BOX("box-shaped"),
        PUFFER("puffer-shaped"),
        SEAHORSE("seahorse-shaped"),
        PIPE("pipe-shaped"),
        ANGLER("stout and camouflaged");

        private final String words;

        BodyPlan(String words) {
            this.words = words;
        }

        /** The plan in a sentence. */
        public String words() {
            return words;
        }
    }

    /** Forms of the tail fin. */
    public enum Tail {
        FORKED,
        LYRE,
        STRAIGHT,
        ROUND
    }

    /** Chief markings. */
    public enum Pattern {
        PLAIN,
        BARS,
        LINES,
        SPOTS,
        BICOLOUR,
        SADDLE,
        MASK,
        MAZE,
        EYESPOT,
        STRIPE,
        RINGS,
        NET,
        CHEVRONS,
        SADDLES,
        HEAD_BAND,
        TWO_TONE,
        BELLY_SPOTS,
        DARK_REAR
    }

    /** The colours that portraits and likeness know. */
    public enum Colour {
        BLACK("#2b2a2e"),
        WHITE("#f3efe4"),
        GREY("#8f9499"),
        SILVER("#c3c9cb"),
        BROWN("#7b5537"),
        TAN("#c9a877"),
        CREAM("#ecdcb4"),
        YELLOW("#f0c02c"),
        ORANGE("#e8792b"),
        RED("#bf3b2f"),
        PINK("#e29a9d"),
        MAGENTA("#b23a86"),
        PURPLE("#7b4aa3"),
        VIOLET("#5d4a9c"),
        BLUE("#2c63b8"),
        NAVY("#22305f"),
        SKY("#7fb6dc"),
        TEAL("#2f8f94"),
        GREEN("#5c9460"),
        OLIVE("#75743f");

        private final String hex;

        Colour(String hex) {
            this.hex = hex;
        }

        /** The colour as {@code #rrggbb}. */
        public String hex() {
            return hex;
        }

        /** The colour's name in a sentence. */
        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Why a fish would take the other for its like, if it would: the same body plan together with the same ground colour
     * or the same marking. Our own reading of the keepers' test “do they look alike?”.
     */
    public Optional<String> likeness(Appearance other) {
        if (plan != other.plan) {
            return Optional.empty();
        }
        if (colours.get(0) == other.colours.get(0)) {
            return Optional.of("both " + plan.words() + " and " + colours.get(0).words());
        }
        if (pattern == other.pattern && pattern != Pattern.PLAIN) {
            return Optional.of("both " + plan.words() + " with the same marking");
        }
        return Optional.empty();
    }
}
