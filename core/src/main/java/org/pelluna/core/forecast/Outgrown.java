package org.pelluna.core.forecast;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.units.Quantity;

/**
 * When a fish outgrows the tank.
 *
 * @param fish the fish
 * @param atCm length at which it does
 * @param on the expected day
 * @param earliest the day if it grows fast
 * @param latest the day if it grows slowly; empty if it then never does
 * @param lacking what falls short: swim or water
 */
public record Outgrown(
        Fish fish, double atCm, LocalDate on, LocalDate earliest, Optional<LocalDate> latest, String lacking) {

    private static final Provenance OUTGROWN =
            Provenance.own("swim in proportion to length, water to its cube: room for the adult's share of either");
    private static final int MONTHS_TO_LOOK = 3;

    /** The finding, with the plan to move it on. */
    public Finding finding() {
        return Finding.of(
                        "outgrow",
                        Severity.CAREFUL,
                        sentence(),
                        OUTGROWN,
                        List.of(
                                new Figure("outgrown at", atCm, "cm", OUTGROWN),
                                fish.species().size().adultCm().figure("adult length in tanks", "cm")))
                .remedy(isFromTheFirst() ? "Ask now who will take it." : "Find it a new home from " + lookFrom() + ".");
    }

    /** The day from which to look for its new home: three months before it may outgrow this one. */
    public LocalDate lookFrom() {
        return isFromTheFirst() ? on : earliest.minusMonths(MONTHS_TO_LOOK);
    }

    /** What is to be done then. */
    public String task() {
        return "Find " + fish.name() + " a new home"
                + (isFromTheFirst() ? ": it is too large for this tank" : " by " + on);
    }

    private boolean isFromTheFirst() {
        return !on.isAfter(fish.arrivesOn());
    }

    private Sentence sentence() {
        if (isFromTheFirst()) {
            return Sentence.of(
                    fish.name() + " is too large for this tank from the day it arrives: it needs more " + lacking
                            + " from ",
                    Quantity.cm(atCm),
                    " on.");
        }
        return Sentence.of(
                fish.name() + " outgrows this tank about " + on + ", at ",
                Quantity.cm(atCm),
                ": it then needs more " + lacking + ". Earliest " + earliest
                        + latest.map(day -> ", latest " + day).orElse("; maybe never")
                        + ".");
    }
}
