package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import jakarta.servlet.ServletException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Requests made from what each route asks for, with some of it bent by chance: none is answered as a fault of ours, and what was sent comes
 * back, then and on every page afterwards, without being markup. {@code ./pelluna trial fuzz} sends ten thousand, the suite a few hundred;
 * {@code -Dpelluna.fuzz.seed} begins elsewhere.
 */
class FuzzTest extends PageTest {
    private static final int REQUESTS = Integer.getInteger("pelluna.fuzz", 500);
    private static final long SEED = Long.getLong("pelluna.fuzz.seed", 17);
    private static final int FOR_A_TANK = 100;

    /** Markup that no page of ours holds: whole, it was let through. */
    private static final String MARK = "<i7f";

    private static final List<String> BENT = List.of(
            MARK + ">",
            "\">" + MARK + " onload=x>",
            "'>" + MARK + " a='",
            "</script>" + MARK + ">",
            "]]>" + MARK + ">",
            "${7*7}" + MARK + ">",
            "__${T(java.lang.Runtime)}__::x",
            "'; drop table tank; --",
            "\\",
            "%",
            "%00",
            "\u0000",
            "\uD800",
            "\u202Egnp.exe",
            "a\r\nSet-Cookie: x=1",
            "-1",
            "0",
            "1e309",
            "-0",
            "NaN",
            "Infinity",
            "0x1F",
            "1,5",
            "2147483648",
            "9223372036854775808",
            "99999999999999999999999999",
            "0.00000000000000000000001",
            "9999-12-31",
            "+1000000000-01-01",
            "0000-00-00",
            "2026-02-30",
            "-9999-01-01T00:00",
            "2026-01-02T25:61",
            "true",
            "null",
            "[]",
            "{}",
            "../../etc/passwd",
            "//example.org",
            "javascript:x",
            "x".repeat(300),
            "9".repeat(5_000),
            "é".repeat(70_000));

    private static final List<String> NAMES = List.of(
            "key.x",
            "name[0]",
            "rows[70000].fish",
            "rows[-1].x",
            "reading[X].y",
            "class.module.classLoader.URLs[0]",
            "[0]",
            "..",
            "");

    private static final List<String> TYPES = List.of(
            "application/json",
            "text/plain",
            "application/xml",
            "multipart/form-data",
            "a/b",
            "application/octet-stream");

