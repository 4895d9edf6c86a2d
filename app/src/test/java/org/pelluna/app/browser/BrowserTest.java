package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import org.pelluna.app.browser.Browsers.Watched;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

/** Tests in a real browser against real PostgreSQL: how a page is opened, and a keeper of one's own with a tank. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
abstract class BrowserTest {
    @LocalServerPort
    int port;

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    Watched demo(int width, int height) {
        Watched watched = Browsers.page(width, height);
        Page page = watched.page();
        page.navigate(url("/"));
        button(page, "Enter as the demo keeper").click();
        page.waitForURL("**/tanks");
        return watched;
    }

    /** A keeper of one's own with a copy of the demo's reef, so that tests do not disturb each other. */
    Watched ownReef() {
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

    void signUp(Page page) {
        page.navigate(url("/sign-up"));
        page.getByLabel("What would you like to be called?").fill("Ylva of the Slipway");
        page.getByLabel("Name to sign in with")
                .fill("ylva" + UUID.randomUUID().toString().substring(0, 8));
        page.getByLabel("Password").fill("slow tides, fast fish");
        button(page, "Make the account").click();
        page.waitForURL("**/tanks");
        assertThat(page.locator("main")).containsText("No tank yet");
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static void place(Page page, String name) {
        page.locator("nav.places")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
        assertThat(page.locator("nav.places [aria-current=page]")).hasText(name);
    }

    static void assertClean(Watched watched, String where) {
        assertThat(watched.seriousAxeFindings()).as(where).isEmpty();
        assertThat(watched.overflow()).as(where + " wider than the window").isLessThanOrEqualTo(0);
        assertThat(watched.troubles()).as(where).isEmpty();
    }

    /** What the page says was done. */
    static Locator said(Page page) {
        return page.locator("body > [role=status]");
    }

    /** The tank of the demo keeper. */
    static void skerryReef(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Skerry reef"))
                .first()
                .click();
    }
}
