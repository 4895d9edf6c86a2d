package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;
import org.pelluna.core.units.Dates;

/** The reef in the hand: time by keys, a fish picked, rock dragged, a cave added, and all of it taken back. */
class ReefStoryTest extends BrowserTest {

    private static Locator figure(Page page, String name) {
        return page.locator("dl > div", new Page.LocatorOptions().setHasText(name))
                .locator("dd");
    }

    @Test
    void timeIsMovedByKeysAndAFishIsPicked() throws Exception {
        Watched watched = demo(1280, 900);
        Page page = watched.page();
        skerryReef(page);
        place(page, "Reef");
        String today = page.locator("[data-on]").getAttribute("data-on");
        Locator slider = page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("[type=range]"));
        slider.focus();
        double before = length(page, "gale");
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("PageUp");
        }
        String later = java.time.LocalDate.parse(today).plusDays(8 * 91).toString();
        assertThat(page.locator("[data-on]")).hasAttribute("data-on", later);
        assertThat(slider).hasAttribute("aria-valuetext", later);
        assertThat(length(page, "gale")).isGreaterThan(before);
        assertThat(page.locator(".swimmer.to-come")).hasCount(0);
        page.getByLabel("To the change before").click();
        assertThat(page.locator("[data-on]")).not().hasAttribute("data-on", later);

        Locator gale = page.locator(".swimmer[data-fish=gale]");
        gale.focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("section h2", new Page.LocatorOptions().setHasText("Gale")))
                .isVisible();
        assertThat(page.locator(".press").first()).isAttached();
        assertThat(gale).isFocused();
        assertClean(watched, "the reef with a fish picked");

        Download picture = page.waitForDownload(() -> button(page, "PNG").click());
        byte[] bytes = Files.readAllBytes(picture.path());
        assertThat(bytes).startsWith(new byte[] {(byte) 0x89, 'P', 'N', 'G'});
        assertThat(bytes.length).isGreaterThan(20_000);
    }

    @Test
    void aStepChangesOnlyWhatDiffersAndALostConnectionIsSaid() {
        Watched watched = demo(1280, 900);
        Page page = watched.page();
        skerryReef(page);
        place(page, "Reef");
        Locator day = page.locator("[data-on]");
        Locator who = page.locator("details", new Page.LocatorOptions().setHasText("Who is drawn"));
        who.locator("summary").click();
        // A mark that only survives if the drawing is not made anew.
        page.evaluate("document.querySelector('.view-front .glass').here = 'yes'");
        String before = page.locator(".swimmer[data-fish=gale]").getAttribute("data-length-cm");
        page.locator(".time-slider").focus();
        for (int i = 0; i < 4; i++) {
            String shown = day.getAttribute("data-on");
            page.keyboard().press("PageUp");
            assertThat(day).not().hasAttribute("data-on", shown);
        }
        assertThat(page.locator(".swimmer[data-fish=gale]")).not().hasAttribute("data-length-cm", before);
        assertThat(page.evaluate("document.querySelector('.view-front .glass').here"))
                .isEqualTo("yes");
        assertThat(who).hasAttribute("open", "");
        // What was asked for ahead is the day it is asked for: the account names it.
        assertThat(page.locator("[x-ref=day] [role=status]"))
                .containsText(Dates.day(LocalDate.parse(day.getAttribute("data-on")), LocalDate.now()));

        page.context().setOffline(true);
        page.getByLabel("To the change before").click();
        assertThat(page.locator("[x-ref=shown]")).containsText("no answer from Pelluna");
        page.context().setOffline(false);
        page.getByLabel("To the change before").click();
        assertThat(page.locator("[x-ref=shown]")).not().containsText("no answer");
        assertThat(watched.troubles()).allMatch(one -> one.contains("ERR_INTERNET_DISCONNECTED"));
    }

    private static double length(Page page, String fish) {
        return Double.parseDouble(
                page.locator(".swimmer[data-fish=" + fish + "]").getAttribute("data-length-cm"));
    }

    @Test
    void rockIsDraggedACaveAddedAndAllTakenBack() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Reef");
        page.getByText("Edit the drawing").click();
        assertThat(figure(page, "Caves and crevices")).hasText("9");
        String swim = figure(page, "Longest swimming length").textContent();
        String x = row(page, "outlier", "x");

        Locator outlier = page.locator(".view-front [data-item=outlier]");
        BoundingBox box = outlier.boundingBox();
        double cx = box.x + box.width / 2;
        double cy = box.y + box.height * 0.6;
        page.mouse().move(cx, cy);
        page.mouse().down();
        page.mouse().move(cx - 60, cy);
        page.mouse().move(cx - 120, cy);
        page.mouse().up();
        assertThat(page.locator("[x-ref=said]")).hasText("Saved.");
        assertThat(Double.parseDouble(row(page, "outlier", "x"))).isLessThan(Double.parseDouble(x) - 10);

        page.getByText("cave", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(figure(page, "Caves and crevices")).hasText("10");
        Locator ridge = page.locator(".view-front [data-item=ridge]");
        String rock = figure(page, "Rock, dry").textContent();
        ridge.focus();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("Shift+ArrowUp");
        }
        assertThat(figure(page, "Rock, dry")).not().hasText(rock);

        for (int i = 0; i < 3; i++) {
            button(page, "Undo").click();
        }
        assertThat(figure(page, "Caves and crevices")).hasText("9");
        assertThat(figure(page, "Rock, dry")).hasText(rock);
        assertThat(figure(page, "Longest swimming length")).hasText(swim);
        assertThat(page.locator("[data-row=outlier] [data-part=x]")).hasValue(x);
        button(page, "Redo").click();
        assertThat(page.locator("[data-row=outlier] [data-part=x]")).not().hasValue(x);

        page.locator(".view-front [data-item=c1]").focus();
        page.keyboard().press("Delete");
        assertThat(figure(page, "Caves and crevices")).hasText("8");
        page.reload();
        assertThat(figure(page, "Caves and crevices")).hasText("8");
        assertClean(watched, "the drawing board");
    }

    private static String row(Page page, String id, String part) {
        return page.locator("[data-row=" + id + "] [data-part=" + part + "]").inputValue();
    }
}
