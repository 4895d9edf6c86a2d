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
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.SpeciesId;

class CatalogueTest {
    private static final Catalogue CATALOGUE = CatalogueFiles.shipped();

    static Stream<Species> everySpecies() {
        return CATALOGUE.all().stream();
    }

    static Collection<String> everyFamily() {
        return CatalogueFiles.families();
    }

    @Test
    void itHoldsAtLeastFourHundredAndFiftySpeciesOfFiftyFamilies() {
        assertThat(CATALOGUE.all()).hasSizeGreaterThanOrEqualTo(450);
        assertThat(everySpecies().map(Species::family).distinct()).hasSizeGreaterThanOrEqualTo(50);
    }

    @Test
    void noTwoSpeciesAreShownByOneName() {
        assertThat(everySpecies().map(Species::commonName)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("everyFamily")
    void everyFileKeepsToThePublishedSchema(String family) throws IOException {
        try (InputStream in =
                CatalogueFiles.class.getResourceAsStream("/org/pelluna/formats/pelluna-species-2.schema.json")) {
            Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
            assertThat(schema.validate(CatalogueFiles.text(family + ".json"), InputFormat.JSON))
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("everySpecies")
    void nothingIsMissingOrAbsurd(Species one) {
        assertThat(SpeciesCheck.faults(one)).isEmpty();
        assertThat(SpeciesCheck.unknownGenus(one, CatalogueFiles.genera())).isEmpty();
    }

    /**
     * Longest known of 270 species as FishBase (Froese and Pauly, www.fishbase.org) gives it, recalled for this table from memory
     * without the catalogue at hand; records differ by some per cent from one edition to the next.
     */
    @ParameterizedTest
    @CsvFileSource(resources = "lengths.csv", numLinesToSkip = 1)
    void theLongestKnownIsThatOfTheBooks(String id, double longestCm) {
        assertThat(CATALOGUE.get(new SpeciesId(id)).size().maximumCm().value())
                .isCloseTo(longestCm, Percentage.withPercentage(10));
    }

    /**
     * Depths and temperatures of 105 species as FishBase (Froese and Pauly, www.fishbase.org) gives them, recalled for this table
     * from memory. The middle of the range in the books is water in which the fish is at its best here; nothing is called at its
     * best far outside that range; and what is only met deep down is not put under bright light.
     */
    @ParameterizedTest
    @CsvFileSource(resources = "ranges.csv", numLinesToSkip = 1)
    void itLivesWhereTheBooksSay(String id, double shallowestM, double deepestM, Double coolest, Double warmest) {
        Species.Water water = CATALOGUE.get(new SpeciesId(id)).water();
        assertThat(deepestM).isGreaterThan(shallowestM);
        if (shallowestM >= 20) {
            assertThat(water.light()).isEqualTo(Species.Water.Light.DIM);
        }
        if (coolest != null && warmest != null) {
            double ourCoolest = water.coolestCelsius().value();
            double ourWarmest = water.warmestCelsius().value();
            assertThat((coolest + warmest) / 2).isBetween(ourCoolest, ourWarmest);
            assertThat(ourWarmest).isLessThanOrEqualTo(warmest + 2);
            assertThat(ourCoolest).isGreaterThanOrEqualTo(coolest - 4);
        }
    }

    /**
     * Growth rates of 87 species between the slowest and the fastest of the growth tables of FishBase (Froese and Pauly,
     * www.fishbase.org) and of studies of ageing, recalled for this table from memory. Studies of one species differ by a factor of
     * two and more, so that this finds a rate that is far out and no small error.
     */
    @ParameterizedTest
    @CsvFileSource(resources = "growth.csv", numLinesToSkip = 1)
    void itGrowsAsFastAsTheBooksSay(String id, double slowest, double fastest) {
        assertThat(CATALOGUE.get(new SpeciesId(id)).growth().ratePerYear().value())
                .isBetween(slowest, fastest);
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
        "gramma-loreto, 8, Grammatidae",
        "zebrasoma-xanthurum, 22, Acanthuridae",
        "zebrasoma-veliferum, 40, Acanthuridae",
        "acanthurus-lineatus, 38, Acanthuridae",
        "acanthurus-sohal, 40, Acanthuridae",
        "naso-vlamingii, 60, Acanthuridae",
        "zanclus-cornutus, 23, Zanclidae",
        "halichoeres-hortulanus, 27, Labridae",
        "thalassoma-lunare, 45, Labridae",
        "choerodon-fasciatus, 30, Labridae",
        "bodianus-rufus, 40, Labridae",
        "coris-gaimard, 40, Labridae",
        "labroides-dimidiatus, 14, Labridae",
        "centropyge-bicolor, 15, Pomacanthidae",
        "pygoplites-diacanthus, 25, Pomacanthidae",
        "holacanthus-ciliaris, 45, Pomacanthidae",
        "pomacanthus-paru, 41, Pomacanthidae",
        "forcipiger-flavissimus, 22, Chaetodontidae",
        "heniochus-acuminatus, 25, Chaetodontidae",
        "amphiprion-clarkii, 15, Pomacentridae",
        "amphiprion-biaculeatus, 17, Pomacentridae",
        "abudefduf-saxatilis, 23, Pomacentridae",
        "pseudanthias-pleurotaenia, 20, Serranidae",
        "chromileptes-altivelis, 70, Serranidae",
        "calloplesiops-altivelis, 20, Plesiopidae",
        "balistoides-conspicillum, 50, Balistidae",
        "odonus-niger, 50, Balistidae",
        "lactoria-cornuta, 46, Ostraciidae",
        "pterois-volitans, 38, Scorpaenidae",
        "rhinomuraena-quaesita, 130, Muraenidae",
        "platax-orbicularis, 60, Ephippidae",
        "pholidichthys-leucotaenia, 60, Pholidichthyidae"
    })
    void wellKnownLengths(String id, double maximumCm, String family) {
        assertThat(CATALOGUE.get(new SpeciesId(id)).size().maximumCm().value()).isEqualTo(maximumCm);
        assertThat(CATALOGUE.get(new SpeciesId(id)).family()).isEqualTo(family);
    }

    @Test
    void theCheckTurnsBackWhatCannotBe() {
        Species sound = CATALOGUE.get(new SpeciesId("gramma-loreto"));
        assertThat(SpeciesCheck.faults(sized(sound, 8, 3, 6))).anyMatch(fault -> fault.contains("adult"));
        assertThat(SpeciesCheck.faults(sized(sound, 5, 6, 3))).anyMatch(fault -> fault.contains("longest known"));
        assertThat(SpeciesCheck.faults(sized(sound, 80, 60, 3))).anyMatch(fault -> fault.contains("room to turn"));
        assertThat(SpeciesCheck.unknownGenus(sound, java.util.Map.of("Gramma", "Serranidae")))
                .hasValueSatisfying(fault -> assertThat(fault).contains("Gramma"));
        assertThat(SpeciesCheck.unknownGenus(sound, java.util.Map.of())).isPresent();
        assertThat(SpeciesCheck.gapeFault(1.2)).isPresent();
        assertThat(SpeciesCheck.gapeFault(0.2)).isEmpty();
    }

    private static Species sized(Species like, double maximum, double adult, double sale) {
        Provenance from = Provenance.MEMORY;
        Species.Size size = new Species.Size(
                like.size().measure(), new Sourced(maximum, from), new Sourced(adult, from), new Sourced(sale, from));
        return like.individual(size, like.temper());
    }

    @Test
    void theYoungLookDifferentUntilTheyChange() {
        Species angel = CATALOGUE.get(new SpeciesId("pomacanthus-imperator"));
        assertThat(angel.lookAt(6).pattern()).isEqualTo(Pattern.RINGS);
        assertThat(angel.lookAt(20)).isEqualTo(angel.look());
    }

    @Test
    void anUnknownSpeciesIsNamed() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CATALOGUE.get(new SpeciesId("salmo-salar")))
                .withMessageContaining("salmo-salar");
        assertThat(CATALOGUE.find(new SpeciesId("salmo-salar"))).isEmpty();
    }

    @Test
    void aSpeciesStandsOnce() {
        Species one = CATALOGUE.get(new SpeciesId("gramma-loreto"));
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
        assertThat(CATALOGUE.get(new SpeciesId(id)).company().suits(count)).isEqualTo(suits);
    }

    /** Spine, venom, toxin, blade and bite are told apart, each with what to do in general words and when to see a doctor. */
    @Test
    void hazardsAreToldApart() {
        assertThat(hazards("holacanthus-ciliaris")).containsExactly(Hazard.Kind.SPINES);
        assertThat(hazards("sargocentron-diadema")).containsExactly(Hazard.Kind.SPINES);
        assertThat(hazards("pterois-volitans")).containsExactly(Hazard.Kind.VENOMOUS_SPINES);
        assertThat(hazards("siganus-vulpinus")).containsExactly(Hazard.Kind.VENOMOUS_SPINES);
        assertThat(hazards("meiacanthus-grammistes")).containsExactly(Hazard.Kind.VENOMOUS_FANGS);
        assertThat(hazards("diodon-holocanthus")).contains(Hazard.Kind.TOXIC_SKIN);
        assertThat(Hazard.Kind.values())
                .allMatch(kind -> kind.aid().toLowerCase(java.util.Locale.ROOT).contains("see a doctor"));
    }

    private static List<Hazard.Kind> hazards(String key) {
        return CATALOGUE.find(new SpeciesId(key)).orElseThrow().hazards().stream()
                .map(Hazard::kind)
                .toList();
    }
}
