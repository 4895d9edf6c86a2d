package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.watch.Task;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** A fish's life through the pages: taken out and back, measured, sexed, sold; and each taken back exactly. */
class FishPageTest extends PageTest {
    @Autowired
    RecordStore record;

    @Autowired
    JournalStore journal;

    private KeeperPrincipal keeper;
    private UUID tank;
    private String gale;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        gale = "/tanks/" + tank + "/fish/gale";
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private String page(String path) throws Exception {
        return pages.perform(get(keeper, path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private ResultActions say(String what, String... params) throws Exception {
        return sayAs(UUID.randomUUID().toString(), what, params);
    }

    private ResultActions sayAs(String form, String what, String... params) throws Exception {
        var request = post(keeper, gale + "/" + what).param("form", form);
        for (int i = 0; i < params.length; i += 2) {
            request.param(params[i], params[i + 1]);
        }
        return pages.perform(request);
    }

    @Test
    void aBullyTakenOutIsOutOfCompanyWatchAndHeadroomUntilItIsBack() throws Exception {
        TankPlan before = plan();
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            sayAs(
                            form,
                            "out",
                            "place",
                            "OTHER_TANK",
                            "on",
                            plan().asOf().minusDays(3).toString(),
                            "note",
                            "harries all")
                    .andExpect(redirectedUrl(gale));
        }
        assertThat(fish(plan(), "gale").noted().absences()).hasSize(1);
        assertThat(page(gale)).contains("Out of the display since", "in another tank", "harries all", "Return");
        assertThat(page("/tanks/" + tank + "/company?show=today&all=true")).doesNotContain("data-pair=\"gale");
        assertThat(page("/tanks/" + tank + "/watch/roll-call")).doesNotContain(">Gale<");
        assertThat(page("/tanks/" + tank)).contains("is in another tank since");
        assertThat(page("/tanks/" + tank + "/company")).contains("to come back");
        assertThat(page("/tanks/" + tank + "/species/chrysiptera-cyanea"))
                .as("a kinsman is judged beside the one that will be back")
                .contains("same genus, Chrysiptera");
        for (String path : List.of(
                "/arrivals",
                "/arrivals/alternatives",
                "/reef",
                "/headroom",
                "/wishes",
                "/species",
                "/watch",
                "/watch/settling",
                "/watch/rank",
                "/watch/what-now",
                "/watch/learned",
                "/water",
                "/losses",
                "/losses/survival",
                "/shop")) {
            page("/tanks/" + tank + path);
        }
        say("back", "on", plan().asOf().toString()).andExpect(redirectedUrl(gale));
        assertThat(fish(plan(), "gale").livesHere(plan().asOf())).isTrue();
        assertThat(page(gale)).contains("first arrived");
        assertThat(page("/tanks/" + tank + "/company?show=today&all=true")).contains("data-pair=\"gale");
        TankPlan back = plan();
        pages.perform(post(keeper, gale + "/undo/" + form)).andExpect(status().isFound());
        assertThat(plan()).isNotEqualTo(back);
        assertThat(fish(plan(), "gale")).isEqualTo(fish(before, "gale"));
    }

    @Test
    void aFishSoldIsNoLossAndItsTasksLapse() throws Exception {
        TankPlan before = plan();
        journal.add(
                keeper.id(),
                tank,
                new Task("catch", before.asOf(), "Catch Gale", false, java.util.Optional.of(new FishId("gale"))));
        assertThat(page("/today")).contains("Catch Gale");
        String form = UUID.randomUUID().toString();
        sayAs(form, "leave", "how", "SOLD", "on", before.asOf().toString(), "to", "the club", "price", "40")
                .andExpect(redirectedUrl(gale));
        assertThat(fish(plan(), "gale").leftOn()).contains(before.asOf());
        assertThat(plan().losses()).isEqualTo(before.losses());
        assertThat(page(gale))
                .contains("It was sold on", "to the club", "for 40")
                .doesNotContain("What happened?");
        assertThat(page("/tanks/" + tank + "/losses")).contains("Left alive", "sold on");
        assertThat(page("/today")).doesNotContain("Catch Gale");
        say("leave", "how", "GIVEN").andExpect(status().isBadRequest());
        pages.perform(post(keeper, gale + "/undo/" + form)).andExpect(status().isFound());
        assertThat(plan().residents()).isEqualTo(before.residents());
    }

    @Test
    void whatItsLeavingFreesIsToldBefore() throws Exception {
        assertThat(page(gale)).contains("If it were not here", "With all grown,", " → ", "and was attacked");
    }

    @Test
    void itIsMeasuredAndItsSexNoted() throws Exception {
        say("measure", "length", "14.5", "on", plan().asOf().minusDays(10).toString());
        say("sex", "sex", "FEMALE", "on", plan().asOf().toString());
        Resident fish = fish(plan(), "gale");
        assertThat(fish.noted().lengths())
                .containsExactly(new Life.Measured(plan().asOf().minusDays(10), 14.5));
        assertThat(fish.noted().sex(plan().asOf())).contains(Life.Sex.FEMALE);
        assertThat(page(gale)).contains("measured: 14.5", "female");
    }

    @Test
    void whatCannotHaveHappenedIsTurnedBackWithASentence() throws Exception {
        say("out", "place", "BOX", "on", plan().asOf().plusDays(1).toString())
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("lies in the future")));
        say("back", "on", plan().asOf().toString())
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("in the display already")));
        say("measure", "length", "0", "on", plan().asOf().toString()).andExpect(status().isBadRequest());
        say("measure", "length", "12", "on", "1999-01-01")
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("arrived only on")));
        pages.perform(get(keeper, "/tanks/" + tank + "/fish/nobody")).andExpect(status().isNotFound());
    }

    @Test
    void fishThatLiveHereAlreadyAreEnteredAtOnceAndTakenBack() throws Exception {
        TankPlan before = plan();
        String enter = "/tanks/" + tank + "/residents/enter";
        assertThat(page(enter)).contains("by any name");
        String key = UUID.randomUUID().toString();
        pages.perform(post(keeper, enter)
                        .param("key", key)
                        .param("rows[0].fish", "Chromis viridis")
                        .param("rows[0].count", "3")
                        .param("rows[0].length", "6")
                        .param("rows[0].since", before.asOf().minusYears(2).toString())
                        .param("rows[0].exactly", "SEASON")
                        .param("rows[1].fish", "Yellow tang")
                        .param("rows[1].name", "Lemon"))
                .andExpect(redirectedUrl("/tanks/" + tank));
        List<Resident> entered = plan().residents()
                .subList(before.residents().size(), plan().residents().size());
        assertThat(entered)
                .hasSize(4)
                .extracting(Resident::name)
                .contains("Lemon")
                .doesNotHaveDuplicates();
        assertThat(entered.get(0).noted().arrival()).isEqualTo(Life.DatePrecision.SEASON);
        assertThat(page("/tanks/" + tank + "/fish/" + entered.get(0).id())).contains("since about", "6");
        pages.perform(post(keeper, enter + "/undo/" + key)).andExpect(status().isFound());
        assertThat(plan().residents()).isEqualTo(before.residents());
    }

    @Test
    void aRowThatIsNotUnderstoodKeepsTheFormAndSaysWhy() throws Exception {
        pages.perform(post(keeper, "/tanks/" + tank + "/residents/enter")
                        .param("key", UUID.randomUUID().toString())
                        .param("rows[0].fish", "Yellow tang")
                        .param("rows[1].fish", "a fish nobody knows")
                        .param("rows[1].length", "7.25"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("not in the catalogue")))
                .andExpect(content().string(containsString("7.25")));
        pages.perform(post(keeper, "/tanks/" + tank + "/residents/enter")
                        .param("key", UUID.randomUUID().toString()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Enter at least one fish")));
    }

    /** Of five in quarantine one dies, two move; the rest stay in the plan, and each step is taken back exactly. */
    @Test
    void someOfAGroupDieAndSomeArrive() throws Exception {
        record.addWish(
                keeper.id(),
                tank,
                new Wish(
                        new WishId("harem"),
                        new SpeciesId("pseudanthias-squamipinnis"),
                        5,
                        java.util.Optional.empty(),
                        java.util.Optional.empty(),
                        Wish.Decision.IN,
                        java.util.Optional.of("wanted"),
                        java.util.Optional.of(100.0),
                        java.util.Optional.empty()));
        TankPlan before = plan();
        String arrivals = "/tanks/" + tank + "/arrivals/harem";
        String form = UUID.randomUUID().toString();
        pages.perform(post(keeper, arrivals + "/setback")
                        .param("key", form)
                        .param("kind", "DIED")
                        .param("count", "1"))
                .andExpect(status().isFound());
        assertThat(wish().count()).isEqualTo(4);
        assertThat(wish().price()).contains(80.0);
        assertThat(plan().schedule().setbacks()).anySatisfy(one -> {
            assertThat(one.fish()).startsWith("1 of 5");
            assertThat(one.price()).contains(20.0);
        });
        assertThat(page("/tanks/" + tank + "/losses")).contains("Died before arrival", "1 of 5", "had cost 20");
        TankPlan four = plan();
        pages.perform(post(keeper, arrivals + "/done")
                        .param("on", LocalDate.now().toString())
                        .param("length", "6")
                        .param("count", "2"))
                .andExpect(status().isFound());
        assertThat(wish().count()).isEqualTo(2);
        assertThat(plan().residents()).hasSize(before.residents().size() + 2);
        pages.perform(post(keeper, arrivals + "/done")
                        .param("on", LocalDate.now().toString())
                        .param("length", "6")
                        .param("count", "3"))
                .andExpect(status().isBadRequest());
        pages.perform(post(keeper, arrivals + "/undo")).andExpect(status().isFound());
        assertThat(plan()).isEqualTo(four);
        pages.perform(post(keeper, arrivals + "/setback/" + form + "/undo")).andExpect(status().isFound());
        assertThat(plan()).isEqualTo(before);
    }

    private Wish wish() {
        return plan().wishes().stream()
                .filter(one -> one.id().key().equals("harem"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theRollCallAsksForThoseWhoAreThere() throws Exception {
        pages.perform(get(keeper, "/tanks/" + tank + "/watch/roll-call"))
                .andExpect(content().string(containsString("Gale")));
        say("out", "place", "BOX", "on", plan().asOf().toString());
        pages.perform(get(keeper, "/tanks/" + tank + "/watch/roll-call"))
                .andExpect(content().string(not(containsString("Gale"))));
    }

    /** Bought on impulse: two touches from the list of species, and the page says what it means. */
    @Test
    void aFishBoughtTodayIsRecordedWhateverThePlanSaid() throws Exception {
        TankPlan before = plan();
        assertThat(page("/tanks/" + tank + "/species/acanthurus-sohal")).contains("bought today");
        String form = UUID.randomUUID().toString();
        String there = pages.perform(post(keeper, "/tanks/" + tank + "/residents/bought")
                        .param("form", form)
                        .param("speciesId", "acanthurus-sohal"))
                .andExpect(status().isFound())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(page(there)).contains("What speaks against it here", "to swim", "attack", "Compare remedies");
        assertThat(plan().residents()).hasSize(before.residents().size() + 1);
        pages.perform(post(keeper, "/tanks/" + tank + "/residents/enter/undo/" + form))
                .andExpect(status().isFound());
        assertThat(plan()).isEqualTo(before);
        pages.perform(post(keeper, "/tanks/" + tank + "/residents/bought")
                        .param("form", UUID.randomUUID().toString())
                        .param("speciesId", "no-such-fish"))
                .andExpect(status().isBadRequest());
    }

    @Test
    void aPairIsNotedAndPartsAndEachIsTakenBack() throws Exception {
        TankPlan before = plan();
        String bosun = "/tanks/" + tank + "/fish/bosun";
        String form = UUID.randomUUID().toString();
        pages.perform(post(keeper, bosun + "/bond")
                        .param("form", form)
                        .param("kind", "PAIR")
                        .param("with", "wren"))
                .andExpect(redirectedUrl(bosun));
        assertThat(page(bosun)).contains("In a pair with Wren since", "Separated on");
        assertThat(page("/tanks/" + tank + "/species/amphiprion-ocellaris")).contains("are a pair");
        String parted = UUID.randomUUID().toString();
        pages.perform(post(keeper, bosun + "/bond/part").param("form", parted)).andExpect(redirectedUrl(bosun));
        assertThat(page(bosun)).doesNotContain("In a pair with");
        pages.perform(post(keeper, bosun + "/undo/" + parted)).andExpect(redirectedUrl(bosun));
        pages.perform(post(keeper, bosun + "/undo/" + form)).andExpect(redirectedUrl(bosun));
        assertThat(plan()).isEqualTo(before);
        pages.perform(post(keeper, bosun + "/bond")
                        .param("form", UUID.randomUUID().toString())
                        .param("kind", "PAIR")
                        .param("with", "gale"))
                .andExpect(status().isBadRequest());
    }

    @Test
    void whatWasSeenInTheShopStaysWithTheWish() throws Exception {
        pages.perform(post(keeper, "/tanks/" + tank + "/wishes/w-fairy/seen")
                        .param("where", "the shop by the quay")
                        .param("ate", "false")
                        .param("sex", "FEMALE")
                        .param("length", "6.5")
                        .param("price", "79"))
                .andExpect(redirectedUrl("/tanks/" + tank + "/wishes"));
        assertThat(page("/tanks/" + tank + "/wishes"))
                .contains("at the shop by the quay, not eating, female, ", "it was not eating on");
        pages.perform(post(keeper, "/tanks/" + tank + "/wishes/w-fairy/seen").param("length", "-1"))
                .andExpect(status().isBadRequest());
    }

    @Test
    void theShopCardAnswersForAShrimpAndTheCrewKeepsWhoTookIt() throws Exception {
        assertThat(page("/tanks/" + tank + "/shop?q=pistol shrimp")).contains("Alpheus", "It can live with Pip");
        assertThat(page("/tanks/" + tank + "/shop?q=royal gramma")).contains("Gramma loreto");
        pages.perform(post(keeper, "/tanks/" + tank + "/losses/crew")
                        .param("key", UUID.randomUUID().toString())
                        .param("on", plan().asOf().minusDays(20).toString())
                        .param("name", "Tiger pistol shrimp")
                        .param("what", "ADDED")
                        .param("count", "2")
                        .param("smallest", "4"))
                .andExpect(status().is3xxRedirection());
        pages.perform(post(keeper, "/tanks/" + tank + "/losses/crew")
                        .param("key", UUID.randomUUID().toString())
                        .param("on", plan().asOf().toString())
                        .param("name", "Tiger pistol shrimp")
                        .param("what", "LOST")
                        .param("by", "Gale")
                        .param("count", "1")
                        .param("smallest", "4"))
                .andExpect(status().is3xxRedirection());
        assertThat(page("/tanks/" + tank + "/losses/crew"))
                .contains("Seen: Gale took 1.", "Buy 1 to be back at 2.", "1 Tiger pistol shrimp lost, to Gale");
    }
}
