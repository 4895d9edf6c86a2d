package org.pelluna.core.tension;

import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.statistics.PoissonRates;

/**
 * Rates of encounters before and after something was done.
 *
 * @param aggressorId whose encounters; empty for all
 * @param before encounters before
 * @param hoursBefore hours watched before
 * @param after encounters after
 * @param hoursAfter hours watched after
 */
public record RateChange(Optional<FishId> aggressorId, int before, double hoursBefore, int after, double hoursAfter) {
    /** Whether both times were watched. */
    public boolean isKnown() {
        return hoursBefore > 0 && hoursAfter > 0;
    }

    /** The rate after over the rate before; only when known. */
    public PoissonRates rates() {
        return new PoissonRates(after, hoursAfter, before, hoursBefore);
    }

    /** What the interval of the ratio says. */
    public RemedyEffect.Outcome verdict() {
        if (!isKnown() || before + after == 0) {
            return RemedyEffect.Outcome.UNKNOWN;
        }
        Interval ratio = rates().ratio(0.95);
        return ratio.high() < 1
                ? RemedyEffect.Outcome.HELPED
                : ratio.low() > 1 ? RemedyEffect.Outcome.WORSE : RemedyEffect.Outcome.UNCLEAR;
    }
}
