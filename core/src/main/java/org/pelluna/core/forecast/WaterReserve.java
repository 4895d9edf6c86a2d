package org.pelluna.core.forecast;

import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.question.Answers;

/**
 * What a tank's bacteria bear of fish to come: what they have settled to by today, how much more they bear on one day, and what the forecast makes of days that are
 * planned. All of it by the same water, fitted to the tank's own tests.
 */
public final class WaterReserve {
    private final ResolvedPlan stock;
    private final WaterFit fit;
    private final WaterLimit limit;
    private final WaterForecast forecast;
    private final double residents;

    private WaterReserve(ResolvedPlan stock, WaterFit fit, WaterLimit limit) {
        this.stock = stock;
        this.fit = fit;
        this.limit = limit;
        this.forecast = new WaterForecast(stock, fit);
        this.residents = stock.residents().stream()
                .mapToDouble(fish -> forecast.nitrogen(fish, stock.plan().asOf()))
                .sum();
    }

    /** The reserve of a plan, by what its tests say. */
    public static WaterReserve of(ResolvedPlan stock, WaterFit fit) {
        return of(stock, fit, Answers.WORKED_OUT);
    }

    /** The same where limits are remembered. */
    public static WaterReserve of(ResolvedPlan stock, WaterFit fit, Answers answers) {
        return new WaterReserve(stock, fit, answers.to(FishWaste.water(stock.plan(), fit)));
    }

    /** The reserve of the same water with other fish in it. */
    public WaterReserve with(ResolvedPlan others) {
        return new WaterReserve(others, fit, limit);
    }

    public WaterForecast forecast() {
        return forecast;
    }

    /** Ammonia nitrogen of one fish as long as it is today, mg N/L a day. */
    public double nitrogen(Fish fish) {
        return forecast.nitrogen(fish, stock.plan().asOf());
    }

    /** Ammonia nitrogen of everyone that lives here, mg N/L a day. */
    public double residents() {
        return residents;
    }

    /**
     * What the colony has settled to.
     *
     * @param waste what it has got for long, mg N/L a day
     * @param days days from today; what it was today is left in part
     */
    public double colony(double waste, int days) {
        return Math.max(waste, forecast.colony() * forecast.leftAfter(days));
    }

    /** The most waste a colony bears from one day to the next, all together, mg N/L a day. */
    public double most(double colony) {
        return colony + limit.mostExtra(colony);
    }
}
