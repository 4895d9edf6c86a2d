package org.pelluna.app.account;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.app.storage.KeeperRow;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/** Where a keeper is signed in, and on which devices they have been before. */
@Component
class Devices {
    private static final String COOKIE = "pelluna-device";
    private static final String NAME = "pelluna-device-name";
    private static final Duration KEPT = Duration.ofDays(365);

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final JdbcClient database;
    private final Clock clock;
    private final boolean secure;
    private final Duration longest;

    Devices(
            FindByIndexNameSessionRepository<? extends Session> sessions,
            JdbcClient database,
            Clock clock,
            ServerProperties server) {
        this.sessions = sessions;
        this.database = database;
        this.clock = clock;
        var cookie = server.getServlet().getSession().getCookie();
        this.secure = Boolean.TRUE.equals(cookie.getSecure());
        this.longest = requireNonNull(cookie.getMaxAge());
    }

    /** Those that are signed in, the latest first. */
    List<SignedInDevice> of(String username, Optional<String> own) {
        return sessions.findByPrincipalName(username).entrySet().stream()
                .map(one -> shown(one, own))
                .sorted(Comparator.comparing(SignedInDevice::seen).reversed())
                .toList();
    }

    private static SignedInDevice shown(Map.Entry<String, ? extends Session> one, Optional<String> own) {
        Session session = one.getValue();
        String name = session.getAttributeOrDefault(NAME, "a device");
        return new SignedInDevice(
                Secrets.hash(one.getKey()),
                name,
                session.getCreationTime(),
                session.getLastAccessedTime(),
                own.filter(one.getKey()::equals).isPresent());
    }

    /** Signs one device of this keeper out. */
    void end(String username, String key) {
        Set<String> own = sessions.findByPrincipalName(username).keySet();
        own.stream().filter(id -> Secrets.hash(id).equals(key)).forEach(sessions::deleteById);
    }

    /** Signs all devices of this keeper out but one. */
    void endAll(String username, Optional<String> stays) {
        Set<String> own = sessions.findByPrincipalName(username).keySet();
        own.stream().filter(id -> stays.filter(id::equals).isEmpty()).forEach(sessions::deleteById);
    }

    /** The device's hash, if this keeper has signed in on it before. */
    Optional<String> known(HttpServletRequest request, String username) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        return cookie == null
                ? Optional.empty()
                : database.sql("select token_hash from known_device d join keeper k on k.id = d.keeper_id"
                                + " where token_hash = ? and k.username = ?")
                        .params(Secrets.hash(cookie.getValue()), username)
                        .query(String.class)
                        .optional();
    }

    /** Knows this device again, and gives its session a name. */
    void remember(KeeperRow keeper, HttpServletRequest request, HttpServletResponse response) {
        HttpSession session = request.getSession();
        session.setAttribute(NAME, DeviceName.of(Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT))));
        if (known(request, keeper.username()).isPresent()) {
            return;
        }
        String token = Secrets.token();
        remember(keeper.id(), token);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, token)
                        .httpOnly(true)
                        .secure(secure)
                        .sameSite("Lax")
                        .path("/sign-in")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }

    private void remember(UUID keeper, String token) {
        database.sql("insert into known_device (token_hash, keeper_id, since) values (?, ?, ?)")
                .params(Secrets.hash(token), keeper, Timestamp.from(clock.instant()))
                .update();
    }

    /** Forgets devices whose cookies are long gone, and ends sessions that are older than their cookies may be. */
    int purge() {
        int ended = database.sql("delete from spring_session where creation_time < ?")
                .param(clock.instant().minus(longest).toEpochMilli())
                .update();
        return ended
                + database.sql("delete from known_device where since < ?")
                        .param(Timestamp.from(clock.instant().minus(KEPT)))
                        .update();
    }
}
