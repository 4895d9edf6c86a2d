package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** Two dwarf angelfish in quarantine: the larger turns male, the other dies, one moves in. */
class QuarantineStoryTest extends BrowserTest {
    @Test
    void twoGoIntoQuarantineAndOneComesOut() {
        Watched watched = ownReef();
        Page page = watched.page();
        quarantineTank(page);
        page.navigate(url("/tanks"));
        skerryReef(page);
        place(page, "Wishes");
        page.getByLabel("Fish, by any name").fill("flame angelfish");
        page.getByLabel("How many").fill("2");
        page.getByLabel("Price of all").fill("150");
        button(page, "Add wish").click();
        Locator wish = page.locator(
                "article",
                new Page.LocatorOptions()
                        .setHas(page.locator("h3", new Page.LocatorOptions().setHasText("Flame angelfish"))));
        wish.getByText("Override").click();
        wish.getByLabel("Your decision").selectOption("IN");
        wish.locator("form[action$='/decide'] button").click();

        place(page, "Arrivals");
        // Its neighbours' reasons name it too: its own heading tells it apart.
        Locator arrival = page.locator("li[data-place]:has(h2:text('Flame angelfish'))");
        arrival.getByText("Add to quarantine").click();
        Locator bought = arrival.locator("form[action$='/into-quarantine']").first();
        bought.locator("[name=on]").fill(LocalDate.now().minusDays(6).toString());
        bought.getByLabel("Called").fill("Cinder");
        bought.locator("button").click();
        assertThat(said(page)).containsText("Cinder 1, Cinder 2 are in Side cabinet now.");
        page.locator("a:has-text('It has been in quarantine since')").first().click();
        assertThat(page.locator("h1")).hasText("Quarantine");
        assertThat(page.locator("main")).containsText("2 fish: observation until");

        page.locator("li", new Page.LocatorOptions().setHasText("Cinder 2"))
                .getByText("its page")
                .click();
        assertThat(page.locator("main")).containsText("it will probably become male");
        page.getByText("Sex or stage").first().click();
        page.locator("form[action$='/sex'] select").selectOption("MALE");
        page.locator("form[action$='/sex'] button").click();
        assertThat(said(page)).containsText("Cinder 2 is saved as male.");

        place(page, "Losses");
        page.getByLabel("Fish")
                .selectOption(
                        new com.microsoft.playwright.options.SelectOption().setLabel("Cinder 1 — Flame angelfish"));
        page.locator("#cause").selectOption("DISEASE");
        button(page, "Save loss").click();
        place(page, "Quarantine");
        assertThat(page.locator("main")).containsText("1 fish:");
        page.locator("select[name=into]")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Skerry reef"));
        button(page, "Move selected fish").click();
        assertThat(said(page)).containsText("Cinder 2 is in Skerry reef now.");
        assertThat(page.locator("main")).containsText("The quarantine tank is empty");

        page.navigate(url("/tanks"));
        skerryReef(page);
        page.locator("table.residents").getByText("Cinder 2").click();
        assertThat(page.locator("main")).containsText("Flame angelfish, Centropyge loriculus");
        assertThat(page.locator("main")).containsText(", male");
        place(page, "Losses");
        assertThat(page.locator("main")).containsText("in quarantine on");
        assertThat(watched.troubles()).isEmpty();
    }
}
