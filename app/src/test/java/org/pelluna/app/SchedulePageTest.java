package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import biweekly.Biweekly;
import biweekly.ICalendar;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The calendar: moved, delayed, re-planned, ticked, exported. */
class SchedulePageTest extends PageTest {
    private static final String FAIRY = "w-fairy";

    @Autowired
    ShareStore shares;

    @Autowired
    ScheduleStore schedules;

    private KeeperPrincipal keeper;
    private UUID tank;
    private String arrivals;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        arrivals = "/tanks/" + tank + "/arrivals";
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private ArrivalPlan order() {
        return Assessment.of(plan(), catalogue).order();
    }

    private LocalDate dateOf(String wish) {
        return order().arrivals().stream()
                .filter(one -> one.wishIds().contains(new WishId(wish)))
                .findFirst()
                .orElseThrow()
                .date();
    }

    private ResultActions setback(String wish, String kind, String... more) throws Exception {
        var request = post(keeper, arrivals + "/" + wish + "/setback")
                .param("key", UUID.randomUUID().toString())
                .param("kind", kind);
        for (int i = 0; i < more.length; i += 2) {
            request.param(more[i], more[i + 1]);
        }
        return pages.perform(request);
    }

    @Test
    void aMoveIsSavedToldAndTakenBackByTheBestOrder() throws Exception {
        ArrivalPlan best = order();
        LocalDate to = plan().asOf().plusDays(120);
        pages.perform(post(keeper, arrivals + "/move")
                        .param("wish", "w-cardinal")
                        .param("to", to.toString())
                        .param("part", "true"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("days later")))
                .andExpect(content().string(containsString("Your own order")))
                .andExpect(content().string(not(containsString("<html"))));
        assertThat(dateOf("w-cardinal")).isEqualTo(to);
        pages.perform(post(keeper, arrivals + "/best")).andExpect(status().isFound());
        assertThat(order()).isEqualTo(best);
    }

    @Test
    void onlyArrivalsOfThisTankCanBeMovedAndNotForEver() throws Exception {
        pages.perform(post(keeper, arrivals + "/move").param("wish", "w-lion").param("to", "2027-01-01"))
                .andExpect(status().isNotFound());
        pages.perform(post(keeper, arrivals + "/move").param("wish", FAIRY).param("to", "2099-01-01"))
                .andExpect(status().is4xxClientError());
        pages.perform(post(keeper, arrivals + "/move").param("wish", FAIRY).param("to", "soon"))
                .andExpect(status().is4xxClientError());
        assertThat(plan().schedule().order()).isEmpty();
    }

    @Test
    void aFishThatIsNotToBeFoundIsPutOffAndTheHistoryKeepsIt() throws Exception {
        setback(FAIRY, "NOT_FOUND", "days", "60", "note", "three shops asked").andExpect(status().isFound());
        assertThat(dateOf(FAIRY)).isAfterOrEqualTo(plan().asOf().plusDays(60));
        pages.perform(get(keeper, arrivals))
                .andExpect(content().string(containsString("was not to be found: three shops asked")));
    }

    @Test
    void aDeathInQuarantineIsRecordedPaidAndReplacedAndCanBeTakenBack() throws Exception {
        TankPlan before = plan();
        int wishes = before.wishes().size();
        setback(FAIRY, "DIED", "instead", "Solar fairy wrasse").andExpect(status().isFound());
        TankPlan after = plan();
        assertThat(after.wishes()).hasSize(wishes + 1);
        assertThat(after.wishes())
                .filteredOn(wish -> wish.id().key().equals(FAIRY))
                .singleElement()
                .satisfies(wish -> assertThat(wish.decision()).isEqualTo(Wish.Decision.STRUCK));
        assertThat(after.schedule().setbacks())
                .last()
                .satisfies(one -> assertThat(one.price()).contains(75.0));
        assertThat(order().arrivals()).noneMatch(one -> one.wishIds().contains(new WishId(FAIRY)));
        pages.perform(get(keeper, arrivals + "/money")).andExpect(content().string(containsString("75")));
        String id = after.schedule()
                .setbacks()
                .get(after.schedule().setbacks().size() - 1)
                .id();
        pages.perform(post(keeper, arrivals + "/" + FAIRY + "/setback/" + id + "/undo"))
                .andExpect(status().isFound());
        assertThat(order().arrivals()).anyMatch(one -> one.wishIds().contains(new WishId(FAIRY)));
        assertThat(plan()).as("the replacement is off the list again").isEqualTo(before);
        pages.perform(post(keeper, arrivals + "/" + FAIRY + "/setback/" + id + "/undo"))
                .andExpect(status().isFound());
        assertThat(plan()).as("taken back twice").isEqualTo(before);
    }

