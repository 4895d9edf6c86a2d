package org.pelluna.app;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpMethod;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of the application, asked of it, so that a test of all of them can forget none. */
public final class Routes {
    /** Stands in an address for a link that nobody has made. */
    public static final String NO_LINK = "no-such-link";

    private Routes() {}

    /**
     * An address.
     *
     * @param method how it is called
     * @param pattern with its keys in braces
     * @param page whether it answers with a page
     */
    public record Route(HttpMethod method, String pattern, boolean page) {
        /** Whether it belongs to a tank. */
        public boolean ofATank() {
            return pattern.contains("{tankId}");
        }

        /**
         * The address of something the demo's tank has.
         *
         * @param tank the key of the tank
         * @param draft the key of a table that waits to be looked through
         * @param key of a wish, a fish, an entry …
         * @throws AssertionError if a key has no example: give it one here
         */
        public String path(UUID tank, UUID draft, String key) {
            String path = pattern.replace("{tankId}", tank.toString())
                    .replace("{draft}", draft.toString())
                    .replace("{key}", key);
            for (Map.Entry<String, String> one : EXAMPLES.entrySet()) {
                path = path.replace(one.getKey(), one.getValue());
            }
            if (path.contains("{")) {
                throw new AssertionError("no example for the key in " + pattern);
            }
            return path;
        }

        /** The key of something the demo's tank has. */
        public String demoKey() {
            return pattern.contains("photos")
                    ? "photo"
                    : pattern.endsWith("/edit") ? "l001" : pattern.endsWith("/fish/{key}") ? "gale" : "w-fairy";
        }
    }

    private static final Map<String, String> EXAMPLES = Map.of(
            "{speciesId}", "gramma-loreto",
            "{family}", "Acanthuridae",
            "{figure}", "ADULT",
            "{setback}", "sb1",
            "{form}", "f1",
            "{way}", "best",
            "{plan}", "cp1",
            "{count}", "c1",
            "{kind:log|tests|losses}", "log",
            "{token}", NO_LINK);

    /** Every route there is, in the order of their patterns. */
    public static List<Route> of(RequestMappingHandlerMapping mappings) {
        return mappings.getHandlerMethods().entrySet().stream()
                .flatMap(entry -> entry.getKey().getPatternValues().stream()
                        .flatMap(pattern -> entry.getKey().getMethodsCondition().getMethods().stream()
                                .map(RequestMethod::asHttpMethod)
                                .map(method -> new Route(method, pattern, isPage(method, entry.getValue())))))
                .sorted(java.util.Comparator.comparing(Route::pattern))
                .toList();
    }

    private static boolean isPage(HttpMethod method, HandlerMethod handler) {
        return method == HttpMethod.GET
                && handler.getReturnType().getParameterType() == String.class
                && !handler.hasMethodAnnotation(ResponseBody.class);
    }
}
