package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.TableDraft;
import org.pelluna.app.storage.TableStore;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.DataPackage;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.watch.Task;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * One keeper sends every key of another's tank to every route there is: in the path, the query, the form, as JSON, and as the key of something
 * new. Nothing of the other's changes by a byte, and nothing of it is read. Routes, and what they ask for, are asked of the application.
 */
class StrangersKeysTest extends PageTest {
    private static final String MARK = "only the owner reads this";

    @Autowired
    TableStore tables;

    @Autowired
    JournalStore journal;

    @Autowired
    ScheduleStore schedules;

    @Autowired
    ShareStore shares;

    @Autowired
    JdbcClient database;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    private KeeperPrincipal owner;
    private KeeperPrincipal stranger;
    private UUID theirs;
    private UUID mine;

    /** One key of each kind of thing that the owner's tank has, by what it is the key of. */
    private final Map<String, String> keys = new LinkedHashMap<>();

    private record Route(HttpMethod method, String pattern, HandlerMethod handler) {}

    @BeforeEach
    void aTankWithOneOfEverything() {
        owner = newKeeper();
        stranger = newKeeper();
        theirs = tanks.add(owner.id(), demoPlan());
        mine = tanks.add(stranger.id(), demoPlan());
        String sign = UUID.randomUUID().toString();
        String task = UUID.randomUUID().toString();
        journal.add(
                owner.id(),
                theirs,
                new Sign(
                        sign,
                        java.time.LocalDateTime.of(2026, 1, 2, 10, 0),
                        new FishId("gale"),
                        Sign.Kind.values()[0],
                        java.util.Optional.of(MARK),
                        java.util.Optional.of(sign + "-photo")),
                java.util.Optional.of(new byte[] {1, 2, 3}));
        journal.add(owner.id(), theirs, new Task(task, java.time.LocalDate.of(2026, 1, 2), MARK, false));
        String setback = UUID.randomUUID().toString();
        schedules.change(
                owner.id(),
                theirs,
                schedule -> schedule.with(new Setback(
                        setback,
                        java.time.LocalDate.of(2026, 1, 2),
                        Setback.Kind.LATE,
                        "a fish",
                        java.util.Optional.empty(),
                        java.util.Optional.of(MARK))));
        UUID draft = tables.bring(
                owner.id(), theirs, UUID.randomUUID(), TableDraft.Kind.TESTS, "on,nitrate\n2026-01-02,4\n" + MARK);
        var plan = tanks.plan(owner.id(), theirs);
        keys.put("tank", theirs.toString());
        keys.put("draft", draft.toString());
        keys.put("draft's form", column("select form_key::text from table_draft where tank_id = ?"));
        keys.put("tank's form", column("select form_key::text from tank where id = ?"));
        keys.put("row of a wish", column("select id::text from wish where tank_id = ? limit 1"));
        keys.put("row of a share", shareRow());
        keys.put("sign", sign);
        keys.put("photo", sign + "-photo");
        keys.put("task", task);
        keys.put("setback", setback);
        keys.put("fish", "gale");
        keys.put("wish", "w-fairy");
        keys.put("entry", plan.log().get(0).id());
        keys.put("remedy", plan.observations().remedies().get(0).id());
    }

    private String shareRow() {
        shares.open(owner.id(), theirs, ShareStore.Purpose.WISHES);
        shares.open(owner.id(), theirs, ShareStore.Purpose.CALENDAR);
        return column("select id::text from share where tank_id = ? limit 1");
    }

    private String column(String sql) {
        return database.sql(sql).param(1, theirs).query(String.class).single();
    }

