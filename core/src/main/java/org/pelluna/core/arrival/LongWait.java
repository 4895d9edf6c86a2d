package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.units.Numbers;

/** A fish that must come after another waits for months because that one does: the keeper may rather drop one of the two. */
final class LongWait {
    /** Days of waiting from which it is worth to think of dropping one; ours. */
    private static final int LONG_DAYS = 90;

    private static final int DAYS_PER_WEEK = 7;

    private LongWait() {}

    /** One finding for each fish that is held up, the one it waits for named. */
    static List<Finding> findings(OrderProblem problem, List<Integer> order, LocalDate today) {
        List<Finding> findings = new ArrayList<>();
        List<OrderStep> steps = problem.steps(order);
        for (int place = 1; place < steps.size(); place++) {
            OrderStep step = steps.get(place);
            if (problem.precedence().why(0, step.group()).isEmpty()) {
                continue;
            }
            OrderStep slow = steps.get(place - 1);
            int free = Math.max(problem.firstDay(), problem.release(step.group()));
            int slowFree = problem.release(slow.group());
            if (step.day() - free >= LONG_DAYS
                    && slowFree - free >= LONG_DAYS
                    && problem.precedence().allows(step.settled(), step.group())
                    && !problem.precedence().allows(slow.settled(), step.group())) {
                findings.add(finding(problem, slow, step, slowFree - free, today));
            }
        }
        return findings;
    }

    private static Finding finding(OrderProblem problem, OrderStep slow, OrderStep step, int days, LocalDate today) {
        String late = Groups.names(problem, step.group());
        String early = Groups.names(problem, slow.group());
        return Finding.of(
                        "precedence",
                        Severity.CAREFUL,
                        late + " waits until " + today.plusDays(step.day()) + ", because " + early
                                + " must arrive before it.",
                        Provenance.PRACTICE,
                        List.of(Figure.measured("days it waits for " + early, days, "days")))
                .remedy("Drop one of the two: without " + early + ", " + late + " can arrive about "
                        + Numbers.count(days / DAYS_PER_WEEK, "week") + " earlier.");
    }
}
