package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Preset;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The catalogue, the shop card, the house rules, the headroom and the family's link, as pages. */
class SpeciesPageTest extends PageTest {
    @Autowired
    ShareStore shares;

    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() throws Exception {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private ResultActions see(String path) throws Exception {
        return pages.perform(MockMvcRequestBuilders.get("/tanks/" + tank + path).with(user(keeper)));
    }

    @Test
    void aMisspeltNameFindsItsFishFirst() throws Exception {
        see("/species?q=mandrin dragonett")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Synchiropus splendidus")))
                .andExpect(content().string(not(containsString("Zebrasoma"))));
    }

    @Test
    void filtersLeaveOnlyWhatAnswersToThem() throws Exception {
        see("/species?spares=SHRIMPS&noSand=true&q=gobiidae")
                .andExpect(content().string(containsString("Neon goby")))
                .andExpect(content().string(not(containsString("Amblyeleotris"))));
        see("/species?q=qwxzv").andExpect(content().string(containsString("No species matches all of this")));
        see("/species?most=abc").andExpect(status().is4xxClientError());
    }

    @Test
    void whatIsEstimatedForTheTankNarrowsTheList() throws Exception {
        see("/species?grown=true&q=acanthuridae")
                .andExpect(content().string(containsString("Yellow tang")))
                .andExpect(content().string(not(containsString("Sohal surgeonfish"))));
        see("/species?peaceful=true&fed=true&today=true")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("scale-row")))
                .andExpect(content().string(containsString("from=24&amp;fit=ANY&amp;")))
                .andExpect(content().string(containsString("peaceful=true")));
        see("/species?fed=true&q=mandarin").andExpect(content().string(containsString("No species matches")));
    }

    @Test
    void upToFourStandSideBySide() throws Exception {
        see("/species-compared?s=zebrasoma-flavescens&s=hippocampus-kuda&s=no-fish&s=zebrasoma-flavescens")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(containsString("Spotted seahorse may go hungry: it eats slowly and Yellow tang")))
                .andExpect(content().string(containsString("tail blades")))
                .andExpect(content().string(not(containsString("left out"))));
        see("/species-compared?s=chromis-viridis&s=gramma-loreto&s=chromis-cyanea&s=salarias-fasciatus&s=zebrasoma-scopas")
                .andExpect(content().string(containsString("1 more was left out")))
                .andExpect(content().string(not(containsString("Brown scopas tang"))));
        see("/species-compared").andExpect(content().string(containsString("Nothing is marked yet")));
    }

    @Test
    void aFamilyIsReadInItsOrder() throws Exception {
        String bySize = see("/families/Acanthuridae?order=SIZE")
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(bySize.indexOf("Naso")).isBetween(0, bySize.indexOf("Zebrasoma flavescens"));
        String byTemper =
                see("/families/acanthuridae").andReturn().getResponse().getContentAsString();
        assertThat(byTemper.indexOf("Acanthurus sohal")).isBetween(0, byTemper.indexOf("Zebrasoma flavescens"));
        see("/families/Salmonidae").andExpect(status().isNotFound());
        see("/families/Acanthuridae?order=LENGTH").andExpect(status().is4xxClientError());
    }

    /** 9 − (9 − 3) × e^(−0.7) = 6.0. */
    @Test
    void anEntrySaysHowFastItGrowsAndHowIndividualsDiffer() throws Exception {
        see("/species/amphiprion-ocellaris")
                .andExpect(content().string(containsString("9\u00a0cm; two of three are 7.2\u00a0cm to 10.8\u00a0cm")))
                .andExpect(content().string(containsString("from 3\u00a0cm as sold to about 6\u00a0cm after a year")))
                .andExpect(content().string(containsString("Individuals differ a lot: nine in ten attack")));
    }

    @Test
    void theEntryShowsFiguresWithTheirSourceAndCompanyHere() throws Exception {
        see("/species/pomacanthus-imperator")
                .andExpect(content().string(containsString("not yet checked against a source")))
                .andExpect(content().string(containsString("juvenile")))
                .andExpect(content().string(containsString("clams and other bivalves")))
                .andExpect(content().string(containsString("Bosun")));
        see("/species/nemateleotris-magnifica")
                .andExpect(content().string(containsString("Individuals differ little")));
        see("/species/plotosus-lineatus").andExpect(content().string(containsString("Plotosus lineatus")));
        see("/species/salmo-salar").andExpect(status().isNotFound());
    }

    @Test
    void theShopCardAnswersAndSaysWhatToLookFor() throws Exception {
        see("/shop").andExpect(content().string(containsString("To look for, by your plan")));
        see("/shop?q=").andExpect(status().isOk());
        see("/shop?q=queen angelfish")
                .andExpect(content().string(containsString("Holacanthus ciliaris")))
                .andExpect(content().string(containsString("of net water.")));
        see("/shop?q=qwxzv").andExpect(content().string(containsString("We found no animal with this name")));
    }

    @Test
    void aPresetSetsEveryRuleAndKeepsWhatIsOverruled() throws Exception {
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + tank + "/rules/preset")
                        .with(user(keeper))
                        .with(csrf())
                        .param("preset", "full-sail"))
                .andExpect(status().isFound());
        assertThat(tanks.plan(keeper.id(), tank).houseRules())
                .isEqualTo(Preset.of("full-sail").orElseThrow().rules());
        assertThat(tanks.plan(keeper.id(), tank).houseRules().approaches().ceiling())
                .isEqualTo(Approaches.Ceiling.NUTRIENTS);
        see("/headroom").andExpect(content().string(containsString("your approach")));
    }

    @Test
    void aHouseRuleThatCannotBeIsSaidAndNothingChanges() throws Exception {
        var before = tanks.plan(keeper.id(), tank).houseRules();
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + tank + "/rules")
                        .with(user(keeper))
                        .with(csrf())
                        .param("clears", "2")
                        .param("protein", "450"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("enter a number for every figure of your routine")));
        assertThat(tanks.plan(keeper.id(), tank).houseRules()).isEqualTo(before);
    }

    @Test
    void anIndividualChangesWhatItsFindingsSay() throws Exception {
        pages.perform(MockMvcRequestBuilders.post("/tanks/" + tank + "/residents/gale/individual")
                        .with(user(keeper))
                        .with(csrf())
                        .param("seen", VersionMark.mark(fish(tanks.plan(keeper.id(), tank), "gale")))
                        .param("temper", "0.4")
                        .param("note", "a lamb"))
                .andExpect(redirectedUrl("/tanks/" + tank));
        // The form opens at what has been noted, so that saving it again changes nothing.
        see("").andExpect(content().string(containsString("value=\"a lamb\"")))
                .andExpect(
                        content().string(containsString("<option value=\"0.4\" selected=\"selected\">much gentler")));
        assertThat(tanks.plan(keeper.id(), tank).residents())
                .anyMatch(one -> one.individual().isPresent() && one.id().key().equals("gale"));
    }

    @Test
    void theFamilysLinkAddsWishesAndNothingElseUntilItIsRevoked() throws Exception {
        String token = shares.open(keeper.id(), tank, ShareStore.Purpose.WISHES);
        int before = tanks.plan(keeper.id(), tank).wishes().size();
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            pages.perform(MockMvcRequestBuilders.post("/share/" + token)
                            .with(csrf())
                            .param("key", key)
                            .param("fish", "blue chromis")
                            .param("count", "1")
                            .param("askedBy", "Nephew"))
                    .andExpect(status().isFound());
        }
        assertThat(tanks.plan(keeper.id(), tank).wishes())
                .as("sent twice, saved once")
                .hasSize(before + 1);
        pages.perform(MockMvcRequestBuilders.get("/share/" + token))
                .andExpect(content().string(containsString("Nephew")))
                .andExpect(content().string(not(containsString("Bosun"))));
        String second = shares.open(keeper.id(), tank, ShareStore.Purpose.WISHES);
        pages.perform(MockMvcRequestBuilders.get("/share/" + token)).andExpect(status().isNotFound());
        shares.revoke(keeper.id(), tank, ShareStore.Purpose.WISHES);
        pages.perform(MockMvcRequestBuilders.get("/share/" + second)).andExpect(status().isNotFound());
        pages.perform(MockMvcRequestBuilders.get("/share/guess")).andExpect(status().isNotFound());
    }
}
