package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** Lives played through the pages: a first tank, a move, a year of crew, a fish outgrown, a juvenile moved on. */
class LifeStoriesTest extends BrowserTest {
    private static final LocalDate TODAY = LocalDate.now();

    /** What happens is noted in so many from where a keeper stands. */
    private static final int MOST_TOUCHES = 3;

    /** A cycling 110 L with a pair of clownfish, a goby and its shrimp, and a firefish. */
    @Test
    void aFirstTankIsPlannedWhileItCycles() {
        Watched watched = Browsers.page(1280, 800);
        Page page = watched.page();
        signUp(page);
        newTank(page, "Slipway", "60", "45", "45", "");
        wish(page, "Ocellaris clownfish", 2);
        wish(page, "Yellow watchman goby", 1);
        wish(page, "Nemateleotris magnifica", 1);
        assertThat(page.locator("[data-wish]")).hasCount(3);
        plan(page, "Tiger pistol shrimp");
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Tiger pistol shrimp")))
                .containsText("from ");
        place(page, "Wishes");
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Yellow watchman goby")))
                .containsText("The planned tiger pistol shrimp can live with it.");
        place(page, "Arrivals");
        assertThat(page.locator("main")).containsText("The tank is still cycling");
        assertThat(page.locator("li[data-place]")).not().hasCount(0);

        // The cycle is finished: one field, and the days move.
        place(page, "Tank");
        page.getByText("Edit profile").click();
        page.getByLabel("First cycle finished on").fill(TODAY.minusDays(2).toString());
        page.locator("main form:has([name=cycledOn]) button", new Page.LocatorOptions().setHasText("Save"))
                .last()
                .click();
        place(page, "Arrivals");
        assertThat(page.locator("main")).not().containsText("The tank is still cycling");
        assertThat(page.locator("li[data-place]")).not().hasCount(0);
        assertThat(page.locator("main")).containsText("Shrimps, snails and others to add");
        assertThat(watched.troubles()).isEmpty();
    }

    /** A tank moved into a larger one, in the order the page gives, and taken back. */
    @Test
    void aTankIsMovedIntoALargerOne() {
        Watched watched = ownReef();
        Page page = watched.page();
        page.navigate(url("/tanks"));
        newTank(page, "The long one", "200", "70", "60", TODAY.minusMonths(4).toString());
        page.navigate(url("/tanks"));
        skerryReef(page);
        page.getByText("Move fish").click();
        assertThat(page.locator("h1")).hasText("Move its fish into The long one");
        assertThat(page.locator("ol > li").first()).containsText("from ");
        int marked = page.locator("input[name=fish]:checked").count();
        assertThat(marked).isPositive();
        String first = page.locator("label:has(input[name=fish]:checked) strong")
                .first()
                .textContent();
        button(page, "Move selected fish").click();
        assertThat(said(page)).containsText("in The long one now");
        page.navigate(url("/tanks"));
        page.locator("article h2 a", new Page.LocatorOptions().setHasText("The long one"))
                .click();
        assertThat(page.locator("table.residents")).containsText(first);
        page.navigate(url("/tanks"));
        skerryReef(page);
        assertThat(page.locator("table.residents").getByText(first, new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        assertThat(watched.troubles()).isEmpty();
    }

    /** A year of crew: added, dwindling, a culprit seen, restocked. */
    @Test
    void aYearOfCrewNamesTheCulpritAndTheNumberToBuy() {
        Watched watched = ownReef();
        Page page = watched.page();
        crewPage(page);
        crew(page, "Turbo snail", "ADDED", 20, 360, "");
        crew(page, "Turbo snail", "COUNTED", 14, 180, "");
        crew(page, "Turbo snail", "LOST", 3, 60, "Gale");
        crew(page, "Turbo snail", "COUNTED", 5, 0, "");
        Locator turbos = page.locator("article", new Page.LocatorOptions().setHasText("Turbo snail"))
                .first();
        assertThat(turbos).containsText("Buy 15 to be back at 20.");
        assertThat(turbos).containsText("Seen: Gale took 3.");
        assertThat(turbos).containsText("due");
        page.navigate(url("/today"));
        assertThat(page.locator("main")).containsText("Restock Turbo snail");
        skerryReef(page);
        crewPage(page);
        crew(page, "Turbo snail", "ADDED", 15, 0, "");
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText("Turbo snail"))
                        .first())
                .not()
                .containsText("Buy 15");
        assertThat(watched.troubles()).isEmpty();
    }

