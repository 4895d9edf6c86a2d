package org.pelluna.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.resident;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Species;

/** A fish that is looked at has the verdict that it would have as a wish. */
class OneMoreWishTest {
    private static final List<String> LOOKED_AT = List.of(
            "zebrasoma-scopas",
            "centropyge-bispinosa",
            "pseudocheilinus-hexataenia",
            "amphiprion-ocellaris",
            "pterois-volitans",
            "gramma-loreto");

    private static TankPlan plan(String... wishes) {
        return Fixtures.plan(Fixtures.reef(), List.of(resident("royal", "gramma-loreto", 300, 6)), wishes);
    }

    private static Judgement lookedAt(TankPlan plan, String id) {
        return lookedAt(plan, id, 1);
    }

    private static Judgement lookedAt(TankPlan plan, String id, int count) {
        ResolvedPlan stock = Learning.stock(plan, Fixtures.CATALOGUE);
        WaterReserve water = WaterReserve.of(stock, WaterFit.of(stock));
        Species species = Fixtures.CATALOGUE.get(new SpeciesId(id));
        return new OneMoreWish(stock, Assessment.of(stock, water).judgements(), water)
                .apply(Shortlist.ask(
                        stock, species, count, species.size().saleCm().value()));
    }

    @Test
    void itsVerdictIsThatOfTheWishItWouldBe() {
        List<String> wished = List.of("zebrasoma-flavescens", "chaetodon-auriga");
        for (String id : LOOKED_AT) {
            Judgement asked = lookedAt(plan(wished.toArray(String[]::new)), id);
            Assessment with = Assessment.of(plan(wished.get(0), wished.get(1), id), Fixtures.CATALOGUE);
            Judgement asWish = with.judgements().get(2);
            if (asked.findings().stream().noneMatch(one -> one.rule().equals("displaces"))) {
                assertThat(asked.verdict()).as(id).isEqualTo(asWish.verdict());
            } else {
                assertThat(with.judgements()).as(id).anyMatch(one -> one.verdict() == Verdict.OUT);
            }
        }
    }

    @Test
    void aFishOnTheListHasTheVerdictOfItsWish() {
        TankPlan plan = plan("zebrasoma-flavescens");
        Judgement listed = Assessment.of(plan, Fixtures.CATALOGUE).judgements().get(0);
        assertThat(lookedAt(plan, "zebrasoma-flavescens").wished().wish().id())
                .isEqualTo(listed.wished().wish().id());
    }

    /** One is wished for, and two are asked for in the shop: the answer is for two. */
    @Test
    void moreThanIsWishedForIsJudgedAsMore() {
        TankPlan plan = plan("zebrasoma-flavescens");
        Judgement two = lookedAt(plan, "zebrasoma-flavescens", 2);
        assertThat(two.wished().count()).isEqualTo(2);
        assertThat(two.verdict()).isEqualTo(Verdict.OUT);
        assertThat(lookedAt(plan, "zebrasoma-flavescens").verdict()).isNotEqualTo(Verdict.OUT);
    }

    /** Under a limit that only one of two fits, the list tells what would have to go. */
    @Test
    void whatItTakesThePlaceOfIsTold() {
        TankPlan full = Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(5.3, 5.3, 12, 4))),
                List.of(
                        resident("tang", "zebrasoma-flavescens", 700, 15),
                        resident("fox", "siganus-vulpinus", 700, 15)),
                List.of(Fixtures.wish("ctenochaetus-tominiensis")));
        assertThat(Assessment.of(full, Fixtures.CATALOGUE).judgements().get(0).verdict())
                .isNotEqualTo(Verdict.OUT);
        Judgement asked = lookedAt(full, "centropyge-bispinosa");
        assertThat(asked.findings())
                .anyMatch(
                        one -> one.rule().equals("displaces") && one.sentence().contains("ristletooth"));
    }
}
