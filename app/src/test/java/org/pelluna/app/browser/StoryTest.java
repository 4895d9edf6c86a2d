package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.nio.file.Files;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.PellunaApplication;
import org.pelluna.app.browser.Browsers.Watched;
import org.pelluna.core.units.Dates;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The keeper's story in a real browser against real PostgreSQL. */
class StoryTest extends BrowserTest {
    @Test
    void aKeeperPlansMarksAnArrivalAndKeepsTheRecord() {
        Watched watched = ownReef();
        Page page = watched.page();

        place(page, "Wishes");
        assertThat(page.locator("[data-wish=w-naso]")).containsText("to swim");
        page.getByLabel("Fish, by any name").fill("longnose hawkfish");
        page.getByLabel("Asked for by").fill("Ylva");
        button(page, "Add wish").click();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Longnose hawkfish")))
                .containsText("It eats shrimps under 5 cm; your smallest are 4 cm.".replace(" cm", "\u00a0cm"));
        button(page, "Undo").click();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Longnose hawkfish")))
                .hasCount(0);

        place(page, "Tank mates");
        page.getByLabel("Show only what concerns").selectOption("gale");
        assertThat(page.locator(".barb-chart.chosen .of-chosen").first()).isAttached();
        assertThat(page.locator("tr[data-pair]:not([data-pair*=gale])").first()).isHidden();
        page.locator("tr[data-pair*=gale] summary").first().click();
        assertThat(page.locator("tr[data-pair*=gale] details[open]")).containsText("which arrived first");

        place(page, "Arrivals");
        assertThat(page.locator("main")).containsText("No better order exists");
        Locator first = page.locator("li[data-place='1']");
        assertThat(first).containsText("Neon goby");
        first.getByText("Neon goby has arrived").click();
        first.getByLabel("Called").locator("visible=true").fill("Spark");
        page.locator("form[action$='/done'] button").locator("visible=true").click();
        assertThat(said(page)).containsText("Neon goby lives here now");
        assertThat(page.locator("li[data-place='1']")).not().containsText("Neon goby");
        assertThat(page.locator("li[data-place='1']"))
                .containsText(Dates.day(LocalDate.now().plusDays(14), LocalDate.now()));

        place(page, "Add");
        log(page, "chase", "Gale", "Spark", "left cave");
        assertThat(page.locator("li[data-kind=chase]").first()).containsText("Gale chased Spark");
        log(page, "injury", "Gale", "Spark", "");
        assertThat(page.locator("li[data-kind=injury]").first()).containsText("Spark is hurt, by Gale");

        place(page, "Losses");
        page.getByLabel("Fish")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Spark — Neon goby"));
        page.locator("#cause").selectOption("AGGRESSION");
        button(page, "Save loss").click();
        assertThat(page.locator("li", new Page.LocatorOptions().setHasText("Spark")))
                .containsText("Gale 2 times");

        place(page, "Add");
        assertThat(page.locator("li[data-kind=loss]").first()).containsText("Spark lost: aggression");
        place(page, "Log");
        assertThat(page.locator("svg.story-across")).containsText("Spark");
        assertThat(page.locator("svg.story-across .lost")).hasCount(3);
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
        place(page, "House rules");
        page.getByText("Start from a ready-made set").click();
        button(page, "Use these rules (First tank)").click();
        assertThat(page.getByText("In force: First tank")).isVisible();

        place(page, "Species");
        page.getByLabel("This tank says").selectOption("NOW");
        page.getByLabel("easy").check();
        button(page, "Search").click();
        assertThat(page.locator("main ol > li")).not().hasCount(0);
        assertThat(page.locator("main ol > li", new Page.LocatorOptions().setHasText("tang")))
                .hasCount(0);

        place(page, "Shop");
        page.getByLabel("The fish, shrimp or snail in front of you").fill("yelow tang");
        button(page, "Check").click();
        assertThat(page.locator("main h2").first()).hasText("Which one is it?");
        page.locator(".asked-fish", new Page.LocatorOptions().setHasText("Zebrasoma flavescens"))
                .click();
        assertThat(page.locator("article h2")).hasText("Yellow tang");
        assertThat(page.locator("article [role=status]")).hasText("no");
        page.getByLabel("The fish, shrimp or snail in front of you").fill("gramma loreto");
        button(page, "Check").click();
        assertThat(page.locator("article [role=status]")).containsText("yes");
        page.locator("article h2 a").click();
        button(page, "Add wish").click();
        assertThat(page.locator("[data-wish]")).hasCount(1);
        assertClean(watched, "the first-timer's story");
    }

    @Test
    void aMixedReefKeeperSharesTheListChoosesASchoolAndOverrules() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Wishes");
        button(page, "Create family link").click();
        String link = page.locator("code").textContent();
        Watched family = Browsers.page(390, 844);
        family.page().navigate(link);
        family.page().getByLabel("Fish, by any name").fill("wrasse");
        button(family.page(), "Add wish").click();
        assertThat(family.page().locator(".fault")).containsText("Did you mean");
        family.page().getByLabel("Fish, by any name").fill("harlequin tuskfish");
        family.page().getByLabel("Your name").fill("Grandmother");
        button(family.page(), "Add wish").click();
        assertThat(family.page().locator("main")).containsText("Harlequin tuskfish, for Grandmother");
        assertThat(family.page().locator("nav")).hasCount(0);

