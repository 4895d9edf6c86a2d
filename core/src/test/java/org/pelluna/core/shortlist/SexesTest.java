package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.resident;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.BondHappening;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.ShopSighting;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Factor;
import org.pelluna.core.pressure.Pressure;

/** Sexes, pairs and who is next to change. That fish of these species change sex, and which way, is common practice. */
class SexesTest {
    private static final String CLOWN = "amphiprion-ocellaris";
    private static final String DWARF = "centropyge-loriculus";

    private static Resident of(String id, String species, double cm, Life.Sex sex) {
        return resident(id, species, 90, cm)
                .with(new Life(
                        List.of(),
                        List.of(new Life.Sexed(TODAY.minusDays(60), sex)),
                        List.of(),
                        Optional.empty(),
                        Life.DatePrecision.DAY,
                        Optional.empty(),
                        List.of()));
    }

    private static ShopSighting sight(Optional<Life.Sex> sex, Optional<Boolean> ate) {
        return new ShopSighting(
                TODAY.minusDays(2),
                Optional.of("the shop by the quay"),
                ate,
                Optional.of(Resident.Origin.BRED),
                Optional.of(4.5),
                Optional.of(40.0),
                sex,
                Optional.empty());
    }

    private static TankPlan plan(List<Resident> residents, String species, Optional<Life.Sex> sex) {
        return Fixtures.plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                residents,
                List.of(Fixtures.wish(species).seen(sight(sex, Optional.empty()))));
    }

    private static Optional<Finding> sexes(TankPlan plan) {
        return Shortlist.of(ResolvedPlan.of(plan, CATALOGUE)).get(0).findings().stream()
                .filter(finding -> finding.rule().equals("sex"))
                .findFirst();
    }

    @Test
    void twoMalesOfAHaremFishDoNotGoTogether() {
        assertThat(sexes(plan(List.of(of("Rex", DWARF, 8, Life.Sex.MALE)), DWARF, Optional.of(Life.Sex.MALE))))
                .hasValueSatisfying(finding -> {
                    assertThat(finding.severity()).isEqualTo(Severity.STOP);
                    assertThat(finding.sentence()).contains("Rex is male already");
                });
        assertThat(sexes(plan(List.of(of("Rex", DWARF, 8, Life.Sex.MALE)), DWARF, Optional.of(Life.Sex.FEMALE))))
                .map(Finding::severity)
                .contains(Severity.FINE);
    }

    @Test
    void twoFemaleClownfishFightAndTwoMalesDoNot() {
        assertThat(sexes(plan(List.of(of("Ada", CLOWN, 8, Life.Sex.FEMALE)), CLOWN, Optional.of(Life.Sex.FEMALE))))
                .map(Finding::severity)
                .contains(Severity.STOP);
        assertThat(sexes(plan(List.of(of("Ben", CLOWN, 8, Life.Sex.MALE)), CLOWN, Optional.of(Life.Sex.MALE))))
                .isEmpty();
        assertThat(sexes(plan(List.of(of("Ada", CLOWN, 8, Life.Sex.FEMALE)), CLOWN, Optional.of(Life.Sex.JUVENILE))))
                .isEmpty();
    }

    @Test
    void nothingIsSaidOfSexesThatNobodyKnows() {
        assertThat(sexes(plan(List.of(resident("Ada", CLOWN, 90, 8)), CLOWN, Optional.of(Life.Sex.FEMALE))))
                .isEmpty();
        assertThat(sexes(plan(List.of(of("Ada", CLOWN, 8, Life.Sex.FEMALE)), CLOWN, Optional.empty())))
                .isEmpty();
    }

    @Test
    void aPairDrivesOffAThirdAndLivesInPeaceItself() {
        List<FishId> both = List.of(new FishId("Ada"), new FishId("Ben"));
        TankPlan apart =
                plan(List.of(resident("Ada", CLOWN, 20, 8), resident("Ben", CLOWN, 20, 5)), CLOWN, Optional.empty());
        TankPlan paired = new BondHappening.CameTogether(
                        both, new Life.Bonded("bond", Life.Bond.PAIR, TODAY.minusDays(9), Optional.empty()))
                .applyTo(apart);
        assertThat(sexes(paired))
                .hasValueSatisfying(finding ->
                        assertThat(finding.sentence()).contains("Ada and Ben are a pair and attack a third"));
        TankPlan parted = new BondHappening.Parted(both, "bond", TODAY.minusDays(1)).applyTo(paired);
        assertThat(sexes(parted)).isEmpty();
        assertThat(company(paired, both)).isLessThan(1);
        assertThatThrownBy(() -> new BondHappening.CameTogether(
                        List.of(new FishId("Ada"), new FishId("Ada")),
                        new Life.Bonded("b", Life.Bond.PAIR, TODAY, Optional.empty())))
                .hasMessageContaining("two fish or more");
    }

    /** The factor for their company in the pressure between two fish today. */
    private static double company(TankPlan plan, List<FishId> both) {
        return Assessment.of(plan, CATALOGUE).today().stream()
                .filter(one -> both.contains(one.aggressorId()) && both.contains(one.victimId()))
                .map(Pressure::factors)
                .flatMap(List::stream)
                .filter(factor -> factor.kind() == Factor.Kind.COMPANY)
                .mapToDouble(Factor::multiplier)
                .max()
                .orElse(1);
    }

    @Test
    void fishOfTwoSpeciesFormNoBond() {
        TankPlan plan =
                plan(List.of(resident("Ada", CLOWN, 20, 8), resident("Ben", DWARF, 20, 5)), CLOWN, Optional.empty());
        assertThatThrownBy(() -> new BondHappening.CameTogether(
                                List.of(new FishId("Ada"), new FishId("Ben")),
                                new Life.Bonded("b", Life.Bond.PAIR, TODAY, Optional.empty()))
                        .applyTo(plan))
                .hasMessageContaining("two species");
    }

    @Test
    void whatWasSeenInTheShopIsKeptAndCounts() {
        Wish wish = Fixtures.wish(CLOWN, 2).seen(sight(Optional.of(Life.Sex.MALE), Optional.of(false)));
        assertThat(wish.price()).contains(80.0);
        assertThat(wish.lengthCm()).contains(4.5);
        assertThat(wish.lifeFrom(TODAY).orElseThrow().sex(TODAY)).contains(Life.Sex.MALE);
        TankPlan plan = Fixtures.plan(Fixtures.reef(), HouseRules.USUAL, List.of(), List.of(wish));
        assertThat(Shortlist.of(ResolvedPlan.of(plan, CATALOGUE)).get(0).findings())
                .filteredOn(finding -> finding.rule().equals("sight"))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.severity()).isEqualTo(Severity.CAREFUL);
                    assertThat(finding.sentence()).contains("not eating on");
                });
    }
}
