package org.pelluna.app.water;

import java.util.List;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Alkalinity;
import org.pelluna.core.water.Evaporation;
import org.pelluna.core.water.Seawater;

/** What the waste and the air do beside: alkalinity used, and salinity where nobody tops up. */
final class BesidesView {
    private static final int FORTNIGHT = 14;
    private static final int WEEK = 7;

    /** Evaporation of an open tank, share of the volume a day; common practice. */
    private static final double EVAPORATES = 0.01;

    private BesidesView() {}

    /** A sentence each, with where it comes from. */
    static List<String> of(TankPlan plan, WaterReserve reserve) {
        double used = Alkalinity.usedDkh(reserve.residents(), FORTNIGHT, 0);
        double gas = Alkalinity.usedDkh(reserve.residents(), FORTNIGHT, 1);
        double salinity = Seawater.salinityOf(plan.tank().regime().specificGravity());
        return List.of(
                "The bacteria use about " + Numbers.plain(used, 2) + " dKH of alkalinity a fortnight on "
                        + Numbers.plain(reserve.residents(), 3) + " mg/L of ammonia nitrogen a day; "
                        + Numbers.plain(gas, 2)
                        + " if all of the nitrate left as gas. Corals use more, which is not modelled. Source: "
                        + Alkalinity.SOURCE.words() + ".",
                "Where nobody tops up, an open tank loses about " + Numbers.plain(100 * EVAPORATES)
                        + " % of its water a day (common practice), and the salinity goes from "
                        + Numbers.plain(salinity, 1) + " to "
                        + Numbers.plain(Evaporation.salinityAfter(salinity, EVAPORATES, WEEK), 1)
                        + " in a week: the salt stays.");
    }
}
