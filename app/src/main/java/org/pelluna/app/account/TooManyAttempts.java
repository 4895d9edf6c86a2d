package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.Instant;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;

/** Tells who has tried too often when to try again: 429, and a sentence. */
final class TooManyAttempts {
    private static final int A_MINUTE = 60;

    private TooManyAttempts() {}

    static void tell(Model model, HttpServletResponse response, Instant now, Instant until) {
        long seconds = Math.max(1, Duration.between(now, until).toSeconds() + 1);
        response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
        model.addAttribute(
                "wait",
                "That was tried too often. Try again in "
                        + (seconds <= 2 * A_MINUTE
                                ? seconds + " seconds"
                                : (seconds + A_MINUTE - 1) / A_MINUTE + " minutes")
                        + ".");
    }
}