    /** Undo clicked twice takes back one thing, not the one before it too. */
    @Test
    void undoPressedTwiceLeavesWhatWasBefore() throws Exception {
        setback(FAIRY, "LATE", "days", "40").andExpect(status().isFound());
        TankPlan late = plan();
        pages.perform(post(keeper, arrivals + "/" + FAIRY + "/done")
                        .param("on", plan().asOf().toString())
                        .param("length", "5"))
                .andExpect(status().isFound());
        for (int i = 0; i < 2; i++) {
            pages.perform(post(keeper, arrivals + "/" + FAIRY + "/undo"));
            assertThat(plan()).isEqualTo(late);
        }
        setback(FAIRY, "DIED", "instead", "").andExpect(status().isFound());
        String died = plan().schedule()
                .setbacks()
                .get(plan().schedule().setbacks().size() - 1)
                .id();
        for (int i = 0; i < 2; i++) {
            pages.perform(post(keeper, arrivals + "/" + FAIRY + "/setback/" + died + "/undo"));
            assertThat(plan()).isEqualTo(late);
        }
    }

    /** The page sends every field of its form, empty ones too. */
    @Test
    void aDeathWithoutAnythingInsteadLeavesThePlaceEmpty() throws Exception {
        int wishes = plan().wishes().size();
        setback(FAIRY, "DIED", "instead", "", "days", "14", "note", "").andExpect(status().isFound());
        assertThat(plan().wishes()).hasSize(wishes);
        assertThat(order().arrivals()).noneMatch(one -> one.wishIds().contains(new WishId(FAIRY)));
    }

    @Test
    void aSwapPutsAnotherFishIntoThePlan() throws Exception {
        setback(FAIRY, "SWAPPED", "instead", "Cirrhilabrus imaginarius").andExpect(status().is4xxClientError());
        String other = catalogue.get(new SpeciesId("cirrhilabrus-cyanopleura")).scientificName();
        setback(FAIRY, "SWAPPED", "instead", other).andExpect(status().isFound());
        assertThat(plan().wishes()).anyMatch(wish -> wish.speciesId().key().equals("cirrhilabrus-cyanopleura"));
    }

    @Test
    void aSickFishBeginsItsQuarantineAgain() throws Exception {
        pages.perform(post(keeper, arrivals + "/" + FAIRY + "/in-quarantine")
                        .param("since", plan().asOf().minusDays(9).toString()))
                .andExpect(status().isFound());
        assertThat(dateOf(FAIRY)).isEqualTo(plan().asOf().plusDays(5));
        setback(FAIRY, "SICK", "days", "14").andExpect(status().isFound());
        assertThat(dateOf(FAIRY)).isEqualTo(plan().asOf().plusDays(14));
        pages.perform(post(keeper, arrivals + "/" + FAIRY + "/in-quarantine").param("since", "2090-01-01"))
                .andExpect(status().is4xxClientError());
    }

    @Test
    void theQuarantineTankCanBeChangedAndTakenAway() throws Exception {
        pages.perform(post(keeper, arrivals + "/quarantine")
                        .param("volume", "80")
                        .param("places", "1")
                        .param("compartments", "3")
                        .param("gravity", "1.02"))
                .andExpect(status().is4xxClientError());
        assertThat(plan().schedule().quarantine())
                .hasValueSatisfying(one -> assertThat(one.places()).isEqualTo(3));
        LocalDate first = order().arrivals().get(0).date();
        pages.perform(post(keeper, arrivals + "/quarantine").param("none", "true"))
                .andExpect(status().isFound());
        assertThat(plan().schedule().quarantine()).isEmpty();
        assertThat(order().arrivals().get(0).date()).isBefore(first);
    }

