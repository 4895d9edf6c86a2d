package org.pelluna.app.water;

import java.util.List;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.core.feeding.FeedingPlan;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;

/**
 * The food of all who live in a tank, ready to print.
 *
 * @param feeds feeds a day
 * @param grams dry food a day, g
 * @param nitrogen ammonia nitrogen it makes, mg a day
 * @param stations places to feed at
 * @param clips clips of seaweed
 * @param foods each kind of food with its share
 * @param findings what to know of it
 * @param source where the quantities come from
 * @param how how the ammonia it makes comes about
 */
record FeedingView(
        String feeds,
        String grams,
        String nitrogen,
        int stations,
        int clips,
        List<FoodLine> foods,
        List<FindingView> findings,
        String source,
        Explained how) {

    /**
     * One food.
     *
     * @param width its share of all, per cent
     */
    record FoodLine(String food, String grams, String eaters, int width) {}

    static FeedingView of(ResolvedPlan stock, Measures measures) {
        TankPlan plan = stock.plan();
        FeedingPlan feeding =
                FeedingPlan.of(stock.residents(), plan.tank(), plan.houseRules().husbandry(), plan.asOf());
        return new FeedingView(
                Numbers.plain(feeding.feedsADay()),
                Numbers.plain(feeding.gramsADay(), 2),
                Numbers.plain(feeding.nitrogenMgADay(), 0),
                feeding.stations(),
                feeding.clips(),
                feeding.portions().stream()
                        .map(food -> new FoodLine(
                                food.food(), Numbers.plain(food.gramsADay(), 2), String.join(", ", food.eaters()), (int)
                                        Math.round(100 * food.gramsADay() / Math.max(1e-9, feeding.gramsADay()))))
                        .toList(),
                FindingView.all(feeding.findings(), measures),
                FeedingPlan.source().words(),
                feeding.how(plan.houseRules().husbandry()));
    }
}
