package org.pelluna.core.species;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.id.SpeciesId;

class AnatomyTest {
    private static final Map<BodyPlan, Anatomy> ANATOMIES = CatalogueFiles.anatomies();
    private static final Catalogue CATALOGUE = CatalogueFiles.shipped();

    static Stream<Species> everySpecies() {
        return CATALOGUE.all().stream();
    }

    @ParameterizedTest
    @EnumSource(BodyPlan.class)
    void everyPlanIsABody(BodyPlan plan) {
        Anatomy one = ANATOMIES.get(plan);
        assertThat(one.spanned()).as("depth that the landmarks span").isCloseTo(1, within(0.13));
        assertThat(one.back().get(0).at()).isZero();
        assertThat(one.back().get(one.back().size() - 1).at()).isEqualTo(1);
        assertThat(one.eye().at()).as("the eye is in the head").isBetween(0.0, one.gill());
        assertThat(one.eye().above()).isBetween(-0.5, 0.55);
        for (MedianFin fin : one.median()) {
            assertThat(fin.start()).isLessThan(fin.end());
            assertThat(fin.end()).isLessThanOrEqualTo(1);
            assertThat(fin.tips().get(0).at()).isZero();
            assertThat(fin.tips().get(fin.tips().size() - 1).at()).isEqualTo(1);
            assertThat(fin.tips()).allMatch(tip -> tip.out() > 0);
        }
    }

    /** A species refines its plan; one that is half again as deep, or as slim, has another plan. */
    @ParameterizedTest
    @MethodSource("everySpecies")
    void everySpeciesIsAboutAsDeepAsItsPlan(Species one) {
        double usual = ANATOMIES.get(one.look().plan()).depth();
        assertThat(one.look().depth() / usual).isBetween(0.58, 1.7);
    }

    @Test
    void everyPlanIsSomebodysAndFamiliesThatKeepersTellApartDoNotShareOne() {
        Map<BodyPlan, Set<String>> families = everySpecies()
                .collect(Collectors.groupingBy(
                        one -> one.look().plan(), Collectors.mapping(Species::family, Collectors.toSet())));
        assertThat(families.keySet()).containsExactlyInAnyOrder(BodyPlan.values());
        assertThat(families.values().stream().flatMap(Set::stream).distinct()).hasSizeGreaterThan(50);
        for (List<String> apart : List.of(
                List.of("Acanthuridae", "Siganidae"),
                List.of("Serranidae", "Pomacentridae"),
                List.of("Chaetodontidae", "Pomacanthidae"),
                List.of("Muraenidae", "Congridae"),
                List.of("Blenniidae", "Gobiidae"))) {
            assertThat(families.values()).noneMatch(shared -> shared.containsAll(apart));
        }
    }

    @Test
    void landmarksRunFromSnoutToTail() {
        Anatomy sound = ANATOMIES.get(BodyPlan.CLOWNFISH);
        List<Anatomy.Landmark> back = List.of(
                new Anatomy.Landmark(0, 0),
                new Anatomy.Landmark(0.5, 0.5),
                new Anatomy.Landmark(0.4, 0.4),
                new Anatomy.Landmark(1, 0.1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Anatomy(
                        sound.plan(),
                        sound.depth(),
                        sound.snout(),
                        sound.fins(),
                        sound.gill(),
                        sound.mouth(),
                        sound.eye(),
                        back,
                        sound.belly(),
                        sound.axis(),
                        sound.median(),
                        sound.pelvic(),
                        sound.pectoral(),
                        sound.tail(),
                        sound.parts(),
                        sound.from()))
                .withMessageContaining("from snout to tail");
    }

    @Test
    void shapeAndPatternTogetherMakeALookAlike() {
        assertThat(likeness("zebrasoma-flavescens", "siganus-unimaculatus")).isFalse();
        assertThat(likeness("zebrasoma-flavescens", "centropyge-heraldi")).isFalse();
        assertThat(likeness("gramma-loreto", "pictichromis-paccagnella")).isTrue();
        assertThat(likeness("amphiprion-ocellaris", "amphiprion-percula")).isTrue();
        assertThat(likeness("amphiprion-ocellaris", "pseudanthias-squamipinnis"))
                .isFalse();
    }

    private static boolean likeness(String one, String other) {
        return look(one).likeness(look(other)).isPresent();
    }

    private static Appearance look(String key) {
        return CATALOGUE.find(new SpeciesId(key)).orElseThrow().look();
    }
}
