package org.pelluna.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * While the database cannot be reached every page says so: 503, and when to try again. It stands before the session's filter, which
 * asks the database too, and its page is made without it. Whether something that was just sent had been kept is not known then; since
 * a form counts once, sending it again is safe, and the page says so.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseAway extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);
    private static final String SECONDS = "5";
    private static final String AGAIN = "<meta http-equiv=\"refresh\" content=\"5\">";

    private final String page;

    DatabaseAway() throws IOException {
        page = new ClassPathResource("templates/away.html").getContentAsString(StandardCharsets.UTF_8);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain rest)
            throws ServletException, IOException {
        try {
            rest.doFilter(request, response);
        } catch (ServletException | RuntimeException fault) {
            if (!DatabaseUnreachable.is(fault) || response.isCommitted()) {
                throw fault;
            }
            LOG.warn("{} {}: the database cannot be reached", request.getMethod(), request.getServletPath());
            say(request, response);
        }
    }

    private void say(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String number = response.getHeader(RequestNumber.HEADER);
        response.reset();
        response.setHeader(RequestNumber.HEADER, number);
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader(HttpHeaders.RETRY_AFTER, SECONDS);
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'self'; frame-ancestors 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        // What was sent is not asked for again by itself: many a form's address has no page.
        response.getWriter().write("GET".equals(request.getMethod()) ? page : page.replace(AGAIN, ""));
    }
}