        page.reload();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("for Grandmother")))
                .containsText("Harlequin tuskfish");
        button(page, "Delete family link").click();
        assertThat(page.getByText("no longer works")).isVisible();
        family.page().reload();
        assertThat(family.page().locator("main")).not().containsText("Harlequin");

        place(page, "Headroom");
        assertThat(page.locator("h2", new Page.LocatorOptions().setHasText("your approach")))
                .hasCount(1);
        place(page, "House rules");
        page.getByLabel("What sets the limit?").selectOption("waste");
        page.getByText("Questions you overrule").click();
        page.getByLabel("Can the adult swim far enough?").fill("a longer tank is ordered");
        button(page, "Save").click();
        assertThat(page.getByLabel("What sets the limit?")).hasValue("waste");
        place(page, "Wishes");
        assertThat(page.locator("[data-wish=w-naso]")).containsText("Overruled by you, “a longer tank is ordered”");
    }

    @Test
    void whatIfMovesThePressuresAtOnce() {
        Watched watched = demo(1280, 800);
        Page page = watched.page();
        skerryReef(page);
        place(page, "Tank mates");
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

    private static void log(Page page, String kind, String aggressor, String fish, String where) {
        page.locator(".chip", new Page.LocatorOptions().setHasText(Pattern.compile("^" + kind + "$")))
                .click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Who did it"))
                .getByText(aggressor)
                .click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("To whom"))
                .getByText(fish)
                .click();
        page.getByLabel("Where").fill(where);
        page.locator("input[name=hardness]").first().focus();
        page.keyboard().press("Space");
        button(page, "Save").locator("visible=true").click();
        assertThat(said(page)).containsText("Logged.");
    }

    @Test
    void aFormSentBackBeginsAtWhatIsWrong() {
        Page page = demo(1280, 800).page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Skerry reef"))
                .first()
                .click();
        page.getByText("Edit profile").click();
        page.getByLabel("Inside height").fill("-3");
        button(page, "Save").click();
        assertThat(page.getByLabel("Inside height")).isFocused();
        assertThat(page.getByText("The inside height, more than 0.")).isInViewport();
    }

    @Test
    void theFormAsksOnlyForWhatTheKindNeeds() {
        Page page = demo(1280, 800).page();
        skerryReef(page);
        place(page, "Add");
        Locator who = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Who did it"));
        assertThat(who).isVisible();
        page.locator(".chip", new Page.LocatorOptions().setHasText("note")).click();
        assertThat(who).isHidden();
    }

    @Test
    void theKeyboardAloneReachesTheContentAndTheLog() {
        Page page = demo(1280, 800).page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Window lagoon"))
                .first()
                .click();
        place(page, "Add");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Skip to content")).isFocused();
        page.locator("input[name=kind]:checked").focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("input[value=NIP]")).isChecked();
    }

    /** Two instances on one database: one session, and neither shows an older state than the last change the other has acknowledged. */
    @Test
    void twoInstancesServeOneKeeperAndNeverShowAnOlderState() {
        Page page = ownReef().page();
        String reef = URI.create(page.url()).getPath();
        SpringApplication second = new SpringApplication(PellunaApplication.class);
        second.setAdditionalProfiles("test");
        try (ConfigurableApplicationContext instance = second.run("--server.port=0", "--spring.jmx.enabled=false")) {
            String here = url(reef);
            String there = "http://127.0.0.1:" + instance.getEnvironment().getProperty("local.server.port") + reef;
            Locator entry = page.locator("li[data-kind=chase]", new Page.LocatorOptions().setHasText("by the arch"));
            assertThat(settling(page, there)).isEqualTo(settling(page, here));

            page.navigate(here + "/watch");
            log(page, "chase", "Gale", "Pip", "by the arch");
            String told = settling(page, there);
            page.navigate(there + "/watch");
            assertThat(entry).hasCount(1);

            entry.getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText("Delete"))
                    .click();
            page.navigate(here + "/watch");
            assertThat(entry).hasCount(0);

            log(page, "chase", "Gale", "Pip", "by the arch");
            assertThat(settling(page, there)).isEqualTo(told);
            page.navigate(there + "/watch");
            assertThat(entry).hasCount(1);
        }
    }

    private static String settling(Page page, String tank) {
        page.navigate(tank + "/watch/settling");
        return page.locator("main").innerText();
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

    @Test
    void aPlanGoesOutAndComesInAgainForAnotherKeeper() {
        Watched watched = demo(1280, 800);
        Page page = watched.page();
        skerryReef(page);
        Download plan =
                page.waitForDownload(() -> page.getByText("Download the plan").click());
        menu(page, "Sign out");
        signUp(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Import a plan"))
                .click();
        page.setInputFiles("input[type=file]", plan.path());
        button(page, "Import").click();
        assertThat(page.locator("h1")).hasText("Skerry reef");
        assertThat(watched.troubles()).isEmpty();
    }
}
