package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.pelluna.app.post.Postman;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalManagementPort;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** As an operator sets it up: behind a proxy that speaks TLS, with a server for mail. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.1",
            "pelluna.url=https://reef.example",
            "management.server.port=0",
            "management.server.address=127.0.0.1",
            "management.endpoints.web.exposure.include=health,prometheus",
            "spring.mail.username=",
            "spring.mail.properties.mail.smtp.auth=false",
            "spring.mail.properties.mail.smtp.starttls.required=false"
        })
@ActiveProfiles("test")
class HostedTest {
    private static final GreenMail MAIL = new GreenMail(ServerSetup.SMTP.dynamicPort());
    private static final String PASSWORD = "slow tides, fast fish";
    private static final String OTHER = "nine lamps over kelp";

    @LocalServerPort
    int port;

    @LocalManagementPort
    int management;

    @Autowired
    Postman postman;

    @Autowired
    JdbcClient database;

    private final String address = "nils" + UUID.randomUUID().toString().substring(0, 8) + "@slipway.example";

    @DynamicPropertySource
    static void mail(DynamicPropertyRegistry properties) {
        MAIL.start();
        properties.add("spring.mail.host", () -> "127.0.0.1");
        properties.add("spring.mail.port", () -> MAIL.getSmtp().getPort());
    }

    @AfterAll
    static void close() {
        MAIL.stop();
    }

    private Visitor signUp() {
        Visitor keeper = new Visitor(port);
        keeper.post("/sign-up", "/sign-up", "displayName", "Nils", "username", address, "password", PASSWORD);
        return keeper;
    }

    /** What the server for mail has received for this keeper. */
    private List<MimeMessage> letters(String recipient) {
        postman.round();
        return Arrays.stream(MAIL.getReceivedMessages())
                .filter(one -> GreenMailUtil.getHeaders(one).contains("To: " + recipient))
                .toList();
    }

    private static String link(MimeMessage letter, String path) {
        Matcher found = Pattern.compile("https://reef\\.example(" + path + "\\S+)")
                .matcher(GreenMailUtil.getBody(letter).replace("=\r\n", ""));
        assertThat(found.find()).isTrue();
        return found.group(1);
    }

    @Test
    void aLostPasswordIsALetterAwayAndItsLinkIsGoodOnce() {
        Visitor keeper = signUp();
        Visitor lost = new Visitor(port);
        String forOne = lost.post("/recover", "/recover", "username", address).body();
        String forNone = lost.post("/recover", "/recover", "username", "nobody" + address)
                .body();
        assertThat(forOne.replaceAll("value=\"[^\"]+\"", "")).isEqualTo(forNone.replaceAll("value=\"[^\"]+\"", ""));
        List<MimeMessage> letters = letters(address);
        assertThat(letters).hasSize(1);
        assertThat(letters(address)).hasSize(1);
        String link = link(letters.get(0), "/recover/");
        assertThat(lost.post(link, link, "password", "password123").statusCode())
                .isEqualTo(422);
        assertThat(Visitor.leads(lost.post(link, link, "password", OTHER))).isEqualTo("/sign-in?changed");
        assertThat(keeper.get("/today").statusCode()).isEqualTo(302);
        assertThat(lost.get(link).body()).contains("This link was used").doesNotContain("new-password");
        assertThat(Visitor.leads(lost.signIn(address, OTHER))).isEqualTo("/today");
    }

    @Test
    void anAddressCountsOnceItsLinkWasFollowed() {
        Visitor keeper = signUp();
        String other = "other-" + address;
        keeper.post("/account", "/account/mail", "current", PASSWORD, "address", other);
        assertThat(keeper.get("/account").body()).contains("E-mails go to " + address);
        String link = link(letters(other).get(0), "/confirm-mail/");
        keeper.post(link, link);
        assertThat(keeper.get("/account").body()).contains("E-mails go to " + other);
    }

    @Test
    void aNoticeIsMailedOnceToWhoWantsItAndStoppedByOnePress() throws Exception {
        Visitor keeper = signUp();
        keeper.post("/voyage", "/account/notices", "wished", "true");
        UUID id = database.sql("select id from keeper where username = ?")
                .param(address)
                .query(UUID.class)
                .single();
        tell(id, "one");
        List<MimeMessage> letters = letters(address);
        assertThat(letters).hasSize(1);
        assertThat(letters(address)).hasSize(1);
        String stop = link(letters.get(0), "/notices/stop/");
        assertThat(letters.get(0).getHeader("List-Unsubscribe")[0]).isEqualTo("<https://reef.example" + stop + ">");
        assertThat(new Visitor(port).post(stop, stop).body()).contains("No further notices");
        tell(id, "two");
        assertThat(letters(address)).hasSize(1);
    }

    private void tell(UUID keeper, String episode) {
        UUID tank = UUID.randomUUID();
        database.sql("insert into tank (id, version, keeper_id, form_key, name, kind, profile, house_rules, created_at)"
                        + " values (?, 0, ?, ?, 'Slip', 'DISPLAY', '{}', '{}', now())")
                .params(tank, keeper, UUID.randomUUID())
                .update();
        database.sql("insert into message (id, keeper_id, tank_id, episode, subject, body, written_at, due_at)"
                        + " values (?, ?, ?, ?, 'A fierce attack', 'Gale bit Pip.', now(), now())")
                .params(UUID.randomUUID(), keeper, tank, episode)
                .update();
        database.sql("update tank set removed_at = now() where id = ?")
                .param(tank)
                .update();
    }

    @Test
    void figuresForTheOperatorAreOnAPortOfTheirOwn() {
        HttpResponse<String> figures = new Visitor(management).get("/actuator/prometheus");
        assertThat(figures.statusCode()).isEqualTo(200);
        assertThat(figures.body()).contains("jvm_memory_used_bytes").contains("hikaricp_connections");
        assertThat(new Visitor(management).get("/actuator/health/readiness").body())
                .contains("UP");
        assertThat(new Visitor(port).get("/actuator/prometheus").statusCode()).isNotEqualTo(200);
        assertThat(new Visitor(management).get("/today").statusCode()).isEqualTo(404);
    }

    /** Before, redirects behind a proxy led to http, and nothing told browsers to stay with TLS. */
    @Test
    void behindItsProxyItSpeaksTls() {
        HttpResponse<String> answer = new Visitor(port)
                .get(
                        "/today",
                        "X-Forwarded-Proto",
                        "https",
                        "X-Forwarded-Host",
                        "reef.example",
                        "X-Forwarded-Port",
                        "443");
        assertThat(answer.headers().firstValue("Location").orElse("")).doesNotStartWith("http:");
        assertThat(answer.headers().firstValue("Strict-Transport-Security"))
                .hasValueSatisfying(value -> assertThat(value).contains("max-age=31536000"));
        assertThat(new Visitor(port).get("/today").headers().firstValue("Strict-Transport-Security"))
                .isEmpty();
    }
}
