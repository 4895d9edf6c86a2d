package org.pelluna.app.species;

import java.util.Comparator;
import java.util.List;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;

/**
 * A newcomer and one resident.
 *
 * @param name the resident
 * @param given encounters an hour the newcomer would give it
 * @param suffered encounters an hour it would suffer from it
 * @param why the temper that counts, the harsher way
 */
record CompanyView(String name, String given, String suffered, String why) {

    /** How it would go with each resident, the hardest first. */
    static List<CompanyView> of(ResolvedPlan stock, Species species) {
        Encounters encounters = Encounters.of(stock);
        Fish newcomer = Fish.newcomer(
                new FishId("asked"),
                species,
                species.size().saleCm().value(),
                stock.plan().asOf());
        return stock.residents().stream()
                .map(resident -> new Pair(
                        resident,
                        encounters.byNewcomer(newcomer, resident, 1),
                        encounters.onArrival(resident, newcomer, 1)))
                .sorted(Comparator.comparingDouble(Pair::hardest).reversed())
                .map(Pair::view)
                .toList();
    }

    private record Pair(Fish resident, Pressure given, Pressure suffered) {
        double hardest() {
            return Math.max(given.perHour(), suffered.perHour());
        }

        CompanyView view() {
            Pressure harsher = given.perHour() > suffered.perHour() ? given : suffered;
            return new CompanyView(
                    resident.name(),
                    Numbers.plain(given.perHour()),
                    Numbers.plain(suffered.perHour()),
                    harsher.factors().get(0).sentence());
        }
    }
}