    @Test
    void ticksAndTheBoxAreOnTheRecord() throws Exception {
        String sheet = arrivals + "/w-neon/run-sheet";
        pages.perform(get(keeper, sheet))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("0 of ")))
                .andExpect(content().string(containsString("Watch the box for ten minutes")));
        pages.perform(post(keeper, sheet + "/tick").param("step", "inspect").param("done", "true"))
                .andExpect(status().isFound());
        pages.perform(post(keeper, sheet + "/tick").param("step", "inspect").param("done", "true"));
        assertThat(plan().schedule().ticks())
                .singleElement()
                .satisfies(tick -> assertThat(tick.step()).isEqualTo("inspect"));
        pages.perform(post(keeper, sheet + "/tick").param("step", "dance").param("done", "true"))
                .andExpect(status().isNotFound());
        pages.perform(post(keeper, sheet + "/box").param("attacked", "true").param("by", "Gale"));
        pages.perform(get(keeper, sheet)).andExpect(content().string(containsString("Do not release it: Gale")));
        pages.perform(post(keeper, sheet + "/box"));
        pages.perform(get(keeper, sheet)).andExpect(content().string(containsString("Release it: no fish attacked")));
        pages.perform(post(keeper, sheet + "/tick").param("step", "inspect"));
        assertThat(plan().schedule().ticks()).isEmpty();
    }

    /** What we write is read by a reader that is not ours. */
    @Test
    void anIndependentReaderReadsTheCalendar() throws Exception {
        String text = pages.perform(get(keeper, arrivals + "/calendar.ics"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        ICalendar calendar = Biweekly.parse(text).first();
        assertThat(calendar.validate(calendar.getVersion()).getWarnings()).isEmpty();
        assertThat(calendar.getEvents())
                .extracting(event -> event.getUid().getValue())
                .doesNotHaveDuplicates();
        assertThat(calendar.getEvents())
                .extracting(event -> event.getSummary().getValue())
                .as("a task of the journal")
                .contains("Re-string the mesh at the back corner");
        String fairy = "Solar fairy wrasse";
        LocalDate release = dateOf(FAIRY);
        assertThat(calendar.getEvents())
                .anySatisfy(event -> {
                    assertThat(event.getSummary().getValue()).isEqualTo(fairy + ": release after lights-out");
                    assertThat(event.getDateStart()
                                    .getValue()
                                    .getRawComponents()
                                    .toDate())
                            .isBetween(
                                    java.sql.Date.valueOf(release),
                                    java.sql.Date.valueOf(release.plusDays(8)),
                                    true,
                                    true);
                })
                .anySatisfy(event -> assertThat(event.getSummary().getValue()).contains("to specific gravity"));
        for (String line : text.split("\r\n")) {
            assertThat(line.getBytes(java.nio.charset.StandardCharsets.UTF_8).length)
                    .as("RFC 5545: folded to 75 octets")
                    .isLessThanOrEqualTo(75);
        }
    }

    @Test
    void theCalendarsAddressServesOnlyUntilItIsRevoked() throws Exception {
        String token = shares.open(keeper.id(), tank, ShareStore.Purpose.CALENDAR);
        pages.perform(MockMvcRequestBuilders.get("/calendar/" + token))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("BEGIN:VCALENDAR")));
        pages.perform(MockMvcRequestBuilders.get("/share/" + token)).andExpect(status().isNotFound());
        pages.perform(post(keeper, arrivals + "/calendar/revoke")).andExpect(status().isFound());
        pages.perform(MockMvcRequestBuilders.get("/calendar/" + token)).andExpect(status().isNotFound());
    }

    @Test
    void alternativesAndMoneyAreShown() throws Exception {
        pages.perform(get(keeper, arrivals + "/alternatives"))
                .andExpect(content().string(containsString("All eight weeks later")))
                .andExpect(content().string(containsString("returned last")));
        pages.perform(get(keeper, arrivals + "/money")).andExpect(content().string(containsString("at risk")));
    }

    @Test
    void theWholeScheduleSurvivesThePlanFile() throws Exception {
        setback(FAIRY, "LATE", "days", "30");
        TankPlan plan = plan();
        assertThat(PlanFile.read(PlanFile.write(plan), catalogue)).isEqualTo(plan);
        UUID copy = tanks.add(keeper.id(), plan);
        assertThat(tanks.plan(keeper.id(), copy).schedule()).isEqualTo(plan.schedule());
        assertThat(tanks.plan(keeper.id(), copy).waterTests()).isEqualTo(plan.waterTests());
    }

    @Test
    void wishesThatLeaveThePlanLeaveTheSchedule() throws Exception {
        schedules.change(
                keeper.id(),
                tank,
                none -> none.notBefore(new WishId(FAIRY), plan().asOf().plusDays(50)));
        pages.perform(post(keeper, "/tanks/" + tank + "/wishes/" + FAIRY + "/remove"))
                .andExpect(status().isFound());
        Schedule schedule = plan().schedule();
        assertThat(schedule.notBefore()).isEmpty();
    }
}
