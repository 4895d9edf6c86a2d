package org.pelluna.app.svg;

import java.util.regex.Pattern;

/** The shapes that drawings are made of, each in one line. */
public final class Shapes {
    private static final Pattern NUMBER = Pattern.compile("-?[0-9]*\\.?[0-9]+");

    private Shapes() {}

    /** A path of a class. */
    public static Svg line(String css, String path) {
        return Svg.of("<path class='{}' d='{}'/>", css, path);
    }

    /** A rectangle of a class. */
    public static Svg rect(String css, double x, double y, double width, double height) {
        return Svg.of("<rect class='{}' x='{}' y='{}' width='{}' height='{}'/>", css, x, y, width, height);
    }

    /** Words that begin at a place. */
    public static Svg text(String css, double x, double y, Object words) {
        return Svg.of("<text class='{}' x='{}' y='{}'>{}</text>", css, x, y, words);
    }

    /** A symbol drawn at a place, at a size. */
    public static Svg use(String key, double x, double y, double width, double height) {
        return Svg.of("<use href='#{}' x='{}' y='{}' width='{}' height='{}'/>", key, x, y, width, height);
    }

    /** A thing that can be taken hold of, with what it is called. */
    public static Svg item(String id, String title, Svg drawn) {
        return Svg.of("<g data-item='{}'><title>{}</title>{}</g>", id, title, drawn);
    }

    /** Commands of a path relative to where it stands, drawn for a length of 1 and made this long. */
    public static String scaled(double length, String path) {
        return NUMBER.matcher(path).replaceAll(number -> " " + Svg.number(length * Double.parseDouble(number.group())));
    }
}
