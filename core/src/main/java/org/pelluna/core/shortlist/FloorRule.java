package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.Quantity;

/**
 * Can a fish that lies in wait, perches or lives in a hole stretch out and turn? Eels, frogfish, scorpionfish and burrow dwellers
 * do not swim laps: the floor is held against their length, one side and a half of it long and half of it deep; common practice.
 */
final class FloorRule implements ShortlistRule {
    private static final String RULE = "floor";
    private static final double LONG = 1.5;
    private static final double DEEP = 0.5;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is there enough floor for the adult?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Species species = candidate.species();
        if (!species.habits().isResting()) {
            return List.of();
        }
        TankShape shape = candidate.tank().shape();
        double along = Math.max(shape.acrossCm(), shape.frontToBackCm());
        double across = Math.min(shape.acrossCm(), shape.frontToBackCm());
        double adult = species.size().adultCm().value();
        boolean fits = along >= LONG * adult && across >= DEEP * adult;
        Finding finding = Finding.of(
                RULE,
                fits ? Severity.FINE : Severity.STOP,
                Sentence.of(
                        (fits ? "Enough floor: an adult needs " : "Too little floor: an adult needs "),
                        Quantity.wholeCm(LONG * adult),
                        " by ",
                        Quantity.wholeCm(DEEP * adult),
                        "."),
                Provenance.PRACTICE,
                List.of(
                        new Figure("floor needed, long side", LONG * adult, "cm", Provenance.PRACTICE),
                        new Figure("floor needed, short side", DEEP * adult, "cm", Provenance.PRACTICE),
                        Figure.measured("floor here, long side", along, "cm"),
                        Figure.measured("floor here, short side", across, "cm"),
                        species.size().adultCm().figure("adult length in tanks", "cm")));
        return List.of(
                fits
                        ? finding
                        : finding.remedy(Sentence.of(
                                "A floor of ",
                                Quantity.wholeCm(LONG * adult),
                                " by ",
                                Quantity.wholeCm(DEEP * adult),
                                " or more would do.")));
    }
}
