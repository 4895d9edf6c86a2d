package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.UsualTank;

/** A tank of which only the glass is known, and what its guesses could change. */
class SharpeningTest {
    private static Tank tank(Cover.Kind cover, boolean sump, Set<AnimalGroup> groups) {
        return UsualTank.of("Ledge", new TankShape.Box(110, 50, 50), cover, sump, Tank.Experience.SOME_YEARS, groups)
                .withCycledOn(Optional.of(Fixtures.TODAY.minusYears(1)));
    }

    private static List<Sharpening> of(Tank tank, String... wishes) {
        TankPlan plan = Fixtures.plan(tank, List.of(), wishes);
        return Sharpening.of(
                Assessment.of(plan, Fixtures.CATALOGUE), other -> Assessment.of(other, Fixtures.CATALOGUE));
    }

    @Test
    void aTankOfWhichOnlyTheGlassIsKnownHasUsualValuesAndSaysSo() {
        Tank tank = tank(Cover.Kind.LID, true, Set.of(AnimalGroup.SHRIMPS));
        assertThat(tank.netWater().litres()).isBetween(200.0, 320.0);
        assertThat(tank.guesses()).isEqualTo(EnumSet.complementOf(EnumSet.of(Guess.ALGAE, Guess.PODS)));
        assertThat(tank.holdings()).containsEntry(AnimalGroup.SHRIMPS, 4.0);
        assertThat(tank(Cover.Kind.OPEN, false, Set.of()).openGuesses())
                .doesNotContain(Guess.SUMP, Guess.GAP, Guess.SMALLEST_ANIMALS)
                .contains(Guess.SAND, Guess.ROCK);
    }

    /** Every guess is within its own range at first, and what is put in is read back. */
    @ParameterizedTest
    @EnumSource(Guess.class)
    void eachGuessIsPutInAndReadBack(Guess guess) {
        Tank tank = tank(Cover.Kind.LID, true, Set.of(AnimalGroup.SNAILS));
        assertThat(guess.of(tank)).isBetween(guess.low(), guess.high());
        for (double value : new double[] {guess.low(), guess.high()}) {
            assertThat(guess.of(guess.with(tank, value).orElseThrow())).isCloseTo(value, within(1e-6));
        }
    }

    @Test
    void whatAKeeperEntersIsNoGuessAnyMoreAndWhatStaysAsItWasStillIs() {
        Tank before = tank(Cover.Kind.LID, false, Set.of());
        Tank entered = before.withSandDepthCm(7).withGuesses(Set.of()).enteredOver(before);
        assertThat(entered.guesses()).doesNotContain(Guess.SAND).contains(Guess.ROCK, Guess.TEMPERATURE);
    }

    /** A gap decides about a jumper; the temperature about nobody here. */
    @Test
    void whatDecidesComesFirstAndWhatChangesNothingSaysSo() {
        List<Sharpening> found = of(tank(Cover.Kind.LID, false, Set.of()), "nemateleotris-magnifica");
        assertThat(found.get(0).guess()).isEqualTo(Guess.GAP);
        assertThat(found.get(0).verdicts()).isEqualTo(1);
        assertThat(found.get(0).words()).startsWith("It could change the verdict on 1 wish");
        Sharpening last = found.get(found.size() - 1);
        assertThat(last.matters()).isFalse();
        assertThat(last.words()).isEqualTo("It changes nothing.");
    }

    @Test
    void withoutWishesNoGuessMatters() {
        assertThat(of(tank(Cover.Kind.LID, false, Set.of()))).noneMatch(Sharpening::matters);
    }

    /** Whether there are pods nobody has looked; for a fish that lives of them it decides, and once looked at it is no question any more. */
    @Test
    void whatNobodyHasLookedAtIsAskedWhereItDecides() {
        Tank bare = tank(Cover.Kind.MESH, true, Set.of()).withGuesses(Set.of());
        assertThat(bare.openGuesses()).containsExactlyInAnyOrder(Guess.ALGAE, Guess.PODS);
        Sharpening pods = of(bare, "synchiropus-splendidus").stream()
                .filter(one -> one.guess() == Guess.PODS)
                .findFirst()
                .orElseThrow();
        assertThat(pods.matters()).isTrue();
        Tank looked = Guess.PODS.with(bare, 2).orElseThrow();
        assertThat(looked.larder().pods()).isPresent();
        assertThat(looked.openGuesses()).containsExactly(Guess.ALGAE);
        assertThat(Guess.PODS.with(bare, 3)).isEmpty();
        assertThat(Guess.PODS.with(bare, 0.5)).isEmpty();
        assertThat(Guess.PODS.choices()).hasSize(3);
        assertThat(Guess.SAND.choices()).isEmpty();
    }

    /** “The rest change nothing” is said of the rest together, too. */
    @Test
    void guessesThatChangeNothingAloneAreTriedTogether() {
        Tank tank = tank(Cover.Kind.MESH, true, Set.of());
        TankPlan plan = Fixtures.plan(tank, List.of(), "gramma-loreto");
        Assessment now = Assessment.of(plan, Fixtures.CATALOGUE);
        assertThat(Sharpening.idleTogether(
                        now, List.of(Guess.SALINITY, Guess.SAND), other -> Assessment.of(other, Fixtures.CATALOGUE)))
                .isTrue();
        // What turns a verdict alone turns it in company.
        Assessment jumper =
                Assessment.of(Fixtures.plan(tank, List.of(), "nemateleotris-magnifica"), Fixtures.CATALOGUE);
        assertThat(Sharpening.idleTogether(
                        jumper, List.of(Guess.SALINITY, Guess.GAP), other -> Assessment.of(other, Fixtures.CATALOGUE)))
                .isFalse();
    }
}
