package org.pelluna.core.story;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.tension.Warning;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.LogEntry;

/** Signs, spawnings, tests that passed a limit, and what asks to be looked at. */
final class Marks {
    private Marks() {}

    static List<Mark> of(TankPlan plan, List<Warning> warnings) {
        List<Mark> marks = new ArrayList<>();
        plan.observations()
                .signs()
                .forEach(sign -> marks.add(new Mark(
                        Mark.Kind.SIGN,
                        sign.at().toLocalDate(),
                        Optional.of(sign.fishId()),
                        sign.kind().words())));
        for (LogEntry entry : plan.log()) {
            if (entry.kind() == LogEntry.Kind.INJURY && entry.aggressorId().isEmpty()) {
                marks.add(new Mark(Mark.Kind.SIGN, entry.at().toLocalDate(), entry.fishId(), "an injury"));
            } else if (entry.kind() == LogEntry.Kind.SPAWNED) {
                marks.add(new Mark(Mark.Kind.SPAWNED, entry.at().toLocalDate(), entry.fishId(), "spawned"));
            }
        }
        for (WaterTest test : plan.waterTests()) {
            if (!test.kind().suits(test.value(), plan.houseRules().husbandry())) {
                marks.add(new Mark(
                        Mark.Kind.TEST_OVER_LIMIT,
                        test.on(),
                        Optional.empty(),
                        test.kind().words() + " "
                                + Numbers.plain(test.value(), test.kind().decimals())
                                + (test.kind().unit().isEmpty()
                                        ? ""
                                        : " " + test.kind().unit())));
            }
        }
        for (Warning one : warnings) {
            marks.add(new Mark(Mark.Kind.WARNING, plan.asOf(), Optional.of(one.fishId()), one.words()));
        }
        marks.sort(Comparator.comparing(Mark::on));
        return marks;
    }
}
