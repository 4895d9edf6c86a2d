package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pelluna.app.browser.Browsers.Watched;
import org.pelluna.app.demo.DemoKeeper;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

/** Tests in a real browser against real PostgreSQL: how a page is opened, and a keeper of one's own with a tank. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
@ExtendWith(ClosesPages.class)
abstract class BrowserTest {
    static final String PASSWORD = "slow tides, fast fish";

    @LocalServerPort
    int port;

    @Autowired
    TankStore tanks;

    @Autowired
    Keepers keepers;

    @Autowired
    DemoKeeper demo;

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    Watched demo(int width, int height) {
        return demo(Browsers.page(width, height));
    }

    Watched demo(Watched watched) {
        Page page = watched.page();
        page.navigate(url("/"));
        button(page, "Enter as the demo keeper").click();
        page.waitForURL("**/today");
        return watched;
    }

    /** A keeper of one's own with a copy of the demo's reef, so that tests do not disturb each other. */
    Watched ownReef() {
        return ownReef(new StringBuilder());
    }

    /** The same, telling the name to sign in with. */
    Watched ownReef(StringBuilder name) {
        Watched watched = Browsers.page(1280, 800);
        Page page = watched.page();
        String username = signUp(page);
        name.append(username);
        UUID keeper = keepers.findByUsername(username).orElseThrow().id();
        UUID offered = demo.keeper().id();
        TankRow shown = tanks.of(offered).stream()
                .filter(row -> row.name().equals("Skerry reef"))
                .findFirst()
                .orElseThrow();
        page.navigate(url("/tanks/" + tanks.add(keeper, tanks.plan(offered, shown.id()))));
        assertThat(page.locator("h1")).hasText("Skerry reef");
        return watched;
    }

    /** A display of one's own; cycled on a day, or not yet. */
    void newTank(Page page, String name, String length, String width, String height, String cycled) {
        page.navigate(url("/tanks/new"));
        page.getByLabel("Name of the tank").fill(name);
        page.getByLabel("Inside length").fill(length);
        page.getByLabel("Inside width").fill(width);
        page.getByLabel("Inside height").fill(height);
        if (!cycled.isEmpty()) {
            page.getByLabel("First cycle finished on").fill(cycled);
        }
        button(page, "Add the tank").click();
        assertThat(page.locator("h1")).hasText(name);
    }

    /** A quarantine tank of one's own, the Side cabinet. */
    void quarantineTank(Page page) {
        page.navigate(url("/tanks/new"));
        page.getByText("quarantine tank").first().click();
        page.getByLabel("Name of the tank").fill("Side cabinet");
        page.getByLabel("Places for fish").fill("4");
        page.getByLabel("Compartments").fill("2");
        page.getByLabel("Inside length").fill("60");
        page.getByLabel("Inside width").fill("40");
        page.getByLabel("Inside height").fill("40");
        button(page, "Add the tank").click();
        assertThat(page.locator("h1")).hasText("Side cabinet");
    }

    /** Makes an account; its name to sign in with. */
    String signUp(Page page) {
        String name = "ylva" + UUID.randomUUID().toString().substring(0, 8);
        page.navigate(url("/sign-up"));
        page.getByLabel("What would you like to be called?").fill("Ylva of the Slipway");
        page.getByLabel("Name or e-mail address to sign in with").fill(name);
        page.getByLabel("Password").fill(PASSWORD);
        button(page, "Make the account").click();
        page.waitForURL("**/voyage");
        assertThat(page.locator("h1")).hasText("The tank");
        return name;
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static final Map<String, String> PLACE_OF = Map.ofEntries(
            Map.entry("Wishes", "Plan"),
            Map.entry("Tank", "Plan"),
            Map.entry("Tank mates", "Plan"),
            Map.entry("Quarantine", "Plan"),
            Map.entry("Add", "Log"),
            Map.entry("Answers", "Log"),
            Map.entry("Water", "Log"),
            Map.entry("Species", "Shop"));

    private static final Map<String, String> TAB_OF = Map.of(
            "Arrivals", "Plan",
            "Headroom", "Tank",
            "House rules", "Tank",
            "Guesses", "Tank",
            "Roll call", "Add",
            "Signs", "Add",
            "Losses", "Add",
            "Remedies", "Add",
            "Crew", "Add");

    /** Goes to a place, or to what it holds, as a keeper would: the place, then the tab, then what is reached from it. */
    static void place(Page page, String name) {
        String tab = TAB_OF.getOrDefault(name, name);
        String place = PLACE_OF.getOrDefault(tab, tab);
        link(page.locator("nav.places"), place).click();
        assertThat(page.locator("nav.places [aria-current=true]")).hasText(place);
        if (PLACE_OF.containsKey(tab)) {
            link(page.locator("nav.tabs"), tab).click();
            assertThat(page.locator("nav.tabs [aria-current=page]")).hasText(tab);
        }
        if (TAB_OF.containsKey(name)) {
            Locator part = page.locator("nav.parts a:has(strong:text-is('" + name + "'))");
            part.click();
            assertThat(part).hasCount(0);
            assertThat(page.locator("nav.tabs [aria-current=true]")).hasText(tab);
        }
        // The scripts run after the page is read: a key pressed before them would be lost.
        page.waitForLoadState();
    }

    /** Chooses from the menu at the head. */
    static void menu(Page page, String name) {
        page.locator("details.menu summary").click();
        page.locator("details.menu li", new Page.LocatorOptions().setHasText(name))
                .locator("a, button")
                .click();
    }

    /** Goes to one of the answers of the log. */
    static void answer(Page page, String question) {
        place(page, "Answers");
        link(page.locator("main"), question).click();
    }

    private static Locator link(Locator within, String name) {
        return within.getByRole(
                AriaRole.LINK, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Holds of a page as a story comes upon it; that its colours can be told apart is asked of every page by {@link EveryPage}. */
    static void assertClean(Watched watched, String where) {
        assertThat(watched.findingsBesideColours()).as(where).isEmpty();
        assertThat(watched.overflow()).as(where + " wider than the window").isLessThanOrEqualTo(0);
        assertThat(watched.troubles()).as(where).isEmpty();
    }

    /** What the page says was done. */
    static Locator said(Page page) {
        return page.locator("body > [role=status]");
    }

    /** The tank of the demo keeper. */
    static void skerryReef(Page page) {
        page.locator("main h2 a", new Page.LocatorOptions().setHasText("Skerry reef"))
                .click();
    }

    /** The page of a fish of the tank one is in. */
    static void fish(Page page, String name) {
        place(page, "Tank");
        page.locator("table.residents")
                .getByText(name, new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator("h1")).hasText(name);
    }
}
