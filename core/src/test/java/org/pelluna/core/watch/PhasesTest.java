package org.pelluna.core.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PhasesTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 3, 1);
    private static final List<Phases.Part> PARTS =
            List.of(new Phases.Part(Phase.Kind.COPPER, 14), new Phases.Part(Phase.Kind.OBSERVATION, 10));

    private int number;

    private String id() {
        return "p" + number++;
    }

    private List<Phase> two() {
        return Phases.inTurn(PARTS, FIRST, this::id);
    }

    @Test
    void partsFollowEachOther() {
        assertThat(two()).extracting(Phase::from).containsExactly(FIRST, FIRST.plusDays(14));
        assertThat(Phases.end(two())).contains(FIRST.plusDays(24));
        assertThat(Phases.end(List.of())).isEmpty();
        assertThat(Phases.on(two(), FIRST.plusDays(13))).map(Phase::kind).contains(Phase.Kind.COPPER);
        assertThat(Phases.on(two(), FIRST.plusDays(14))).map(Phase::kind).contains(Phase.Kind.OBSERVATION);
        assertThat(Phases.on(two(), FIRST.plusDays(24))).isEmpty();
    }

    @Test
    void aFishAddedOnTheFifthDayOfCopperBeginsItAgain() {
        List<Phase> then = Phases.again(two(), FIRST.plusDays(5), "a fish was added", this::id);
        assertThat(then).hasSize(3);
        assertThat(then.get(0).cut()).contains(new Phase.Cut(FIRST.plusDays(5), "a fish was added"));
        assertThat(then.get(1).kind()).isEqualTo(Phase.Kind.COPPER);
        assertThat(then.get(1).from()).isEqualTo(FIRST.plusDays(5));
        assertThat(then.get(2).from()).isEqualTo(FIRST.plusDays(19));
        assertThat(Phases.end(then)).contains(FIRST.plusDays(29));
    }

    @Test
    void aSignInTheObservationLeavesTheCopperAsItWas() {
        List<Phase> then = Phases.again(two(), FIRST.plusDays(20), "white spots", this::id);
        assertThat(then.get(0)).isEqualTo(two0());
        assertThat(Phases.end(then)).contains(FIRST.plusDays(30));
    }

    private Phase two0() {
        number = 0;
        return two().get(0);
    }

    @Test
    void afterTheEndTheLastBeginsAgainAndBeforeTheBeginningAllDo() {
        List<Phase> late = Phases.again(two(), FIRST.plusDays(40), "a sign", this::id);
        assertThat(late.get(2).kind()).isEqualTo(Phase.Kind.OBSERVATION);
        assertThat(Phases.end(late)).contains(FIRST.plusDays(50));
        List<Phase> early = Phases.again(two(), FIRST.minusDays(3), "they came early", this::id);
        assertThat(early).hasSize(2).allMatch(one -> one.cut().isEmpty());
        assertThat(Phases.end(early)).contains(FIRST.plusDays(21));
        assertThat(Phases.again(List.of(), FIRST, "nothing", this::id)).isEmpty();
    }

    static Stream<Integer> seeds() {
        return IntStream.range(0, 100).boxed();
    }

    /** Whatever begins again and whenever: no two parts overlap, what was done stays, and whoever is in has a whole last part before them. */
    @ParameterizedTest
    @MethodSource("seeds")
    void partsNeverOverlapAndTheLastIsWhole(int seed) {
        Random random = new Random(seed);
        Supplier<String> ids = this::id;
        List<Phase> phases = two();
        LocalDate day = FIRST;
        for (int i = 0; i < 6; i++) {
            day = day.plusDays(random.nextInt(12));
            phases = Phases.again(phases, day, "again", ids);
            for (int j = 1; j < phases.size(); j++) {
                assertThat(phases.get(j).from())
                        .isAfterOrEqualTo(phases.get(j - 1).until());
            }
            assertThat(phases).extracting(Phase::id).doesNotHaveDuplicates();
            assertThat(Phases.end(phases).orElseThrow()).isAfterOrEqualTo(day.plusDays(10));
            Phase last = phases.get(phases.size() - 1);
            assertThat(last.kind()).isEqualTo(Phase.Kind.OBSERVATION);
            assertThat(last.cut()).isEmpty();
        }
    }

    @Test
    void aPartHasDaysAndEndsAfterItBegins() {
        assertThatThrownBy(() -> new Phase("p", Phase.Kind.COPPER, FIRST, 0, Optional.empty(), Optional.empty()))
                .hasMessageContaining("1 to 365 days");
        assertThatThrownBy(() -> two().get(0).cut(FIRST.minusDays(1), "too early"))
                .hasMessageContaining("before it begins");
    }
}
