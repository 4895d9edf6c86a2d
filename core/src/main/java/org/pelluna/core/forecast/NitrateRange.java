package org.pelluna.core.forecast;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.ResolvedPlan;

/**
 * The nitrate of a day to come, as far as it is known while no tests say how much of it skimmer, rock and algae take: by what the house rules
 * say they take, and by the most and least that this is held to be (the 90 % of {@link WaterFit}'s own doubt).
 *
 * @param on the day
 * @param usual mg/L by the house rules
 * @param low mg/L if most is taken
 * @param high mg/L if least is taken
 * @param taken share that is taken by the house rules
 * @param most the most that may be taken
 * @param least the least that may be taken
 */
public record NitrateRange(
        LocalDate on, double usual, double low, double high, double taken, double most, double least) {
    private static final double OF_NINETY = 1.645;

    /**
     * The range of a tank's nitrate on the last of some days; empty where its own tests tell what gathers, or nothing can be predicted.
     *
     * @param days the water as predicted by the house rules
     * @param coming who comes until then
     */
    public static Optional<NitrateRange> of(
            ResolvedPlan stock, WaterFit fit, List<WaterForecast.Day> days, List<WaterForecast.PlannedFish> coming) {
        if (fit.tests() > 0 || days.isEmpty()) {
            return Optional.empty();
        }
        WaterForecast.Day last = days.get(days.size() - 1);
        double times = Math.exp(OF_NINETY * WaterFit.DOUBTED_EXPORT);
        double left = 1 - stock.plan().houseRules().husbandry().export().nitrate();
        return Optional.of(new NitrateRange(
                last.date(),
                last.nitrate(),
                nitrate(stock, 1 / times, coming, last.date()),
                nitrate(stock, times, coming, last.date()),
                1 - left,
                1 - left / times,
                Math.max(0, 1 - left * times)));
    }

    private static double nitrate(
            ResolvedPlan stock, double kept, List<WaterForecast.PlannedFish> coming, LocalDate on) {
        List<WaterForecast.Day> days = new WaterForecast(stock, new WaterFit(1, 1, kept, 0)).days(coming, on);
        return days.get(days.size() - 1).nitrate();
    }
}
