package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Life.Sex;

/** Of most harem fish the largest female turns male when the male is gone, of clownfish the largest male female; common practice. */
class SexChangeOrderTest {
    private static final String ANGEL = "centropyge-bispinosa";
    private static final String CLOWN = "amphiprion-ocellaris";

    private static Resident fish(String id, String species, double cm, Sex... seen) {
        Resident fish = Fixtures.resident(id, species, 0, cm);
        return seen.length == 0 ? fish : fish.with(Life.NONE.with(new Life.Sexed(TODAY, seen[0])));
    }

    private static Optional<SexChangeOrder> next(String species, Resident... residents) {
        ResolvedPlan plan =
                ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), Arrays.asList(residents)), Fixtures.CATALOGUE);
        return SexChangeOrder.of(plan, Fixtures.species(species));
    }

    @Test
    void theLargestOfAHaremWithoutAMaleBecomesOne() {
        assertThat(next(
                        ANGEL,
                        fish("a", ANGEL, 5, Sex.FEMALE),
                        fish("b", ANGEL, 7),
                        fish("c", ANGEL, 6),
                        fish("x", CLOWN, 9)))
                .hasValueSatisfying(next -> {
                    assertThat(next.fish().id().key()).isEqualTo("b");
                    assertThat(next.into()).isEqualTo(Sex.MALE);
                });
    }

    @Test
    void aMaleOfEitherStageKeepsHisPlace() {
        assertThat(next(ANGEL, fish("a", ANGEL, 5, Sex.MALE), fish("b", ANGEL, 7)))
                .isEmpty();
        assertThat(next(ANGEL, fish("a", ANGEL, 5, Sex.TERMINAL_MALE), fish("b", ANGEL, 7)))
                .isEmpty();
        assertThat(next(ANGEL, fish("a", ANGEL, 5, Sex.JUVENILE), fish("b", ANGEL, 7)))
                .isPresent();
    }

    @Test
    void ofClownfishTheLargestBecomesTheFemale() {
        assertThat(next(CLOWN, fish("a", CLOWN, 5, Sex.MALE), fish("b", CLOWN, 7, Sex.MALE)))
                .hasValueSatisfying(next -> {
                    assertThat(next.fish().id().key()).isEqualTo("b");
                    assertThat(next.into()).isEqualTo(Sex.FEMALE);
                });
        assertThat(next(CLOWN, fish("a", CLOWN, 5), fish("b", CLOWN, 7, Sex.FEMALE)))
                .isEmpty();
    }

    @Test
    void oneAloneChangesForNobodyAndWhatKeepsItsSexNever() {
        assertThat(next(ANGEL, fish("a", ANGEL, 5))).isEmpty();
        String tang = "zebrasoma-flavescens";
        assertThat(next(tang, fish("a", tang, 9), fish("b", tang, 10))).isEmpty();
    }
}
