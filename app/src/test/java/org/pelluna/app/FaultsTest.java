package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.DataPackage;
import org.pelluna.core.plan.TankPlan;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What goes wrong is told as what it is, and leaves nothing half done. */
class FaultsTest extends PageTest {
    @Autowired
    RecordStore record;

    @Autowired
    JournalStore journal;

    @Autowired
    ShareStore shares;

    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    /** A sign that nobody sees and no database keeps was answered "sent twice, it was saved once", and nothing was saved. */
    @Test
    void aNoteWithASignThatNobodySeesIsSavedWithoutIt() throws Exception {
        String key = UUID.randomUUID().toString();
        pages.perform(post(keeper, "/tanks/{t}/watch", tank)
                        .param("key", key)
                        .param("kind", "NOTE")
                        .param("at", "2026-11-01T19:00")
                        .param("note", "it\u0000 eats\n again"))
                .andExpect(status().isFound());
        assertThat(plan().log())
                .filteredOn(one -> one.id().equals(key))
                .singleElement()
                .satisfies(one -> assertThat(one.note()).contains("it eats\n again"));
    }

    @Test
    void aFileWithSuchASignIsRefusedWithItsPlace() throws Exception {
        String text = demoText().replace("\"Gale\"", "\"Ga\\u0000le\"");
        pages.perform(multipart("/import")
                        .file(new MockMultipartFile("file", "p.json", "application/json", text.getBytes("UTF-8")))
                        .with(user(keeper))
                        .with(csrf()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("/residents/")));
        assertThat(tanks.of(keeper.id())).hasSize(1);
    }

    /** A photograph that is none turned up after half a tank was stored; now all of a package comes in, or nothing. */
    @Test
    void aPackageWithOneBadPhotographLeavesNothing() throws Exception {
        byte[] zip = DataPackage.write(plan(), Map.of("sg-photo", new byte[] {1, 2, 3}));
        pages.perform(multipart("/import")
                        .file(new MockMultipartFile("file", "p.zip", "application/zip", zip))
                        .with(user(keeper))
                        .with(csrf()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("sg-photo")));
        assertThat(tanks.of(keeper.id())).hasSize(1);
    }

    /** Only wishes on the list fill it; removed ones and those that arrived do not. */
    @Test
    void removedWishesMakeRoomOnTheFamilysList() throws Exception {
        String token = shares.open(keeper.id(), tank, ShareStore.Purpose.WISHES);
        int room = 150 - plan().wishes().size();
        for (int i = 0; i < room; i++) {
            record.addWish(keeper.id(), tank, wish("more" + i));
        }
        assertThat(shares.addWish(token, wish("too many"))).isFalse();
        record.removeWish(keeper.id(), tank, "more1");
        assertThat(shares.addWish(token, wish("now"))).isTrue();
    }

    private static org.pelluna.core.plan.Wish wish(String key) {
        return new org.pelluna.core.plan.Wish(
                new WishId(key),
                new SpeciesId("gramma-loreto"),
                1,
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                org.pelluna.core.plan.Wish.Decision.OPEN,
                java.util.Optional.empty());
    }

    /** What a keeper sends wrongly is a 400 with the reason; what we do wrongly is a 500, and not called their mistake. */
    @Test
    void aFaultOfOursIsNotTheKeepers() throws Exception {
        pages.perform(post(keeper, "/tanks/{t}/watch/watches", tank)
                        .param("key", UUID.randomUUID().toString())
                        .param("start", "2026-11-01T19:00")
                        .param("minutes", "-5"))
                .andExpect(status().isBadRequest());
        org.springframework.jdbc.core.simple.JdbcClient.create(dataSource)
                .sql("update wish set species_id = 'no-such-fish' where tank_id = ? and plan_key = 'w-fairy'")
                .param(1, tank)
                .update();
        pages.perform(get(keeper, "/tanks/{t}/wishes", tank))
                .andExpect(status().isInternalServerError())
                .andExpect(content().string(containsString("our fault")))
                .andExpect(content().string(not(containsString("no-such-fish"))));
    }

    @Autowired
    javax.sql.DataSource dataSource;

    @Test
    void aFormWithoutItsKeyOrWithAnotherKindOfBodyIsAskedForAgain() throws Exception {
        pages.perform(post(keeper, "/tanks/{t}/watch/watches", tank)
                        .param("key", "not a key")
                        .param("start", "2026-11-01T19:00")
                        .param("minutes", "5"))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("reload the page")));
        pages.perform(MockMvcRequestBuilders.post("/import")
                        .content("{}")
                        .contentType("application/json")
                        .with(user(keeper))
                        .with(csrf()))
                .andExpect(status().is4xxClientError());
        pages.perform(post(keeper, "/tanks/{t}/wishes/w-fairy/decide", tank).param("decision", "PERHAPS"))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("decision")));
    }

    /** A form that is refused is shown again on its page as it was filled in; only what no page sent gets a page of its own. */
    @Test
    void aRefusedFormGoesBackToItsPageWithWhatWasEntered() throws Exception {
        String page = "/tanks/" + tank + "/arrivals";
        var answer = pages.perform(post(keeper, page + "/w-fairy/setback")
                        .header("Referer", "http://localhost" + page + "?show=all")
                        .header("Sec-Fetch-Mode", "navigate")
                        .param("key", UUID.randomUUID().toString())
                        .param("kind", "LATE")
                        .param("days", "0")
                        .param("note", "the importer's flight"))
                .andExpect(status().isFound())
                .andExpect(org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl(
                        page + "?show=all"))
                .andReturn();
        pages.perform(get(keeper, page + "?show=all")
                        .cookie(answer.getResponse().getCookie("pelluna")))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Not saved: an arrival is put off by 1 to 730 days.")))
                .andExpect(content().string(containsString("value=\"the importer&#39;s flight\"")));
        var letters = pages.perform(post(keeper, page + "/w-fairy/setback")
                        .header("Referer", "http://localhost" + page)
                        .header("Sec-Fetch-Mode", "navigate")
                        .param("key", UUID.randomUUID().toString())
                        .param("kind", "LATE")
                        .param("days", "soon"))
                .andExpect(status().isFound())
                .andReturn();
        pages.perform(get(keeper, page).cookie(letters.getResponse().getCookie("pelluna")))
                .andExpect(content().string(containsString("data-field=\"days\"")));
        pages.perform(post(keeper, page + "/w-fairy/setback")
                        .header("Referer", "http://elsewhere.example" + page)
                        .header("Sec-Fetch-Mode", "navigate")
                        .param("kind", "LATE")
                        .param("days", "0"))
                .andExpect(status().isBadRequest());
        pages.perform(post(keeper, page + "/w-fairy/setback")
                        .header("Referer", "http://localhost" + page)
                        .param("kind", "LATE")
                        .param("days", "0"))
                .andExpect(status().isBadRequest());
        assertThat(plan().schedule().setbacks()).hasSize(1);
    }
}
