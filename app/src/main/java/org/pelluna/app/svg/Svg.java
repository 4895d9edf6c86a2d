package org.pelluna.app.svg;

import java.util.Collection;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.util.HtmlUtils;

/**
 * A piece of a drawing, ready to stand in a page. It is written from patterns of our own, in which every <code>{}</code> is filled:
 * with a piece of drawing as it is, with a number as SVG takes it, and with anything else escaped.
 */
public final class Svg {
    /** Nothing. */
    public static final Svg NONE = new Svg("");

    private static final String HOLE = "{}";

    private final String markup;

    private Svg(String markup) {
        this.markup = markup;
    }

    /**
     * A pattern with its holes filled, in their order.
     *
     * @param pattern markup written in the code, never a keeper's words; its quotes are single and become double
     * @throws IllegalArgumentException if there are more holes than values, or fewer
     */
    public static Svg of(String pattern, Object... values) {
        String quoted = pattern.replace('\'', '"');
        StringBuilder markup = new StringBuilder(quoted.length() + 16 * values.length);
        int from = 0;
        for (Object value : values) {
            int hole = quoted.indexOf(HOLE, from);
            if (hole < 0) {
                throw new IllegalArgumentException("more values than holes in " + pattern);
            }
            markup.append(quoted, from, hole).append(written(value));
            from = hole + HOLE.length();
        }
        if (quoted.indexOf(HOLE, from) >= 0) {
            throw new IllegalArgumentException("fewer values than holes in " + pattern);
        }
        return new Svg(markup.append(quoted, from, quoted.length()).toString());
    }

    /** The commands of a path, its numbers as SVG takes them; to be the value of a <code>d</code>. */
    public static String path(String pattern, Object... numbers) {
        return of(pattern, numbers).markup;
    }

    /** A style sheet as our own build made it. */
    public static Svg style(String css) {
        return new Svg("<style>" + css + "</style>");
    }

    /** The same drawing with another piece as the first thing in it. */
    public Svg beginningWith(Svg piece) {
        int open = markup.indexOf('>') + 1;
        return new Svg(markup.substring(0, open) + piece.markup + markup.substring(open));
    }

    /** Several pieces one after the other. */
    public static Svg all(Collection<Svg> pieces) {
        return all(pieces.stream());
    }

    /** Several pieces one after the other. */
    public static Svg all(Stream<Svg> pieces) {
        return new Svg(pieces.map(Svg::toString).collect(Collectors.joining()));
    }

    /** A number as SVG takes it: to a tenth, without an idle zero. */
    public static String number(double value) {
        long tenths = Math.round(value * 10);
        String sign = tenths < 0 ? "-" : "";
        long rest = Math.abs(tenths) % 10;
        return sign + Math.abs(tenths) / 10 + (rest == 0 ? "" : "." + rest);
    }

    private static String written(Object value) {
        if (value instanceof Svg piece) {
            return piece.markup;
        }
        if (value instanceof Builder drawing) {
            return drawing.markup.toString();
        }
        if (value instanceof Double number) {
            return number(number);
        }
        return HtmlUtils.htmlEscape(value.toString(), "UTF-8");
    }

    /** The markup. */
    @Override
    public String toString() {
        return markup;
    }

    /** A drawing that grows piece by piece. */
    public static final class Builder {
        private final StringBuilder markup = new StringBuilder();

        /** With one more piece. */
        public Builder add(Svg piece) {
            markup.append(piece.markup);
            return this;
        }

        /** With one more pattern, its holes filled. */
        public Builder add(String pattern, Object... values) {
            return add(of(pattern, values));
        }

        /** The drawing as it stands now. */
        public Svg build() {
            return new Svg(markup.toString());
        }
    }
}
