package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A fish of a wish as it was seen in the shop, before it is bought.
 *
 * @param on the day
 * @param where the shop, in the keeper's words
 * @param ate whether it was seen to eat; empty if nobody looked
 * @param origin caught or bred
 * @param lengthCm its length, cm
 * @param price what one costs
 * @param sex its sex or stage
 * @param note the keeper's words
 * @param hold how far it is the keeper's; empty if it was only seen
 */
public record ShopSighting(
        LocalDate on,
        Optional<String> where,
        Optional<Boolean> ate,
        Optional<Resident.Origin> origin,
        Optional<Double> lengthCm,
        Optional<Double> price,
        Optional<Life.Sex> sex,
        Optional<String> note,
        Optional<Hold> hold) {

    /** A fish that was only seen. */
    public ShopSighting(
            LocalDate on,
            Optional<String> where,
            Optional<Boolean> ate,
            Optional<Resident.Origin> origin,
            Optional<Double> lengthCm,
            Optional<Double> price,
            Optional<Life.Sex> sex,
            Optional<String> note) {
        this(on, where, ate, origin, lengthCm, price, sex, note, Optional.empty());
    }

    /** How far a fish outside the keeper's tanks is the keeper's. */
    public enum Hold {
        HELD("held at the shop"),
        PAID("paid, still at the shop"),
        COMING("on its way");

        private final String words;

        Hold(String words) {
            this.words = words;
        }

        /** Where it is, as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    public ShopSighting {
        if (lengthCm.filter(cm -> !(cm > 0 && cm <= 300)).isPresent()) {
            throw new IllegalArgumentException("a fish is more than 0 and at most 300 cm long");
        }
        if (price.filter(sum -> !(sum >= 0 && sum <= 1_000_000)).isPresent()) {
            throw new IllegalArgumentException("a price is 0 to 1,000,000");
        }
    }
}
