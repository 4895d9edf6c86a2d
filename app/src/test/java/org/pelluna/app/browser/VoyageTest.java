package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** From sign-up to a dated plan, with a count of answers. */
class VoyageTest extends BrowserTest {
    private static final int MOST_ANSWERS = 25;

    private int answers;

    private void fill(Page page, String field, String value) {
        page.locator("main [name='" + field + "']").first().fill(value);
        answers++;
    }

    private void go(Page page, String step) {
        button(page, "Next").click();
        page.waitForURL("**/" + step + "*");
    }

    private void wish(Page page, String fish) {
        fill(page, "fish", fish);
        button(page, "Add wish").click();
        assertThat(page.locator("main li strong", new Page.LocatorOptions().setHasText(fish)))
                .hasCount(1);
    }

    private Page signedUp(Watched watched) {
        Page page = watched.page();
        signUp(page);
        answers = 3;
        return page;
    }

    @Test
    void aCyclingNinetyLitresIsPlannedAtOnce() {
        Watched watched = Browsers.page(1280, 800);
        Page page = signedUp(watched);
        assertThat(page.locator("main")).containsText("Enter the inside length");
        fill(page, "name", "Cove");
        // Ninety litres to the rim.
        fill(page, "length", "60");
        fill(page, "width", "37.5");
        fill(page, "height", "40");
        assertThat(page.locator("main")).containsText("of net water");
        assertThat(page.locator("main svg.tank-drawing, main .guessed svg").first())
                .isVisible();
        assertClean(watched, "glass");
        go(page, "stage");
        page.getByText("Water in it, no fish").click();
        answers++;
        go(page, "life");
        page.getByText("shrimps").click();
        answers++;
        assertClean(watched, "life");
        go(page, "wishes");
        wish(page, "Ocellaris clownfish");
        wish(page, "Yellow tang");
        assertThat(page.locator("main")).containsText("later, from");
        assertThat(page.locator("main")).containsText("an adult needs");
        assertClean(watched, "wishes");
        page.getByText("See the plan").click();
        assertThat(page.locator(".headline")).containsText("Next: Ocellaris clownfish, on");
        assertThat(page.locator(".headline")).containsText("still cycling");
        assertThat(page.getByText("Enter an ammonia and a nitrite test")).isVisible();
        assertThat(answers).isLessThanOrEqualTo(MOST_ANSWERS);
        assertClean(watched, "plan");
    }

    /** A guess that decides is answered where it stands, and the verdict follows. */
    @Test
    void aGuessThatDecidesIsAnsweredInItsPlace() {
        Watched watched = Browsers.page(1280, 800);
        Page page = signedUp(watched);
        fill(page, "name", "Ledge");
        fill(page, "length", "110");
        fill(page, "width", "50");
        fill(page, "height", "50");
        go(page, "stage");
        page.getByText("The cycle is finished, no fish yet").click();
        fill(page, "day", java.time.LocalDate.now().minusYears(1).toString());
        go(page, "life");
        go(page, "wishes");
        wish(page, "Magnificent dartfish");
        page.getByText("See the plan").click();
        place(page, "Guesses");
        Locator gap = page.locator("li.guess", new Page.LocatorOptions().setHasText("gap"));
        assertThat(gap).containsText("It could change the verdict on 1 wish");
        assertThat(page.locator("main")).containsText("The rest of your guesses change nothing");
        assertClean(watched, "sharpen");
        gap.locator("[name=value]").fill("20");
        gap.getByText("Save").click();
        assertThat(page.locator("li.guess", new Page.LocatorOptions().setHasText("gap")))
                .hasCount(0);
        place(page, "Plan");
        assertThat(page.locator("main")).containsText("Without a date");
    }

