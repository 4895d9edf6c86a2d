package org.pelluna.app.portrait;

import java.time.LocalDate;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/**
 * What is known of a tank so far, beside the questions.
 *
 * @param drawing the tank to scale
 * @param net its net water
 * @param headroom how much it bears
 * @param next what comes first; empty before there are wishes
 * @param guessed what is a guess; empty if nothing is
 */
public record TankPreview(Svg drawing, String net, String headroom, String next, String guessed) {

    /** Of a tank that is only being measured. */
    public static TankPreview of(Tank tank, LocalDate today, Catalogue catalogue, Measures measures) {
        TankPlan plan = TankPlan.of(today, tank, Preset.forNew(tank));
        return of(ResolvedPlan.of(plan, catalogue), measures);
    }

    /** Of a tank with its fish, before anything is judged. */
    public static TankPreview of(ResolvedPlan stock, Measures measures) {
        return of(stock, "", measures);
    }

    /** Of a tank that is kept already. */
    public static TankPreview of(Assessment assessment, String next, Measures measures) {
        return of(assessment.stock(), next, measures);
    }

    private static TankPreview of(ResolvedPlan stock, String next, Measures measures) {
        Tank tank = stock.plan().tank();
        InchRule rule = new InchRule(tank, stock.plan().houseRules());
        double inches = rule.ceilingInches(stock.plan().asOf());
        return new TankPreview(
                FishInReef.today(stock, measures, 0),
                measures.volumeOf(tank.netWater().litres()) + " of net water",
                Numbers.plain(InchRule.inches(stock.residents()), 0) + " of " + Numbers.plain(inches, 0)
                        + " inches of adult fish used, by the inch rule for a tank this young",
                next,
                String.join(
                        "; ",
                        tank.openGuesses().stream()
                                .filter(one -> !one.isUnknown())
                                .map(Guess::words)
                                .toList()));
    }
}
