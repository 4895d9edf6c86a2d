package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.shop.ShopCard;
import org.pelluna.core.shortlist.Shortlist;

class StockingPauseTest {
    private static HouseRules rules(Approaches.Pause pause) {
        Approaches usual = Approaches.USUAL;
        return HouseRules.USUAL.with(as -> as.approaches(new Approaches(
                        usual.ceiling(),
                        usual.bigFish(),
                        usual.kin(),
                        usual.anthias(),
                        usual.clownfish(),
                        usual.tangs(),
                        pause,
                        usual.quarantine(),
                        usual.bacteria(),
                        usual.salinity(),
                        usual.rock()))
                .husbandry(HouseRules.USUAL.husbandry())
                .overruled(Map.of()));
    }

    private static WaterTest test(WaterTest.Kind kind, int daysAgo, double value) {
        return new WaterTest(kind + " " + daysAgo, TODAY.minusDays(daysAgo), kind, value);
    }

    private static ResolvedPlan stock(Approaches.Pause pause, List<Resident> residents, WaterTest... tests) {
        return ResolvedPlan.of(
                TankPlan.of(TODAY, Fixtures.reef(), rules(pause))
                        .with(as -> as.residents(residents)
                                .wishes(List.of(Fixtures.wish("gramma-loreto")))
                                .waterTests(Arrays.asList(tests))),
                Fixtures.CATALOGUE);
    }

    private static List<Resident> wren(int daysAgo) {
        return List.of(Fixtures.resident("Wren", "ecsenius-bicolor", daysAgo, 5));
    }

    @Test
    void byDaysTheHouseRulesCount() {
        StockingPause pause = StockingPause.of(stock(Approaches.Pause.DAYS, wren(4)));
        assertThat(pause.ready()).isEqualTo(TODAY.plusDays(10));
        assertThat(pause.finding().orElseThrow().sentence()).contains("14 days", "Thu 3 Dec");
        assertThat(StockingPause.of(stock(Approaches.Pause.DAYS, wren(14))))
                .isEqualTo(new StockingPause(TODAY, java.util.Optional.empty()));
        assertThat(StockingPause.of(stock(Approaches.Pause.DAYS, List.of())).ready())
                .isEqualTo(TODAY);
    }

    @Test
    void twoFishOnOneDayTakeTheLongerPause() {
        List<Resident> two = List.of(
                Fixtures.resident("Wren", "ecsenius-bicolor", 4, 5), Fixtures.resident("Plum", "gramma-loreto", 4, 5));
        assertThat(StockingPause.of(stock(Approaches.Pause.DAYS, two)).ready()).isEqualTo(TODAY.plusDays(24));
    }

    /** The case that was answered "yes, today": ammonia and nitrite on the kit, and a keeper who goes by the kit. */
    @Test
    void whatTheKitShowsStopsTheShopCardAndTheOrderAlike() {
        ResolvedPlan stock = stock(
                Approaches.Pause.TEST_KIT,
                wren(300),
                test(WaterTest.Kind.AMMONIA, 1, 0.3),
                test(WaterTest.Kind.NITRITE, 1, 0.4));
        StockingPause pause = StockingPause.of(stock);
        assertThat(pause.ready()).isEqualTo(TODAY.plusDays(2));
        assertThat(pause.finding().orElseThrow().sentence()).contains("0.4 mg/L of nitrite", "Sun 22 Nov");
        ShopCard card = ShopCard.of(stock, Fixtures.species("gramma-loreto"), 0, UnaryOperator.identity());
        assertThat(card.answer()).isEqualTo(ShopCard.Answer.LATER);
        assertThat(card.laterFrom()).contains(pause.ready());
        ArrivalPlan order = ArrivalOrder.of(stock, Shortlist.of(stock));
        assertThat(order.arrivals().get(0).date()).isEqualTo(pause.ready());
    }