    private List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        mappings.getHandlerMethods()
                .forEach((info, handler) -> info.getPatternValues()
                        .forEach(pattern -> info.getMethodsCondition()
                                .getMethods()
                                .forEach(method -> routes.add(new Route(method.asHttpMethod(), pattern, handler)))));
        return routes;
    }

    /** Everything of the owner's, byte for byte: the package with photographs, drafts, links, the account. */
    private String everything() {
        String rows = Stream.of(
                        "select string_agg(to_jsonb(t)::text, ',' order by id) from tank t where keeper_id = ?",
                        "select string_agg(to_jsonb(k)::text, ',') from keeper k where id = ?",
                        "select string_agg(to_jsonb(m)::text, ',' order by id) from message m where keeper_id = ?")
                .map(sql -> database.sql(sql)
                        .param(1, owner.id())
                        .query(String.class)
                        .optional()
                        .orElse(""))
                .reduce("", String::concat);
        for (String table :
                List.of("table_draft", "share", "wish", "resident", "log_entry", "loss", "journal_item", "photo")) {
            rows += database.sql("select string_agg(to_jsonb(r)::text, ',' order by id) from " + table
                            + " r where tank_id = ?")
                    .param(1, theirs)
                    .query(String.class)
                    .optional()
                    .orElse("");
        }
        var plan = tanks.plan(owner.id(), theirs);
        return rows
                + PlanFile.write(plan)
                + new String(DataPackage.write(plan, journal.photos(owner.id(), theirs)), StandardCharsets.ISO_8859_1);
    }

    private static String path(Route route, String tank, String key) {
        return route.pattern()
                .replace("{tankId}", tank)
                .replaceAll("\\{kind:[^}]*}", "log")
                .replaceAll("\\{[^}]*}", key);
    }

    private AbstractMockHttpServletRequestBuilder<?> form(Route route, String path, String key) {
        boolean sends = route.method() != HttpMethod.GET;
        AbstractMockHttpServletRequestBuilder<?> request = sends
                ? multipart(path)
                        .file(new MockMultipartFile(
                                "file",
                                "t.csv",
                                "text/csv",
                                "on,nitrate\n2026-01-02,4\n".getBytes(StandardCharsets.UTF_8)))
                : MockMvcRequestBuilders.request(route.method(), path);
        FormOfRoute.of(route.handler(), key).forEach((name, value) -> request.param(name, value));
        request.param("id", key).param("tankId", key);
        return request.with(user(stranger)).with(csrf());
    }

    private MockHttpServletResponse answer(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
        return pages.perform(request).andReturn().getResponse();
    }

    @Test
    void noRouteOfTheOwnersTankAnswersAStranger() throws Exception {
        String before = everything();
        Map<String, Integer> wrong = new HashMap<>();
        for (Route route : routes()) {
            if (route.pattern().contains("{tankId}")) {
                for (String key : keys.values()) {
                    MockHttpServletResponse answer = answer(form(route, path(route, theirs.toString(), key), key));
                    if (answer.getStatus() != 404) {
                        wrong.put(route.method() + " " + route.pattern() + " " + key, answer.getStatus());
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(everything()).isEqualTo(before);
    }

    @Test
    void theOwnersKeysReachNothingFromAnywhereElse() throws Exception {
        String before = everything();
        List<String> wrong = new ArrayList<>();
        for (Route route : routes()) {
            boolean ofATank = route.pattern().contains("{tankId}");
            for (var key : keys.entrySet()) {
                if (route.pattern().matches(".*/(remove|restore)")
                        && ofATank
                        && !route.pattern().contains("{key}")) {
                    continue; // removes the stranger's own tank, which the other requests need
                }
                boolean asksForNothing = route.method() == HttpMethod.GET
                        && !route.pattern().replace("{tankId}", "").contains("{")
                        && FormOfRoute.of(route.handler(), key.getValue()).isEmpty();
                if (asksForNothing && !key.getKey().equals("tank")) {
                    continue; // no key reaches it
                }
                String path = path(route, mine.toString(), key.getValue());
                MockHttpServletResponse answer = answer(form(route, path, key.getValue()));
                String what = route.method() + " " + path + " with the " + key.getKey() + ": " + answer.getStatus();
                if (answer.getStatus() >= 500) {
                    wrong.add(what);
                }
                if (answer.getContentAsString(StandardCharsets.UTF_8).contains(MARK)) {
                    wrong.add(what + " shows what is another's");
                }
                if (String.valueOf(answer.getRedirectedUrl()).contains("/tanks/" + theirs)) {
                    wrong.add(what + " leads to another's tank");
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(everything()).isEqualTo(before);
    }

    @Test
    void theOwnersKeysAsJsonReachNothing() throws Exception {
        String before = everything();
        for (Route route : routes()) {
            if (route.method() == HttpMethod.GET) {
                continue;
            }
            for (String key : keys.values()) {
                String json = "{\"id\":\"" + key + "\",\"key\":\"" + key + "\",\"tankId\":\"" + theirs
                        + "\",\"fish\":\"gale\"}";
                // In the path of another's tank, and as that of something new for one of the keys.
                for (String path : Set.copyOf(
                        key.equals(theirs.toString())
                                ? List.of(
                                        path(route, key, key),
                                        path(route, UUID.randomUUID().toString(), key))
                                : List.of(path(route, theirs.toString(), key)))) {
                    MockHttpServletResponse answer = answer(MockMvcRequestBuilders.post(path)
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(json)
                            .with(user(stranger))
                            .with(csrf()));
                    assertThat(answer.getStatus())
                            .as("%s %s", route.method(), route.pattern())
                            .isLessThan(500);
                }
            }
        }
        assertThat(everything()).isEqualTo(before);
    }

    /** The fault this test was first written for: whoever sent the key of another's tank with a new one took it over. */
    @Test
    void aNewTankWithAnothersKeyIsANewTank() throws Exception {
        String before = everything();
        for (String field : List.of("id", "key")) {
            for (String key : List.of(keys.get("tank"), keys.get("tank's form"))) {
                int had = tanks.of(stranger.id()).size();
                pages.perform(post(stranger, "/tanks/new")
                        .param(field, key)
                        .param("name", "Mine")
                        .param("shape", "BOX")
                        .param("length", "90")
                        .param("width", "45")
                        .param("height", "45")
                        .param("belowRim", "3")
                        .param("rockKg", "5")
                        .param("sump", "0")
                        .param("sandDepth", "3")
                        .param("refugium", "0")
                        .param("cover", "LID")
                        .param("gapMm", "5")
                        .param("shelters", "3")
                        .param("feedingPlaces", "1")
                        .param("temperature", "25.5")
                        .param("specificGravity", "1.0255")
                        .param("experience", "SEASONED")
                        .param("gallonsPerInchNew", "5")
                        .param("gallonsPerInchMature", "3")
                        .param("matureAfterMonths", "12")
                        .param("bodyLengthsToSwim", "4")
                        .param("pauseAfterOneDays", "14")
                        .param("pauseAfterMoreDays", "28")
                        .param("widestGapMm", "6")
                        .param("carefulPerHour", "4")
                        .param("notAbovePerHour", "18")
                        .param("latenessWeight", "0.25")
                        .param("shynessWeight", "1"));
                assertThat(tanks.of(stranger.id())).hasSize(had + 1);
            }
        }
        assertThat(tanks.of(owner.id())).hasSize(1);
        assertThat(everything()).isEqualTo(before);
    }

    @Test
    void aTableWithTheKeyOfAnothersIsOneOfTheStrangersOwn() throws Exception {
        String before = everything();
        for (String key : List.of(keys.get("draft"), keys.get("draft's form"))) {
            String page = answer(multipart("/tanks/{t}/tables", mine)
                            .file(new MockMultipartFile(
                                    "file",
                                    "t.csv",
                                    "text/csv",
                                    "on,nitrate\n2026-01-02,5\n".getBytes(StandardCharsets.UTF_8)))
                            .param("kind", "TESTS")
                            .param("key", key)
                            .with(user(stranger))
                            .with(csrf()))
                    .getRedirectedUrl();
            assertThat(page).startsWith("/tanks/" + mine + "/tables/").doesNotContain(key);
        }
        assertThat(everything()).isEqualTo(before);
    }
}
