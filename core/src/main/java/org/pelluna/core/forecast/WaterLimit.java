package org.pelluna.core.forecast;

import java.util.Arrays;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.water.Ammonia;
import org.pelluna.core.water.Conditions;
import org.pelluna.core.water.Nitrification;
import org.pelluna.core.water.Waste;
import org.pelluna.core.water.WaterState;

/**
 * How much more waste a day a tank bears at once, given what it has settled to: the most for which neither un-ionised ammonia
 * nor nitrite passes its limit in the weeks after. Found by simulation on a grid of loads, and between them by straight lines.
 */
public final class WaterLimit {
    private static final double[] SETTLED = {0, 0.001, 0.003, 0.01, 0.03, 0.1, 0.3, 1, 3};
    private static final int DAYS = 28;
    private static final int HALVINGS = 12;

    private final double[] most = new double[SETTLED.length];
    private final Nitrification bacteria;
    private final Conditions water;

    private WaterLimit(In water) {
        this.bacteria = new Nitrification(water.conditions(), water.vigour());
        this.water = water.conditions();
        Arrays.fill(most, 1, most.length, Double.NaN);
    }

    /**
     * What a limit depends on. What a limit says of a load is worked out when it is first asked, and once.
     *
     * @param conditions what the water is like
     * @param vigour multiple of the bacteria's usual growth
     */
    public record In(Conditions conditions, double vigour) implements Question<WaterLimit> {
        @Override
        public WaterLimit answer(Answers answers) {
            return new WaterLimit(this);
        }
    }

    private synchronized double most(int i) {
        if (Double.isNaN(most[i])) {
            most[i] = search(bacteria, water, SETTLED[i]);
        }
        return most[i];
    }

    private static double search(Nitrification bacteria, Conditions water, double settled) {
        double low = 0;
        double high = 30 * settled + 0.5;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (Peak.of(bacteria, water, bacteria.settled(Waste.ofNitrogen(settled)), settled + middle, DAYS)
                    .bearable()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The waste that bacteria which can clear so much keep themselves up on, mg N/L a day. */
    public double settledBy(double clearsMgPerLitreDay) {
        return bacteria.keptUpBy(bacteria.cycled(clearsMgPerLitreDay));
    }

    /**
     * The most ammonia nitrogen that may come on one day.
     *
     * @param settled what the bacteria have settled to, mg N/L a day
     * @return mg N/L a day more
     */
    public double mostExtra(double settled) {
        int above = 1;
        while (above < SETTLED.length - 1 && SETTLED[above] < settled) {
            above++;
        }
        double share = (settled - SETTLED[above - 1]) / (SETTLED[above] - SETTLED[above - 1]);
        return Math.max(0, most(above - 1) + share * (most(above) - most(above - 1)));
    }

    /**
     * The worst of some days of constant waste.
     *
     * @param unionised highest un-ionised ammonia, mg/L
     * @param fourDays highest mean of it over four days, mg/L
     * @param nitrite highest nitrite, mg/L as a kit shows it
     */
    public record Peak(double unionised, double fourDays, double nitrite) {
        private static Peak of(Nitrification bacteria, Conditions water, WaterState from, double nitrogen, int days) {
            Conditions evening = water.evening();
            Waste waste = Waste.ofNitrogen(nitrogen);
            WaterState state = from;
            double[] unionised = new double[days];
            double nitrite = 0;
            for (int day = 0; day < days; day++) {
                state = bacteria.after(state, waste, 1);
                unionised[day] = Ammonia.unionisedMgPerLitre(state.ammonia(), evening);
                nitrite = Math.max(nitrite, state.nitriteIon());
            }
            return of(unionised, nitrite);
        }

        /** The worst of a daily course. */
        static Peak of(double[] unionised, double nitrite) {
            double highest = 0;
            double mean = 0;
            for (int day = 0; day < unionised.length; day++) {
                highest = Math.max(highest, unionised[day]);
                double sum = 0;
                for (int back = Math.max(0, day - 3); back <= day; back++) {
                    sum += unionised[back];
                }
                mean = Math.max(mean, sum / Math.min(4, day + 1));
            }
            return new Peak(highest, mean, nitrite);
        }

        /** Whether every limit holds. */
        public boolean bearable() {
            return unionised <= Ammonia.ONE_HOUR_LIMIT
                    && fourDays <= Ammonia.FOUR_DAY_LIMIT
                    && nitrite <= WaterTest.NITRITE_LIMIT;
        }
    }
}
