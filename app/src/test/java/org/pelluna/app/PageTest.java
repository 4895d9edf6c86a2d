package org.pelluna.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.account.Accounts;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.Observations;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.core.io.ClassPathResource;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Tests of pages over real PostgreSQL: each makes its own keepers and tanks. Started by {@code ./pelluna test}. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("test")
abstract class PageTest {
    @Autowired
    MockMvc pages;

    @Autowired
    TankStore tanks;

    @Autowired
    Accounts accounts;

    @Autowired
    Catalogue catalogue;

    KeeperPrincipal newKeeper() {
        KeeperRow row = accounts.create(
                        "k" + UUID.randomUUID().toString().substring(0, 12), "A keeper", "a long password")
                .orElseThrow();
        return new KeeperPrincipal(row.id(), row.username(), "");
    }

    /** The plan of the demo's reef, as shipped. */
    TankPlan demoPlan() {
        try {
            return PlanFile.read(demoText(), catalogue);
        } catch (PlanFileException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The demo's tank without fish, wishes or record. */
    TankPlan emptyPlan() {
        return demoPlan()
                .with(as -> as.residents(List.of())
                        .wishes(List.of())
                        .log(List.of())
                        .losses(List.of())
                        .observations(Observations.EMPTY)
                        .schedule(Schedule.NONE));
    }

    static Resident fish(TankPlan plan, String id) {
        return plan.residents().stream()
                .filter(fish -> fish.id().key().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static String demoText() {
        try {
            return new ClassPathResource("demo/skerry-reef.json").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A page as its keeper is sent it. */
    String page(KeeperPrincipal keeper, String path) throws Exception {
        return pages.perform(get(keeper, path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** Sends a form: names and values in turn. */
    ResultActions send(KeeperPrincipal keeper, String path, String... fields) throws Exception {
        MockHttpServletRequestBuilder request = post(keeper, path);
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return pages.perform(request);
    }

    static MockHttpServletRequestBuilder get(KeeperPrincipal keeper, String path, Object... values) {
        return MockMvcRequestBuilders.get(path, values).with(user(keeper));
    }

    static MockHttpServletRequestBuilder post(KeeperPrincipal keeper, String path, Object... values) {
        return MockMvcRequestBuilders.post(path, values).with(user(keeper)).with(csrf());
    }
}
