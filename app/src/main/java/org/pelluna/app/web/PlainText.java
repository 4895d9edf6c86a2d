package org.pelluna.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes out of every parameter the characters that show nothing and that no database keeps, such as NUL: what a keeper can read of a text is
 * saved as it stands.
 */
@Component
class PlainText extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Wrapper(request), response);
    }

    /** The text without characters that show nothing; line breaks and tabs stay. */
    static String of(String text) {
        return text.codePoints()
                .filter(one -> one == '\n' || one == '\r' || one == '\t' || !Character.isISOControl(one))
                .filter(one -> Character.getType(one) != Character.SURROGATE)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static final class Wrapper extends HttpServletRequestWrapper {
        Wrapper(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable String getParameter(String name) {
            String value = super.getParameter(name);
            return value == null ? null : of(value);
        }

        @Override
        public String @Nullable [] getParameterValues(String name) {
            String[] values = super.getParameterValues(name);
            return values == null
                    ? null
                    : Arrays.stream(values).map(PlainText::of).toArray(String[]::new);
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            Map<String, String[]> plain = new LinkedHashMap<>();
            super.getParameterMap().keySet().forEach(name -> plain.put(name, getParameterValues(name)));
            return plain;
        }
    }
}
