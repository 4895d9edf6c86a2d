package org.pelluna.core.pressure;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.species.Species;

/**
 * Another way for a newcomer to come: how large, how many at once, with what welcome, onto what ground.
 *
 * @param lengthCm its length, cm
 * @param newcomers fish that come that day, itself included
 * @param together whether the residents of its kin are taken out and return with it
 * @param welcome what is done for it
 * @param ground the ground it would come onto
 */
public record WhatIf(double lengthCm, int newcomers, boolean together, Set<Welcome> welcome, Ground ground) {

    public WhatIf {
        if (!(lengthCm > 0 && lengthCm <= 300) || newcomers < 1 || newcomers > 50) {
            throw new IllegalArgumentException("a newcomer is up to 300 cm long and comes with at most 49 others");
        }
        welcome = Set.copyOf(welcome);
    }

    /**
     * How the pressure between the newcomer and one resident moves, encounters an hour.
     *
     * @param resident the resident
     * @param suffers what the newcomer suffers from it as things are
     * @param wouldSuffer and what it would suffer
     * @param gives what the newcomer gives it as things are
     * @param wouldGive and what it would give
     */
    public record Shift(Fish resident, Pressure suffers, Pressure wouldSuffer, Pressure gives, Pressure wouldGive) {
        /** The hardest of the four. */
        public double hardest() {
            return Math.max(
                    Math.max(suffers.perHour(), wouldSuffer.perHour()), Math.max(gives.perHour(), wouldGive.perHour()));
        }
    }

    /** The shift for every resident, the hardest first; as things are, one fish of the usual size comes unhelped. */
    public List<Shift> shifts(Stock stock, Species species) {
        Encounters now = Encounters.of(stock);
        Encounters then = Encounters.on(ground, stock);
        Fish usual = Fish.newcomer(
                "newcomer",
                species,
                species.size().saleCm().value(),
                stock.plan().asOf());
        Fish other = Fish.newcomer("newcomer", species, lengthCm, stock.plan().asOf());
        return stock.residents().stream()
                .map(resident -> {
                    boolean back = together
                            && Likeness.of(resident.species(), species).kin().isRival();
                    return new Shift(
                            resident,
                            now.onArrival(resident, usual, 1),
                            then.onArrival(resident, other, newcomers, welcome, back),
                            now.byNewcomer(usual, resident, 1),
                            then.byNewcomer(other, resident, newcomers, back));
                })
                .sorted(Comparator.comparingDouble(Shift::hardest).reversed())
                .toList();
    }
}
