package org.pelluna.app.water;

import java.util.List;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Alkalinity;
import org.pelluna.core.water.Evaporation;
import org.pelluna.core.water.Seawater;

/** What the waste and the air do beside: alkalinity used, and salinity where nobody tops up. */
final class OtherWaterView {
    private static final int FORTNIGHT = 14;
    private static final int WEEK = 7;

    /** Evaporation of an open tank, share of the volume a day; common practice. */
    private static final double EVAPORATES = 0.01;

    private OtherWaterView() {}

    /** A sentence each, with where it comes from. */
    static List<String> of(TankPlan plan, WaterReserve reserve) {
        double used = Alkalinity.usedDkh(reserve.residents(), FORTNIGHT, 0);
        double salinity = Seawater.salinityOf(plan.tank().regime().specificGravity());
        return List.of(
                "Bacteria use about " + Numbers.significant(used)
                        + " dKH of alkalinity in two weeks. Corals use more; we do not model that. Source: "
                        + Alkalinity.SOURCE.words() + ".",
                "Without top-up, salinity rises from " + Numbers.plain(salinity, 1) + " to "
                        + Numbers.plain(Evaporation.salinityAfter(salinity, EVAPORATES, WEEK), 1)
                        + " in a week, because the salt stays behind.");
    }
}
