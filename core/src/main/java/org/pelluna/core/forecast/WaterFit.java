package org.pelluna.core.forecast;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.species.Catalogue;

/**
 * What a tank's own water tests say of the model: least squares in steps of what kits can tell apart, held near 1 by a prior,
 * by the simplex of Nelder and Mead 1965.
 *
 * @param food multiple of the food the husbandry says
 * @param vigour multiple of the bacteria's usual growth
 * @param kept multiple of the share of nitrate that stays in the water, beside what is exported
 * @param tests tests it rests on; 0 for none
 */
public record WaterFit(double food, double vigour, double kept, int tests) {
    /** The model as it is. */
    public static final WaterFit NONE = new WaterFit(1, 1, 1, 0);

    /** Tests from which on the model is fitted. */
    public static final int ENOUGH_TESTS = 6;

    private static final int ENOUGH_DAYS = 3;
    private static final int MOST_TRIES = 80;
    /** How far each may be off beforehand, as the spread of its logarithm: a keeper knows the food better than what skimmer, rock and algae take. */
    private static final double DOUBTED_FOOD = 0.25;

    private static final double DOUBTED_VIGOUR = 0.4;
    static final double DOUBTED_EXPORT = 0.5;

    /**
     * The fit of a plan, as a question that can be remembered. Wishes, log and bookings are no part of it.
     *
     * @param plan the plan
     * @param catalogue the species the plan may name
     */
    public record Asked(TankPlan plan, Catalogue catalogue) implements Question<WaterFit> {
        public Asked {
            plan = plan.forWater();
        }

        @Override
        public WaterFit answer(Answers answers) {
            return of(ResolvedPlan.of(plan, catalogue));
        }
    }

    /** Fits the model, or leaves it as it is while there are too few tests. */
    public static WaterFit of(ResolvedPlan stock) {
        List<WaterTest> tests = stock.plan().waterTests().stream()
                .filter(test -> test.kind().isPredicted()
                        && !test.on().isAfter(stock.plan().asOf()))
                .toList();
        long days = tests.stream().map(WaterTest::on).distinct().count();
        if (tests.size() < ENOUGH_TESTS || days < ENOUGH_DAYS) {
            return NONE;
        }
        double[] best = new SimplexOptimizer(1e-3, 1e-3)
                .optimize(
                        new MaxEval(10 * MOST_TRIES),
                        new ObjectiveFunction(at -> misfit(stock, tests, at)),
                        GoalType.MINIMIZE,
                        new InitialGuess(new double[3]),
                        new NelderMeadSimplex(3, 0.3))
                .getPoint();
        return at(best, tests.size());
    }

    private static double misfit(ResolvedPlan stock, List<WaterTest> tests, double[] at) {
        WaterFit tried = at(at, tests.size());
        Map<LocalDate, WaterForecast.Day> days = new HashMap<>();
        new WaterForecast(stock, tried).days(List.of(), stock.plan().asOf()).forEach(day -> days.put(day.date(), day));
        double sum = square(at[0] / DOUBTED_FOOD) + square(at[1] / DOUBTED_VIGOUR) + square(at[2] / DOUBTED_EXPORT);
        for (WaterTest test : tests) {
            WaterForecast.Day day = days.get(test.on());
            if (day != null) {
                sum += square((day.of(test.kind()).orElseThrow() - test.value())
                        / test.kind().tells());
            }
        }
        return sum;
    }

    private static WaterFit at(double[] logs, int tests) {
        return new WaterFit(Math.exp(logs[0]), Math.exp(logs[1]), Math.exp(logs[2]), tests);
    }

    /**
     * Multiple of the nitrate that gathers, beside what the husbandry says. It is what tests of nitrate tell; whether more food or less export is behind it, they cannot.
     */
    public double gathers() {
        return food * kept;
    }

    private static double square(double x) {
        return x * x;
    }
}
