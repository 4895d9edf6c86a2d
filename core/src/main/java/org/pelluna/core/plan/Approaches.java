package org.pelluna.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;

/**
 * Which approach of the trade a keeper follows, question by question. Keepers disagree on each; none is wrong, and the
 * findings say what another approach would have said.
 *
 * @param ceiling what sets the ceiling
 * @param bigFish a fish that will outgrow the tank
 * @param kin two rivals of one genus
 * @param anthias fish that live as a harem
 * @param clownfish when do clownfish come
 * @param tangs several surgeonfish
 * @param pause when may the next one come
 * @param quarantine what quarantine
 * @param bacteria skimmer after bottled bacteria
 * @param salinity what salinity
 * @param rock moving the rock
 */
@RecordBuilder
public record Approaches(
        @IfAbsent("\"inches\"") Ceiling ceiling,
        @IfAbsent("\"adult_size\"") BigFish bigFish,
        @IfAbsent("\"same_day\"") Kin kin,
        @IfAbsent("\"at_once\"") HaremFish anthias,
        @IfAbsent("\"first\"") Clownfish clownfish,
        @IfAbsent("\"staged\"") Tangs tangs,
        @IfAbsent("\"days\"") Pause pause,
        @IfAbsent("\"observation\"") Quarantine quarantine,
        @IfAbsent("\"eight_hours\"") Bacteria bacteria,
        @IfAbsent("\"natural\"") Salinity salinity,
        @IfAbsent("\"last_resort\"") Rock rock)
        implements ApproachesBuilder.With {

    /** What is taken where a keeper has not chosen: the more careful side. */
    public static final Approaches USUAL = new Approaches(
            Ceiling.INCHES,
            BigFish.ADULT_SIZE,
            Kin.SAME_DAY,
            HaremFish.AT_ONCE,
            Clownfish.FIRST,
            Tangs.STAGED,
            Pause.DAYS,
            Quarantine.OBSERVATION,
            Bacteria.EIGHT_HOURS,
            Salinity.NATURAL,
            Rock.LAST_RESORT);

    /** Every question with its answers, in the order in which they come up. */
    public static final List<Question> QUESTIONS = List.of(
            new Question("ceiling", "What sets the limit?", List.of(Ceiling.values())),
            new Question("bigFish", "A fish that will outgrow the tank?", List.of(BigFish.values())),
            new Question("kin", "Two rivals of one genus?", List.of(Kin.values())),
            new Question("anthias", "Fish that live as a harem?", List.of(HaremFish.values())),
            new Question("clownfish", "When do clownfish arrive?", List.of(Clownfish.values())),
            new Question("tangs", "Several surgeonfish?", List.of(Tangs.values())),
            new Question("pause", "When may the next fish arrive?", List.of(Pause.values())),
            new Question("quarantine", "What quarantine?", List.of(Quarantine.values())),
            new Question("bacteria", "Skimmer after bottled bacteria?", List.of(Bacteria.values())),
            new Question("salinity", "What salinity?", List.of(Salinity.values())),
            new Question("rock", "Moving the rock?", List.of(Rock.values())));

    /** An answer to a question. */
    public interface Answer {
        /** The answer as a keeper reads it. */
        String words();

        /** The answer's name in a file. */
        String name();

        /** The answer's name in a form. */
        default String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A question on which keepers disagree.
     *
     * @param key the name of its field
     * @param words the question
     * @param answers the approaches
     */
    public record Question(String key, String words, List<Answer> answers) {}

    /** What sets the ceiling? */
    public enum Ceiling implements Answer {
        INCHES("inch rule"),
        WASTE("waste rule"),
        NUTRIENTS("nutrient rule");

        private final String words;

        Ceiling(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A fish that will outgrow the tank? */
    public enum BigFish implements Answer {
        ADULT_SIZE("judge it by its adult size from day one"),
        JUVENILE("a juvenile now, with a dated plan to move it on");

        private final String words;

        BigFish(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Two rivals of one genus? */
    public enum Kin implements Answer {
        NEVER("never"),
        SAME_DAY("only if they arrive on one day"),
        CROWD("several in a large tank, so that none is singled out");

        private final String words;

        Kin(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Fish that live as a harem? */
    public enum HaremFish implements Answer {
        ONE_FIRST("start with one and add"),
        AT_ONCE("the whole group at once");

        private final String words;

        HaremFish(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** When do clownfish come? */
    public enum Clownfish implements Answer {
        FIRST("first, because they are hardy"),
        LAST("last, because they own their corner");

        private final String words;

        Clownfish(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Several surgeonfish? */
    public enum Tangs implements Answer {
        STAGED("the delicate first, each through a box"),
        TOGETHER("all from quarantine on one day");

        private final String words;

        Tangs(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** When may the next one come? */
    public enum Pause implements Answer {
        DAYS("after the days set here"),
        TEST_KIT("when ammonia and nitrite stay at zero");

        private final String words;

        Pause(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What quarantine? */
    public enum Quarantine implements Answer {
        COPPER("copper medicine by its label, with a copper test and no invertebrates; then observation. Ask a vet"),
        ISOLATION("long isolation"),
        OBSERVATION("observation only");

        private final String words;

        Quarantine(String words) {
            this.words = words;
        }

        /** What is done, in turn; common practice. */
        public List<Phases.Part> parts() {
            return switch (this) {
                case COPPER ->
                    List.of(new Phases.Part(Phase.Kind.COPPER, 14), new Phases.Part(Phase.Kind.OBSERVATION, 14));
                case ISOLATION -> List.of(new Phases.Part(Phase.Kind.ISOLATION, 30));
                case OBSERVATION -> List.of(new Phases.Part(Phase.Kind.OBSERVATION, 14));
            };
        }

        /** Days it takes. */
        public int days() {
            return parts().stream().mapToInt(Phases.Part::days).sum();
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Skimmer after bottled bacteria? */
    public enum Bacteria implements Answer {
        EIGHT_HOURS("off for 8 hours"),
        LABEL("off for the 12 to 24 hours of the label");

        private final String words;

        Bacteria(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What salinity? */
    public enum Salinity implements Answer {
        NATURAL("natural seawater"),
        LOWERED("lowered, for fish only");

        private final String words;

        Salinity(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Moving the rock? */
    public enum Rock implements Answer {
        BEFORE_RIVALS("before every rival arrives"),
        LAST_RESORT("only as the last resort");

        private final String words;

        Rock(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }
}