    private static final List<byte[]> FILES = List.of(
            new byte[0],
            "on,nitrate\n2026-01-02,4".getBytes(StandardCharsets.UTF_8),
            ("{\"tank\":\"" + MARK + ">\"}").getBytes(StandardCharsets.UTF_8),
            "[".repeat(20_000).getBytes(StandardCharsets.UTF_8),
            new byte[] {'P', 'K', 3, 4, 20, 0, 0, 0, 8, 0},
            new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0, 0, 0, 13},
            new byte[] {(byte) 0xFF, (byte) 0xFE, 0, (byte) 0xD8});

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    private record Asked(HttpMethod method, String pattern, HandlerMethod handler) {}

    private final Random chance = new Random(SEED);
    private final List<String> faults = new ArrayList<>();

    @Test
    void chanceFindsNoFault() throws Exception {
        List<Asked> routes = routes();
        assertThat(routes).hasSizeGreaterThan(120);
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        int taken = 0;
        int refused = 0;
        for (int i = 1; i <= REQUESTS; i++) {
            Asked route = routes.get(chance.nextInt(routes.size()));
            String path = path(route.pattern(), tank);
            int status = look(route.method() + " " + path, bent(route, path).with(user(keeper)));
            taken += status < 400 ? 1 : 0;
            refused += status >= 400 ? 1 : 0;
            if (i % FOR_A_TANK == 0) {
                readEverything(keeper, tank);
                keeper = newKeeper();
                tank = tanks.add(keeper.id(), demoPlan());
            }
        }
        assertThat(faults).as("seed %s, %s requests", SEED, REQUESTS).isEmpty();
        // Neither everything refused at the door, nor nothing bent enough to be refused.
        assertThat(taken).isGreaterThan(REQUESTS / 10);
        assertThat(refused).isGreaterThan(REQUESTS / 10);
    }

    private List<Asked> routes() {
        List<Asked> routes = new ArrayList<>();
        mappings.getHandlerMethods()
                .forEach((info, handler) -> info.getPatternValues()
                        .forEach(pattern -> info.getMethodsCondition()
                                .getMethods()
                                .forEach(method -> routes.add(new Asked(method.asHttpMethod(), pattern, handler)))));
        routes.sort(java.util.Comparator.comparing(Asked::pattern)
                .thenComparing(one -> one.method().name()));
        return routes;
    }

    private <T> T one(List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    private String path(String pattern, UUID tank) {
        Matcher keys = Pattern.compile("\\{([^}]*)}").matcher(pattern.replace("{tankId}", tank.toString()));
        return keys.replaceAll(found -> Matcher.quoteReplacement(
                chance.nextInt(3) > 0
                        ? one(List.of("w-fairy", "gale", "l001", "gramma-loreto", "Acanthuridae", "log", "best"))
                        : URLEncoder.encode(one(BENT.subList(0, 36)), StandardCharsets.UTF_8)
                                .replace("+", "%20")));
    }

    private AbstractMockHttpServletRequestBuilder<?> bent(Asked route, String path) {
        java.net.URI address = java.net.URI.create(path);
        boolean sends = route.method() != HttpMethod.GET;
        AbstractMockHttpServletRequestBuilder<?> request = sends && chance.nextInt(3) == 0
                ? MockMvcRequestBuilders.multipart(route.method(), address)
                        .file(new MockMultipartFile(
                                one(List.of("file", "photo", "files", "x")),
                                one(List.of("t.csv", "..\\x", MARK + ">.png", "")),
                                one(TYPES),
                                one(FILES)))
                : MockMvcRequestBuilders.request(route.method(), address);
        Map<String, String> form = FormOfRoute.of(route.handler(), one(List.of("gale", "w-fairy", "l001", "a word")));
        for (var field : form.entrySet()) {
            switch (chance.nextInt(5)) {
                case 0 -> request.param(field.getKey(), one(BENT));
                case 1 -> request.param(field.getKey(), field.getValue(), one(BENT));
                case 2 -> {} // left out
                default -> request.param(field.getKey(), field.getValue());
            }
        }
        if (chance.nextInt(4) == 0) {
            request.param(one(NAMES), one(BENT));
        }
        if (sends && chance.nextInt(8) == 0) {
            request.contentType(MediaType.valueOf(one(TYPES)))
                    .content(one(List.of("[".repeat(3_000), "{\"key\":1e999999999}", "", "a=b&=c&%zz=1", MARK)));
        }
        switch (chance.nextInt(12)) {
            case 0 -> request.header("Accept", one(List.of("*/*;q=x", "application/json", "image/*")));
            case 1 -> request.header("Accept-Language", one(BENT).replaceAll("[\r\n\u0000\uD800]", ""));
            case 2 -> request.header("Range", "bytes=9-1");
            case 3 -> request.header("If-None-Match", "\"");
            case 4 -> request.header("If-Modified-Since", "never");
            default -> {}
        }
        return request.with(csrf());
    }

    /** What was kept of it all stands on some page. */
    private void readEverything(KeeperPrincipal keeper, UUID tank) throws Exception {
        for (Routes.Route page : Routes.of(mappings)) {
            if (page.page() && page.ofATank()) {
                String path = page.path(tank, UUID.randomUUID(), page.demoKey());
                look("afterwards " + path, get(keeper, path));
            }
        }
    }

    private int look(String what, AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
        try {
            MockHttpServletResponse answer = pages.perform(request).andReturn().getResponse();
            if (answer.getStatus() >= 500) {
                faults.add(what + " answered " + answer.getStatus());
            }
            String kind = String.valueOf(answer.getContentType());
            boolean markup = kind.contains("html") || kind.contains("svg") || kind.contains("xml");
            if (markup && answer.getContentAsString(StandardCharsets.UTF_8).contains(MARK)) {
                faults.add(what + " lets markup through");
            }
            return answer.getStatus();
        } catch (ServletException e) {
            // What is thrown through all of ours is a fault too.
            faults.add(what + " threw " + e.getCause());
            return 599;
        }
    }
}
