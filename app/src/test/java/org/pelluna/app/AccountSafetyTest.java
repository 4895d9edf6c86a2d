package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pelluna.app.account.AccountMaintenance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.ActiveProfiles;

/** What keeps an account its keeper's, over HTTP as a browser would go about it. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
class AccountSafetyTest {
    private static final String PASSWORD = "slow tides, fast fish";
    private static final String OTHER = "nine lamps over kelp";

    @LocalServerPort
    int port;

    @Autowired
    JdbcClient database;

    @Autowired
    AccountMaintenance upkeep;

    private final String name = "ylva" + UUID.randomUUID().toString().substring(0, 8);

    private Visitor visitor() {
        return new Visitor(port);
    }

    /** A keeper who has just signed up, and their recovery codes. */
    private record Fresh(Visitor visitor, List<String> codes) {}

    private Fresh signUp(String username) {
        Visitor visitor = visitor();
        HttpResponse<String> answer =
                visitor.post("/sign-up", "/sign-up", "displayName", "Ylva", "username", username, "password", PASSWORD);
        assertThat(Visitor.leads(answer)).isEqualTo("/voyage");
        return new Fresh(visitor, codes(visitor.get("/voyage").body()));
    }

    private static List<String> codes(String page) {
        List<String> codes = new ArrayList<>();
        Matcher found = Pattern.compile(">([a-z2-9]{4}(-[a-z2-9]{4}){3})<").matcher(page);
        while (found.find()) {
            codes.add(found.group(1));
        }
        return codes;
    }

    private boolean isIn(Visitor visitor) {
        return visitor.get("/account").statusCode() == 200;
    }

    @Test
    void wrongGuessesHaveToWaitTheKeepersOwnDeviceHasNot() {
        Fresh keeper = signUp(name);
        keeper.visitor().post("/account", "/sign-out");
        Visitor stranger = visitor();
        for (int i = 0; i < 5; i++) {
            assertThat(Visitor.leads(stranger.signIn(name, "wrong guess " + i))).isEqualTo("/sign-in?refused");
        }
        HttpResponse<String> right = stranger.signIn(name, PASSWORD);
        assertThat(right.statusCode()).isEqualTo(429);
        assertThat(right.headers().firstValue("Retry-After"))
                .hasValueSatisfying(wait -> assertThat(Integer.parseInt(wait)).isBetween(1, 17));
        assertThat(right.body()).contains("Try again in").doesNotContain(PASSWORD);
        assertThat(isIn(stranger)).isFalse();
        assertThat(Visitor.leads(keeper.visitor().signIn(name, PASSWORD))).isEqualTo("/today");
    }

    @Test
    void guessesAtOnceAreCountedOneByOne() throws Exception {
        signUp(name);
        ExecutorService many = Executors.newFixedThreadPool(12);
        try {
            List<Callable<Integer>> tries = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                String guess = "wrong guess " + i;
                tries.add(() -> visitor().signIn(name, guess).statusCode());
            }
            int looked = 0;
            for (Future<Integer> one : many.invokeAll(tries)) {
                looked += one.get() == 302 ? 1 : 0;
            }
            assertThat(looked).isLessThanOrEqualTo(5);
        } finally {
            many.shutdown();
        }
    }

    /** An address that a form is sent to, typed or reloaded: no fault of ours, and none of the keeper's. */
    @Test
    void theAddressOfAFormIsNoFault() {
        HttpResponse<String> answer =
                signUp(name).visitor().get("/tanks/" + java.util.UUID.randomUUID() + "/fish/gale/bond");
        assertThat(answer.statusCode()).isEqualTo(405);
        assertThat(answer.body()).contains("takes a form").doesNotContain("our fault");
    }

    @Test
    void commonPasswordsAreNotTaken() {
        for (String poor : List.of("password123", "qwertyuiop", "1234567890", name + "1", "aaaaaaaaaaaa")) {
            HttpResponse<String> answer =
                    visitor().post("/sign-up", "/sign-up", "displayName", "Ylva", "username", name, "password", poor);
            assertThat(answer.statusCode()).as(poor).isEqualTo(200);
            assertThat(answer.body()).contains("among the first that are tried");
        }
    }

    @Test
    void aNewPasswordSignsEverythingElseOut() {
        Visitor here = signUp(name).visitor();
        Visitor elsewhere = visitor();
        elsewhere.signIn(name, PASSWORD);
        assertThat(here.get("/account").body()).contains("Sign out everywhere else");
        assertThat(here.post("/account", "/account/password", "current", "not mine at all", "password", OTHER)
                        .statusCode())
                .isEqualTo(400);
        assertThat(Visitor.leads(here.post("/account", "/account/password", "current", PASSWORD, "password", OTHER)))
                .isEqualTo("/account?password");
        assertThat(isIn(here)).isTrue();
        assertThat(isIn(elsewhere)).isFalse();
        assertThat(Visitor.leads(visitor().signIn(name, PASSWORD))).isEqualTo("/sign-in?refused");
        assertThat(Visitor.leads(visitor().signIn(name, OTHER))).isEqualTo("/today");
    }

    @Test
    void oneDeviceIsSignedOutAndNobodyElsesCanBe() {
        Visitor here = signUp(name).visitor();
        Visitor elsewhere = visitor();
        elsewhere.signIn(name, PASSWORD);
        Matcher key = Pattern.compile("name=\"device\" value=\"([0-9a-f]+)\"")
                .matcher(here.get("/account").body());
        assertThat(key.find()).isTrue();
        Visitor stranger = signUp("other" + name).visitor();
        stranger.post("/account", "/account/devices/end", "device", key.group(1));
        assertThat(isIn(elsewhere)).isTrue();
        here.post("/account", "/account/devices/end", "device", key.group(1));
        assertThat(isIn(elsewhere)).isFalse();
        assertThat(isIn(here)).isTrue();
    }

    @Test
    void aRecoveryCodeSetsANewPasswordOnce() {
        Fresh keeper = signUp(name);
        assertThat(keeper.codes()).hasSize(8).doesNotHaveDuplicates();
        assertThat(codes(keeper.visitor().get("/voyage").body())).isEmpty();
        String code = keeper.codes().get(3).toUpperCase(java.util.Locale.ROOT).replace('-', ' ');
        Visitor lost = visitor();
        assertThat(Visitor.leads(
                        lost.post("/recover", "/recover/code", "username", name, "code", code, "password", OTHER)))
                .isEqualTo("/sign-in?changed");
        assertThat(isIn(keeper.visitor())).isFalse();
        assertThat(Visitor.leads(lost.signIn(name, OTHER))).isEqualTo("/today");
        assertThat(visitor()
                        .post("/recover", "/recover/code", "username", name, "code", code, "password", PASSWORD)
                        .statusCode())
                .isEqualTo(422);
    }

    /** The codes are made here by RFC 6238 from the key that is shown, as an authenticator makes them. */
    @Test
    void aSecondFactorIsAskedForAndEachCodeIsGoodOnce() throws Exception {
        Fresh keeper = signUp(name);
        keeper.visitor().post("/account", "/account/second-factor/begin", "current", PASSWORD);
        Matcher shown = Pattern.compile(">((?:[A-Z2-7]{4} ){7}[A-Z2-7]{4})<")
                .matcher(keeper.visitor().get("/account").body());
        assertThat(shown.find()).isTrue();
        var key = new SecretKeySpec(new Base32().decode(shown.group(1).replace(" ", "")), "HmacSHA1");
        var codes = new TimeBasedOneTimePasswordGenerator();
        String earlier = codes.generateOneTimePasswordString(key, Instant.now().minusSeconds(30));
        assertThat(Visitor.leads(keeper.visitor().post("/account", "/account/second-factor", "code", earlier)))
                .isEqualTo("/account?second");
        assertThat(database.sql("select second_factor from keeper where username = ?")
                        .param(name)
                        .query(String.class)
                        .single())
                .doesNotContain(shown.group(1).replace(" ", ""));

        Visitor phone = visitor();
        assertThat(Visitor.leads(phone.signIn(name, PASSWORD))).isEqualTo("/sign-in/code");
        assertThat(isIn(phone)).isFalse();
        assertThat(phone.post("/sign-in/code", "/sign-in/code", "code", earlier).statusCode())
                .isEqualTo(422);
        assertThat(phone.post("/sign-in/code", "/sign-in/code", "code", "000000")
                        .statusCode())
                .isEqualTo(422);
        String next = codes.generateOneTimePasswordString(key, Instant.now().plusSeconds(29));
        assertThat(Visitor.leads(phone.post("/sign-in/code", "/sign-in/code", "code", next)))
                .isEqualTo("/account");
        assertThat(isIn(phone)).isTrue();

        Visitor withoutPhone = visitor();
        withoutPhone.signIn(name, PASSWORD);
        assertThat(Visitor.leads(withoutPhone.post(
                        "/sign-in/code", "/sign-in/code", "code", keeper.codes().get(0))))
                .isEqualTo("/today");
    }

    @Test
    void aPageAskedForBeforeSigningInComesAfterItAndOnlyIfItIsOurs() {
        signUp(name);
        Visitor visitor = visitor();
        assertThat(Visitor.leads(visitor.get("/import"))).isEqualTo("/sign-in");
        assertThat(Visitor.leads(visitor.signIn(name, PASSWORD))).startsWith("/import");
    }

    @Test
    void lookingWithoutAnAccountLeavesNothingInTheDatabase() {
        long before = sessions();
        Visitor visitor = visitor();
        for (String path : List.of("/sign-in", "/sign-up", "/recover", "/today", "/", "/tanks", "/nowhere")) {
            visitor.get(path);
        }
        visitor.get("/sign-in", "Cookie", "pelluna=" + "AAAA");
        visitor.signIn(name, "no such keeper here");
        assertThat(sessions()).isEqualTo(before);
        assertThat(visitor.cookie("pelluna")).isEmpty();
    }

    private long sessions() {
        return database.sql("select count(*) from spring_session")
                .query(Long.class)
                .single();
    }

    @Test
    void aSessionEndsAtTheAgeOfItsCookieHoweverOftenItIsUsed() {
        Visitor keeper = signUp(name).visitor();
        upkeep.purge();
        assertThat(isIn(keeper)).isTrue();
        database.sql("update spring_session set creation_time = creation_time - ? where principal_name = ?")
                .params(java.time.Duration.ofDays(31).toMillis(), name)
                .update();
        upkeep.purge();
        assertThat(isIn(keeper)).isFalse();
    }

    /** A key that is no key, with a sign the database does not take: it was answered by 500 and SQL in the log. */
    @Test
    void aMadeUpSessionIsNone() {
        String nought = java.util.Base64.getEncoder()
                .encodeToString("x\0y' or 1=1".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        HttpResponse<String> answer = visitor().get("/today", "Cookie", "pelluna=" + nought);
        assertThat(answer.statusCode()).isEqualTo(302);
        assertThat(Visitor.leads(answer)).isEqualTo("/sign-in");
    }

    @Test
    void whoLeavesHasAWeekAndThenNothingIsLeft() {
        Visitor keeper = signUp(name).visitor();
        UUID id = database.sql("select id from keeper where username = ?")
                .param(name)
                .query(UUID.class)
                .single();
        keeper.post("/voyage", "/account/close", "current", PASSWORD);
        assertThat(keeper.get("/today").body()).contains("is deleted on");
        upkeep.closeThoseWhoLeft();
        assertThat(count("keeper", "id", id)).isEqualTo(1);
        keeper.post("/account", "/account/keep");
        assertThat(keeper.get("/today").body()).doesNotContain("is deleted on");

        keeper.post("/account", "/account/close", "current", PASSWORD);
        database.sql("update keeper set closing_at = now() - interval '1 minute' where id = ?")
                .param(id)
                .update();
        upkeep.closeThoseWhoLeft();
        assertThat(count("keeper", "id", id)).isZero();
        assertThat(isIn(keeper)).isFalse();
    }

    private long count(String table, String column, UUID value) {
        return database.sql("select count(*) from " + table + " where " + column + " = ?")
                .param(value)
                .query(Long.class)
                .single();
    }

    @Test
    void aLockedAccountIsSignedOutAndStaysOut() {
        Visitor keeper = signUp(name).visitor();
        upkeep.lock(name, true);
        assertThat(isIn(keeper)).isFalse();
        assertThat(Visitor.leads(keeper.signIn(name, PASSWORD))).isEqualTo("/sign-in?locked");
        upkeep.lock(name, false);
        assertThat(Visitor.leads(keeper.signIn(name, PASSWORD))).isEqualTo("/account");
    }

    /** The log says what happened to which account, and holds neither name nor password. */
    @Test
    @ExtendWith(OutputCaptureExtension.class)
    void theLogTellsWhatHappenedAndNobodysName(CapturedOutput log) {
        Fresh fresh = signUp(name);
        visitor().signIn(name, "not this one at all");
        fresh.visitor().post("/account", "/account/password", "current", PASSWORD, "password", OTHER);
        UUID id = database.sql("select id from keeper where username = ?")
                .param(name)
                .query(UUID.class)
                .single();
        assertThat(log.getOut())
                .contains("signed in: keeper " + id, "a sign-in was refused", "a new password: keeper " + id)
                .doesNotContain(name, PASSWORD, OTHER);
    }
}
