package org.pelluna.app.storage;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.pelluna.core.plan.WaterTest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Water tests, each with its undo. */
@Service
@Transactional
public class WaterTestStore {
    private final TankStore tanks;
    private final Rows.WaterTests tests;
    private final Clock clock;

    WaterTestStore(TankStore tanks, Rows.WaterTests tests, Clock clock) {
        this.tanks = tanks;
        this.tests = tests;
        this.clock = clock;
    }

    /** Records tests; one whose key is known changes nothing. */
    public void add(UUID keeperId, UUID tankId, List<WaterTest> measured) {
        tanks.own(keeperId, tankId);
        for (WaterTest test : measured) {
            if (tests.findByTankIdAndPlanKey(tankId, test.id()).isEmpty()) {
                tests.save(new WaterTestRow(tankId, test));
            }
        }
    }

    public void remove(UUID keeperId, UUID tankId, String key) {
        test(keeperId, tankId, key).removed(clock.instant());
    }

    public void restore(UUID keeperId, UUID tankId, String key) {
        test(keeperId, tankId, key).removed(null);
    }

    private WaterTestRow test(UUID keeperId, UUID tankId, String key) {
        tanks.own(keeperId, tankId);
        return tests.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("test"));
    }
}
