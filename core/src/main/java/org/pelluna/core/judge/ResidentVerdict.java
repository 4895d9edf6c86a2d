package org.pelluna.core.judge;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.forecast.Outgrown;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.pressure.Pressure;

/**
 * Whether a fish that lives here is fine: what was recorded of it decides before what is predicted.
 *
 * @param fish the fish
 * @param standing what its keeper must do
 * @param reason why, in a sentence; empty where it is fine
 * @param step what to do, in a sentence; empty where nothing is to be done
 */
public record ResidentVerdict(Fish fish, Standing standing, String reason, String step) {

    /** Every resident, those that need an act first, and in the order of their arrival among themselves. */
    public static List<ResidentVerdict> all(ResolvedPlan stock) {
        Map<FishId, String> names = stock.plan().fishNames();
        List<Pressure> today = Encounters.of(stock).amongResidents();
        List<Outgrown> outgrowing = Future.outgrowing(stock);
        List<Predation> meals = Predation.among(stock.residents(), stock.plan().asOf());
        return stock.residents().stream()
                .map(fish -> new ResidentReview(stock, fish, names, today, outgrowing, meals).verdict())
                .sorted(Comparator.comparing(ResidentVerdict::standing))
                .toList();
    }

    /** What to do first among some fish: the first that needs an act, in two sentences; empty where none does. */
    public static Optional<String> firstAct(List<ResidentVerdict> verdicts) {
        return verdicts.stream()
                .filter(one -> one.standing == Standing.ACT)
                .map(one -> one.reason + " " + one.step)
                .findFirst();
    }
}
