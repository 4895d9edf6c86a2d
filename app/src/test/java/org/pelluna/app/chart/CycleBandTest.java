package org.pelluna.app.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.plan.Cycle;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.CatalogueFiles;
import org.springframework.core.io.ClassPathResource;

class CycleBandTest {
    private static TankPlan demo() {
        try {
            return PlanFile.read(
                    new ClassPathResource("demo/skerry-reef.json").getContentAsString(StandardCharsets.UTF_8),
                    CatalogueFiles.shipped());
        } catch (IOException | PlanFileException e) {
            throw new IllegalStateException(e);
        }
    }

    private static TimeAxis axis(TankPlan plan) {
        return new TimeAxis(plan.asOf().minusDays(20), plan.asOf().plusDays(80), plan.asOf(), 1000);
    }

    @Test
    void aCycledTankHasNone() {
        assertThat(CycleBand.of(demo(), axis(demo()), 0, 10).toString()).isEmpty();
    }

    /** Ten units a day from twenty days ago: ammonia went in ten days ago, six weeks are estimated and eight may be. */
    @Test
    void aCyclingTankIsHatchedUntilItsEstimatedEndAndPalerAsLongAsItMayLast() {
        TankPlan demo = demo();
        TankPlan cycling = demo.withResidents(List.of())
                .withWaterTests(List.of())
                .withTank(demo.tank()
                        .with(as -> as.cycledOn(Optional.empty())
                                .cyclingSince(Optional.of(demo.asOf().minusDays(10)))));
        Cycle cycle = Cycle.of(cycling).orElseThrow();
        assertThat(cycle.endsOn()).isEqualTo(demo.asOf().plusDays(32));
        String svg = CycleBand.of(cycling, axis(cycling), 0, 10).toString();
        assertThat(svg)
                .contains("x=\"100\" y=\"0\" width=\"420\" height=\"10\" class=\"cycling\"")
                .contains("x=\"520\" y=\"0\" width=\"140\" height=\"10\" class=\"may-cycle\"")
                .contains("cycling, probably until ");
    }
}
