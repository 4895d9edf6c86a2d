package org.pelluna.app.account;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.boot.web.server.Cookie.SameSite;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** The cookie of a session, as configured; what does not look like a session's key is never asked of the database. */
final class SessionCookie extends DefaultCookieSerializer {
    private static final Pattern KEY = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    SessionCookie(ServerProperties server) {
        var cookie = server.getServlet().getSession().getCookie();
        boolean secure = Boolean.TRUE.equals(cookie.getSecure());
        setCookieName(name(requireNonNull(cookie.getName()), secure));
        setUseHttpOnlyCookie(true);
        setUseSecureCookie(secure);
        setSameSite(SameSite.LAX.attributeValue());
        setCookieMaxAge((int) requireNonNull(cookie.getMaxAge()).toSeconds());
        setCookiePath("/");
    }

    /** A cookie's name: over TLS, one that a browser takes only from this very host, whole and secure. Source: RFC 6265bis, 4.1.3.2. */
    static String name(String plain, boolean secure) {
        return secure ? "__Host-" + plain : plain;
    }

    @Override
    public List<String> readCookieValues(HttpServletRequest request) {
        return super.readCookieValues(request).stream()
                .filter(key -> KEY.matcher(key).matches())
                .toList();
    }
}
