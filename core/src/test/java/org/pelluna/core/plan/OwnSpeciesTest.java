package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;

class OwnSpeciesTest {

    static OwnSpecies basslet() {
        return basslet(11, 5, 1.5);
    }

    private static OwnSpecies basslet(double adultCm, double saleCm, double temper) {
        return new OwnSpecies(
                new SpeciesId("own-gramma-dejongi"),
                "Gramma dejongi",
                "Golden basslet",
                new SpeciesId("gramma-loreto"),
                adultCm,
                saleCm,
                130,
                70,
                0.12,
                temper,
                Map.of(AnimalGroup.SHRIMPS, ReefStance.Conduct.TESTS),
                "a trader's sheet");
    }

    private static TankPlan planWith(OwnSpecies own) {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto");
        return plan.with(as -> as.residents(List.of(new Resident(
                        new FishId("g"), own.id(), "Sol", TODAY.minusDays(90), 6, java.util.Optional.empty())))
                .log(List.of())
                .losses(List.of())
                .ownSpecies(List.of(own))
                .schedule(Schedule.NONE)
                .waterTests(List.of()));
    }

    @Test
    void whatIsSaidCountsAsEnteredAndTheRestStaysAsOfTheOther() {
        Species like = CATALOGUE.get(new SpeciesId("gramma-loreto"));
        Species own = basslet().from(like);
        assertThat(own.genus()).isEqualTo("Gramma");
        assertThat(own.family()).isEqualTo(like.family());
        assertThat(own.size().adultCm().value()).isEqualTo(11);
        assertThat(own.size().adultCm().from()).isEqualTo(Provenance.KEEPER);
        assertThat(own.temper().toward().ownSpecies())
                .isEqualTo(Math.min(1, 1.5 * like.temper().toward().ownSpecies()));
        assertThat(own.reef().get(AnimalGroup.SHRIMPS).conduct()).isEqualTo(ReefStance.Conduct.TESTS);
        assertThat(own.growth()).isEqualTo(like.growth());
        assertThat(own.note()).hasValueSatisfying(note -> assertThat(note).contains("Gramma loreto", "trader"));
    }

    @Test
    void everyRuleJudgesByIt() {
        TankPlan plan = planWith(basslet());
        ResolvedPlan stock = ResolvedPlan.of(plan, CATALOGUE);
        Judgement large =
                Shortlist.ask(stock, basslet(14, 5, 1).from(CATALOGUE.get(new SpeciesId("gramma-loreto"))), 1, 5);
        assertThat(stock.residents().get(0).species().commonName()).isEqualTo("Golden basslet");
        assertThat(large.verdict()).isNotEqualTo(Verdict.IN);
        // A basslet beside another of its genus is attacked; alone it is not.
        assertThat(Shortlist.of(stock).get(0).findings())
                .anySatisfy(finding -> assertThat(finding.sentence()).contains("Sol"));
    }

    @Test
    void contradictionsAreTurnedBackByTheFile() {
        OwnSpecies backwards = basslet(4, 5, 1);
        assertThat(backwards.faults(CATALOGUE.get(new SpeciesId("gramma-loreto"))))
                .contains("an adult must be longer than a fish at sale");
        PlanFileException refused = catchThrowableOfType(
                PlanFileException.class, () -> PlanFile.read(PlanFile.write(planWith(backwards)), CATALOGUE));
        assertThat(refused.faults()).anySatisfy(fault -> {
            assertThat(fault.path()).isEqualTo("/ownSpecies/0");
            assertThat(fault.problem()).contains("longer than a fish at sale");
        });
    }

    @Test
    void itsKeyAndNamesHaveAForm() {
        assertThatThrownBy(() -> new OwnSpecies(
                        new SpeciesId("gramma-dejongi"),
                        "Gramma dejongi",
                        "x",
                        new SpeciesId("gramma-loreto"),
                        9,
                        5,
                        100,
                        60,
                        0.1,
                        1,
                        Map.of(),
                        "x"))
                .hasMessageContaining("own-");
        assertThatThrownBy(() -> new OwnSpecies(
                        new SpeciesId("own-x"),
                        "dejongi",
                        "x",
                        new SpeciesId("gramma-loreto"),
                        9,
                        5,
                        100,
                        60,
                        0.1,
                        1,
                        Map.of(),
                        "x"))
                .hasMessageContaining("genus");
        assertThatThrownBy(() -> basslet(9, 5, 5)).hasMessageContaining("0.1 to 4");
    }
}
