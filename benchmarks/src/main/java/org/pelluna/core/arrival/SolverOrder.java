package org.pelluna.core.arrival;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.pressure.PressureModel;

/**
 * The same ordering problem, without ties, put to a general-purpose constraint solver: which of two units comes first is a
 * Boolean, days are integers, and what depends on the number of rivals settled is looked up in a table.
 */
public final class SolverOrder {
    private static final double BOX_LEAVES =
            org.pelluna.core.pressure.PressureStrengths.USUAL.of(org.pelluna.core.pressure.PressureStrengths.Kind.BOX);

    private static final double SCALE = 1e6;
    private static final int HORIZON = 1500;
    private static final int WEEK = 7;

    /** By how much the cost of waiting may be overestimated. */
    static final double CHORD = 0.1;

    static {
        Loader.loadNativeLibraries();
    }

    private final OrderProblem problem;
    private final int n;
    private final CpModel model = new CpModel();
    private final Literal[][] before;
    private final IntVar[] day;
    private final LinearExprBuilder cost = LinearExpr.newBuilder();

    private SolverOrder(OrderProblem problem) {
        this.problem = problem;
        this.n = problem.size();
        this.before = new Literal[n][n];
        this.day = new IntVar[n];
    }

    /**
     * The cost of the best order of single units.
     *
     * @param seconds time after which the solver gives up
     * @return the cost, in encounters/h; negative if the solver could not prove it in time
     */
    static double bestCost(OrderProblem problem, double seconds) {
        SolverOrder solver = new SolverOrder(problem);
        solver.order();
        solver.days();
        solver.costs();
        return solver.solve(seconds);
    }