    /** A fish is outgrown; before it is sold the page says what frees up; it is sold, which is no loss; and taken back. */
    @Test
    void aFishThatOutgrowsIsSoldAndItsPageSaysWhatFreesUp() {
        Watched watched = ownReef();
        Page page = watched.page();
        fish(page, "Gale");
        assertThat(page.locator("main")).containsText("If it were not here");
        assertThat(page.locator("main")).containsText("With all grown, ");
        assertThat(page.locator("main")).containsText(" → ");
        assertThat(watched.touches(() -> {
                    page.getByText("It left, alive").click();
                    Locator leave = page.locator("form[action$='/leave']");
                    leave.locator("[name=how]").selectOption("SOLD");
                    leave.locator("[name=to]").fill("a keeper across the bay");
                    leave.locator("[name=price]").fill("45");
                    leave.locator("button").click();
                    assertThat(said(page)).containsText("Gale is sold");
                }))
                .isBetween(2, MOST_TOUCHES);
        assertThat(page.locator("main")).containsText("to a keeper across the bay, for 45");
        place(page, "Losses");
        assertThat(page.locator("main")).not().containsText("Gale lost");
        place(page, "Tank");
        assertThat(page.locator("table.residents").getByText("Gale", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        assertThat(watched.troubles()).isEmpty();
    }

    /** Entered in two touches from the card. */
    @Test
    void aFishBoughtOnImpulseIsEnteredFromTheCard() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Shop");
        page.getByLabel("The fish, shrimp or snail in front of you").fill("midas blenny");
        button(page, "Check").click();
        assertThat(page.locator("article h2")).hasText("Midas blenny");
        assertThat(watched.touches(() -> {
                    page.locator("article h2 a").click();
                    page.locator("form[action$='/residents/bought'] button").click();
                    assertThat(said(page)).containsText("Midas blenny");
                }))
                .isEqualTo(2);
        place(page, "Tank");
        assertThat(page.locator("table.residents")).containsText("Midas blenny");
        assertThat(watched.troubles()).isEmpty();
    }

    /** A juvenile bought today is measured as it grows, and is given away. */
    @Test
    void aJuvenileIsRaisedAndMovedOn() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Tank");
        page.locator("a:text-is('Add fish')").first().click();
        page.getByText("Have it in a table? Paste it").click();
        page.locator("textarea[name=table]")
                .fill("fish;count;length;since;name\nEmperor angelfish;1;14;" + TODAY.minusMonths(10) + ";Prince");
        button(page, "Read the table").click();
        assertThat(page.locator("[name='rows[0].name']")).hasValue("Prince");
        button(page, "Add these fish").click();
        assertThat(said(page)).containsText("1 fish lives here now");
        fish(page, "Prince");
        assertThat(watched.touches(() -> {
                    page.locator("summary", new Page.LocatorOptions().setHasText("Sex or stage"))
                            .click();
                    page.locator("form[action$='/sex'] select").selectOption("FEMALE");
                    page.locator("form[action$='/sex'] select").selectOption("JUVENILE");
                    page.locator("form[action$='/sex'] [name=on]")
                            .fill(TODAY.minusMonths(9).toString());
                    page.locator("form[action$='/sex'] button").click();
                    assertThat(page.locator("main")).containsText("juvenile");
                }))
                .as("one more than needed, for the slip")
                .isEqualTo(4);
        assertThat(watched.touches(() -> {
                    page.locator("summary", new Page.LocatorOptions().setHasText("Measured"))
                            .click();
                    page.locator("form[action$='/measure'] [name=length]").fill("16.5");
                    page.locator("form[action$='/measure'] button").click();
                    assertThat(said(page)).containsText("Prince is 16.5");
                }))
                .isEqualTo(2);
        assertThat(page.locator("main")).containsText("What speaks against it here");
        page.getByText("It left, alive").click();
        Locator leave = page.locator("form[action$='/leave']");
        leave.locator("[name=how]").selectOption("GIVEN");
        leave.locator("button").click();
        assertThat(page.locator("main")).containsText("It was given");
        button(page, "Undo").click();
        assertThat(page.locator("main")).containsText("Here since");
        assertThat(watched.troubles()).isEmpty();
    }

    private static void wish(Page page, String name, int count) {
        place(page, "Wishes");
        page.getByLabel("Fish, by any name").fill(name);
        page.getByLabel("How many").fill(String.valueOf(count));
        button(page, "Add wish").click();
        assertThat(page.locator("article", new Page.LocatorOptions().setHasText(name)))
                .hasCount(1);
    }

    private static void crewPage(Page page) {
        place(page, "Losses");
        place(page, "Crew");
        assertThat(page.locator("h1")).hasText("Clean-up crew and others");
    }

    private static void plan(Page page, String name) {
        crewPage(page);
        Locator form = page.locator("form[action$='/crew/plan']");
        form.locator("[name=name]").fill(name);
        form.locator("button").click();
        assertThat(said(page)).containsText("Planned.");
    }

    private static void crew(Page page, String name, String what, int count, int daysAgo, String by) {
        Locator form = page.locator("form[action$='/losses/crew']");
        Map.of(
                        "name",
                        name,
                        "count",
                        String.valueOf(count),
                        "on",
                        TODAY.minusDays(daysAgo).toString(),
                        "by",
                        by)
                .forEach((field, value) -> form.locator("[name=" + field + "]").fill(value));
        form.locator("[name=what]").selectOption(new SelectOption().setValue(what));
        form.locator("[name=smallest]").fill("2");
        form.locator("button").click();
        assertThat(said(page)).containsText("Noted.");
    }
}
