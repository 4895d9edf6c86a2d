package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.fish;
import static org.pelluna.core.Fixtures.species;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Likeness.Kin;

/** What keepers know of pairs of fish; common practice. */
class PressureCasesTest {
    private static final double CAREFUL = HouseRules.USUAL.weights().carefulPerHour();

    private static double onNewcomer(String resident, String newcomer) {
        PressureModel model = new PressureModel(Habitat.of(Fixtures.reef(), Fixtures.TODAY));
        return model.of(
                        fish(
                                "a",
                                species(resident),
                                species(resident).size().adultCm().value(),
                                TODAY),
                        fish(
                                "b",
                                species(newcomer),
                                species(newcomer).size().saleCm().value(),
                                TODAY),
                        Meeting.plain(100),
                        TODAY)
                .perHour();
    }

    @ParameterizedTest(name = "a settled {0} attacks a new {1} hard")
    @CsvSource({
        "pseudocheilinus-hexataenia, macropharyngodon-bipartitus",
        "pseudocheilinus-hexataenia, cirrhilabrus-solorensis",
        "acanthurus-leucosternon, zebrasoma-flavescens",
        "dascyllus-trimaculatus, chrysiptera-parasema",
        "balistapus-undulatus, gramma-loreto",
        "centropyge-loriculus, centropyge-bispinosa",
        "pseudochromis-fridmani, gramma-loreto"
    })
    void knownBullies(String resident, String newcomer) {
        assertThat(onNewcomer(resident, newcomer)).isGreaterThan(CAREFUL);
    }

    @ParameterizedTest(name = "a settled {0} leaves a new {1} in peace")
    @CsvSource({
        "nemateleotris-magnifica, gramma-loreto",
        "synchiropus-splendidus, amphiprion-ocellaris",
        "pterapogon-kauderni, cryptocentrus-cinctus",
        "elacatinus-oceanops, zebrasoma-flavescens",
        "chelmon-rostratus, chromis-viridis"
    })
    void knownToBePeaceful(String resident, String newcomer) {
        assertThat(onNewcomer(resident, newcomer)).isLessThan(CAREFUL / 2);
    }

    @ParameterizedTest
    @CsvSource({
        "zebrasoma-flavescens, zebrasoma-flavescens, OWN_SPECIES",
        "ctenochaetus-strigosus, ctenochaetus-tominiensis, GENUS",
        "zebrasoma-flavescens, siganus-vulpinus, NICHE_RIVAL",
        "pseudochromis-fridmani, gramma-loreto, LOOK_ALIKE",
        "amphiprion-ocellaris, chromis-viridis, FAMILY",
        "gramma-loreto, zebrasoma-flavescens, OTHER"
    })
    void whatOneFishIsToAnother(String one, String other, Kin kin) {
        assertThat(Likeness.of(species(one), species(other)).kin()).isEqualTo(kin);
    }

    @Test
    void aMatedPairLivesInPeaceAndAThirdDoesNot() {
        List<Resident> pair = List.of(clown("a"), clown("b"));
        List<Resident> three = List.of(clown("a"), clown("b"), clown("c"));
        assertThat(hardest(pair)).isLessThan(0.5);
        assertThat(hardest(three)).isGreaterThan(4 * hardest(pair));
    }

    private static Resident clown(String id) {
        return Fixtures.resident(id, "amphiprion-ocellaris", 60, 6);
    }

    private static double hardest(List<Resident> residents) {
        TankPlan plan = Fixtures.plan(Fixtures.reef(), residents);
        return Encounters.of(ResolvedPlan.of(plan, Fixtures.CATALOGUE)).amongResidents().stream()
                .mapToDouble(Pressure::perHour)
                .max()
                .orElseThrow();
    }

    @Test
    void whoLivesTogetherLongerIsCalmer() {
        List<Resident> fresh = List.of(
                Fixtures.resident("a", "chrysiptera-parasema", 100, 5), Fixtures.resident("b", "gramma-loreto", 2, 5));
        List<Resident> settled = List.of(
                Fixtures.resident("a", "chrysiptera-parasema", 300, 5),
                Fixtures.resident("b", "gramma-loreto", 202, 5));
        assertThat(hardest(settled)).isLessThan(hardest(fresh) / 2);
    }
}
