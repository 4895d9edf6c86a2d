package org.pelluna.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestMapping;

/** The page for everything that no other page has answered. */
@Controller
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    String error(HttpServletRequest request, Model model) {
        Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        int code = status instanceof Integer number ? number : 500;
        model.addAttribute("here", "/tanks");
        model.addAttribute("heading", heading(code));
        model.addAttribute("sentence", sentence(code));
        return "trouble";
    }

    private static String heading(int code) {
        return switch (code) {
            case 404, 405 -> "Nothing here";
            case 403 -> "Not allowed";
            default -> code < 500 ? "Not understood" : "Something broke";
        };
    }

    private static String sentence(int code) {
        return switch (code) {
            case 404 -> "There is no such page among your tanks.";
            case 405 -> "This address takes a form and has no page of its own. Go back, or begin from your tanks.";
            case 403 ->
                "This page was open too long, or you were signed out since. Go back, reload it and send it again.";
            default ->
                code < 500
                        ? "We could not read what you sent; nothing changed. Go back and try again."
                        : "This is our fault, not yours. What you had saved is safe; go back and try again.";
        };
    }
}
