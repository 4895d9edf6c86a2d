package org.pelluna.core.lead;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.Sign;

/** Lead of the signs of injury and illness: the fish to look at again. */
public final class SignsLead {
    private static final int DAYS_A_SIGN_IS_FRESH = 14;

    private SignsLead() {}

    /** The fish with the latest fresh sign, all its fresh signs together; else that there is none. Empty while no fish lived here. */
    public static String of(TankPlan plan) {
        if (plan.residents().isEmpty()) {
            return "";
        }
        LocalDate from = plan.asOf().minusDays(DAYS_A_SIGN_IS_FRESH);
        List<Sign> fresh = plan.observations().signs().stream()
                .filter(sign -> !sign.at().toLocalDate().isBefore(from))
                .filter(sign -> plan.residents().stream()
                        .anyMatch(one -> one.id().equals(sign.fishId()) && one.belongsHere(plan.asOf())))
                .sorted(Comparator.comparing(Sign::at).reversed())
                .toList();
        if (plan.observations().signs().isEmpty()) {
            return "No signs logged.";
        }
        if (fresh.isEmpty()) {
            return "No fish showed a sign of injury or illness in the last two weeks.";
        }
        FishId fish = fresh.get(0).fishId();
        List<Sign> its =
                fresh.stream().filter(sign -> sign.fishId().equals(fish)).toList();
        return plan.fishNames().get(fish) + ": "
                + String.join(
                        " and ",
                        its.stream().map(sign -> sign.kind().words()).distinct().toList())
                + ", last seen on " + Dates.day(its.get(0).at().toLocalDate(), plan.asOf())
                + ". Look again today, and compare with the causes below.";
    }
}
