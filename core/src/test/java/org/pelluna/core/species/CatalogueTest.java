package org.pelluna.core.species;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CatalogueTest {
    private static final Catalogue CATALOGUE = CatalogueFiles.shipped();

    static Stream<Species> everySpecies() {
        return CATALOGUE.all().stream();
    }

    static Collection<String> everyFamily() {
        return CatalogueFiles.families();
    }

    @Test
    void itHoldsAtLeastTwentyFourSpeciesOfEightFamilies() {
        assertThat(CATALOGUE.all()).hasSizeGreaterThanOrEqualTo(24);
        assertThat(CatalogueFiles.families()).hasSizeGreaterThanOrEqualTo(8);
    }

    @ParameterizedTest
    @MethodSource("everyFamily")
    void everyFileKeepsToThePublishedSchema(String family) throws IOException {
        try (InputStream in =
                CatalogueFiles.class.getResourceAsStream("/org/pelluna/formats/pelluna-species-1.schema.json")) {
            Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
            assertThat(schema.validate(CatalogueFiles.text(family + ".json"), InputFormat.JSON))
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("everySpecies")
    void noFigureIsAbsurd(Species one) {
        assertThat(one.id())
                .isEqualTo(
                        one.scientificName().toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
        assertThat(one.genus()).isEqualTo(one.scientificName().split(" ")[0]);
        assertThat(one.size().saleCm().value()).isLessThan(one.size().adultCm().value());
        assertThat(one.size().adultCm().value())
                .isLessThanOrEqualTo(one.size().maximumCm().value());
        assertThat(one.gape().value()).isBetween(0.01, 0.8);
        assertThat(one.growth().ratePerYear().value()).isBetween(0.1, 3.0);
        assertThat(one.growth().massB().value()).isBetween(2.5, 3.5);
        assertThat(one.growth().lifespanYears().value()).isBetween(1.0, 60.0);
        assertThat(one.needs().swimCm().value())
                .as("room to turn")
                .isGreaterThanOrEqualTo(3 * one.size().adultCm().value());
        assertThat(one.company().suits(1)).isTrue();
    }

    @ParameterizedTest
    @MethodSource("everySpecies")
    void sandSleepersNameTheirSandAndPodEatersTheirPods(Species one) {
        if (one.habits().sleep() == Species.Sleep.UNDER_SAND) {
            assertThat(one.needs().sandCm().value()).isPositive();
        }
        if (one.habits().diet() == Species.Diet.PODS) {
            assertThat(one.needs().podsMonths().value()).isPositive();
        }
    }

    /** Longest known, cm, as in the standard ichthyological references; all from memory. */
    @ParameterizedTest
    @CsvSource({
        "amphiprion-ocellaris, 11, Pomacentridae",
        "zebrasoma-flavescens, 20, Acanthuridae",
        "paracanthurus-hepatus, 31, Acanthuridae",
        "naso-lituratus, 46, Acanthuridae",
        "acanthurus-leucosternon, 23, Acanthuridae",
        "pseudocheilinus-hexataenia, 10, Labridae",
        "pomacanthus-imperator, 40, Pomacanthidae",
        "chaetodon-auriga, 23, Chaetodontidae",
        "balistapus-undulatus, 30, Balistidae",
        "gramma-loreto, 8, Grammatidae"
    })
    void wellKnownLengths(String id, double maximumCm, String family) {
        assertThat(CATALOGUE.get(id).size().maximumCm().value()).isEqualTo(maximumCm);
        assertThat(CATALOGUE.get(id).family()).isEqualTo(family);
    }

    @Test
    void anUnknownSpeciesIsNamed() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CATALOGUE.get("salmo-salar"))
                .withMessageContaining("salmo-salar");
        assertThat(CATALOGUE.find("salmo-salar")).isEmpty();
    }

    @Test
    void aSpeciesStandsOnce() {
        Species one = CATALOGUE.get("gramma-loreto");
        assertThatIllegalArgumentException().isThrownBy(() -> Catalogue.of(List.of(one, one)));
    }

    /** Group sizes that keepers hold to; common practice. */
    @ParameterizedTest
    @CsvSource({
        "pseudanthias-squamipinnis, 1, true",
        "pseudanthias-squamipinnis, 2, false",
        "pseudanthias-squamipinnis, 5, true",
        "amphiprion-ocellaris, 2, true",
        "amphiprion-ocellaris, 3, false",
        "salarias-fasciatus, 2, false",
        "chromis-viridis, 7, true"
    })
    void companyOfItsOwnKind(String id, int count, boolean suits) {
        assertThat(CATALOGUE.get(id).company().suits(count)).isEqualTo(suits);
    }
}