    /** Fish that live there already are entered on the way, by when they came about. */
    @Test
    void aRunningTankWithItsFishComesToItsPlan() {
        Watched watched = Browsers.page(390, 844);
        Page page = signedUp(watched);
        fill(page, "name", "Long bay");
        page.getByText("bow front").click();
        answers++;
        fill(page, "length", "120");
        fill(page, "width", "50");
        fill(page, "middleWidth", "62");
        fill(page, "height", "60");
        assertThat(page.locator("main")).containsText("of net water");
        assertClean(watched, "glass on a phone");
        go(page, "stage");
        page.getByText("Fish live in it").click();
        fill(page, "day", java.time.LocalDate.now().minusYears(1).toString());
        go(page, "life");
        go(page, "enter");
        fill(page, "rows[0].fish", "Ocellaris clownfish");
        fill(page, "rows[0].count", "2");
        button(page, "Add these fish").click();
        page.waitForURL("**/voyage/wishes");
        assertThat(said(page)).containsText("2 fish live");
        wish(page, "Royal gramma");
        page.getByText("See the plan").click();
        assertThat(page.locator(".headline")).containsText("Next: Royal gramma");
        assertThat(answers).isLessThanOrEqualTo(MOST_ANSWERS);
        assertClean(watched, "plan on a phone");
    }

    /** 350 litres with six fish in it: they are named, and everything else of them has a usual value. */
    @Test
    void sixFishThatLiveThereAreNamedAndNothingElseIsAsked() {
        Watched watched = Browsers.page(1280, 800);
        Page page = signedUp(watched);
        fill(page, "name", "Quay");
        fill(page, "length", "120");
        fill(page, "width", "53");
        fill(page, "height", "55");
        go(page, "stage");
        page.getByText("Fish live in it").click();
        fill(page, "day", java.time.LocalDate.now().minusMonths(14).toString());
        go(page, "life");
        go(page, "enter");
        String[] fish = {
            "Ocellaris clownfish",
            "Royal gramma",
            "Yellow watchman goby",
            "Banggai cardinalfish",
            "Bicolour blenny",
            "Yellowtail damselfish"
        };
        for (int i = 0; i < fish.length; i++) {
            if (page.locator("main [name='rows[" + i + "].fish']").count() == 0) {
                button(page, "One more").click();
            }
            fill(page, "rows[" + i + "].fish", fish[i]);
        }
        button(page, "Add these fish").click();
        page.waitForURL("**/voyage/wishes");
        assertThat(said(page)).containsText("6 fish live");
        wish(page, "Solar fairy wrasse");
        page.getByText("See the plan").click();
        assertThat(page.locator(".headline")).containsText("Next: Solar fairy wrasse");
        assertThat(page.locator("main")).containsText("6 fish");
        assertThat(page.locator("main")).containsText("attacks an hour on");
        assertThat(answers).isLessThanOrEqualTo(MOST_ANSWERS);
        assertClean(watched, "plan");
    }

    /** A plan made elsewhere is brought in instead of the questions, and comes to the same page. */
    @Test
    void anImportedPlanComesToItsPageAtOnce() {
        Watched watched = ownReef();
        Page page = watched.page();
        // Name, name to sign in with, password, file.
        answers = 4;
        place(page, "Plan");
        assertThat(page.locator(".headline")).containsText("Next: ");
        assertThat(page.locator("ol.coming li")).hasCount(5);
        assertThat(answers).isLessThanOrEqualTo(MOST_ANSWERS);
        assertClean(watched, "imported plan");
    }

    /** Left after the glass, it is taken up elsewhere; a second tank begins with the first one's answers. */
    @Test
    void itIsTakenUpAgainAndASecondTankBeginsWithTheFirstOnesAnswers() {
        Watched watched = Browsers.page(1280, 800);
        Page page = signedUp(watched);
        fill(page, "name", "First");
        fill(page, "length", "80");
        fill(page, "width", "40");
        fill(page, "height", "45");
        page.locator("[name=cover]").selectOption(new SelectOption().setValue("MESH"));
        go(page, "stage");
        page.navigate(url("/today"));
        page.getByText("Go on with the first questions").click();
        page.waitForURL("**/voyage/stage");
        page.navigate(url("/voyage"));
        assertThat(page.locator("[name=cover]")).hasValue("MESH");
    }
}
