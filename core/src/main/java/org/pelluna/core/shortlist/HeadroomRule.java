package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Stance;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.units.Numbers;

/** Is there headroom for it, by the inch rule, beside the fish that live here? */
final class HeadroomRule implements ShortlistRule {
    static final String RULE = "headroom";

    @Override
    public List<Finding> judge(Candidate candidate) {
        InchRule inches = new InchRule(candidate.tank(), candidate.rules());
        LocalDate today = candidate.today();
        double here = InchRule.inches(candidate.stock().residents());
        double adds = InchRule.inches(candidate.species()) * candidate.wished().count();
        double now = inches.ceilingInches(today);
        double mature = inches.matureCeilingInches();
        List<Figure> figures = List.of(
                Figure.measured("net water", inches.gallons(), "gal"),
                new Figure("asked for each inch today", inches.gallonsPerInch(today), "gal/in", InchRule.SOURCE),
                new Figure("ceiling today", now, "in", InchRule.SOURCE),
                new Figure(
                        "residents, adult",
                        here,
                        "in",
                        candidate.species().size().adultCm().from()),
                new Figure(
                        "this wish, adult",
                        adds,
                        "in",
                        candidate.species().size().adultCm().from()));
        String sum = Numbers.plain(here) + " in live here and " + Numbers.plain(adds) + " in would join them";
        if (here + adds <= now) {
            return List.of(Finding.of(
                    RULE,
                    Stance.FINE,
                    sum + "; the ceiling today is " + Numbers.plain(now) + " in ("
                            + Numbers.plain(inches.gallons()) + " gal ÷ " + Numbers.plain(inches.gallonsPerInch(today))
                            + ").",
                    InchRule.SOURCE,
                    figures));
        }
        Optional<LocalDate> matureOn = inches.matureOn().filter(day -> day.isAfter(today));
        if (here + adds <= mature) {
            Finding waits = Finding.of(
                    RULE,
                    Stance.WAIT,
                    sum + "; the ceiling is " + Numbers.plain(now) + " in today and " + Numbers.plain(mature)
                            + " in once the tank is " + candidate.rules().matureAfterMonths() + " months old.",
                    InchRule.SOURCE,
                    figures);
            return List.of(matureOn.map(waits::until).orElse(waits).schools(otherSchools()));
        }
        return List.of(Finding.of(
                        RULE,
                        Stance.STOP,
                        sum + "; even the mature tank's ceiling is " + Numbers.plain(mature) + " in.",
                        InchRule.SOURCE,
                        figures)
                .schools(otherSchools())
                .remedy("Fewer or smaller residents, more water, or another figure in your house rules."));
    }

    private static List<String> otherSchools() {
        return List.of(
                "Inch rule: as above.",
                "Waste school: add it if tests stay clean after each arrival.",
                "Nutrient school: add it if there is room to swim and nitrate and phosphate allow.");
    }
}
