package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.RollCall;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.support.TransactionTemplate;

/** The record at the tank and what is read from it: watches, roll calls, signs, remedies, ways out, lessons, mailbox, today. */
class WatchPageTest extends PageTest {
    @Autowired
    Mailbox mailbox;

    @Autowired
    RecordStore record;

    @Autowired
    Keepers keepers;

    @Autowired
    TransactionTemplate transaction;

    private KeeperPrincipal keeper;
    private UUID tank;
    private String watch;
    private int calls;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        watch = "/tanks/" + tank + "/watch";
        transaction.executeWithoutResult(status -> {
            var row = keepers.findById(keeper.id()).orElseThrow();
            row.quiet(LocalTime.of(3, 0), LocalTime.of(3, 0));
            keepers.save(row);
        });
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private static String now() {
        return LocalDateTime.now().withNano(0).toString();
    }

    private String page(String path) throws Exception {
        return pages.perform(get(keeper, path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void whatWasQueuedIsKeptOnceHoweverOftenItIsSent() throws Exception {
        int before = plan().log().size();
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 3; i++) {
            pages.perform(post(keeper, watch)
                            .param("queued", "true")
                            .param("key", key)
                            .param("at", now())
                            .param("kind", "CHASE")
                            .param("aggressor", "gale")
                            .param("fish", "plum")
                            .param("hardness", "2"))
                    .andExpect(status().isOk())
                    .andExpect(content().string("kept"));
        }
        assertThat(plan().log()).hasSize(before + 1);
        pages.perform(post(keeper, watch + "/watches")
                        .param("queued", "true")
                        .param("key", UUID.randomUUID().toString())
                        .param("start", now())
                        .param("minutes", "0"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(org.hamcrest.Matchers.startsWith("not taken: ")));
    }

    @Test
    void aWatchCountsThoughNothingHappened() throws Exception {
        int before = plan().observations().watches().size();
        pages.perform(post(keeper, watch + "/watches")
                        .param("key", UUID.randomUUID().toString())
                        .param("start", LocalDate.now().minusDays(1) + "T18:00:00")
                        .param("minutes", "25"))
                .andExpect(status().isFound());
        assertThat(plan().observations().watches()).hasSize(before + 1);
    }

    private ResultActions call(String... found) throws Exception {
        var request = post(keeper, watch + "/roll-call")
                .param("key", UUID.randomUUID().toString())
                .param(
                        "at",
                        LocalDateTime.now()
                                .withNano(0)
                                .minusMinutes(30 - calls++)
                                .toString());
        for (int i = 0; i < found.length; i += 2) {
            request.param("found." + found[i], found[i + 1]);
        }
        return pages.perform(request);
    }

    @Test
    void whoWillOutgrowTheTankComesUpUnderTodayAndInTheCalendar() throws Exception {
        TankPlan demo = demoPlan();
        List<Resident> residents = new ArrayList<>(demo.residents());
        residents.add(new Resident(
                new FishId("nan"),
                new SpeciesId("naso-lituratus"),
                "Nan",
                demo.asOf().minusDays(400),
                18,
                Optional.empty()));
        UUID crowded = tanks.add(
                keeper.id(),
                demo.with(as -> as.residents(residents)
                        .wishes(List.of())
                        .log(List.of())
                        .losses(List.of())
                        .ownSpecies(List.of())
                        .schedule(Schedule.NONE)
                        .waterTests(List.of())));
        assertThat(page("/today")).contains("Find Nan a new home");
        assertThat(page("/tanks/" + crowded + "/arrivals/calendar.ics")).contains("SUMMARY:Find Nan a new home");
    }

    /** Where nobody lives there is nobody to choose, nothing to count and nothing it could come from. */
    @Test
    void anEmptyTankOffersNothingToChooseFrom() throws Exception {
        UUID empty = tanks.add(keeper.id(), emptyPlan());
        assertThat(page("/tanks/" + empty + "/watch/what-now"))
                .contains("No fish live here")
                .doesNotContain(">Compare</button>");
        assertThat(page("/tanks/" + empty + "/losses/survival"))
                .contains("No fish has arrived yet")
                .doesNotContain("alive at");
        assertThat(page("/tanks/" + empty + "/watch/signs"))
                .contains("No fish live here yet")
                .doesNotContain("Possibilities");
        assertThat(page("/tanks/" + tank + "/watch/what-now")).contains(">Compare</button>");
        assertThat(page("/tanks/" + tank + "/losses/survival")).contains("alive at");
    }

    @Test
    void aMissingFishIsToldOnceInTheMailboxAndUnderToday() throws Exception {
        call("gale", "eating", "plum", "missing").andExpect(status().isFound());
        call("gale", "eating", "plum", "missing").andExpect(status().isFound());
        await().untilAsserted(() -> assertThat(missing(keeper)).hasSize(1));
        assertThat(page("/today")).contains("Plum has been missing since");
        assertThat(page("/mailbox")).contains("Plum has been missing");
        assertThat(mailbox.unread(keeper.id())).isZero();
        call("plum", "eating");
        assertThat(page("/today")).doesNotContain("Plum has been missing");
        assertThat(plan().observations().rollCalls())
                .last()
                .satisfies(one -> assertThat(one.found()).containsEntry(new FishId("plum"), RollCall.State.EATING));
        call("nobody", "eating").andExpect(status().isNotFound());
        call().andExpect(status().isBadRequest());
    }

    @Test
    void inTheQuietTimeNoMessageComes() throws Exception {
        quiet(keeper, LocalTime.now().minusHours(1), LocalTime.now().plusHours(1));
        call("plum", "missing").andExpect(status().isFound());
        // Tanks are looked at in turn: once another keeper's is, this one was.
        KeeperPrincipal other = newKeeper();
        quiet(other, LocalTime.NOON, LocalTime.NOON);
        UUID theirs = tanks.add(other.id(), demoPlan());
        send(
                        other,
                        "/tanks/" + theirs + "/watch/roll-call",
                        "key",
                        UUID.randomUUID().toString(),
                        "at",
                        LocalDateTime.now().withNano(0).toString(),
                        "found.plum",
                        "missing")
                .andExpect(status().isFound());
        await().untilAsserted(() -> assertThat(missing(other)).hasSize(1));
        assertThat(mailbox.of(keeper.id())).isEmpty();
    }

    private void quiet(KeeperPrincipal of, LocalTime from, LocalTime until) {
        transaction.executeWithoutResult(status -> {
            var row = keepers.findById(of.id()).orElseThrow();
            row.quiet(from, until);
            keepers.save(row);
        });
    }

    private List<?> missing(KeeperPrincipal of) {
        return mailbox.of(of.id()).stream()
                .filter(one -> one.subject().contains("missing"))
                .toList();
    }

    private static byte[] picture(String format, int wide, int high) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    private ResultActions sign(byte[] photo) throws Exception {
        return pages.perform(MockMvcRequestBuilders.multipart(watch + "/signs")
                .file(new MockMultipartFile("photo", "p.jpg", "image/jpeg", photo))
                .param("key", UUID.randomUUID().toString())
                .param("at", now())
                .param("fish", "plum")
                .param("sign", "CLOUDY_EYE")
                .with(user(keeper))
                .with(csrf()));
    }

    @Test
    void aPhotographIsMadeAnewAndOnlyItsKeeperSeesIt() throws Exception {
        byte[] sent = picture("png", 3000, 1000);
        byte[] withSecret = java.util.Arrays.copyOf(sent, sent.length + 40);
        System.arraycopy("GPS 59.1 N".getBytes(StandardCharsets.US_ASCII), 0, withSecret, sent.length, 10);
        sign(withSecret).andExpect(status().isFound());
        String photo = plan().observations()
                .signs()
                .get(plan().observations().signs().size() - 1)
                .photo()
                .orElseThrow();
        byte[] kept = pages.perform(get(keeper, watch + "/photos/" + photo))
                .andExpect(status().isOk())
                .andExpect(content().contentType("image/jpeg"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("GPS");
        assertThat(ImageIO.read(new ByteArrayInputStream(kept)).getWidth()).isEqualTo(1600);
        pages.perform(get(newKeeper(), watch + "/photos/" + photo)).andExpect(status().isNotFound());
        assertThat(page(watch + "/signs")).contains("a scratch from a fight").contains("flukes");
    }

    @Test
    void whatIsNoPhotographIsRefused() throws Exception {
        int before = plan().observations().signs().size();
        sign("<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8)).andExpect(status().isBadRequest());
        sign(picture("gif", 10, 10)).andExpect(status().isBadRequest());
        sign(java.util.Arrays.copyOf(picture("png", 50, 50), 60)).andExpect(status().isBadRequest());
        assertThat(plan().observations().signs()).hasSize(before);
    }

    @Test
    void remediesAreJudgedByTheLogAroundThem() throws Exception {
        assertThat(page(watch + "/remedies"))
                .contains("a mirror at the front")
                .contains("(90 %: ")
                .contains("What remedies have done");
        pages.perform(post(keeper, watch + "/remedies")
                        .param("key", UUID.randomUUID().toString())
                        .param("remedy", "FRESH_ROCK")
                        .param("from", LocalDate.now().toString()))
                .andExpect(status().isFound());
        var begun = plan().observations()
                .remedies()
                .get(plan().observations().remedies().size() - 1);
        pages.perform(post(keeper, watch + "/remedies/" + begun.id() + "/end")
                        .param("on", LocalDate.now().toString()))
                .andExpect(status().isFound());
        assertThat(plan().observations().remedies())
                .last()
                .satisfies(one -> assertThat(one.until()).isPresent());
        pages.perform(post(keeper, watch + "/items/" + begun.id() + "/remove")).andExpect(status().isFound());
        assertThat(plan().observations().remedies()).noneMatch(one -> one.id().equals(begun.id()));
        pages.perform(post(keeper, watch + "/items/" + begun.id() + "/restore"));
        assertThat(plan().observations().remedies()).anyMatch(one -> one.id().equals(begun.id()));
    }

    @Test
    void aWayOutThatIsChosenWritesItsTasks() throws Exception {
        assertThat(page(watch + "/what-now?fish=inkwell"))
                .contains("Back into the box", "Inkwell: expected attacks an hour")
                .containsPattern("<option value=\"inkwell\" selected=\"selected\"")
                .contains("most from");
        int tasks = plan().observations().tasks().size();
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            pages.perform(post(keeper, watch + "/what-now")
                            .param("fish", "inkwell")
                            .param("way", "MORE_FOOD")
                            .param("key", key))
                    .andExpect(status().isFound());
        }
        assertThat(plan().observations().tasks()).hasSize(tasks + 2);
        String today = page("/today");
        assertThat(today).contains("Feed at both ends, and in front of Inkwell");
        var task = plan().observations().tasks().stream()
                .filter(one -> one.words().startsWith("Feed at both ends"))
                .findFirst()
                .orElseThrow();
        pages.perform(post(keeper, "/tanks/" + tank + "/tasks/" + task.id() + "/done"))
                .andExpect(status().isFound());
        assertThat(page("/today")).doesNotContain("Feed at both ends, and in front of Inkwell");
    }

    @Test
    void whatWasLearnedCountsUntilItIsTakenBack() throws Exception {
        assertThat(page(watch + "/learned")).contains("as its species");
        var before = Learning.stock(plan(), catalogue);
        pages.perform(post(keeper, watch + "/learned/gale")).andExpect(status().isFound());
        assertThat(plan().observations().unlearned()).containsExactly(new FishId("gale"));
        assertThat(Learning.stock(plan(), catalogue).residents()).isNotEqualTo(before.residents());
        assertThat(page(watch + "/learned"))
                .contains(
                        "What your record says of the model itself",
                        "compared with that",
                        "Was it right a month ago?",
                        "Gale on Inkwell",
                        " predicted, ");
        pages.perform(post(keeper, watch + "/learned/*")).andExpect(status().isFound());
        assertThat(Learning.stock(plan(), catalogue).seenTimes()).isEqualTo(1);
        assertThat(page(watch + "/learned")).contains("The plan ignores this, as you asked");
        pages.perform(post(keeper, watch + "/learned/*").param("learns", "true"));
        pages.perform(post(keeper, watch + "/learned/gale").param("learns", "true"));
        assertThat(Learning.stock(plan(), catalogue).residents()).isEqualTo(before.residents());
    }

    @Test
    void anEntryIsChangedAndHowItReadBeforeStays() throws Exception {
        var entry = plan().log().stream()
                .filter(one -> one.kind().hasAggressor())
                .reduce((one, other) -> other)
                .orElseThrow();
        pages.perform(post(keeper, watch + "/" + entry.id() + "/edit")
                        .param("key", entry.id())
                        .param("seen", VersionMark.mark(entry))
                        .param("at", entry.at().toString())
                        .param("kind", "PINNED")
                        .param("aggressor", "bosun")
                        .param("fish", "plum")
                        .param("hardness", "3"))
                .andExpect(status().isFound());
        assertThat(page(watch + "/" + entry.id() + "/edit"))
                .contains("How it read before")
                .contains(entry.kind().words().substring(0, 3));
        assertThat(record.history(keeper.id(), tank, entry.id()))
                .singleElement()
                .satisfies(one -> assertThat(one.entry()).isEqualTo(entry));
    }

    @Test
    void ranksSettlingSurvivalAndCrewAnswer() throws Exception {
        assertThat(page(watch + "/rank")).contains("Linearity h′").contains("network-chart");
        assertThat(page(watch + "/settling")).contains("Inkwell").contains("settling-chart");
        String losses = "/tanks/" + tank + "/losses";
        assertThat(page(losses + "/survival?by=METHOD"))
                .contains("released at lights-out")
                .contains("log-rank");
        assertThat(page(losses + "/crew")).contains("turban snails").contains("a week");
        pages.perform(post(keeper, losses + "/crew")
                        .param("key", UUID.randomUUID().toString())
                        .param("on", LocalDate.now().toString())
                        .param("group", "SNAILS")
                        .param("name", "turban snails")
                        .param("what", "ADDED")
                        .param("count", "10")
                        .param("smallest", "1.5"))
                .andExpect(status().isFound());
        assertThat(page(losses + "/crew")).contains("10 turban snails added");
    }

    @Test
    void aLossKeepsItsEvidence() throws Exception {
        pages.perform(post(keeper, "/tanks/" + tank + "/losses")
                        .param("key", UUID.randomUUID().toString())
                        .param("fish", "wren")
                        .param("on", LocalDate.now().toString())
                        .param("cause", "AGGRESSION")
                        .param("certainty", "LIKELY")
                        .param("lastSeen", LocalDate.now().minusDays(1).toString())
                        .param("evidence", "ragged tail")
                        .param("linkedTo", "ember"))
                .andExpect(status().isFound());
        assertThat(page("/tanks/" + tank + "/losses")).contains("ragged tail").contains("It follows from Ember");
    }

    /** Ways out are for a fish that somebody attacks. */
    @Test
    void aFishAloneHasNoWaysToChooseFrom() throws Exception {
        TankPlan demo = demoPlan();
        UUID alone = tanks.add(
                keeper.id(),
                demo.with(as -> as.residents(demo.residents().subList(0, 1))
                        .log(List.of())
                        .losses(List.of())
                        .observations(Observations.EMPTY)
                        .schedule(Schedule.NONE)));
        assertThat(page(keeper, "/tanks/" + alone + "/watch/what-now"))
                .contains("Bosun: nothing to do")
                .doesNotContain("Do this");
    }
}
