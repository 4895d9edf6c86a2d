package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.app.browser.Browsers.Watched;

/** Every place holds by day and by night, wide and on a phone. */
class PlacesTest extends BrowserTest {
    private static final List<String> PLACES = List.of(
            "",
            "/reef",
            "/reef/edit",
            "/reef/plate",
            "/reef/compare",
            "/plan",
            "/log",
            "/log?zoom=MONTH",
            "/log/answers",
            "/headroom",
            "/rules",
            "/species",
            "/species/pomacanthus-imperator",
            "/wishes",
            "/company",
            "/company/what-if",
            "/arrivals",
            "/arrivals/alternatives",
            "/arrivals/money",
            "/arrivals/calendar",
            "/arrivals/paper",
            "/move",
            "/fish/gale",
            "/arrivals/w-neon/run-sheet",
            "/water",
            "/tables",
            "/watch",
            "/watch/words?line=gale+chased+inkwell+twice+wibbling",
            "/watch/roll-call",
            "/watch/signs",
            "/watch/settling",
            "/watch/rank",
            "/watch/remedies",
            "/watch/what-now",
            "/watch/learned",
            "/losses",
            "/losses/survival",
            "/losses/crew",
            "/shop",
            "/shop?q=yelow+tang",
            "/shop?q=pistol+shrimp");

    @ParameterizedTest
    @CsvSource({"day, 1280", "night, 1280", "day, 390", "night, 390"})
    void everyPlaceIsAccessibleAndFitsTheWindow(String look, int width) {
        Watched watched = Browsers.page(width, 844);
        Page page = watched.page();
        page.navigate(url("/sign-in"));
        if (look.equals("night")) {
            menu(page, "Night");
        }
        assertThat(page.locator("html")).hasAttribute("data-look", look);
        assertHolds(watched, "sign-in", look, width);
        page.navigate(url("/sign-up"));
        assertHolds(watched, "sign-up", look, width);
        page.navigate(url("/sign-in"));
        button(page, "Enter as the demo keeper").click();
        page.waitForURL("**/today");
        assertHolds(watched, "tanks", look, width);
        for (String path : List.of("/tanks/new", "/import", "/account", "/today", "/mailbox")) {
            page.navigate(url(path));
            assertHolds(watched, path, look, width);
        }
        page.navigate(url("/tanks"));
        String tank = page.locator("h2 a").first().getAttribute("href");
        for (String place : PLACES) {
            page.navigate(url(tank + place));
            page.evaluate(
                    "[...document.querySelectorAll('details')].slice(0, 4).forEach((one) => { one.open = true; })");
            assertHolds(watched, place, look, width);
        }
        page.navigate(url("/tanks"));
        String bare = page.locator("h2 a", new Page.LocatorOptions().setHasText("Side room"))
                .getAttribute("href");
        for (String place : List.of("", "/quarantine", "/water", "/watch", "/losses")) {
            page.navigate(url(bare + place));
            page.evaluate("document.querySelectorAll('details').forEach((one) => { one.open = true; })");
            assertHolds(watched, "side room" + place, look, width);
        }
    }

    /** Contrast is the look's, the rest the page's: axe looks at each page once in each look; width is measured in all. */
    private static void assertHolds(Watched watched, String where, String look, int width) {
        if (look.equals("day") == width > 600) {
            assertClean(watched, where);
        } else {
            assertThat(watched.overflow()).as(where + " wider than the window").isLessThanOrEqualTo(0);
            assertThat(watched.troubles()).as(where).isEmpty();
        }
    }
}
