package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pelluna.app.Routes.Route;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.TableDraft;
import org.pelluna.app.storage.TableStore;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.watch.Sign;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Whatever page there is of a tank, only its keeper gets it. The pages are asked of the application, so none is forgotten. */
class OwnershipTest extends PageTest {
    private UUID draft = UUID.randomUUID();

    @Autowired
    TableStore tables;

    @Autowired
    JournalStore journal;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    private static String kind(String pattern) {
        return pattern.contains("setback") ? "LATE" : pattern.contains("tables") ? "LOG" : "NOTE";
    }

    private List<Route> pagesOfATank() {
        return Routes.of(mappings).stream().filter(Route::ofATank).toList();
    }

    /** A request with all that any form of a tank asks for, so that only the ownership can fail. */
    private MockHttpServletRequestBuilder request(Route page, UUID tankId, String key) {
        return MockMvcRequestBuilders.request(page.method(), page.path(tankId, draft, key))
                .with(csrf())
                .param("key", UUID.randomUUID().toString())
                .param("speciesId", "gramma-loreto")
                .param("preset", "slack-water")
                .param("decision", "STRUCK")
                .param("on", "2026-01-02")
                .param("length", "4")
                .param("kind", kind(page.pattern()))
                .param("at", "2026-01-02T10:00")
                .param("note", "mine now")
                .param("fish", "bosun")
                .param("wish", "w-fairy")
                .param("to", "2027-01-01")
                .param("since", "2026-01-02")
                .param("step", "inspect")
                .param("volume", "60")
                .param("places", "2")
                .param("compartments", "1")
                .param("gravity", "1.02")
                .param("reading[NITRATE]", "3")
                .param("start", "2026-01-02T10:00")
                .param("minutes", "5")
                .param(page.pattern().contains("remedies") ? "from" : "unused", "2026-01-02")
                .param("remedy", "FRESH_ROCK")
                .param("sign", Sign.Kind.values()[0].name())
                .param(page.pattern().contains("crew") ? "group" : "unused", AnimalGroup.values()[0].name())
                .param("display", tankId.toString())
                .param("cause", "MISSING")
                .param("certainty", "GUESS");
    }

    @Test
    void anotherKeepersTankIsNotThere() throws Exception {
        KeeperPrincipal owner = newKeeper();
        KeeperPrincipal stranger = newKeeper();
        UUID tank = tanks.add(owner.id(), demoPlan());
        var before = tanks.plan(owner.id(), tank);
        assertThat(pagesOfATank()).hasSizeGreaterThanOrEqualTo(18);
        for (Route page : pagesOfATank()) {
            for (String key : List.of("w-cardinal", "l001", "x1")) {
                int status = pages.perform(request(page, tank, key).with(user(stranger)))
                        .andReturn()
                        .getResponse()
                        .getStatus();
                assertThat(status).as("%s %s", page.method(), page.pattern()).isEqualTo(404);
            }
        }
        assertThat(tanks.plan(owner.id(), tank)).isEqualTo(before);
    }

    @Test
    void withoutSigningInEveryPageLeadsToTheSignIn() throws Exception {
        UUID tank = tanks.add(newKeeper().id(), demoPlan());
        for (Route page : pagesOfATank()) {
            pages.perform(request(page, tank, "w-cardinal"))
                    .andExpect(status().isFound())
                    .andExpect(redirectedUrl("/sign-in"));
        }
    }

    @Test
    void theOwnerSeesEveryPage() throws Exception {
        KeeperPrincipal owner = newKeeper();
        UUID tank = tanks.add(owner.id(), demoPlan());
        draft = tables.bring(owner.id(), tank, UUID.randomUUID(), TableDraft.Kind.TESTS, "on,nitrate\n2026-01-02,4\n");
        journal.addPhoto(owner.id(), tank, "photo", new byte[] {1});
        for (Route page : pagesOfATank()) {
            if (page.method() == HttpMethod.GET) {
                // A display has no quarantine of its own: the page leads to the tank that has.
                pages.perform(request(page, tank, page.demoKey()).with(user(owner)))
                        .andExpect(page.pattern().endsWith("/quarantine") ? status().isFound() : status().isOk());
            }
        }
    }
}
