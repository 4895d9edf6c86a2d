package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** With the keyboard alone: from the sign-in to a changed order, and by the line that finds. */
class KeyboardTest extends BrowserTest {
    private static void press(Page page, String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    /** Tabs on until what has the focus reads so; as a keeper would, and no further than a page is long. */
    private static void tabTo(Page page, String words) {
        for (int i = 0; i < 200; i++) {
            press(page, "Tab");
            String here = String.valueOf(
                    page.evaluate(
                            "(document.activeElement.getAttribute('aria-label') ?? document.activeElement.textContent ?? '').trim()"));
            if (here.startsWith(words)) {
                return;
            }
        }
        throw new AssertionError("not reached by the Tab key: " + words);
    }

    private static void tabToField(Page page, String name) {
        for (int i = 0; i < 40; i++) {
            press(page, "Tab");
            if (name.equals(page.evaluate("document.activeElement.name"))) {
                return;
            }
        }
        throw new AssertionError("not reached by the Tab key: " + name);
    }

    private static Locator focused(Page page) {
        return page.locator(":focus");
    }

    @Test
    void fromTheSignInToAChangedOrder() {
        StringBuilder name = new StringBuilder();
        ownReef(name);
        Watched watched = Browsers.page(1280, 800);
        Page page = watched.page();
        page.navigate(url("/sign-in"));
        tabToField(page, "username");
        page.keyboard().type(name.toString());
        press(page, "Tab");
        page.keyboard().type(PASSWORD);
        press(page, "Enter");
        page.waitForURL("**/today");

        // "/" finds the order of the tank.
        press(page, "/");
        assertThat(page.locator("dialog[data-finder]")).isVisible();
        page.keyboard().type("arrivals");
        assertThat(page.locator("[data-hits] a").first()).containsText("Arrivals");
        press(page, "ArrowDown");
        assertThat(focused(page)).containsText("Arrivals");
        press(page, "Enter");
        page.waitForURL("**/arrivals");

        // An arrival of the chart is moved by a week and kept.
        tabTo(page, "Tomini bristletooth");
        String wish = String.valueOf(page.evaluate("document.activeElement.dataset.wish"));
        Locator lane = page.locator(".arrival-lane[data-wish='" + wish + "']");
        String before = lane.getAttribute("data-date");
        press(page, "PageDown", "Enter");
        String after = LocalDate.parse(before).plusWeeks(1).toString();
        assertThat(lane).hasAttribute("data-date", after);
        assertThat(lane).isFocused();
        page.reload();
        assertThat(lane).hasAttribute("data-date", after);
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void theKeysAreShownActAndCanBeTurnedOff() {
        Watched watched = demo(1280, 800);
        Page page = watched.page();
        place(page, "Arrivals");
        press(page, "?");
        Locator keys = page.locator("dialog[data-keys-of-page]");
        assertThat(keys).isVisible();
        assertThat(keys).containsText("find a fish");
        assertThat(keys).containsText("an arrival of the chart, a day earlier or later");
        keys.getByRole(com.microsoft.playwright.options.AriaRole.CHECKBOX).uncheck();
        press(page, "Escape");
        assertThat(keys).isHidden();
        press(page, "/");
        assertThat(page.locator("dialog[data-finder]")).isHidden();
        // What is turned off is turned on where the list is: the menu leads there too.
        menu(page, "Keyboard shortcuts");
        keys.getByRole(com.microsoft.playwright.options.AriaRole.CHECKBOX).check();
        press(page, "Escape");

        place(page, "Tank");
        Locator fish = page.locator("table.residents tbody tr td a");
        fish.first().focus();
        press(page, "ArrowDown");
        assertThat(focused(page)).hasText(fish.nth(1).textContent());
        press(page, "ArrowUp");
        assertThat(focused(page)).hasText(fish.first().textContent());
        page.locator("nav.tabs a").first().focus();
        press(page, "ArrowRight");
        assertThat(focused(page)).hasText(page.locator("nav.tabs a").nth(1).textContent());

        // In a field a key is a letter.
        place(page, "Wishes");
        page.locator("input[name=fish]").fill("");
        page.locator("input[name=fish]").focus();
        press(page, "/");
        assertThat(page.locator("dialog[data-finder]")).isHidden();
        assertThat(page.locator("input[name=fish]")).hasValue("/");
        assertThat(watched.troubles()).isEmpty();
    }
}
