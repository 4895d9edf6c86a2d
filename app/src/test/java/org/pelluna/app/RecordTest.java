package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.watch.LogEntry;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What keepers do to the record, and how it is taken back. */
class RecordTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aKeeperWithTheDemoReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private MockHttpServletRequestBuilder at(String path) {
        return post(keeper, "/tanks/" + tank + path);
    }

    private void done(MockHttpServletRequestBuilder request) throws Exception {
        pages.perform(request).andExpect(status().isFound());
    }

    @Test
    void aFormSentTwiceSavesOnce() throws Exception {
        int wishes = plan().wishes().size();
        int entries = plan().log().size();
        String wishKey = UUID.randomUUID().toString();
        String logKey = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            done(at("/wishes")
                    .param("key", wishKey)
                    .param("speciesId", "gramma-loreto")
                    .param("count", "1"));
            done(at("/watch")
                    .param("key", logKey)
                    .param("kind", "CHASE")
                    .param("aggressor", "gale")
                    .param("fish", "plum")
                    .param("hardness", "2")
                    .param("at", "2026-11-01T19:00"));
        }
        assertThat(plan().wishes()).hasSize(wishes + 1);
        assertThat(plan().log()).hasSize(entries + 1);
    }

    @Test
    void anArrivalTurnsAWishIntoResidentsAndBack() throws Exception {
        TankPlan before = plan();
        String today = before.asOf().toString();
        done(at("/arrivals/w-neon/done")
                .param("on", today)
                .param("length", "2.8")
                .param("name", "Spark"));
        TankPlan after = plan();
        assertThat(after.wishes()).noneMatch(wish -> wish.id().key().equals("w-neon"));
        Resident spark = last(after.residents());
        assertThat(spark.name()).isEqualTo("Spark");
        assertThat(spark.lengthCm()).isEqualTo(2.8);
        assertThat(after.log())
                .anyMatch(entry ->
                        entry.kind() == LogEntry.Kind.ARRIVAL && entry.fishId().equals(Optional.of(spark.id())));

        done(at("/arrivals/w-neon/done").param("on", today).param("length", "2.8"));
        assertThat(plan().residents()).as("sent twice").hasSameSizeAs(after.residents());

        done(at("/arrivals/w-neon/undo"));
        assertThat(plan()).isEqualTo(before);
    }

    @Test
    void howAFishCameIsNotedWithItsArrivalOrLater() throws Exception {
        done(at("/arrivals/w-neon/done")
                .param("on", plan().asOf().toString())
                .param("length", "2.8")
                .param("origin", "BRED")
                .param("method", "BOX")
                .param("price", "19.5"));
        Resident neon = last(plan().residents());
        assertThat(neon.coming())
                .contains(new Resident.Acquisition(
                        Optional.of(Resident.Origin.BRED), Optional.of(Resident.Method.BOX), Optional.of(19.5)));
        pages.perform(MockMvcRequestBuilders.get("/tanks/" + tank).with(user(keeper)))
                .andExpect(content().string(containsString("captive-bred, through the box, 19.5")));
        done(at("/residents/" + neon.id() + "/came")
                .param("seen", VersionMark.mark(neon))
                .param("origin", "")
                .param("method", "STRAIGHT"));
        assertThat(last(plan().residents()).coming())
                .contains(new Resident.Acquisition(
                        Optional.empty(), Optional.of(Resident.Method.STRAIGHT), Optional.empty()));
        pages.perform(MockMvcRequestBuilders.get("/tanks/" + tank + "/losses/survival?by=METHOD")
                        .with(user(keeper)))
                .andExpect(content().string(containsString("straight in")));
        pages.perform(at("/residents/" + neon.id() + "/came").param("price", "-3"))
                .andExpect(status().isBadRequest());
    }

    @Test
    void anArrivalThatTheLogSpeaksOfIsNotTakenBack() throws Exception {
        done(at("/arrivals/w-neon/done").param("on", plan().asOf().toString()).param("length", "3"));
        String neon = last(plan().residents()).id().key();
        done(at("/watch")
                .param("key", UUID.randomUUID().toString())
                .param("kind", "CHASE")
                .param("aggressor", "gale")
                .param("fish", neon)
                .param("at", "2026-11-01T19:00"));
        pages.perform(at("/arrivals/w-neon/undo"))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString("Cannot undo")));
        assertThat(plan().residents()).anyMatch(one -> one.id().key().equals(neon));
    }

    @Test
    void severalFishOfOneWishArriveEachByItself() throws Exception {
        String key = UUID.randomUUID().toString();
        done(at("/wishes")
                .param("key", key)
                .param("speciesId", "pterapogon-kauderni")
                .param("count", "3"));
        int before = plan().residents().size();
        done(at("/arrivals/" + key + "/done")
                .param("on", plan().asOf().toString())
                .param("length", "3")
                .param("name", "Pike"));
        assertThat(plan().residents().subList(before, before + 3))
                .extracting(Resident::name)
                .containsExactly("Pike 1", "Pike 2", "Pike 3");
    }

    @Test
    void aLossTakesTheFishOutAndItsUndoBringsItBack() throws Exception {
        TankPlan before = plan();
        String key = UUID.randomUUID().toString();
        done(at("/losses")
                .param("key", key)
                .param("fish", "plum")
                .param("on", before.asOf().toString())
                .param("cause", "MISSING")
                .param("certainty", "GUESS"));
        assertThat(plan().losses()).hasSize(before.losses().size() + 1);
        assertThat(resident("plum").livesHere(plan().asOf())).isFalse();
        done(at("/losses/" + key + "/remove"));
        assertThat(plan()).isEqualTo(before);
        done(at("/losses/" + key + "/restore"));
        assertThat(resident("plum").livesHere(plan().asOf())).isFalse();
    }

    @Test
    void removedWishesAndEntriesComeBack() throws Exception {
        TankPlan before = plan();
        done(at("/wishes/w-naso/remove"));
        done(at("/watch/l002/remove"));
        assertThat(plan().wishes()).hasSize(before.wishes().size() - 1);
        assertThat(plan().log()).hasSize(before.log().size() - 1);
        done(at("/wishes/w-naso/restore"));
        done(at("/watch/l002/restore"));
        assertThat(plan()).isEqualTo(before);
    }

    @Test
    void theKeepersWordAndNoteStay() throws Exception {
        Wish open = plan().wishes().stream()
                .filter(wish -> wish.id().key().equals("w-naso"))
                .findFirst()
                .orElseThrow();
        done(at("/wishes/w-naso/decide")
                .param("seen", VersionMark.mark(open))
                .param("decision", "IN")
                .param("note", "the big tank comes in spring"));
        Wish naso = plan().wishes().stream()
                .filter(wish -> wish.id().key().equals("w-naso"))
                .findFirst()
                .orElseThrow();
        assertThat(naso.decision()).isEqualTo(Wish.Decision.IN);
        pages.perform(get(keeper, "/tanks/" + tank + "/wishes"))
                .andExpect(content().string(containsString("the big tank comes in spring")));
    }

    @ParameterizedTest
    @CsvSource({
        "CHASE, gale, , Not yet complete",
        "CHASE, gale, gale, its own aggressor",
        "CHASE, , plum, Not yet complete",
        "INJURY, , , Not yet complete",
        "NOTE, , , needs words"
    })
    void anIncompleteEntryIsAskedForAgain(String kind, String aggressor, String fish, String sentence)
            throws Exception {
        MockHttpServletRequestBuilder form = at("/watch")
                .param("key", UUID.randomUUID().toString())
                .param("kind", kind)
                .param("at", "2026-11-01T19:00")
                .param("place", "behind the left arch");
        if (aggressor != null) {
            form.param("aggressor", aggressor);
        }
        if (fish != null) {
            form.param("fish", fish);
        }
        pages.perform(form)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString(sentence)))
                .andExpect(content().string(containsString("behind the left arch")));
    }

    @Test
    void whatHasNotHappenedYetIsRefused() throws Exception {
        String tomorrow = LocalDate.now().plusDays(2).toString();
        pages.perform(at("/arrivals/w-neon/done").param("on", tomorrow).param("length", "3"))
                .andExpect(status().isBadRequest());
        pages.perform(at("/losses")
                        .param("key", UUID.randomUUID().toString())
                        .param("fish", "plum")
                        .param("on", tomorrow)
                        .param("cause", "MISSING"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("lies in the future")));
        pages.perform(at("/losses")
                        .param("key", UUID.randomUUID().toString())
                        .param("fish", "plum")
                        .param("on", "2001-01-01")
                        .param("cause", "MISSING"))
                .andExpect(content().string(containsString("Plum arrived only on")));
    }

    @Test
    void aTankRemovedComesBackWithAllThatIsInIt() throws Exception {
        TankPlan before = plan();
        done(at("/remove"));
        pages.perform(get(keeper, "/tanks/" + tank)).andExpect(status().isNotFound());
        done(at("/restore"));
        assertThat(plan()).isEqualTo(before);
    }

    private Resident resident(String id) {
        return plan().residents().stream()
                .filter(one -> one.id().key().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Resident last(List<Resident> residents) {
        return residents.stream().max(Comparator.comparing(residents::indexOf)).orElseThrow();
    }
}
