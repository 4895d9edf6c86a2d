package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.watch.RollCall;

/** One line of words at the tank: shown by parts, kept, and taken back by one press. */
class SpokenPageTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;
    private String words;

    @BeforeEach
    void aReef() throws Exception {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        words = "/tanks/" + tank + "/watch/words";
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private String keep(String line) throws Exception {
        String form = UUID.randomUUID().toString();
        for (int twice = 0; twice < 2; twice++) {
            send(
                    keeper,
                    words,
                    "line",
                    line,
                    "key",
                    form,
                    "said",
                    LocalDateTime.now()
                            .minusMinutes(1)
                            .truncatedTo(ChronoUnit.MINUTES)
                            .toString());
        }
        return form;
    }

    private void undo(String form) throws Exception {
        send(keeper, words + "/" + form + "/undo");
    }

    @Test
    void aLineIsShownByItsPartsAndNothingIsKeptYet() throws Exception {
        int before = plan().log().size();
        assertThat(page(keeper, words + "?line=gale chased inkwell hard twice at the left cave"))
                .contains("who: Gale", "how hard: 3 of 3", "2 times", "Save");
        assertThat(page(keeper, words + "?line=gale wibbled <b>inkwell"))
                .contains("Not understood", "&lt;b&gt;inkwell")
                .doesNotContain("Save");
        assertThat(plan().log()).hasSize(before);
    }

    @Test
    void encountersAreKeptOnceEachAndTakenBackTogether() throws Exception {
        int before = plan().log().size();
        String form = keep("gale chased inkwell twice");
        assertThat(plan().log()).hasSize(before + 2);
        undo(form);
        assertThat(plan().log()).hasSize(before);
    }

    @Test
    void testsRollCallsAndNotesAreKeptAndTakenBack() throws Exception {
        TankPlan before = plan();
        String tests = keep("nitrate 12, phosphate 0.05");
        assertThat(plan().waterTests())
                .filteredOn(one -> one.kind() == WaterTest.Kind.NITRATE)
                .extracting(WaterTest::value)
                .contains(12.0);
        undo(tests);
        assertThat(plan().waterTests()).hasSize(before.waterTests().size());
        String call = keep("inkwell not eating");
        assertThat(plan().observations().rollCalls())
                .anySatisfy(one -> assertThat(one.found()).containsValue(RollCall.State.SEEN));
        undo(call);
        assertThat(plan().observations().rollCalls())
                .hasSize(before.observations().rollCalls().size());
        String note = keep("note: lights were off all day");
        assertThat(plan().log()).hasSize(before.log().size() + 1);
        undo(note);
        assertThat(plan().log()).hasSize(before.log().size());
    }

    @Test
    void whatIsNotUnderstoodIsNotKept() throws Exception {
        int before = plan().log().size();
        keep("gale wibbled inkwell");
        keep("");
        assertThat(plan().log()).hasSize(before);
    }
}
