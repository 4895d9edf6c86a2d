package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.Species.Water;
import org.pelluna.core.units.Numbers;

/** Is the water what it comes from: warm, cool and salt enough? */
final class WaterRule implements ShortlistRule {
    private static final String RULE = "water";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Do temperature and salinity suit it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        List<Finding> findings = new ArrayList<>();
        Water water = candidate.species().water();
        double here = candidate.tank().regime().temperatureCelsius();
        double beyond = Math.max(
                water.coolestCelsius().value() - here,
                here - water.warmestCelsius().value());
        if (beyond > 0) {
            boolean harms = beyond > Water.BORNE_BEYOND_CELSIUS;
            findings.add(Finding.of(
                            RULE,
                            harms ? Severity.STOP : Severity.CAREFUL,
                            "It is best at "
                                    + Numbers.plain(water.coolestCelsius().value()) + " to "
                                    + Numbers.plain(water.warmestCelsius().value())
                                    + " °C, and this tank is at "
                                    + Numbers.plain(here) + " °C. "
                                    + (harms
                                            ? "That harms it."
                                            : here > water.warmestCelsius().value()
                                                    ? "It tolerates that, but eats more and ages faster."
                                                    : "It tolerates that, but eats less and grows more slowly."),
                            water.warmestCelsius().from(),
                            List.of(
                                    water.coolestCelsius().figure("coolest at its best", "°C"),
                                    water.warmestCelsius().figure("warmest at its best", "°C"),
                                    Figure.measured("temperature here", here, "°C")))
                    .remedy("Change the temperature if your other fish tolerate it."));
        }
        double gravity = candidate.tank().regime().specificGravity();
        if (gravity < water.lowestSpecificGravity().value()) {
            findings.add(Finding.of(
                            RULE,
                            Severity.STOP,
                            "It needs a specific gravity of "
                                    + water.lowestSpecificGravity().value() + " or more, and this tank has " + gravity
                                    + ".",
                            water.lowestSpecificGravity().from(),
                            List.of(Figure.measured("specific gravity here", gravity, "")))
                    .approaches(List.of(
                            Sentence.of(
                                    "By " + Approaches.Salinity.NATURAL.words() + ": raise it slowly, then add it."),
                            Sentence.of("By " + Approaches.Salinity.LOWERED.words() + ": not this fish."))));
        }
        if (water.light() == Water.Light.DIM && !candidate.tank().holdings().isEmpty()) {
            findings.add(Finding.of(
                    RULE,
                    Severity.FINE,
                    "It avoids bright light: give it an overhang. You will not see it often under coral lights.",
                    water.warmestCelsius().from(),
                    List.of()));
        }
        return findings;
    }
}
