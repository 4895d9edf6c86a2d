package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasToString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.PlanFile;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A keeper adds a species: judged everywhere, theirs alone. */
class OwnSpeciesPageTest extends PageTest {
    private static final String KEY = "own-gramma-dejongi";

    @Autowired
    ShareStore shares;

    private KeeperPrincipal keeper;
    private UUID tank;
    private String own;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        own = "/tanks/" + tank + "/own-species";
    }

    private ResultActions add(String adult) throws Exception {
        return pages.perform(post(keeper, own)
                .param("like", "gramma-loreto")
                .param("commonName", "Golden basslet")
                .param("scientificName", "Gramma dejongi")
                .param("adult", adult)
                .param("sale", "4")
                .param("volume", "110")
                .param("swim", "60")
                .param("gape", "12")
                .param("temper", "1.2")
                .param("reef[CLAMS]", "TESTS")
                .param("note", "a sheet of the importer"));
    }

    @Test
    void itIsFoundJudgedWishedForShownToTheFamilyAndWrittenToTheFile() throws Exception {
        add("8").andExpect(redirectedUrl("/tanks/" + tank + "/species/" + KEY));
        add("8").andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), tank).ownSpecies()).singleElement().satisfies(one -> {
            assertThat(one.commonName()).isEqualTo("Golden basslet");
            assertThat(one.gape()).isEqualTo(0.12);
            assertThat(one.reef()).hasSize(1);
        });
        pages.perform(get(keeper, "/tanks/{t}/species?q=dejongi", tank))
                .andExpect(content().string(containsString("Golden basslet")));
        pages.perform(get(keeper, "/tanks/{t}/species/{k}", tank, KEY))
                .andExpect(content().string(containsString("as entered")))
                .andExpect(content().string(containsString("a sheet of the importer")));
        pages.perform(get(keeper, "/tanks/{t}/shop?q=golden basslet", tank))
                .andExpect(content().string(containsString("Gramma dejongi")));
        pages.perform(post(keeper, "/tanks/{t}/wishes", tank)
                        .param("key", UUID.randomUUID().toString())
                        .param("fish", "Gramma dejongi")
                        .param("count", "1"))
                .andExpect(status().isFound());
        for (String place : new String[] {"wishes", "company", "arrivals", "headroom", "watch", "losses"}) {
            pages.perform(get(keeper, "/tanks/{t}/" + place, tank)).andExpect(status().isOk());
        }
        String token = shares.open(keeper.id(), tank, ShareStore.Purpose.WISHES);
        pages.perform(MockMvcRequestBuilders.get("/share/" + token))
                .andExpect(content().string(containsString("Golden basslet")));
        assertThat(PlanFile.read(PlanFile.write(tanks.plan(keeper.id(), tank)), catalogue)
                        .ownSpecies())
                .hasSize(1);
        pages.perform(post(keeper, own + "/" + KEY + "/remove"))
                .andExpect(flash().attribute("undo", hasToString(containsString("It stays"))));
    }

    @Test
    void nonsenseIsTurnedBackWithTheReason() throws Exception {
        add("3").andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("An adult must be longer than a fish at sale")))
                .andExpect(content().string(containsString("Golden basslet")));
        add("").andExpect(status().isUnprocessableContent());
        pages.perform(post(keeper, own).param("like", "gramma-loreto").param("scientificName", "Gramma loreto"))
                .andExpect(status().isUnprocessableContent());
        assertThat(tanks.plan(keeper.id(), tank).ownSpecies()).isEmpty();
    }

    @Test
    void itIsChangedAndTakenAway() throws Exception {
        add("8");
        pages.perform(get(keeper, own + "?species=" + KEY))
                .andExpect(content().string(containsString("value=\"Gramma dejongi\"")));
        pages.perform(post(keeper, own)
                        .param("id", KEY)
                        .param(
                                "seen",
                                VersionMark.mark(tanks.plan(keeper.id(), tank)
                                        .ownSpecies()
                                        .get(0)))
                        .param("like", "gramma-loreto")
                        .param("commonName", "Yolk basslet")
                        .param("scientificName", "Gramma dejongi")
                        .param("adult", "9")
                        .param("sale", "4")
                        .param("volume", "110")
                        .param("swim", "60")
                        .param("gape", "12")
                        .param("temper", "1")
                        .param("note", "measured"))
                .andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), tank).ownSpecies())
                .extracting(OwnSpecies::commonName)
                .containsExactly("Yolk basslet");
        add("8").andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("added this species already")));
        pages.perform(post(keeper, own + "/" + KEY + "/remove")).andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), tank).ownSpecies()).isEmpty();
    }

    @Test
    void anotherKeeperNeverSeesIt() throws Exception {
        add("8");
        KeeperPrincipal other = newKeeper();
        UUID theirs = tanks.add(other.id(), demoPlan());
        pages.perform(get(other, "/tanks/{t}/species/{k}", theirs, KEY)).andExpect(status().isNotFound());
        pages.perform(get(other, "/tanks/{t}/species?q=dejongi", theirs))
                .andExpect(content().string(not(containsString("Golden basslet"))));
        pages.perform(post(other, "/tanks/{t}/own-species/{k}/remove", theirs, KEY))
                .andExpect(status().isNotFound());
    }
}
