package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.time.LocalDate;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** Eight residents ruled by a damselfish: ways compared, one chosen, a bad week, the bully out and back, a loss, the next plan. */
class BullyStoryTest extends BrowserTest {
    private static final LocalDate TODAY = LocalDate.now();

    @Test
    void theBullyGoesOutWhileTheOthersComeAndIsBackLast() {
        Watched watched = Browsers.page(1280, 800);
        Page page = watched.page();
        signUp(page);
        page.navigate(url("/tanks/new"));
        page.getByLabel("Name of the tank").fill("Harbour wall");
        page.getByLabel("Inside length").fill("150");
        page.getByLabel("Inside width").fill("60");
        page.getByLabel("Inside height").fill("55");
        page.getByLabel("First cycle finished on").fill(TODAY.minusYears(2).toString());
        button(page, "Add the tank").click();
        page.getByText("enter the fish that live here already").click();
        page.getByText("Have it in a table? Paste it").click();
        page.locator("textarea[name=table]").fill("""
                fish;count;length;since;name
                Dascyllus trimaculatus;1;11;2024;Brine
                Gramma loreto;1;6;spring 2025;Plum
                Amphiprion ocellaris;2;6;2025;Wren
                Salarias fasciatus;1;9;2025;Mop
                Chromis viridis;3;5;2025;Dab
                """);
        button(page, "Read the table").click();
        page.getByLabel("Who bosses whom, if you know, by their names").fill("Brine over Plum");
        button(page, "Add these fish").click();
        assertThat(said(page)).containsText("8 fish live here now");
        wish(page, "Halichoeres chrysus");
        wish(page, "Cirrhilabrus cyanopleura");

        // Four ways and more, and one of them has the bully out.
        place(page, "Arrivals");
        page.getByText("Compare other orders").first().click();
        assertThat(page.locator("article h2")).not().hasCount(3);
        Locator out = page.locator("article", new Page.LocatorOptions().setHasText("out, returned last"));
        assertThat(out).hasCount(1);
        String bully = out.locator("h2").textContent().replace(" out, returned last", "");
        String price = out.locator(".font-chart").textContent();
        out.locator("button").click();
        assertThat(page.locator("main")).containsText(bully + " returns last");
        assertThat(page.locator("main")).containsText("Order score " + price);
        page.navigate(url("/today"));
        assertThat(page.locator("main")).containsText("Catch " + bully);
        page.locator("article h2 a").first().click();

        // A bad week, written down as it was watched.
        for (int i = 1; i <= 3; i++) {
            place(page, "Add");
            chase(page, bully, "Plum", i);
        }
        assertThat(page.locator("li[data-kind=pinned]")).hasCount(3);
        page.getByText("A watch in the past, a quiet one too").click();
        Locator watch = page.locator("form[action$='/watch/watches']");
        watch.locator("[name=start]")
                .fill(LocalDateTime.now()
                        .minusHours(4)
                        .withSecond(0)
                        .withNano(0)
                        .toString());
        watch.locator("[name=minutes]").fill("235");
        watch.locator("button").click();
        fish(page, bully);
        page.locator("summary", new Page.LocatorOptions().setHasText("Taken out for a time"))
                .click();
        Locator form = page.locator("form[action$='/out']");
        form.locator("[name=place]").selectOption(new SelectOption().setIndex(0));
        form.locator("button").click();
        assertThat(said(page)).containsText("does not count until it returns");
        place(page, "Add");
        assertThat(page.locator(".chip", new Page.LocatorOptions().setHasText(bully)))
                .hasCount(0);
        place(page, "Tank");
        page.getByText(bully, new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        page.locator("form[action$='/back'] button").click();
        assertThat(said(page)).containsText("is back in the display, as the newcomer");

        // A loss, and what the record says then.
        place(page, "Losses");
        page.getByLabel("Fish").selectOption(new SelectOption().setLabel("Plum — Royal gramma"));
        page.locator("#cause").selectOption("AGGRESSION");
        button(page, "Save loss").click();
        assertThat(page.locator("main")).containsText(bully + " 3 times");
        place(page, "Add");
        answer(page, "What was learned?");
        assertThat(page.locator("main")).containsText(bully);
        place(page, "Arrivals");
        assertThat(page.locator("li[data-place]")).not().hasCount(0);
        assertThat(watched.troubles()).isEmpty();
    }

    private static void wish(Page page, String name) {
        place(page, "Wishes");
        page.getByLabel("Fish, by any name").fill(name);
        button(page, "Add wish").click();
        Locator wish = page.locator("article", new Page.LocatorOptions().setHasText(name));
        wish.getByText("Override").click();
        wish.getByLabel("Your decision").selectOption("IN");
        wish.locator("form[action$='/decide'] button").click();
    }

    private static void chase(Page page, String by, String to, int hoursAgo) {
        page.locator("label.chip:has(input[name=aggressor])", new Page.LocatorOptions().setHasText(by))
                .click();
        page.locator("label.chip:has(input[name=fish])", new Page.LocatorOptions().setHasText(to))
                .click();
        page.locator("label.chip:has(input[name=kind])", new Page.LocatorOptions().setHasText("pinning"))
                .click();
        page.getByText("When, how long, in your words").click();
        page.locator("form [name=at]")
                .first()
                .fill(LocalDateTime.now()
                        .minusHours(hoursAgo)
                        .withSecond(0)
                        .withNano(0)
                        .toString());
        page.locator("form.grid button", new Page.LocatorOptions().setHasText("Save"))
                .first()
                .click();
        assertThat(said(page)).containsText("Logged.");
    }
}
