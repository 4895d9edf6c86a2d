package org.pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.pressure.Compartments;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;

/** What to look to in a quarantine tank: room, rivals, the readings of its part, signs since it began. */
final class Cautions {
    private Cautions() {}

    /** A sentence each. */
    static List<String> of(ResolvedPlan stock, List<Phase> phases) {
        TankPlan plan = stock.plan();
        LocalDate today = plan.asOf();
        Purpose.Berths berths = plan.tank().purpose().flatMap(Purpose::berths).orElse(new Purpose.Berths(1, 1));
        List<String> cautions = new ArrayList<>(Compartments.cautions(stock.residents(), berths));
        Phases.on(phases, today).ifPresent(now -> reading(plan, now, cautions));
        plan.observations().signs().stream()
                .filter(sign -> Phases.on(phases, today)
                        .filter(now -> !sign.at().toLocalDate().isBefore(now.from()))
                        .isPresent())
                .max(Comparator.comparing(org.pelluna.core.watch.Sign::at))
                .ifPresent(
                        sign -> cautions.add(
                                "On " + sign.at().toLocalDate() + " you saw "
                                        + sign.kind().words() + " on "
                                        + plan.fishNames().getOrDefault(sign.fishId(), "a fish")
                                        + ", since this part began. If it may be catching, begin the part again from that day; ask a fish vet."));
        return cautions;
    }

    private static void reading(TankPlan plan, Phase now, List<String> cautions) {
        WaterTest.Kind kind = switch (now.kind()) {
            case COPPER -> WaterTest.Kind.COPPER;
            case LOW_SALINITY -> WaterTest.Kind.GRAVITY;
            case OTHER_MEDICINE, ISOLATION, OBSERVATION -> null;
        };
        if (kind == null) {
            return;
        }
        Optional<WaterTest> last = plan.waterTests().stream()
                .filter(test -> test.kind() == kind && !test.on().isAfter(plan.asOf()))
                .max(Comparator.comparing(WaterTest::on));
        if (last.filter(test -> !test.on().isBefore(plan.asOf().minusDays(1))).isEmpty()) {
            cautions.add("Measure the " + kind.words() + " every day of this part and note it; the last test "
                    + last.map(test -> "is of " + test.on() + ".").orElse("is missing.")
                    + " What it should read stands on the label.");
        }
    }
}
