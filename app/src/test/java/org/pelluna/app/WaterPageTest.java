package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.PlanFile;

/** The water: predicted, tested, changed, fed. */
class WaterPageTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    @Test
    void thePageSaysWhatIsPredictedAndWhatItRestsOn() throws Exception {
        pages.perform(get(keeper, "/tanks/{t}/water", tank))
                .andExpect(content().string(containsString("and the limit is 0.035")))
                .andExpect(content().string(containsString("Your 12 tests show nitrate rising")))
                .andExpect(content().string(containsString("kg of salt")))
                .andExpect(content().string(containsString("dKH of alkalinity")))
                .andExpect(content().string(containsString("Without top-up")))
                .andExpect(content().string(containsString("feeds a day")));
    }

    @Test
    void aStretchOfDaysIsDrawnAloneAndNeverBeyondWhatIsKnown() throws Exception {
        LocalDate today = LocalDate.now();
        LocalDate from = today.minusDays(20);
        assertThat(stretch(from, today.plusDays(10)))
                .contains("data-from=\"" + from + "\"", "data-to=\"" + today.plusDays(10) + "\"")
                .doesNotContain("masthead", "<h1");
        assertThat(stretch(today.minusYears(90), today.plusYears(90)))
                .contains("data-to=\"" + today.plusDays(90) + "\"");
        pages.perform(get(keeper, "/tanks/{t}/water?from=soon&to=later&part=true", tank))
                .andExpect(status().isBadRequest());
    }

    @Test
    void withoutTestsTheNitrateToComeIsToldAsARange() throws Exception {
        assertThat(page(keeper, "/tanks/" + tank + "/water")).doesNotContain("is not measured: by the");
        UUID untested = tanks.add(keeper.id(), demoPlan().with(as -> as.waterTests(List.of())));
        assertThat(page(keeper, "/tanks/" + untested + "/water"))
                .contains("No tests yet", "remove 85 % of the nitrate");
    }

    private String stretch(LocalDate from, LocalDate to) throws Exception {
        return page(keeper, "/tanks/" + tank + "/water?from=" + from + "&to=" + to + "&part=true");
    }

    @Test
    void testsAreRecordedOnceRemovedAndRestored() throws Exception {
        int before = tanks.plan(keeper.id(), tank).waterTests().size();
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            pages.perform(post(keeper, "/tanks/{t}/water/tests", tank)
                            .param("key", key)
                            .param("on", "2026-11-20")
                            .param("reading[NITRATE]", "4.5")
                            .param("reading[NITRITE]", "0"))
                    .andExpect(status().isFound());
        }
        var tests = tanks.plan(keeper.id(), tank).waterTests();
        assertThat(tests).hasSize(before + 2);
        String one = tests.stream()
                .filter(test -> test.value() == 4.5)
                .findFirst()
                .orElseThrow()
                .id();
        pages.perform(post(keeper, "/tanks/{t}/water/tests/{k}/remove", tank, one))
                .andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), tank).waterTests()).hasSize(before + 1);
        pages.perform(post(keeper, "/tanks/{t}/water/tests/{k}/restore", tank, one));
        assertThat(tanks.plan(keeper.id(), tank).waterTests()).hasSize(before + 2);
    }

    @Test
    void everyKindOfTestIsRecordedAndHeldAgainstWhatSuits() throws Exception {
        pages.perform(post(keeper, "/tanks/{t}/water/tests", tank)
                        .param("key", UUID.randomUUID().toString())
                        .param("on", "2026-11-20")
                        .param("reading[PH]", "7.6")
                        .param("reading[ALKALINITY]", "8.5")
                        .param("reading[MAGNESIUM]", "1350")
                        .param("reading[GRAVITY]", "1.0255")
                        .param("reading[TEMPERATURE]", "25.5"))
                .andExpect(status().isFound());
        pages.perform(get(keeper, "/tanks/{t}/water", tank))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("suits: 7.8 to 8.5")))
                .andExpect(content().string(containsString("8.5 dKH")))
                .andExpect(content().string(containsString("1.0255")));
        pages.perform(post(keeper, "/tanks/{t}/water/tests", tank)
                        .param("key", UUID.randomUUID().toString())
                        .param("on", "2026-11-20")
                        .param("reading[PH]", "81"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("a test of pH reads 6 to 10")));
    }

    @Test
    void nonsenseIsTurnedBack() throws Exception {
        for (String[] wrong : new String[][] {
            {"on", "2090-01-01", "reading[NITRATE]", "4"},
            {"on", "2026-11-20", "reading[NITRATE]", "-4"},
            {"on", "2026-11-20", "reading[NITRATE]", ""},
            {"on", "2026-11-20", "reading[NITRATE]", "many"}
        }) {
            pages.perform(post(keeper, "/tanks/{t}/water/tests", tank)
                            .param("key", UUID.randomUUID().toString())
                            .param(wrong[0], wrong[1])
                            .param(wrong[2], wrong[3]))
                    .andExpect(status().isUnprocessableContent());
        }
    }

    @Test
    void aTankThatCyclesIsToldWhenItsWaterWillBePredicted() throws Exception {
        var glass = org.pelluna.core.tank.UsualTank.of(
                "Slip",
                new org.pelluna.core.tank.TankShape.Box(90, 45, 45),
                org.pelluna.core.tank.Cover.Kind.LID,
                false,
                org.pelluna.core.tank.Tank.Experience.SOME_YEARS,
                java.util.Set.of());
        UUID cycling = tanks.add(keeper.id(), UUID.randomUUID(), glass, org.pelluna.core.plan.HouseRules.USUAL);
        pages.perform(get(keeper, "/tanks/{t}/water", cycling))
                .andExpect(content().string(containsString("still cycling, probably until")));
        pages.perform(get(keeper, "/tanks/{t}/arrivals", cycling)).andExpect(status().isOk());
    }

    /** Who forgot to say when the cycle was over, and has kept fish for months, need not be asked. */
    @Test
    void fishThatHaveLivedHereForMonthsSayThatTheCycleIsOver() throws Exception {
        String cycled = "\"cycledOn\": \"2026-04-11\",";
        assertThat(demoText()).contains(cycled);
        UUID running = tanks.add(keeper.id(), PlanFile.read(demoText().replace(cycled, ""), catalogue));
        pages.perform(get(keeper, "/tanks/{t}/water", running))
                .andExpect(content().string(not(containsString("still cycling"))));
    }
}
