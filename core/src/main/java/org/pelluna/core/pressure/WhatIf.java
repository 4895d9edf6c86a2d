package org.pelluna.core.pressure;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

/**
 * Another way for a newcomer to come: how large, how many at once, with what welcome, onto what ground.
 *
 * @param lengthCm its length, cm
 * @param newcomers fish that come that day, itself included
 * @param order when it comes, against those who live here
 * @param welcome what is done for it
 * @param ground the ground it would come onto
 */
public record WhatIf(double lengthCm, int newcomers, Order order, Set<ArrivalAid> welcome, Habitat ground) {

    /** When the newcomer comes. */
    public enum Order {
        /** After everyone, as things are. */
        LAST("after everyone"),
        /** On the day on which its rivals, taken out meanwhile, return. */
        WITH_RIVALS("with its rivals, taken out and back"),
        /** Long before everyone else, as if the tank were begun anew. */
        FIRST("before all others, in a restarted tank");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        /** The order as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    private static final FishId NEWCOMER = new FishId("newcomer");

    public WhatIf {
        if (!(lengthCm > 0 && lengthCm <= 300) || newcomers < 1 || newcomers > 50) {
            throw new IllegalArgumentException("a newcomer is up to 300 cm long and arrives with at most 49 others");
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
    public List<Shift> shifts(ResolvedPlan stock, Species species) {
        Encounters now = Encounters.of(stock);
        Encounters then = Encounters.on(ground, stock);
        Fish usual = Fish.newcomer(
                NEWCOMER, species, species.size().saleCm().value(), stock.plan().asOf());
        Fish other = Fish.newcomer(NEWCOMER, species, lengthCm, stock.plan().asOf());
        return stock.residents().stream()
                .map(resident -> {
                    int ahead = ahead(now.daysHere(resident), resident, species);
                    return new Shift(
                            resident,
                            now.onArrival(resident, usual, 1),
                            then.onArrival(resident, other, newcomers, welcome, ahead),
                            now.byNewcomer(usual, resident, 1),
                            then.byNewcomer(other, resident, newcomers, ahead));
                })
                .sorted(Comparator.comparingDouble(Shift::hardest).reversed())
                .toList();
    }

    /** Days the resident would have been here before the newcomer; negative if after it. */
    private int ahead(int daysHere, Fish resident, Species species) {
        return switch (order) {
            case LAST -> daysHere;
            case WITH_RIVALS -> Rivalry.seenBy(resident.species(), species).isPresent() ? 0 : daysHere;
            case FIRST -> -(int) PressureStrengths.USUAL.of(PressureStrengths.Kind.DAYS_TO_OWN_GROUND);
        };
    }
}
