package org.pelluna.app.web;

import java.io.Serializable;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * What the next page says was done, and how to take it back.
 *
 * @param message what was done
 * @param action where to post to take it back; empty if it cannot be
 */
public record Undo(String message, String action) implements Serializable {
    private static final long serialVersionUID = 1L;

    /** Has the next page offer the undo. */
    public static void offer(RedirectAttributes redirect, String message, String action) {
        redirect.addFlashAttribute("undo", new Undo(message, action));
    }

    /** Has the next page say what happened, without an undo. */
    public static void say(RedirectAttributes redirect, String message) {
        redirect.addFlashAttribute("undo", new Undo(message, ""));
    }
}