    private void order() {
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                BoolVar first = model.newBoolVar("b" + i + "_" + j);
                before[i][j] = first;
                before[j][i] = first.not();
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                for (int k = 0; k < n; k++) {
                    if (i != j && j != k && i != k) {
                        model.addBoolOr(new Literal[] {before[i][j].not(), before[j][k].not(), before[i][k]});
                    }
                }
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                int others = problem.all() & ~(1 << i) & ~(1 << j);
                if (i != j && !problem.precedence().allows(others, 1 << i)) {
                    model.addBoolOr(new Literal[] {before[j][i]});
                }
            }
        }
    }

    private void days() {
        for (int i = 0; i < n; i++) {
            int earliest = Math.max(problem.firstDay(), problem.release(1 << i));
            day[i] = model.newIntVar(earliest, HORIZON, "d" + i);
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                if (i != j) {
                    int pause = problem.readyAfter(problem.all(), 1 << i, 0);
                    model.addGreaterOrEqual(
                                    day[j],
                                    LinearExpr.newBuilder()
                                            .add(day[i])
                                            .add(pause)
                                            .build())
                            .onlyEnforceIf(before[i][j]);
                }
            }
        }
        RoomUse empty = problem.room(0, 0);
        int mature = problem.headroomDay(problem.all());
        for (int b = 0; b < n && mature > 0; b++) {
            LinearExprBuilder used = LinearExpr.newBuilder();
            for (int a = 0; a < n; a++) {
                long adds = Math.round((problem.room(1 << a, 0).used() - empty.used()) * SCALE);
                if (a == b) {
                    used.add(adds);
                } else {
                    used.addTerm(before[a][b], adds);
                }
            }
            BoolVar over = model.newBoolVar("over" + b);
            model.addLessOrEqual(used.build(), (long) Math.floor((empty.limit() - empty.used()) * SCALE))
                    .onlyEnforceIf(over.not());
            model.addGreaterOrEqual(day[b], mature).onlyEnforceIf(over);
        }
    }

    private void costs() {
        PairTable pairs = problem.pairs();
        for (int b = 0; b < n; b++) {
            int earliest = Math.max(problem.firstDay(), problem.release(1 << b));
            late(b, earliest);
            double base = problem.least().of(0, 1 << b);
            for (int a = 0; a < pairs.all(); a++) {
                boolean resident = a < pairs.residents();
                int unit = a - pairs.residents();
                if (unit == b) {
                    continue;
                }
                if (pairs.rivals(a) != 0) {
                    if (resident) {
                        base -= attacked(a, b, 0);
                    }
                    crowded(a, b, resident ? null : before[unit][b]);
                } else if (!resident) {
                    cost.addTerm(before[unit][b], Math.round(attacked(a, b, 0) * SCALE));
                }
                if (!resident) {
                    double shy =
                            problem.undated(1 << unit, 1 << b) - problem.least().of(1 << unit, 1 << b);
                    double attacks = problem.unit(b).count() * problem.least().attacks(b, a);
                    cost.addTerm(before[unit][b], Math.round((attacks + shy) * SCALE));
                }
            }
            cost.add(Math.round(base * SCALE));
        }
    }

    /**
     * What waiting costs grows by more with each week: it lies above every chord from one week to the next. A chord lies above the curve between its
     * weeks, by less than {@link #CHORD} for nine units.
     */
    private void late(int b, int earliest) {
        IntVar late = model.newIntVar(0, Math.round(problem.lateness(1 << b, HORIZON) * SCALE), "l" + b);
        for (int from = 0; earliest + from < HORIZON; from += WEEK) {
            double at = problem.lateness(1 << b, earliest + from);
            double slope = (problem.lateness(1 << b, earliest + from + WEEK) - at) / WEEK;
            long perDay = Math.round(slope * SCALE);
            model.addGreaterOrEqual(
                    LinearExpr.newBuilder()
                            .add(late)
                            .addTerm(day[b], -perDay)
                            .add(perDay * (earliest + from))
                            .build(),
                    Math.round(at * SCALE));
        }
        cost.add(late);
    }

    /** In the box, as everyone is in the problems compared: whether a fish is boxed depends on the hardest of its pressures, which a linear model lacks. */
    private double attacked(int a, int b, int rivals) {
        return PressureModel.attention(problem.fish(1 << b))
                * BOX_LEAVES
                * problem.unit(b).count()
                * problem.least().attacked(a, b, rivals);
    }

    /** What a fish that sees rivals does to unit b, if it is settled: by the number of its rivals settled before b. */
    private void crowded(int a, int b, Literal settled) {
        LinearExprBuilder rivals = LinearExpr.newBuilder();
        int most = 0;
        for (int r = 0; r < n; r++) {
            if (r != b && (problem.pairs().rivals(a) & 1 << r) != 0) {
                rivals.addTerm(before[r][b], problem.unit(r).count());
                most += problem.unit(r).count();
            }
        }
        IntVar count = model.newIntVar(0, most, "k" + a + "_" + b);
        model.addEquality(count, rivals.build());
        long[] table = new long[most + 1];
        for (int k = 0; k <= most; k++) {
            table[k] = Math.round(attacked(a, b, k) * SCALE);
        }
        IntVar attacked = model.newIntVar(0, Math.max(0, table[0]) + 1, "p" + a + "_" + b);
        model.addElement(count, table, attacked);
        if (settled == null) {
            cost.add(attacked);
        } else {
            IntVar counted = model.newIntVar(0, table[0] + 1, "c" + a + "_" + b);
            model.addEquality(counted, attacked).onlyEnforceIf(settled);
            cost.add(counted);
        }
    }

    private double solve(double seconds) {
        model.minimize(cost.build());
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2);
        CpSolverStatus status = solver.solve(model);
        return status == CpSolverStatus.OPTIMAL ? solver.objectiveValue() / SCALE : -1;
    }

    /** A problem of the given stock and units, for single units only, each of them boxed. */
    static OrderProblem singles(org.pelluna.core.plan.ResolvedPlan stock, List<OrderItem> units) {
        return new OrderProblem(
                stock,
                new ArrayList<>(units),
                new OrderOptions(false, true, 0),
                WaterReserve.of(stock, WaterFit.of(stock)));
    }
}
