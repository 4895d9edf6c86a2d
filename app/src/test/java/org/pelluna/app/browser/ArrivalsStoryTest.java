package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** From the shortlist to the first release, and what happens when life comes between. */
class ArrivalsStoryTest extends BrowserTest {

    @Test
    void fromTheShortlistToTheFirstRelease() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Wishes");
        assertThat(page.locator("[data-wish=w-neon]")).isVisible();
        place(page, "Arrivals");
        assertThat(page.locator(".lanes .arrival-lane")).not().hasCount(0);
        assertThat(page.locator(".lanes .panel-line")).hasCount(4);

        // Everything about the day, ticked on the sheet.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Run sheet: Neon goby"))
                .click();
        assertThat(page.locator("h1")).hasText("Neon goby");
        Locator inspect = page.locator("#inspect button");
        inspect.click();
        assertThat(page.locator("#inspect button")).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("main")).containsText(Pattern.compile("1 of \\d+ done"));
        button(page, "Log: attacked").click();
        assertThat(page.locator("#box-record")).containsText("Do not release it");
        button(page, "Log: not attacked").click();
        assertThat(page.locator("#box-record")).containsText("Release it: no fish attacked");
        assertClean(watched, "run sheet");

        place(page, "Arrivals");
        Locator first = page.locator("li[data-place='1']");
        first.getByText("Neon goby has arrived").click();
        first.getByLabel("Called").locator("visible=true").fill("Spark");
        page.locator("form[action$='/done'] button").locator("visible=true").click();
        assertThat(said(page)).containsText("Neon goby lives here now");
        place(page, "Tank");
        assertThat(page.locator("main")).containsText("Spark");
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void aLaneIsMovedByDraggingAndByKeysAndThePlanSaysWhatThatChanges() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Arrivals");
        Locator lane = page.locator(".arrival-lane").last();
        String wish = lane.getAttribute("data-wish");
        LocalDate before = LocalDate.parse(lane.getAttribute("data-date"));
        Locator same = page.locator(".arrival-lane[data-wish='" + wish + "']");
        same.focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("PageDown");
        }
        page.keyboard().press("Enter");
        assertThat(page.locator("main [role=status]")).containsText("days later");
        assertThat(same).hasAttribute("data-date", before.plusDays(21).toString());
        assertThat(same).isFocused();

        var box = same.locator(".buoy").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 40, y);
        page.mouse().move(x + 80, y);
        page.mouse().up();
        assertThat(same).not().hasAttribute("data-date", before.plusDays(21).toString());
        assertThat(LocalDate.parse(same.getAttribute("data-date"))).isAfter(before.plusDays(21));
        button(page, "Use the best order").click();
        assertThat(same).hasAttribute("data-date", before.toString());
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void aDeathInQuarantineIsPlannedAround() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Arrivals");
        Locator fairy = arrival(page, "Solar fairy wrasse");
        fairy.getByText("Into quarantine").click();
        page.locator("form[action$='/in-quarantine'] button")
                .locator("visible=true")
                .click();
        assertThat(said(page)).containsText("In quarantine since");
        fairy = arrival(page, "Solar fairy wrasse");
        fairy.getByText("Report a change").click();
        fairy.getByLabel("The fish").selectOption("DIED");
        fairy.getByLabel("Note").fill("found on the floor of the tank");
        button(page, "Update the plan").locator("visible=true").click();
        assertThat(said(page)).containsText("died in quarantine. Plan updated from today");
        assertThat(arrival(page, "Solar fairy wrasse")).hasCount(0);
        assertThat(page.locator("main")).containsText("found on the floor of the tank");
        button(page, "Undo").click();
        assertThat(arrival(page, "Solar fairy wrasse")).hasCount(1);
        assertThat(watched.troubles()).isEmpty();
    }

    private static Locator arrival(Page page, String name) {
        return page.locator(
                "li[data-place]",
                new Page.LocatorOptions().setHas(page.locator("h2", new Page.LocatorOptions().setHasText(name))));
    }
}
