package org.pelluna.core.timeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TimelineTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);

    @Test
    void theFirstDayCountsAndTheLastDoesNot() {
        Stay<String> stay = Stay.of("Wren", MAY, Optional.of(MAY.plusDays(3)));
        assertThat(stay.covers(MAY.minusDays(1))).isFalse();
        assertThat(stay.covers(MAY)).isTrue();
        assertThat(stay.covers(MAY.plusDays(2))).isTrue();
        assertThat(stay.covers(MAY.plusDays(3))).isFalse();
        assertThat(stay.leftOn()).contains(MAY.plusDays(3));
        assertThat(stay.cameOn()).isEqualTo(MAY);
    }

    @Test
    void whoLeavesOnTheDayItCameWasNeverThere() {
        assertThat(Stay.of("Wren", MAY, Optional.of(MAY)).covers(MAY)).isFalse();
    }

    @Test
    void whoHasNotLeftIsThereForGood() {
        Stay<String> stay = Stay.of("Wren", MAY, Optional.empty());
        assertThat(stay.covers(MAY.plusYears(40))).isTrue();
        assertThat(stay.leftOn()).isEmpty();
    }

    @Test
    void nobodyLeavesBeforeItComes() {
        assertThatThrownBy(() -> Stay.of("Wren", MAY, Optional.of(MAY.minusDays(1))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void presenceIsInOrderOfArrivalWhateverTheOrderGiven() {
        Timeline<String> timeline = new Timeline<>(List.of(
                Stay.of("late", MAY.plusDays(5), Optional.empty()),
                Stay.of("gone", MAY.minusDays(9), Optional.of(MAY)),
                Stay.of("early", MAY.minusDays(2), Optional.empty())));
        assertThat(timeline.presentOn(MAY.minusDays(1))).containsExactly("gone", "early");
        assertThat(timeline.presentOn(MAY.plusDays(5))).containsExactly("early", "late");
        assertThat(timeline.and(List.of(Stay.of("next", MAY.plusDays(1), Optional.empty())))
                        .presentOn(MAY.plusDays(9)))
                .containsExactly("early", "next", "late");
    }

    @Test
    void anEmptyTimelineHasNobodyOnAnyDay() {
        Timeline<String> none = new Timeline<>(List.of());
        assertThat(none.presentOn(MAY)).isEmpty();
        assertThat(none.nobodyYet(LocalDate.MAX)).isTrue();
        Timeline<String> one = new Timeline<>(List.of(Stay.of("Wren", MAY, Optional.of(MAY.plusDays(1)))));
        assertThat(one.nobodyYet(MAY.minusDays(1))).isTrue();
        assertThat(one.nobodyYet(MAY)).isFalse();
        assertThat(one.nobodyYet(MAY.plusYears(1))).as("it had been here").isFalse();
    }
}
