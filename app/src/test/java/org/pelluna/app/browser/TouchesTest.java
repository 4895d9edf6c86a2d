package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.time.LocalDate;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** Whatever happens to a fish is noted in at most three touches from where its keeper stands, and one more takes it back. */
class TouchesTest extends BrowserTest {
    private static final int MOST = 3;

    private Watched watched;
    private Page page;

    @Test
    void whatHappensToAFishThatLivesHere() {
        watched = ownReef();
        page = watched.page();
        quarantineTank(page);
        page.navigate(url("/tanks"));
        newTank(
                page,
                "Lagoon",
                "120",
                "60",
                "50",
                LocalDate.now().minusMonths(9).toString());
        page.navigate(url("/tanks"));
        skerryReef(page);
        fish(page, "Gale");

        onItsPage(
                "A note, a photograph, a spawning",
                "note",
                form -> form.locator("[name=spawned]").check());
        onItsPage("Measured", "measure", form -> form.locator("[name=length]").fill("17.5"));
        onItsPage("Sex or stage", "sex", form -> form.locator("select").selectOption(second()));
        onItsPage(
                "Taken out for a time, or missing",
                "out",
                form -> form.locator("[name=place]").selectOption(second()));
        onItsPage("Into quarantine for a time", "isolate", form -> {});
        onItsPage(
                "Moved to another tank of yours",
                "move",
                form -> form.locator("[name=into]").selectOption(new SelectOption().setLabel("Lagoon")));
        for (String how : new String[] {"SOLD", "GIVEN", "TRADED_IN", "RETURNED"}) {
            onItsPage(
                    "It left, alive",
                    "leave",
                    form -> form.locator("[name=how]").selectOption(how));
        }
        within(() -> {
            page.getByText("Record a loss").click();
            page.locator("#cause").selectOption(second());
            button(page, "Save loss").click();
        });
        takenBack();
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void whatHappensToAFishThatIsToCome() {
        watched = ownReef();
        page = watched.page();
        quarantineTank(page);
        page.navigate(url("/tanks"));
        skerryReef(page);
        place(page, "Arrivals");
        for (String what : new String[] {"LATE", "SICK", "SWAPPED", "DIED"}) {
            onItsCard("Report a change", "setback", form -> {
                form.locator("[name=kind]").selectOption(what);
                form.locator("[name=instead]").fill(what.equals("SWAPPED") ? "midas blenny" : "");
            });
        }
        onItsCard("Add to quarantine", "into-quarantine", form -> {});
        onItsCard("has arrived", "done", form -> {});
        assertThat(watched.troubles()).isEmpty();
    }

    private static SelectOption second() {
        return new SelectOption().setIndex(1);
    }

    private void onItsPage(String summary, String action, Consumer<Locator> said) {
        String itsPage = page.url().replaceAll("[?#].*", "");
        within(() -> {
            page.locator("summary", new Page.LocatorOptions().setHasText(summary))
                    .click();
            Locator form = page.locator("form[action$='/" + action + "']");
            said.accept(form);
            form.locator("button").click();
        });
        takenBack();
        page.navigate(itsPage);
    }

    private void onItsCard(String summary, String action, Consumer<Locator> said) {
        String order = page.url().replaceAll("[?#].*", "");
        Locator first =
                page.locator("li[data-place]:has(form[action$='/done'])").first();
        within(() -> {
            first.locator("summary", new Locator.LocatorOptions().setHasText(summary))
                    .first()
                    .click();
            Locator form = first.locator("form[action$='/" + action + "']").first();
            said.accept(form);
            form.locator("button").click();
        });
        takenBack();
        page.navigate(order);
    }

    private void within(Runnable doing) {
        int touches = watched.touches(() -> {
            doing.run();
            assertThat(said(page)).not().isEmpty();
        });
        assertThat(touches).isBetween(2, MOST);
    }

    private void takenBack() {
        assertThat(watched.touches(() -> {
                    said(page).getByText("Undo").click();
                    assertThat(said(page))
                            .containsText(Pattern.compile("undone|deleted|removed", Pattern.CASE_INSENSITIVE));
                }))
                .isEqualTo(1);
    }
}
