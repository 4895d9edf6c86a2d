package org.pelluna.core.species;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.id.SpeciesId;

class SearchTest {
    private static final Search SEARCH = new Search(CatalogueFiles.shipped().all());

    @ParameterizedTest
    @CsvSource({
        "Zebrasoma flavescens, zebrasoma-flavescens",
        "yellow tang, zebrasoma-flavescens",
        "yelow tang, zebrasoma-flavescens",
        "yellow tnag, zebrasoma-flavescens",
        "mandrin dragonett, synchiropus-splendidus",
        "kole, ctenochaetus-strigosus",
        "SIX-LINED, pseudocheilinus-hexataenia",
        "pseudochelinus hexatenia, pseudocheilinus-hexataenia",
        "pajama, sphaeramia-nematoptera",
        "potters angel, centropyge-potteri",
        "loreto, gramma-loreto"
    })
    void theLikeliestComesFirst(String text, String id) {
        assertThat(SEARCH.find(text)).first().extracting(Species::id).isEqualTo(new SpeciesId(id));
    }

    @Test
    void aFamilyFindsItsSpecies() {
        assertThat(SEARCH.find("muraenidae"))
                .hasSizeGreaterThan(3)
                .allMatch(one -> one.family().equals("Muraenidae"));
    }

    @Test
    void blankMeansEverythingAndNonsenseNothing() {
        assertThat(SEARCH.find("  ")).hasSameSizeAs(CatalogueFiles.shipped().all());
        assertThat(SEARCH.find("qwxzv")).isEmpty();
        assertThat(SEARCH.find("<script>")).isEmpty();
    }
}
