package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.pressure.WhatIf.Order.FIRST;
import static org.pelluna.core.pressure.WhatIf.Order.LAST;
import static org.pelluna.core.pressure.WhatIf.Order.WITH_RIVALS;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

class WhatIfTest {
    private static final Species KOLE = Fixtures.species("ctenochaetus-strigosus");
    private final ResolvedPlan stock = ResolvedPlan.of(
            Fixtures.plan(
                    Fixtures.reef(),
                    List.of(
                            Fixtures.resident("bristle", "ctenochaetus-tominiensis", 400, 12),
                            Fixtures.resident("clown", "amphiprion-ocellaris", 400, 8))),
            Fixtures.CATALOGUE);
    private final Habitat here = Habitat.of(Fixtures.reef(), Fixtures.TODAY);

    private WhatIf.Shift bristle(
            double cm, int newcomers, WhatIf.Order order, Set<ArrivalAid> welcome, Habitat ground) {
        return new WhatIf(cm, newcomers, order, welcome, ground)
                .shifts(stock, KOLE).stream()
                        .filter(shift -> shift.resident().id().key().equals("bristle"))
                        .findFirst()
                        .orElseThrow();
    }

    private double suffered(double cm, int newcomers, WhatIf.Order order, Set<ArrivalAid> welcome, Habitat ground) {
        return bristle(cm, newcomers, order, welcome, ground).wouldSuffer().perHour();
    }

    @Test
    void nothingChangedMovesNothing() {
        WhatIf.Shift shift = bristle(KOLE.size().saleCm().value(), 1, LAST, Set.of(), here);
        assertThat(shift.wouldSuffer()).isEqualTo(shift.suffers());
        assertThat(shift.wouldGive()).isEqualTo(shift.gives());
    }

    @Test
    void whatKeepersDoHelps() {
        double usual = suffered(7, 1, LAST, Set.of(), here);
        assertThat(suffered(13, 1, LAST, Set.of(), here)).as("larger").isLessThan(usual);
        assertThat(suffered(7, 3, LAST, Set.of(), here)).as("three at once").isLessThan(usual);
        assertThat(suffered(7, 1, WITH_RIVALS, Set.of(), here))
                .as("rival out and back")
                .isLessThan(usual);
        assertThat(suffered(7, 1, LAST, Set.of(ArrivalAid.BOX), here)).as("box").isLessThan(usual);
        assertThat(suffered(7, 1, FIRST, Set.of(), here)).as("before everyone").isLessThan(usual);
        assertThat(bristle(7, 1, FIRST, Set.of(), here).wouldGive().perHour())
                .as("and it attacks those who come later")
                .isGreaterThan(bristle(7, 1, LAST, Set.of(), here).wouldGive().perHour());
        Habitat longer = new Habitat(here.swimCm() * 2, here.footprintSquareCm() * 2, here.shelters(), 2, true);
        assertThat(suffered(7, 1, LAST, Set.of(), longer)).as("longer tank").isLessThan(usual);
    }

    @Test
    void theHardestComesFirst() {
        assertThat(new WhatIf(7, 1, LAST, Set.of(), here)
                        .shifts(stock, KOLE)
                        .get(0)
                        .resident()
                        .id())
                .isEqualTo(new FishId("bristle"));
    }
}
