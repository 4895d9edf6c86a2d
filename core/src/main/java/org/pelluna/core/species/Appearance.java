package org.pelluna.core.species;

import java.util.List;
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
 * @param count how many bars, lines, saddles or rows of spots it has, where that marks it
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
        Optional<Integer> count,
        List<Colour> colours,
        List<Accent> accents) {

    public Appearance {
        if (!(depth >= 0.02 && depth <= 1 && snout >= 0 && snout <= 1 && fins >= 0.1 && fins <= 1)) {
            throw new IllegalArgumentException("depth is 0.02 to 1, fins 0.1 to 1 and snout 0 to 1, but were " + depth
                    + ", " + fins + " and " + snout);
        }
        if (count.filter(many -> many < 1 || many > 12).isPresent()) {
            throw new IllegalArgumentException("a marking is counted from 1 to 12, but was " + count);
        }
        if (colours.isEmpty()) {
            throw new IllegalArgumentException("a look needs a ground colour");
        }
        colours = List.copyOf(colours);
        accents = List.copyOf(accents);
    }

    /** The colour of a part, where it stands out. */
    public Optional<Colour> accent(Accent.Part part) {
        return accents.stream().filter(one -> one.part() == part).findFirst().map(Accent::colour);
    }

    /**
     * Why a fish would take the other for its like, if it would: an outline of the same kind together with either the same ground
     * colour, unless two different markings break it up, or the same marking in a colour in common. Our own reading of the keepers'
     * test “do they look alike?”: shape and pattern together, since a yellow rabbitfish is no yellow surgeon.
     */
    public Optional<String> likeness(Appearance other) {
        if (!plan.words().equals(other.plan.words())) {
            return Optional.empty();
        }
        boolean ground = colours.get(0) == other.colours.get(0);
        boolean marking = pattern == other.pattern;
        boolean further = colours.stream()
                .skip(1)
                .anyMatch(colour -> other.colours.stream().skip(1).anyMatch(colour::equals));
        boolean unmarked = pattern == Pattern.PLAIN || other.pattern == Pattern.PLAIN;
        if (ground && (marking || unmarked || further)) {
            return Optional.of("both " + plan.words() + " and " + colours.get(0).words()
                    + (marking && pattern != Pattern.PLAIN ? " with the same marking" : ""));
        }
        return marking && further && pattern != Pattern.PLAIN
                ? Optional.of("both " + plan.words() + " with the same marking")
                : Optional.empty();
    }
}
