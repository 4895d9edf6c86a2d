package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Schedule;

/** What a move does to the schedule, and what is said of it. */
class MoveTest {
    private static final WishId A = new WishId("a");
    private static final WishId B = new WishId("b");
    private static final WishId C = new WishId("c");

    private static Arrival arrival(int place, LocalDate on, String name, WishId... wishes) {
        return new Arrival(
                place,
                on,
                List.of(wishes),
                name,
                wishes.length,
                OrderCost.NONE,
                new RoomUse("adult fish", 1, 10, 10, "in", true, Provenance.PRACTICE),
                0,
                List.of(Finding.of(
                        "order", Severity.FINE, "A reason for " + name + ".", Provenance.PRACTICE, List.of())));
    }

    private static ArrivalPlan plan(OrderCost cost, Arrival... arrivals) {
        return new ArrivalPlan(
                List.of(arrivals),
                cost,
                OptionalDouble.of(0),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of());
    }

    private static final ArrivalPlan BEFORE = plan(
            new OrderCost(10, 2, 1),
            arrival(1, TODAY.plusDays(10), "Ann", A),
            arrival(2, TODAY.plusDays(20), "Ben and Cy", B, C));

    @Test
    void whatIsMovedStandsWhereItsDayFallsAndWaitsForItWithItsWholeGroup() {
        Schedule later = Move.to(Schedule.NONE, BEFORE, A, TODAY.plusDays(25));
        assertThat(later.order()).containsExactly(List.of(B, C), List.of(A));
        assertThat(later.notBefore()).containsOnlyKeys(A).containsEntry(A, TODAY.plusDays(25));
        Schedule sooner = Move.to(Schedule.NONE, BEFORE, C, TODAY.plusDays(10));
        assertThat(sooner.order())
                .as("on the day of another it comes first")
                .containsExactly(List.of(B, C), List.of(A));
        assertThat(sooner.notBefore()).containsOnlyKeys(B, C);
    }

    @Test
    void everyDayThatShiftsIsTold() {
        ArrivalPlan after = plan(
                new OrderCost(10, 2, 1),
                arrival(1, TODAY.plusDays(13), "Ann", A),
                arrival(2, TODAY.plusDays(19), "Ben and Cy", B, C));
        assertThat(Move.changes(BEFORE, after))
                .containsExactly(
                        "Ann now arrives 3 days later, on " + TODAY.plusDays(13) + ". A reason for Ann.",
                        "Ben and Cy now arrive 1 day earlier, on " + TODAY.plusDays(19) + ". A reason for Ben and Cy.");
        assertThat(Move.changes(BEFORE, BEFORE)).isEmpty();
    }

    @Test
    void aDearerOrderIsTakenApart() {
        ArrivalPlan dearer =
                plan(new OrderCost(12.5, 1.75, 1), BEFORE.arrivals().toArray(Arrival[]::new));
        assertThat(Move.changes(BEFORE, dearer)).singleElement().asString().contains("rose by 2.25");
        assertThat(Move.changes(dearer, BEFORE)).singleElement().asString().contains("fell by 2.25");
        assertThat(Move.changes(
                        BEFORE,
                        plan(new OrderCost(10.004, 2, 1), BEFORE.arrivals().toArray(Arrival[]::new))))
                .as("less than a hundredth is nothing")
                .isEmpty();
    }
}
