package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** The story of the tank: looked at whole, about one fish, an episode, closer, on paper and on a phone. */
class TankStoryTest extends BrowserTest {
    private static Locator range(Page page) {
        return page.locator("[x-ref=drawn] > div > p").first();
    }

    @Test
    void itIsPickedFromDrawnCloserAndOpensItsEntries() {
        Watched watched = demo(1280, 900);
        Page page = watched.page();
        place(page, "Log");
        Locator drawing = page.locator("svg.story-across");
        assertThat(drawing).isVisible();
        assertThat(page.locator("svg.story-down")).isHidden();

        // A fish: everything that does not concern it fades.
        page.getByLabel("About").selectOption("plum");
        assertThat(page.locator("svg.story-across .met.faded").first()).isAttached();
        assertThat(page.locator("svg.story-across .met[data-by=plum].faded, svg.story-across .met[data-to=plum].faded"))
                .hasCount(0);
        page.getByLabel("About").selectOption("");
        assertThat(page.locator("svg.story-across .faded")).hasCount(0);

        // The pointer reads the day; the drawing is pulled along, and the server draws what is then in sight.
        String whole = range(page).textContent();
        BoundingBox box = drawing.boundingBox();
        page.mouse().move(box.x + box.width * 0.6, box.y + 60);
        assertThat(page.locator("svg.story-across .read-out text")).containsText(Pattern.compile("\\d{4}"));
        page.keyboard().down("Control");
        page.mouse().wheel(0, -400);
        page.keyboard().up("Control");
        assertThat(range(page)).not().hasText(whole);
        assertThat(page).hasURL(Pattern.compile("from=\\d{4}-\\d\\d-\\d\\d&to="));
        String closer = range(page).textContent();
        page.reload();
        assertThat(range(page)).hasText(closer);
        page.mouse().move(box.x + box.width * 0.5, box.y + 60);
        page.mouse().down();
        page.mouse().move(box.x + box.width * 0.7, box.y + 60);
        page.mouse().up();
        assertThat(range(page)).not().hasText(closer);
        page.getByText("Show all").click();
        assertThat(range(page)).hasText(whole);

        // An episode: its weeks alone, and its words.
        page.locator("details[open] a", new Page.LocatorOptions().setHasText("Show these weeks"))
                .first()
                .click();
        assertThat(page.locator("main details[open]").first()).containsText("Day ");
        assertThat(range(page)).not().hasText(whole);

        // A line between two lanes is an entry of the log.
        String entry = page.locator("svg.story-across a.met").first().getAttribute("href");
        assertThat(entry).contains("/watch/").endsWith("/edit");
        page.navigate(url(entry));
        assertThat(page.locator("h1")).containsText("entry");
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void itRunsDownAPhoneAndAcrossAPage() {
        Watched watched = demo(390, 844);
        Page page = watched.page();
        place(page, "Log");
        assertThat(page.locator("svg.story-down")).isVisible();
        assertThat(page.locator("svg.story-across")).isHidden();
        assertClean(watched, "story on a phone");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator("svg.story-across")).isVisible();
        assertThat(page.locator("svg.story-down")).isHidden();
    }
}
