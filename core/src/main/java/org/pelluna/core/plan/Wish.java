package org.pelluna.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.stored.IfAbsent;

/**
 * A fish somebody in the house would love.
 *
 * @param id the wish's key within its plan
 * @param speciesId the species in the catalogue
 * @param count how many, to arrive on one day
 * @param lengthCm the size meant to be bought, cm; empty for the usual size at sale
 * @param askedBy who asked for it
 * @param decision what the keeper decided against or beyond the findings
 * @param decisionNote why; stays visible beside the verdict
 * @param price what the keeper expects to pay for all of them, in a currency of their own
 * @param individual how this one differs from its kind, if it does
 * @param sight how one was seen in the shop, if it was
 */
@RecordBuilder
public record Wish(
        WishId id,
        SpeciesId speciesId,
        @IfAbsent("1") int count,
        Optional<Double> lengthCm,
        Optional<String> askedBy,
        @IfAbsent("\"open\"") Decision decision,
        Optional<String> decisionNote,
        Optional<Double> price,
        Optional<Individual> individual,
        Optional<ShopSighting> sight)
        implements WishBuilder.With {

    /** A wish of which none was seen yet. */
    public Wish(
            WishId id,
            SpeciesId speciesId,
            int count,
            Optional<Double> lengthCm,
            Optional<String> askedBy,
            Decision decision,
            Optional<String> decisionNote,
            Optional<Double> price,
            Optional<Individual> individual) {
        this(id, speciesId, count, lengthCm, askedBy, decision, decisionNote, price, individual, Optional.empty());
    }

    /** A wish for ordinary fish of their kind, without a price. */
    public Wish(
            WishId id,
            SpeciesId speciesId,
            int count,
            Optional<Double> lengthCm,
            Optional<String> askedBy,
            Decision decision,
            Optional<String> decisionNote) {
        this(id, speciesId, count, lengthCm, askedBy, decision, decisionNote, Optional.empty(), Optional.empty());
    }

    public Wish {
        if (price.filter(sum -> !(sum >= 0 && sum <= 1_000_000)).isPresent()) {
            throw new IllegalArgumentException("a price is 0 to 1,000,000, but was " + price.get());
        }
        if (count < 1 || count > 50) {
            throw new IllegalArgumentException("a wish is for 1 to 50 fish, but was for " + count);
        }
        if (lengthCm.filter(cm -> !(cm > 0 && cm <= 300)).isPresent()) {
            throw new IllegalArgumentException(
                    "a fish is more than 0 and at most 300 cm long, but was " + lengthCm.get());
        }
    }

    /** The same with another decision of the keeper's. */
    public Wish decided(Decision word, Optional<String> note) {
        return with(as -> as.decision(word).decisionNote(note));
    }

    /** The same as seen in a shop: its length and price are those seen, where they were looked at; held or paid, it stays in the plan. */
    public Wish seen(ShopSighting seen) {
        Wish wish = with(as -> as.sight(Optional.of(seen))
                .lengthCm(seen.lengthCm().or(() -> lengthCm))
                .price(seen.price().map(one -> one * count).or(() -> price)));
        return seen.hold()
                .map(hold -> wish.decided(Decision.IN, Optional.of(hold.words())))
                .orElse(wish);
    }

    /** What is known of one of its fish on the day it comes, from what was seen in the shop; empty if nothing is. */
    public Optional<Life> lifeFrom(LocalDate on) {
        return sight.flatMap(ShopSighting::sex).map(sex -> Life.NONE.with(new Life.Sexed(on, sex)));
    }

    /** The same for fewer fish: some have come, or died; at least one stays. Those still to come are bought, so they stay in the plan. */
    Wish fewer(int gone) {
        return with(as -> as.count(count - gone)
                .decision(Decision.IN)
                .decisionNote(Optional.of(decisionNote.orElse(Happening.BOUGHT)))
                .price(priceOf(count - gone)));
    }

    /** The same for so many more fish again, with the decision that an earlier state of it had. */
    Wish more(int back, Wish decided) {
        return with(as -> as.count(count + back)
                .decision(decided.decision)
                .decisionNote(decided.decisionNote)
                .price(count + back == decided.count ? decided.price : priceOf(count + back)));
    }

    private Optional<Double> priceOf(int some) {
        return price.map(all -> all * some / count);
    }

    /** Whether another wish has the same key. */
    boolean isSameAs(Wish other) {
        return id.equals(other.id);
    }

    /** The keeper's own word on a wish. */
    public enum Decision {
        /** As the findings say. */
        OPEN,
        /** In the plan whatever the findings say. */
        IN,
        /** Struck whatever the findings say. */
        STRUCK
    }
}
