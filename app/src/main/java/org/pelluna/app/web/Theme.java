package org.pelluna.app.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Locale;
import org.springframework.web.util.WebUtils;

/** How pages look: on paper by day, dim at the tank by night. Remembered by the browser, not by the keeper. */
public enum Theme {
    DAY,
    NIGHT;

    private static final String COOKIE = "look";

    static Theme of(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        return cookie != null && cookie.getValue().equals("night") ? NIGHT : DAY;
    }

    /** Has the browser remember this look for a year. */
    public void remember(HttpServletResponse response) {
        Cookie cookie = new Cookie(COOKIE, word());
        cookie.setPath("/");
        cookie.setHttpOnly(true);
        cookie.setMaxAge((int) Duration.ofDays(365).toSeconds());
        cookie.setAttribute("SameSite", "Lax");
        response.addCookie(cookie);
    }

    /** The look's name in markup. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Theme other() {
        return this == DAY ? NIGHT : DAY;
    }
}
