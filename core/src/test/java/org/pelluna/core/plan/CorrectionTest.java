package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.SpeciesFigure;

/** A keeper's own figure counts for that keeper, the catalogue's stays, and what cannot be is turned back. */
class CorrectionTest {
    private static final SpeciesId GRAMMA = new SpeciesId("gramma-loreto");

    private static Correction gramma(SpeciesFigure figure, double value) {
        return new Correction(GRAMMA, figure, value, "my own fish", TODAY);
    }

    @ParameterizedTest
    @EnumSource(SpeciesFigure.class)
    void everyFigureIsReadWhereItIsWrittenAndNothingElseMoves(SpeciesFigure figure) {
        Species had = CATALOGUE.get(GRAMMA);
        Sourced other = new Sourced(figure.of(had).value() * 0.9 + 0.001, Provenance.KEEPER);
        Species now = figure.in(had, other);
        assertThat(figure.of(now)).isEqualTo(other);
        assertThat(figure.in(now, figure.of(had))).isEqualTo(had);
    }

    @Test
    void theKeepersFigureIsJudgedByAndTheCataloguesStays() {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto");
        TankPlan corrected = plan.withCorrections(List.of(gramma(SpeciesFigure.VOLUME, 5000)));
        assertThat(volume(plan)).isEqualTo("FINE");
        assertThat(volume(corrected)).isEqualTo("STOP");
        assertThat(CATALOGUE.get(GRAMMA).needs().volumeLitres().value()).isLessThan(300);
        assertThat(corrected.species(CATALOGUE).get(GRAMMA).needs().volumeLitres())
                .isEqualTo(new Sourced(5000, Provenance.KEEPER));
    }

    private static String volume(TankPlan plan) {
        Judgement judged =
                Shortlist.of(ResolvedPlan.of(plan, plan.species(CATALOGUE))).get(0);
        return judged.findings().stream()
                .filter(finding -> finding.rule().equals("volume"))
                .findFirst()
                .orElseThrow()
                .severity()
                .name();
    }

    @Test
    void figuresThatContradictOneAnotherAreTurnedBack() {
        assertThat(Correction.faults(List.of(gramma(SpeciesFigure.ADULT, 9)), CATALOGUE))
                .isEmpty();
        assertThat(Correction.faults(List.of(gramma(SpeciesFigure.SOLD, 60)), CATALOGUE))
                .isNotEmpty();
        assertThat(Correction.faults(
                        List.of(new Correction(new SpeciesId("salmo-salar"), SpeciesFigure.ADULT, 60, "a book", TODAY)),
                        CATALOGUE))
                .singleElement()
                .asString()
                .contains("salmo-salar");
        assertThatIllegalArgumentException().isThrownBy(() -> gramma(SpeciesFigure.ADULT, -1));
        assertThatIllegalArgumentException().isThrownBy(() -> gramma(SpeciesFigure.ADULT, Double.NaN));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Correction(GRAMMA, SpeciesFigure.ADULT, 9, " ", TODAY))
                .withMessageContaining("where the figure is known from");
    }

    @Test
    void theyGoThroughFilesAndAPlanWithoutThemIsWrittenAsBefore() throws PlanFileException {
        List<Correction> figures = List.of(gramma(SpeciesFigure.ADULT, 9), gramma(SpeciesFigure.FEEDS, 3));
        assertThat(CorrectionFile.read(CorrectionFile.write(figures))).isEqualTo(figures);
        assertThatIllegalArgumentException().isThrownBy(() -> CorrectionFile.read("{}"));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CorrectionFile.read("{\"format\":\"x\",\"version\":1,\"figures\":[]}"));
        TankPlan plan = Fixtures.plan(Fixtures.reef(), List.of(), "gramma-loreto");
        assertThat(PlanFile.write(plan)).doesNotContain("corrections");
        TankPlan corrected = plan.withCorrections(figures);
        assertThat(PlanFile.read(PlanFile.write(corrected), CATALOGUE)).isEqualTo(corrected);
        assertThat(PlanFile.read(PlanFile.write(plan), CATALOGUE).corrections()).isEmpty();
    }
}
