package org.pelluna.app.portrait;

import org.springframework.web.util.HtmlUtils;

/** Text that keepers wrote, made safe to stand in a drawing. */
public final class Markup {
    private Markup() {}

    /** The text with every character that means something in markup escaped. */
    public static String escape(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
