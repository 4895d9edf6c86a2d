package org.pelluna.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.session.web.http.CookieSerializer.CookieValue;

class SessionCookieTest {
    private static String written(boolean secure) {
        ServerProperties server = new ServerProperties();
        var cookie = server.getServlet().getSession().getCookie();
        cookie.setName("pelluna");
        cookie.setSecure(secure);
        cookie.setMaxAge(Duration.ofDays(30));
        MockHttpServletResponse response = new MockHttpServletResponse();
        new SessionCookie(server)
                .writeCookieValue(new CookieValue(
                        new MockHttpServletRequest(), response, "0f0e0d0c-0b0a-0908-0706-050403020100"));
        return response.getHeader("Set-Cookie");
    }

    /** A browser refuses the name otherwise: RFC 6265bis, 4.1.3.2. */
    @Test
    void overTlsNoOtherHostOrPlainConnectionCanSetIt() {
        assertThat(written(true))
                .startsWith("__Host-pelluna=")
                .contains("; Path=/;", "; Secure", "; HttpOnly", "; SameSite=Lax")
                .doesNotContain("Domain");
    }

    @Test
    void onOnesOwnMachineWithoutTlsItHasAPlainName() {
        assertThat(written(false)).startsWith("pelluna=").doesNotContain("Secure");
    }
}
