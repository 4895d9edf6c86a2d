package org.pelluna.app.web;

import java.util.UUID;

/**
 * Where a request below {@code /tanks/{tankId}} is: whose it is, which tank it is about, and in which units its keeper reads. Every
 * handler of such a page takes it as its one argument for all of this; the tank is the keeper's own, or the request has been refused.
 *
 * @param keeper the keeper's key
 * @param tank the tank's key
 * @param measures the keeper's units
 * @param cache what is worked out of tanks
 */
public record Here(UUID keeper, UUID tank, Measures measures, TankCache cache) {
    /**
     * What is worked out of the tank as it is at this moment; ask again after a change.
     *
     * @throws org.pelluna.app.storage.NotFoundException if the tank was removed meanwhile
     */
    public TankAnswers answers() {
        return cache.of(keeper, tank);
    }

    /** The same for another tank of this keeper. */
    public Here of(UUID otherTank) {
        return new Here(keeper, otherTank, measures, cache);
    }

    /** The address of a page of this tank, for example {@code path("/wishes")}. */
    public String path(String page) {
        return "/tanks/" + tank + page;
    }
}
