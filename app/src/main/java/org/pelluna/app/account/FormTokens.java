package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.HttpSessionCsrfTokenRepository;

/**
 * The token that a form must bring along: kept with the session of who is signed in, and in a cookie for everybody else, so that
 * looking at a page without an account leaves nothing in the database.
 */
final class FormTokens implements CsrfTokenRepository {
    private final CsrfTokenRepository signedIn = new HttpSessionCsrfTokenRepository();
    private final CookieCsrfTokenRepository others = new CookieCsrfTokenRepository();

    FormTokens(boolean secure) {
        others.setCookieName(SessionCookie.name("pelluna-form", secure));
        others.setCookieCustomizer(
                cookie -> cookie.httpOnly(true).sameSite("Lax").secure(secure).path("/"));
    }

    private CsrfTokenRepository of(HttpServletRequest request) {
        return request.getSession(false) == null ? others : signedIn;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return of(request).generateToken(request);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveToken(token, request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        return of(request).loadToken(request);
    }
}
