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

    /** Stands in an address for a package that nobody has brought. */
    public static final String NO_JOB = "00000000-0000-4000-8000-000000000000";

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

    private static final Map<String, String> EXAMPLES = Map.ofEntries(
            Map.entry("{speciesId}", "gramma-loreto"),
            Map.entry("{family}", "Acanthuridae"),
            Map.entry("{figure}", "ADULT"),
            Map.entry("{setback}", "sb1"),
            Map.entry("{form}", "f1"),
            Map.entry("{way}", "best"),
            Map.entry("{plan}", "cp1"),
            Map.entry("{count}", "c1"),
            Map.entry("{kind:log|tests|losses}", "log"),
            Map.entry("{token}", NO_LINK),
            Map.entry("{job}", NO_JOB));

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
