package org.pelluna.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Each request has a number, in its answer and on every line of the log that it causes. It says nothing of who asks. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestNumber extends OncePerRequestFilter {
    static final String HEADER = "X-Request-Id";

    private static final String KEY = "request";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain rest)
            throws ServletException, IOException {
        String number = UUID.randomUUID().toString().substring(0, 13);
        response.setHeader(HEADER, number);
        MDC.put(KEY, number);
        try {
            rest.doFilter(request, response);
        } finally {
            MDC.remove(KEY);
        }
    }
}
