package org.pelluna.app.web;

import java.util.List;
import java.util.UUID;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.plan.Stock;
import org.springframework.stereotype.Component;

/** What each tank's tests say of the water model. */
@Component
public class Fits {
    private final KeptByTank<WaterFit> kept = new KeptByTank<>();

    /** The fit for a tank as it is. */
    public WaterFit of(UUID tankId, Stock stock) {
        var plan = stock.plan();
        List<Object> restsOn = List.of(
                plan.asOf(), plan.tank(), plan.houseRules(), plan.residents(), plan.losses(), plan.waterTests());
        return kept.of(tankId, restsOn, () -> WaterFit.of(stock));
    }
}
