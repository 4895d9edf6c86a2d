package org.pelluna.app.web;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.plan.Stock;
import org.springframework.stereotype.Component;

/** What each tank's tests say of the water model: worked out anew only when what it rests on has changed. */
@Component
public class Fits {
    private static final int TANKS = 50;

    private final Map<UUID, Kept> kept = Collections.synchronizedMap(new LinkedHashMap<>(TANKS, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > TANKS;
        }
    });

    private record Kept(List<Object> restsOn, WaterFit fit) {}

    /** The fit for a tank as it is. */
    public WaterFit of(UUID tankId, Stock stock) {
        var plan = stock.plan();
        List<Object> restsOn = List.of(
                plan.asOf(), plan.tank(), plan.houseRules(), plan.residents(), plan.losses(), plan.waterTests());
        Kept known = kept.get(tankId);
        if (known != null && known.restsOn().equals(restsOn)) {
            return known.fit();
        }
        WaterFit fit = WaterFit.of(stock);
        kept.put(tankId, new Kept(restsOn, fit));
        return fit;
    }
}