    /** Today only the days counted: a keeper who goes by days was sent shopping with ammonia on the kit. */
    @ParameterizedTest
    @EnumSource(Approaches.Pause.class)
    void whatTheKitShowsStopsEveryApproachUntilATestIsClean(Approaches.Pause approach) {
        ResolvedPlan shown = stock(approach, wren(300), test(WaterTest.Kind.AMMONIA, 12, 0.3));
        assertThat(StockingPause.of(shown).ready()).isEqualTo(TODAY.plusDays(1));
        assertThat(StockingPause.of(shown).finding().orElseThrow().sentence())
                .contains("0.3 mg/L of ammonia", "test again");
        assertThat(ArrivalOrder.of(shown, Shortlist.of(shown)).findings())
                .extracting(Finding::sentence)
                .anyMatch(words -> words.contains("0.3 mg/L of ammonia"));
        ResolvedPlan clean = stock(
                approach,
                wren(300),
                test(WaterTest.Kind.AMMONIA, 12, 0.3),
                test(WaterTest.Kind.AMMONIA, 1, 0),
                test(WaterTest.Kind.NITRITE, 1, 0));
        assertThat(StockingPause.of(clean).finding()).isEmpty();
        ResolvedPlan late = stock(approach, wren(1), test(WaterTest.Kind.NITRITE, 0, 0.5));
        assertThat(StockingPause.of(late).ready()).as("the later of the two").isEqualTo(TODAY.plusDays(13));
        assertThat(StockingPause.of(late).finding().orElseThrow().sentence()).contains("0.5 mg/L of nitrite");
    }

    @Test
    void bothReadingsAtZeroEndThePauseEarlierThanTheDays() {
        ResolvedPlan stock = stock(
                Approaches.Pause.TEST_KIT,
                wren(5),
                test(WaterTest.Kind.AMMONIA, 1, 0),
                test(WaterTest.Kind.NITRITE, 1, 0.05));
        assertThat(StockingPause.of(stock)).isEqualTo(new StockingPause(TODAY, java.util.Optional.empty()));
        assertThat(ShopCard.of(stock, Fixtures.species("gramma-loreto"), 0, UnaryOperator.identity())
                        .answer())
                .isEqualTo(ShopCard.Answer.TODAY);
        assertThat(ArrivalOrder.of(stock, Shortlist.of(stock)).arrivals().get(0).date())
                .isEqualTo(TODAY);
    }

    @Test
    void aTestTooSoonAfterTheArrivalOrTooOldOrOfOneKindSaysNothing() {
        List<WaterTest> ammonia = List.of(test(WaterTest.Kind.AMMONIA, 1, 0));
        for (ResolvedPlan stock : List.of(
                stock(
                        Approaches.Pause.TEST_KIT,
                        wren(2),
                        test(WaterTest.Kind.AMMONIA, 1, 0),
                        test(WaterTest.Kind.NITRITE, 1, 0)),
                stock(
                        Approaches.Pause.TEST_KIT,
                        wren(12),
                        test(WaterTest.Kind.AMMONIA, 8, 0),
                        test(WaterTest.Kind.NITRITE, 8, 0)),
                stock(Approaches.Pause.TEST_KIT, wren(5), ammonia.toArray(WaterTest[]::new)))) {
            StockingPause pause = StockingPause.of(stock);
            assertThat(pause.finding()).isPresent();
            assertThat(pause.ready())
                    .isEqualTo(stock.residents().get(0).arrivesOn().plusDays(14));
        }
    }

    @Test
    void anEmptyTankWaitsOnlyForWhatItsTestsShow() {
        assertThat(StockingPause.of(stock(Approaches.Pause.TEST_KIT, List.of())).finding())
                .isEmpty();
        assertThat(StockingPause.of(stock(Approaches.Pause.TEST_KIT, List.of(), test(WaterTest.Kind.NITRITE, 0, 1)))
                        .ready())
                .isEqualTo(TODAY.plusDays(3));
        assertThat(StockingPause.of(stock(Approaches.Pause.TEST_KIT, List.of(), test(WaterTest.Kind.NITRITE, 30, 1)))
                        .finding())
                .as("a month ago")
                .isEmpty();
    }
}
