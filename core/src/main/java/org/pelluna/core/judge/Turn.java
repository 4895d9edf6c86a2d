package org.pelluna.core.judge;

import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Species;

/** One change of a plan that lets a refused wish come, or gives its place to a fish like it. */
public sealed interface Turn {
    /** A key that tells it from the other turns of its wish, fit for an address. */
    String key();

    /** What a keeper would do, as a sentence without its full stop. */
    String words();

    /**
     * What writes the change into the plan; empty where it takes more than a decision.
     *
     * @param refused the wish that is refused
     * @param fresh an id for a wish that is new by it
     */
    Optional<Happening> happening(Wish refused, WishId fresh);

    /**
     * Fewer of the same fish.
     *
     * @param count how many then, at least 1
     */
    record Fewer(int count) implements Turn {
        @Override
        public String key() {
            return "fewer-" + count;
        }

        @Override
        public String words() {
            return "Wish for " + (count == 1 ? "one" : count) + " only";
        }

        @Override
        public Optional<Happening> happening(Wish refused, WishId fresh) {
            return Optional.of(new Happening.Lessened(refused.id(), count));
        }
    }

    /**
     * A fish like it in its place.
     *
     * @param species what it is
     * @param count how many: the fewest that do well
     */
    record Instead(Species species, int count) implements Turn {
        @Override
        public String key() {
            return "instead-" + species.id().key();
        }

        @Override
        public String words() {
            return "Choose " + (count == 1 ? "" : count + " × ") + species.commonName() + " instead";
        }

        @Override
        public Optional<Happening> happening(Wish refused, WishId fresh) {
            Wish wish = new Wish(
                    fresh,
                    species.id(),
                    count,
                    Optional.empty(),
                    refused.askedBy(),
                    Wish.Decision.OPEN,
                    Optional.empty());
            return Optional.of(
                    new Happening.Struck(refused.id(), species.commonName() + " chosen instead", Optional.of(wish)));
        }
    }

    /**
     * Another wish goes.
     *
     * @param wish which
     * @param name what it is called
     * @param inItsPlace what the refused fish is called
     */
    record Drop(WishId wish, String name, String inItsPlace) implements Turn {
        @Override
        public String key() {
            return "drop-" + wish.key();
        }

        @Override
        public String words() {
            return "Drop your wish for " + name;
        }

        @Override
        public Optional<Happening> happening(Wish refused, WishId fresh) {
            return Optional.of(new Happening.Struck(wish, "dropped for " + inItsPlace));
        }
    }

    /**
     * A resident moves out for good.
     *
     * @param fish which
     * @param name what it is called
     */
    record Rehome(FishId fish, String name) implements Turn {
        @Override
        public String key() {
            return "rehome-" + fish.key();
        }

        @Override
        public String words() {
            return "Rehome " + name;
        }

        @Override
        public Optional<Happening> happening(Wish refused, WishId fresh) {
            return Optional.empty();
        }
    }
}
