package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import jakarta.servlet.ServletException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.pelluna.app.Routes.Route;
import org.pelluna.app.account.KeeperPrincipal;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Requests that no page of ours sends, to every address there is: none is our fault, and none is answered as if it were. */
class MalformedTest extends PageTest {
    private static final String DIGITS = "9".repeat(100_000);

    /** Names of fields that forms have, bent. */
    private static final List<String> NAMES = List.of(
            "key.x",
            "name.y",
            "note[0]",
            "rows[70000].fish",
            "rows[-1].fish",
            "rows[x].fish",
            "reading[",
            "reading[X].y",
            "holdings[CLAMS",
            "reef['CLAMS'].x",
            "class.module.classLoader.URLs[0]",
            "q.z",
            "fit.words.bytes",
            "[0]",
            "..");

    /** Fields of one value, each filled with what it cannot be. */
    private static final List<String> FIELDS = List.of(
            "key", "count", "value", "length", "most", "on", "at", "figure", "kind", "fish", "wish", "note", "name",
            "from", "to", "start", "minutes", "day", "order", "s", "q", "price", "size", "volume", "fit", "zone",
            "step", "seen");

    /** What no field takes; by turns, so that each field has one of them. */
    private static final List<String> VALUES =
            List.of("1e999999999", "NaN", "-0", "a\r\nSet-Cookie: x=1", "\u0000", "\uD800", "%00%ff", "");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    private static List<UnaryOperator<MockHttpServletRequestBuilder>> bent(HttpMethod method) {
        List<UnaryOperator<MockHttpServletRequestBuilder>> all = new ArrayList<>();
        // A plain GET is a page as it is read by others of these tests.
        if (method != HttpMethod.GET) {
            all.add(request -> request);
            all.add(request -> request.contentType(MediaType.APPLICATION_JSON).content("[".repeat(5_000)));
        }
        all.add(request -> {
            NAMES.forEach(name -> request.param(name, "1"));
            return request;
        });
        all.add(request -> {
            FIELDS.forEach(field -> request.param(field, DIGITS));
            return request;
        });
        all.add(request -> {
            for (int i = 0; i < FIELDS.size(); i++) {
                request.param(FIELDS.get(i), VALUES.get(i % VALUES.size()));
            }
            return request;
        });
        return all;
    }

    @Test
    void noneIsAnsweredAsAFaultOfOurs() throws Exception {
        List<String> faults = new ArrayList<>();
        int sent = 0;
        KeeperPrincipal keeper = newKeeper();
        UUID looked = tanks.add(keeper.id(), demoPlan());
        for (Route route : Routes.of(mappings)) {
            UUID tank = route.method() == HttpMethod.GET ? looked : tanks.add(keeper.id(), demoPlan());
            for (var bend : bent(route.method())) {
                String path = route.path(tank, UUID.randomUUID(), route.demoKey());
                var request = bend.apply(MockMvcRequestBuilders.request(route.method(), path))
                        .with(user(keeper))
                        .with(csrf());
                sent++;
                int status = status(request);
                if (status >= 500) {
                    faults.add(route.method() + " " + route.pattern() + " answered " + status);
                }
            }
        }
        assertThat(sent).isGreaterThan(500);
        assertThat(faults).isEmpty();
    }

    /** What is thrown through all of ours is a fault too. */
    private int status(MockHttpServletRequestBuilder request) throws Exception {
        try {
            return pages.perform(request).andReturn().getResponse().getStatus();
        } catch (ServletException e) {
            return 599;
        }
    }
}
