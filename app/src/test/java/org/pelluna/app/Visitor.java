package org.pelluna.app;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One browser without scripts: keeps cookies, sends a page's token along with its forms, follows nothing by itself. */
final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final CookieManager jar = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(jar).build();
    private final String site;

    Visitor(int port) {
        this.site = "http://127.0.0.1:" + port;
    }

    HttpResponse<String> get(String path, String... headers) {
        return sent(request(path, headers).GET());
    }

    /** Fills in a form that stands on a page. */
    HttpResponse<String> post(String page, String path, String... fields) {
        Matcher token = TOKEN.matcher(get(page).body());
        if (!token.find()) {
            throw new AssertionError(page + " has no form");
        }
        StringBuilder body = new StringBuilder("_csrf=" + encoded(token.group(1)));
        for (int i = 0; i < fields.length; i += 2) {
            body.append('&').append(fields[i]).append('=').append(encoded(fields[i + 1]));
        }
        return sent(request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
    }

    HttpResponse<String> signIn(String name, String password) {
        return post("/sign-in", "/sign-in", "username", name, "password", password);
    }

    /** Where an answer leads, without the host; empty if nowhere. */
    static String leads(HttpResponse<?> answer) {
        return answer.headers().firstValue("Location").orElse("").replaceFirst("^http://[^/]+", "");
    }

    Optional<HttpCookie> cookie(String name) {
        return jar.getCookieStore().getCookies().stream()
                .filter(one -> one.getName().equals(name))
                .findFirst();
    }

    List<String> cookies() {
        return jar.getCookieStore().getCookies().stream()
                .map(HttpCookie::getName)
                .sorted()
                .toList();
    }

    private HttpRequest.Builder request(String path, String... headers) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(site + path)).timeout(Duration.ofSeconds(60));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return request;
    }

    private HttpResponse<String> sent(HttpRequest.Builder request) {
        try {
            return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
