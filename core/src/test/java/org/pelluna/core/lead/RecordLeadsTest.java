package org.pelluna.core.lead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.resident;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.Warning;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

class RecordLeadsTest {
    private static final Resident CLOWN = resident("clown", "amphiprion-ocellaris", 90, 5);
    private static final Resident GOBY = resident("goby", "elacatinus-oceanops", 60, 3);

    private static TankPlan plan(Observations observed) {
        return Fixtures.plan(Fixtures.reef(), List.of(CLOWN, GOBY)).with(as -> as.observations(observed));
    }

    private static RollCall call(int daysAgo, Map<FishId, RollCall.State> found) {
        return new RollCall("call-" + daysAgo, TODAY.minusDays(daysAgo).atTime(19, 0), found, Optional.empty());
    }

    private static Sign sign(int daysAgo, Resident fish, Sign.Kind kind) {
        return new Sign(
                "sign-" + daysAgo + kind,
                TODAY.minusDays(daysAgo).atTime(9, 0),
                fish.id(),
                kind,
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void aMissingFishComesBeforeTheOthers() {
        TankPlan plan = plan(Observations.EMPTY.with(as -> as.rollCalls(List.of(
                call(6, Map.of(GOBY.id(), RollCall.State.MISSING, CLOWN.id(), RollCall.State.EATING)),
                call(2, Map.of(GOBY.id(), RollCall.State.MISSING, CLOWN.id(), RollCall.State.SEEN))))));
        assertThat(RollCallLead.of(plan, Warning.of(plan)))
                .startsWith(GOBY.name() + " has been missing since 2026-11-17");
    }

    @Test
    void aFishFoundAgainIsNotMissing() {
        TankPlan plan = plan(Observations.EMPTY.with(as -> as.rollCalls(List.of(
                call(6, Map.of(GOBY.id(), RollCall.State.MISSING)),
                call(1, Map.of(GOBY.id(), RollCall.State.EATING, CLOWN.id(), RollCall.State.EATING))))));
        assertThat(RollCallLead.of(plan, Warning.of(plan))).isEqualTo("All 2 fish were eating on Sun 22 Nov.");
    }

    @Test
    void whoWasNotLookedForIsNotCalledWell() {
        TankPlan plan = plan(Observations.EMPTY.with(as ->
                as.rollCalls(List.of(call(1, Map.of(CLOWN.id(), RollCall.State.EATING))))));
        assertThat(RollCallLead.of(plan, Warning.of(plan))).startsWith("1 of 2 fish were eating");
    }

    @Test
    void theSignsOfOneFishAreToldTogetherWhileTheyAreFresh() {
        TankPlan fresh = plan(Observations.EMPTY.with(as -> as.signs(List.of(
                sign(3, CLOWN, Sign.Kind.TORN_FINS),
                sign(1, CLOWN, Sign.Kind.FAST_BREATHING),
                sign(2, GOBY, Sign.Kind.RUBBING)))));
        assertThat(SignsLead.of(fresh))
                .startsWith(CLOWN.name() + ": fast breathing and torn fins, last seen on Sun 22 Nov");
        TankPlan old = plan(Observations.EMPTY.with(as -> as.signs(List.of(sign(40, CLOWN, Sign.Kind.RUBBING)))));
        assertThat(SignsLead.of(old)).startsWith("No fish showed a sign");
        assertThat(SignsLead.of(plan(Observations.EMPTY))).isEqualTo("No signs logged.");
    }

    @Test
    void aWeekWithoutAWatchAsksForOne() {
        assertThat(LogLead.of(plan(Observations.EMPTY))).isEqualTo("Nothing logged yet. Start a timed watch.");
        assertThat(LogLead.of(watched(3))).isEqualTo("Last watch: 3 days ago.");
        assertThat(LogLead.of(watched(9))).contains("for 9 days");
    }

    private static TankPlan watched(int daysAgo) {
        return plan(Observations.EMPTY.with(as -> as.watches(List.of(new ObservationSession(
                "watch",
                TODAY.minusDays(daysAgo).atTime(20, 0),
                20,
                Optional.empty(),
                ObservationSession.Reason.PLANNED)))));
    }

    @Test
    void anEmptyTankHasNothingToAnswer() {
        TankPlan empty = Fixtures.plan(Fixtures.reef(), List.of());
        assertThat(LogLead.of(empty)).isEmpty();
        assertThat(RollCallLead.of(empty, List.of())).isEmpty();
        assertThat(SignsLead.of(empty)).isEmpty();
    }
}
