package org.pelluna.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.Serializable;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What was refused of a form, so that the page it stands on shows it again as it was filled in, with what is wrong beside it.
 *
 * @param action where the form goes
 * @param reason what is wrong, and what would be right
 * @param field the field that is meant; empty if it is the form as a whole
 * @param entries what was entered
 */
public record Refusal(String action, String reason, String field, ArrayList<Entry> entries) implements Serializable {
    private static final long serialVersionUID = 1L;

    /** What is never shown again. */
    private static final Set<String> SECRET = Set.of("_csrf", "password", "current", "code");

    private static final int MOST_ENTRIES = 200;
    private static final int MOST_LETTERS = 20_000;

    /** One field as it was filled in. */
    public record Entry(String name, String value) implements Serializable {
        private static final long serialVersionUID = 1L;
    }

    /** The refusal of a request's form; empty if the request was not sent by a form of a page of ours, or is too large to be shown again. */
    static Optional<Refusal> of(HttpServletRequest request, String reason, String field) {
        if (!"POST".equals(request.getMethod())
                || !"navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                || page(request).isEmpty()) {
            return Optional.empty();
        }
        List<Entry> entries = request.getParameterMap().entrySet().stream()
                .filter(entry -> !SECRET.contains(entry.getKey()))
                .flatMap(entry -> List.of(entry.getValue()).stream().map(value -> new Entry(entry.getKey(), value)))
                .toList();
        int letters = entries.stream().mapToInt(one -> one.value().length()).sum();
        return entries.size() > MOST_ENTRIES || letters > MOST_LETTERS
                ? Optional.empty()
                : Optional.of(new Refusal(request.getRequestURI(), reason, field, new ArrayList<>(entries)));
    }

    /** The page that the form stands on: a path of ours. */
    static Optional<String> page(HttpServletRequest request) {
        String referer = request.getHeader("Referer");
        if (referer == null) {
            return Optional.empty();
        }
        try {
            URI from = URI.create(referer);
            boolean ours = request.getServerName().equals(from.getHost())
                    && from.getRawPath() != null
                    && from.getRawPath().startsWith("/")
                    && !from.getRawPath().startsWith("//");
            return ours
                    ? Optional.of(from.getRawPath() + (from.getRawQuery() == null ? "" : "?" + from.getRawQuery()))
                    : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
