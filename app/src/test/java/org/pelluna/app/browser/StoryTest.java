package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.app.PellunaApplication;
import org.pelluna.app.browser.Browsers.Watched;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.context.ActiveProfiles;

/** The keeper's story in a real browser against real PostgreSQL. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
class StoryTest {
    private static final List<String> PLACES = List.of(
            "",
            "/headroom",
            "/rules",
            "/species",
            "/species/pomacanthus-imperator",
            "/wishes",
            "/company",
            "/company/what-if",
            "/arrivals",
            "/watch",
            "/losses",
            "/shop",
            "/shop?q=yelow+tang");

    @LocalServerPort
    int port;

    private String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    private Watched demo(int width, int height) {
        Watched watched = Browsers.page(width, height);
        Page page = watched.page();
        page.navigate(url("/"));
        button(page, "Enter as the demo keeper").click();
        page.waitForURL("**/tanks");
        return watched;
    }

    /** A keeper of one's own with a copy of the demo's reef, so that tests do not disturb each other. */
    private Watched ownReef() {
        Watched watched = demo(1280, 800);
        Page page = watched.page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Skerry reef"))
                .first()
                .click();
        Download plan = page.waitForDownload(
                () -> page.getByText("Export the whole plan").click());
        button(page, "Sign out").click();
        signUp(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Import a plan"))
                .click();
        page.setInputFiles("input[type=file]", plan.path());
        button(page, "Import").click();
        assertThat(page.locator("h1")).hasText("Skerry reef");
        return watched;
    }

    private void signUp(Page page) {
        page.navigate(url("/sign-up"));
        page.getByLabel("What shall we call you?").fill("Ylva of the Slipway");
        page.getByLabel("Name to sign in with")
                .fill("ylva" + UUID.randomUUID().toString().substring(0, 8));
        page.getByLabel("Password").fill("slow tides, fast fish");
        button(page, "Make the account").click();
        page.waitForURL("**/tanks");
        assertThat(page.locator("main")).containsText("No tank yet");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void place(Page page, String name) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
        assertThat(page.locator("nav [aria-current=page]")).hasText(name);
    }

    @Test
    void aKeeperPlansMarksAnArrivalAndKeepsTheRecord() {
        Watched watched = ownReef();
        Page page = watched.page();

        place(page, "Wishes");
        assertThat(page.locator("[data-wish=w-naso]")).containsText("of clear swim");
        page.getByLabel("Fish, by any name").fill("longnose hawkfish");
        page.getByLabel("Asked for by").fill("Ylva");
        button(page, "Wish for it").click();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Longnose hawkfish")))
                .containsText("It will take shrimps under 5 cm; your smallest are 4 cm.".replace(" cm", "\u00a0cm"));
        button(page, "Undo").click();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Longnose hawkfish")))
                .hasCount(0);

        place(page, "Company");
        page.getByLabel("Show only what concerns").selectOption("gale");
        assertThat(page.locator(".barb-chart.chosen .of-chosen").first()).isAttached();
        assertThat(page.locator("tr[data-pair]:not([data-pair*=gale])").first()).isHidden();
        page.locator("tr[data-pair*=gale] summary").first().click();
        assertThat(page.locator("tr[data-pair*=gale] details[open]")).containsText("who was first");

        place(page, "Arrivals");
        assertThat(page.locator("main")).containsText("Proved best");
        Locator first = page.locator("li[data-place='1']");
        assertThat(first).containsText("Neon goby");
        first.getByText("Neon goby has arrived").click();
        first.getByLabel("Called").fill("Spark");
        button(page, "Into the record").click();
        assertThat(page.locator("[role=status]")).containsText("Neon goby has arrived");
        assertThat(page.locator("li[data-place='1']")).not().containsText("Neon goby");
        assertThat(page.locator("li[data-place='1']"))
                .containsText(LocalDate.now().plusDays(14).toString());

        place(page, "Watch");
        log(page, "chase", "Gale", "Spark", "hard", "left cave");
        assertThat(page.locator("li[data-kind=chase]").first()).containsText("Gale chased Spark");
        log(page, "injury", "Gale", "Spark", "hard", "");
        assertThat(page.locator("li[data-kind=injury]").first()).containsText("Spark is hurt, by Gale");

        place(page, "Losses");
        page.getByLabel("Fish")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Spark — Neon goby"));
        page.getByLabel("Cause").selectOption("AGGRESSION");
        button(page, "Record the loss").click();
        assertThat(page.locator("li", new Page.LocatorOptions().setHasText("Spark")))
                .containsText("Gale 2 times");

        place(page, "Watch");
        assertThat(page.locator("li[data-kind=loss]").first()).containsText("Spark lost: aggression");
        assertThat(page.locator(".timeline")).containsText("Spark");
        assertThat(page.locator(".timeline .loss-cross")).hasCount(3);
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void aFirstTimerLearnsWhatMayComeToday() {
        Watched watched = Browsers.page(1280, 800);
        Page page = watched.page();
        signUp(page);
        page.navigate(url("/tanks/new"));
        page.getByLabel("Name").first().fill("Tide pool");
        page.getByLabel("Inside length").fill("90");
        page.getByLabel("Inside width").fill("45");
        page.getByLabel("Inside height").fill("45");
        page.getByLabel("First cycle finished on")
                .fill(LocalDate.now().minusMonths(2).toString());
        button(page, "Add the tank").click();
        assertThat(page.locator("h1")).hasText("Tide pool");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("House rules").setExact(true))
                .click();
        button(page, "Take these rules: Slack water").click();
        assertThat(page.getByText("In force in this tank.")).isVisible();

        place(page, "Species");
        page.getByLabel("This tank says").selectOption("NOW");
        page.getByLabel("easy").check();
        button(page, "Look").click();
        assertThat(page.locator("main ol > li")).not().hasCount(0);
        assertThat(page.locator("main ol > li", new Page.LocatorOptions().setHasText("tang")))
                .hasCount(0);

        place(page, "Shop");
        page.getByLabel("The fish in front of you").fill("yelow tang");
        button(page, "Ask").click();
        assertThat(page.locator("article h2")).hasText("Yellow tang");
        assertThat(page.locator("article [role=status]")).hasText("no");
        page.getByLabel("The fish in front of you").fill("gramma loreto");
        button(page, "Ask").click();
        assertThat(page.locator("article [role=status]")).containsText("yes, today");
        page.locator("article h2 a").click();
        button(page, "Wish for it").click();
        assertThat(page.locator("[data-wish]")).hasCount(1);
        assertClean(watched, "the first-timer's story");
    }

    @Test
    void aMixedReefKeeperSharesTheListChoosesASchoolAndOverrules() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Wishes");
        button(page, "Make a link by which the family can add wishes").click();
        String link = page.locator("code").textContent();
        Watched family = Browsers.page(390, 844);
        family.page().navigate(link);
        family.page().getByLabel("Fish, by any name").fill("wrasse");
        button(family.page(), "Wish for it").click();
        assertThat(family.page().locator(".fault")).containsText("Did you mean");
        family.page().getByLabel("Fish, by any name").fill("harlequin tuskfish");
        family.page().getByLabel("Your name").fill("Grandmother");
        button(family.page(), "Wish for it").click();
        assertThat(family.page().locator("main")).containsText("Harlequin tuskfish, for Grandmother");
        assertThat(family.page().locator("nav")).hasCount(0);

        page.reload();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("for Grandmother")))
                .containsText("Harlequin tuskfish");
        button(page, "End the family's link").click();
        assertThat(page.getByText("no longer works")).isVisible();
        family.page().reload();
        assertThat(family.page().locator("main")).not().containsText("Harlequin");

        place(page, "Headroom");
        assertThat(page.locator("h2", new Page.LocatorOptions().setHasText("your school")))
                .hasCount(1);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("house rules"))
                .click();
        page.getByLabel("What sets the ceiling?").selectOption("waste");
        page.getByLabel("Can the adult turn and travel?").fill("a longer tank is ordered");
        button(page, "Save the house rules").click();
        assertThat(page.getByLabel("What sets the ceiling?")).hasValue("waste");
        place(page, "Wishes");
        assertThat(page.locator("[data-wish=w-naso]")).containsText("Overruled by you, “a longer tank is ordered”");
    }

    @Test
    void whatIfMovesThePressuresAtOnce() {
        Watched watched = demo(1280, 800);
        Page page = watched.page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Skerry reef"))
                .first()
                .click();
        place(page, "Company");
        page.getByText("What if…?").click();
        Locator first = page.locator("tbody td").first();
        String before = first.textContent();
        page.getByLabel("an acclimation box").check();
        assertThat(first).containsText("▼");
        assertThat(first).not().hasText(before);
        page.getByLabel("Newcomers that day").fill("4");
        page.waitForURL(Pattern.compile("newcomers=4"));
        assertClean(watched, "what if");
    }

    private static void log(Page page, String kind, String aggressor, String fish, String hardness, String where) {
        page.locator(".chip", new Page.LocatorOptions().setHasText(Pattern.compile("^" + kind + "$")))
                .click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Who did it"))
                .getByText(aggressor)
                .click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("To whom"))
                .getByText(fish)
                .click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("How hard"))
                .getByText(hardness, new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Where").fill(where);
        button(page, "Into the log").click();
        assertThat(page.locator("[role=status]")).containsText("Logged.");
    }

    @Test
    void aFormSentBackBeginsAtWhatIsWrong() {
        Page page = demo(1280, 800).page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Skerry reef"))
                .first()
                .click();
        page.getByText("Change profile and house rules").click();
        page.getByLabel("Inside height").fill("-3");
        button(page, "Save").click();
        assertThat(page.getByLabel("Inside height")).isFocused();
        assertThat(page.getByText("The inside height, more than 0.")).isInViewport();
    }

    @Test
    void theFormAsksOnlyForWhatTheKindNeeds() {
        Page page = demo(1280, 800).page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Skerry reef"))
                .first()
                .click();
        place(page, "Watch");
        Locator who = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Who did it"));
        assertThat(who).isVisible();
        page.locator(".chip", new Page.LocatorOptions().setHasText("note")).click();
        assertThat(who).isHidden();
    }

    @ParameterizedTest
    @CsvSource({"day, 1280", "night, 1280", "day, 390", "night, 390"})
    void everyPlaceIsAccessibleAndFitsTheWindow(String look, int width) {
        Watched watched = Browsers.page(width, 844);
        Page page = watched.page();
        page.navigate(url("/sign-in"));
        if (look.equals("night")) {
            button(page, "Night").click();
        }
        assertThat(page.locator("html")).hasAttribute("data-look", look);
        assertClean(watched, "sign-in");
        page.navigate(url("/sign-up"));
        assertClean(watched, "sign-up");
        page.navigate(url("/sign-in"));
        button(page, "Enter as the demo keeper").click();
        page.waitForURL("**/tanks");
        assertClean(watched, "tanks");
        for (String path : List.of("/tanks/new", "/import", "/account")) {
            page.navigate(url(path));
            assertClean(watched, path);
        }
        page.navigate(url("/tanks"));
        String tank = page.locator("h2 a").first().getAttribute("href");
        for (String place : PLACES) {
            page.navigate(url(tank + place));
            page.evaluate(
                    "[...document.querySelectorAll('details')].slice(0, 4).forEach((one) => { one.open = true; })");
            assertClean(watched, place);
        }
    }

    private static void assertClean(Watched watched, String where) {
        assertThat(watched.seriousAxeFindings()).as(where).isEmpty();
        assertThat(watched.overflow()).as(where + " wider than the window").isLessThanOrEqualTo(0);
        assertThat(watched.troubles()).as(where).isEmpty();
    }

    @Test
    void theKeyboardAloneReachesTheContentAndTheLog() {
        Page page = demo(1280, 800).page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Window lagoon"))
                .first()
                .click();
        place(page, "Watch");
        page.keyboard().press("Tab");
        assertThat(page.getByText("To the content")).isFocused();
        page.locator("input[name=kind]:checked").focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("input[value=NIP]")).isChecked();
    }

    /** A second instance on the same database serves the keeper who signed in at the first. */
    @Test
    void aSessionHoldsAtASecondInstance() throws Exception {
        Watched watched = demo(1280, 800);
        String session = watched.page().context().cookies().stream()
                .filter(cookie -> cookie.name.equals("pelluna"))
                .map(cookie -> {
                    assertThat(cookie.httpOnly).isTrue();
                    return cookie.value;
                })
                .findFirst()
                .orElseThrow();
        SpringApplication second = new SpringApplication(PellunaApplication.class);
        second.setAdditionalProfiles("test");
        try (ConfigurableApplicationContext instance = second.run("--server.port=0", "--spring.jmx.enabled=false")) {
            String at = instance.getEnvironment().getProperty("local.server.port");
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + "/tanks"))
                                    .header("Cookie", "pelluna=" + session)
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.body()).contains("Skerry reef");
        }
    }

    @Test
    void aRefusedFileSaysWhereAndChangesNothing() throws Exception {
        Page page = demo(1280, 800).page();
        page.navigate(url("/import"));
        var bad = Files.createTempFile("plan", ".json");
        Files.writeString(bad, "{\"format\": \"pelluna-plan\", \"version\": 1}");
        page.setInputFiles("input[type=file]", bad);
        button(page, "Import").click();
        assertThat(page.locator("[role=alert]")).containsText("nothing has changed");
        assertThat(page.locator("[role=alert]")).containsText("tank");
        Files.delete(bad);
    }
}
