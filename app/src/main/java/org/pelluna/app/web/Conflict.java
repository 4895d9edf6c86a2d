package org.pelluna.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.ui.Model;

/**
 * The page for something that was changed in two windows: the keeper's own words beside the newer ones, and the choice between them. Nothing
 * is saved until the keeper has chosen.
 */
public final class Conflict {
    /** Names that carry no words of the keeper's. */
    private static final Set<String> SILENT =
            Set.of("_csrf", "version", "seen", "key", "part", "queued", "back", "keepsAsked");

    private Conflict() {}

    /**
     * One field of the form.
     *
     * @param label its name for a keeper
     * @param yours what was sent
     * @param newer what is there now
     */
    public record Line(String label, String yours, String newer) {}

    /** A field that goes with the form as it is. */
    public record Hidden(String name, String value) {}

    /**
     * Shows the page; to be answered with 409.
     *
     * @param what what was changed, for a heading
     * @param newer the fields as they are now, by name
     * @param mark the state the form would now be made from, by the name under which the form carries it
     * @param leads where the newer state is shown
     * @param names what a value that is a key is called
     */
    public static String page(
            Model model,
            HttpServletRequest request,
            String what,
            Map<String, String> newer,
            Hidden mark,
            String leads,
            Map<String, String> names) {
        List<Line> lines = new ArrayList<>();
        request.getParameterMap().forEach((name, values) -> {
            if (!SILENT.contains(name) && !name.startsWith("_")) {
                String yours = String.join(", ", values).strip();
                String now = newer.getOrDefault(name, "");
                if (newer.containsKey(name) && !plain(yours).equals(plain(now))) {
                    lines.add(new Line(label(name), names.getOrDefault(yours, yours), names.getOrDefault(now, now)));
                }
            }
        });
        return page(model, request, what, lines, mark, leads);
    }

    /**
     * Shows the page for a form whose fields are not compared one by one; to be answered with 409.
     *
     * @param lines what differs, in a keeper's words
     */
    public static String page(
            Model model, HttpServletRequest request, String what, List<Line> lines, Hidden mark, String leads) {
        List<Hidden> sent = new ArrayList<>();
        request.getParameterMap().forEach((name, values) -> {
            if (!name.equals("_csrf") && !name.equals(mark.name())) {
                for (String value : values) {
                    sent.add(new Hidden(name, value));
                }
            }
        });
        sent.add(mark);
        model.addAttribute("what", what);
        model.addAttribute("lines", lines);
        model.addAttribute("sent", sent);
        model.addAttribute("action", request.getRequestURI());
        model.addAttribute("leads", leads);
        return "conflict";
    }

    /** The fields of a form as its page would fill them. */
    public static Map<String, String> fields(Object form) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (Field field : form.getClass().getFields()) {
            if (!Modifier.isStatic(field.getModifiers())) {
                try {
                    Object value = field.get(form);
                    if (value instanceof Map<?, ?> several) {
                        several.forEach((key, one) -> fields.put(field.getName() + "[" + key + "]", text(one)));
                    } else {
                        fields.put(field.getName(), text(value));
                    }
                } catch (IllegalAccessException e) {
                    throw new IllegalStateException(e);
                }
            }
        }
        return fields;
    }

    private static String text(Object value) {
        return value == null
                ? ""
                : value instanceof Collection<?> several
                        ? several.stream().map(Object::toString).collect(Collectors.joining(", "))
                        : value.toString();
    }

    /** Two ways to write one number or time are no difference. */
    private static String plain(String value) {
        try {
            return String.valueOf(Double.parseDouble(value));
        } catch (NumberFormatException e) {
            return value.toLowerCase(Locale.ROOT);
        }
    }

    private static String label(String name) {
        String words = name.replaceAll("[\\[\\]._]+", " ")
                .replaceAll("([a-z])([A-Z])", "$1 $2")
                .toLowerCase(Locale.ROOT)
                .strip();
        return words.isEmpty() ? name : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
