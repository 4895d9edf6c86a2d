package org.pelluna.core.shop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.tank.Tank;

/** What a keeper would want to be told in the shop; all common practice. */
class ShopCardTest {
    private static ShopCard card(Tank tank, List<Resident> residents, String species) {
        ResolvedPlan stock =
                ResolvedPlan.of(Fixtures.plan(tank, HouseRules.USUAL, residents, List.of()), Fixtures.CATALOGUE);
        return ShopCard.of(stock, Fixtures.CATALOGUE.get(new SpeciesId(species)), 0, UnaryOperator.identity());
    }

    @Test
    void aSmallPeacefulFishMayComeToday() {
        ShopCard card = card(new Fixtures.TankBuilder().build(), List.of(), "gramma-loreto");
        assertThat(card.answer()).isEqualTo(ShopCard.Answer.TODAY);
        assertThat(card.laterFrom()).isEmpty();
        assertThat(card.largestCm()).hasValueSatisfying(cm -> assertThat(cm).isGreaterThanOrEqualTo(3));
    }

    @Test
    void aFishThatOutgrowsTheTankIsANoWithTheReason() {
        ShopCard card = card(new Fixtures.TankBuilder().build(), List.of(), "platax-orbicularis");
        assertThat(card.answer()).isEqualTo(ShopCard.Answer.NO);
        assertThat(card.reasons())
                .isNotEmpty()
                .first()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(card.largestCm()).isEmpty();
    }

    @Test
    void thePauseSinceYesterdaysArrivalMakesItLater() {
        Resident fresh = Fixtures.resident("fresh", "gramma-loreto", 1, 5);
        ShopCard card = card(new Fixtures.TankBuilder().build(), List.of(fresh), "ecsenius-midas");
        assertThat(card.answer()).isEqualTo(ShopCard.Answer.LATER);
        assertThat(card.laterFrom()).contains(Fixtures.TODAY.plusDays(13));
        assertThat(card.reasons()).anyMatch(finding -> finding.rule().equals("pause"));
    }

    @Test
    void aNewcomerMustBeTooLargeToSwallow() {
        Resident eater = Fixtures.resident("eater", "dendrochirus-zebra", 700, 16);
        ShopCard card = card(new Fixtures.TankBuilder().build(), List.of(eater), "gramma-loreto");
        assertThat(card.judgement().findings())
                .anyMatch(finding -> finding.rule().equals("predation"));
    }

    @Test
    void aPoorFeederIsToBeSeenEating() {
        ShopCard card = card(new Fixtures.TankBuilder().build(), List.of(), "synchiropus-splendidus");
        assertThat(card.checks()).anyMatch(check -> check.sentence().contains("only if you see it eat"));
        assertThat(card(new Fixtures.TankBuilder().build(), List.of(), "acanthurus-leucosternon")
                        .checks())
                .anyMatch(check -> check.sentence().contains("white spot"))
                .anyMatch(check -> check.rule().equals("hazard"));
    }

    @Test
    void aGroupIsAskedForByWhatItStillLacks() {
        Resident one = Fixtures.resident("one", "pseudanthias-squamipinnis", 400, 8);
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(new Fixtures.TankBuilder().build(), HouseRules.USUAL, List.of(one), List.of()),
                Fixtures.CATALOGUE);
        assertThat(stock.fewestMore(Fixtures.CATALOGUE.get(new SpeciesId("pseudanthias-squamipinnis"))))
                .as("four or more, and one is here")
                .isEqualTo(3);
        assertThat(stock.fewestMore(Fixtures.CATALOGUE.get(new SpeciesId("gramma-loreto"))))
                .isEqualTo(1);
    }
}
