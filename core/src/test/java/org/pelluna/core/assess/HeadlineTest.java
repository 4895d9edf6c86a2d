package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Cover;

class HeadlineTest {
    private static Headline of(TankPlan plan) {
        return Headline.of(Assessment.of(plan, Fixtures.CATALOGUE));
    }

    @Test
    void withoutAWishTheNextStepIsToWish() {
        Headline headline = of(Fixtures.plan(Fixtures.reef(), List.of()));
        assertThat(headline.next().toString()).isEqualTo("Nothing is planned yet.");
        assertThat(headline.wishes()).isEqualTo("No wishes yet.");
        assertThat(headline.step()).isEqualTo(Headline.Step.WISH);
    }

    @Test
    void whoMayComeNowIsLookedForNow() {
        Headline headline = of(Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto"));
        assertThat(headline.next().toString())
                .isEqualTo("Next: " + Fixtures.species("gramma-loreto").commonName()
                        + ", as soon as you find a healthy one.");
        assertThat(headline.wishes()).isEqualTo("Your wish fits this tank now.");
        assertThat(headline.step()).isEqualTo(Headline.Step.LOOK);
        assertThat(headline.hardest()).isEmpty();
        assertThat(headline.held()).isEmpty();
    }

    @Test
    void aCyclingTankSaysWhenAndAsksForATest() {
        Headline headline =
                of(Fixtures.plan(new Fixtures.TankBuilder().cycling().build(), List.of(), "gramma-loreto"));
        assertThat(headline.next().toString())
                .contains("on " + TODAY.plusDays(42))
                .contains("in 6 weeks")
                .contains("still cycling");
        assertThat(headline.step()).isEqualTo(Headline.Step.TEST);
    }

    @Test
    void whatHasNoDateIsNamedWithWhatWouldFreeIt() {
        Headline headline = of(Fixtures.plan(
                new Fixtures.TankBuilder().cover(Cover.Kind.OPEN, 0).build(), List.of(), "nemateleotris-magnifica"));
        assertThat(headline.step()).isEqualTo(Headline.Step.UNHOLD);
        assertThat(headline.held().orElseThrow().toString())
                .startsWith(Fixtures.species("nemateleotris-magnifica").commonName() + " has no date yet. ");
    }

    /** The demanding meeting is told with a number and the help estimated in. */
    @Test
    void theHardestMeetingIsNamed() {
        List<Resident> bully = new ArrayList<>();
        bully.add(Fixtures.resident("Gale", "pseudochromis-fridmani", 400, 6));
        Headline headline = of(Fixtures.plan(Fixtures.reef(), bully, "gramma-loreto"));
        assertThat(headline.hardest().orElseThrow())
                .startsWith("Watch Gale: expect about ")
                .contains("attacks an hour");
        // The arithmetic shown gives the figure shown.
        String arithmetic = headline.howHard().orElseThrow().arithmetic();
        double product = 1;
        for (String factor : arithmetic.substring(0, arithmetic.indexOf(" = ")).split(" × ", -1)) {
            product *= Double.parseDouble(factor);
        }
        double told = Double.parseDouble(
                arithmetic.substring(arithmetic.indexOf(" = ") + 3).split(" ", -1)[0]);
        assertThat(product).isCloseTo(told, within(0.08 * told));
        assertThat(headline.howHard().orElseThrow().reasons()).hasSize(arithmetic.split(" × ", -1).length - 1);
    }

    /** Nobody is to come, and yet they quarrel. */
    @Test
    void whereNobodyComesTheHardestQuarrelOfTodayIsNamed() {
        Headline headline = of(Fixtures.plan(
                Fixtures.reef(),
                List.of(
                        Fixtures.resident("Gale", "pseudochromis-fridmani", 400, 6),
                        Fixtures.resident("Plum", "gramma-loreto", 3, 5))));
        assertThat(headline.hardest().orElseThrow())
                .startsWith("Gale attacks Plum most: expect about ")
                .endsWith("attacks an hour.");
        assertThat(headline.howHard().orElseThrow().arithmetic()).endsWith("attacks an hour");
    }
}
