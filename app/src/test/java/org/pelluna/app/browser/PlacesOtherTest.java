package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

class PlacesOtherTest extends EveryPage {
    @Test
    void everySecondPageIsAccessibleFitsItsWindowAndCanBeReadAndTouched() {
        everySecondPageHolds(1);
    }

    @Test
    void theChosenLookIsRemembered() {
        Page page = Browsers.page(BY_NIGHT, 844).page();
        page.navigate(url("/sign-in"));
        menu(page, "Night");
        page.navigate(url("/sign-up"));
        assertThat(page.locator("html")).hasAttribute("data-look", "night");
        menu(page, "Day");
        assertThat(page.locator("html")).hasAttribute("data-look", "day");
    }
}
