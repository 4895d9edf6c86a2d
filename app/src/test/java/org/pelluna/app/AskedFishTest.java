package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import java.util.stream.Stream;
import org.hamcrest.Matcher;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Wish;
import org.springframework.beans.factory.annotation.Autowired;

/** A name that several fish bear is never taken for one of them: the page asks, with portraits, and keeps the rest of the form. */
class AskedFishTest extends PageTest {
    private static final SpeciesId REGAL = new SpeciesId("paracanthurus-hepatus");
    private static final String PRESSED = "Regal tang — Paracanthurus hepatus";

    @Autowired
    ShareStore shares;

    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private static Matcher<String> asksForBlueTangs() {
        return allOf(
                containsString("asked-fish"),
                containsString("value=\"" + PRESSED + "\""),
                containsString("Acanthurus coeruleus"),
                not(containsString("value=\"Yellow tang — Zebrasoma flavescens\" class=\"asked-fish\"")));
    }

    private Stream<SpeciesId> wished() {
        return tanks.plan(keeper.id(), tank).wishes().stream().map(Wish::speciesId);
    }

    @Test
    void wishes() throws Exception {
        for (String path : new String[] {"/wishes", "/voyage/wishes"}) {
            String key = UUID.randomUUID().toString();
            send(keeper, "/tanks/" + tank + path, "key", key, "fish", "blue tang", "count", "2")
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(content().string(asksForBlueTangs()))
                    .andExpect(content().string(containsString("value=\"2\"")));
        }
        assertThat(wished()).doesNotContain(REGAL);
        for (String path : new String[] {"/wishes", "/voyage/wishes"}) {
            String key = UUID.randomUUID().toString();
            send(keeper, "/tanks/" + tank + path, "key", key, "fish", "blue tang", "chosen", PRESSED, "count", "1")
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(wished().filter(REGAL::equals)).hasSize(2);
    }

    @Test
    void aNameInFullOfAnyLanguageIsTaken() throws Exception {
        String key = UUID.randomUUID().toString();
        send(keeper, "/tanks/" + tank + "/wishes", "key", key, "fish", "Palettendoktor", "count", "1")
                .andExpect(status().is3xxRedirection());
        assertThat(wished()).contains(REGAL);
    }

    @Test
    void theFamily() throws Exception {
        String link = "/share/" + shares.open(keeper.id(), tank, ShareStore.Purpose.WISHES);
        String key = UUID.randomUUID().toString();
        send(keeper, link, "key", key, "fish", "blue tang", "count", "1")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(asksForBlueTangs()));
        send(keeper, link, "key", key, "fish", "blue tang", "chosen", PRESSED, "count", "1")
                .andExpect(status().is3xxRedirection());
        assertThat(wished()).contains(REGAL);
    }

    @Test
    void whoLivesHere() throws Exception {
        String enter = "/tanks/" + tank + "/residents/enter";
        String key = UUID.randomUUID().toString();
        String[] asked = {"key", key, "rows[0].fish", "Plum's kin", "rows[1].fish", "blue tang", "rows[1].name", "Ida"};
        send(keeper, enter, asked)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(asksForBlueTangs()))
                .andExpect(content().string(containsString("name=\"rows[1].chosen\"")));
        send(keeper, enter, "key", key, "rows[1].fish", "blue tang", "rows[1].chosen", PRESSED, "rows[1].name", "Ida")
                .andExpect(status().is3xxRedirection());
        assertThat(tanks.plan(keeper.id(), tank).residents())
                .filteredOn(one -> one.name().equals("Ida"))
                .extracting(Resident::speciesId)
                .containsExactly(REGAL);
    }

    @Test
    void theShopAnswersForOneFishOnly() throws Exception {
        String shop = "/tanks/" + tank + "/shop?q={q}";
        pages.perform(get(keeper, shop, "blue tang"))
                .andExpect(content().string(asksForBlueTangs()))
                .andExpect(content().string(not(containsString("Look and ask"))));
        pages.perform(get(keeper, shop + "&meant={m}", "blue tang", PRESSED))
                .andExpect(content().string(containsString("Look and ask")))
                .andExpect(content().string(containsString("Paracanthurus hepatus")));
        pages.perform(get(keeper, shop, "hippo tang")).andExpect(content().string(containsString("Look and ask")));
    }
}
