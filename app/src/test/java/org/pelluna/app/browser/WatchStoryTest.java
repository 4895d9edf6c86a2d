package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;
import org.pelluna.core.units.Dates;

/** At the tank with wet hands: three touches, without a connection too; and a week around a bad arrival. */
class WatchStoryTest extends BrowserTest {

    private static void touch(Page page, String group, String name) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile(group)))
                .locator(".chip", new Locator.LocatorOptions().setHasText(Pattern.compile("^" + name + "$")))
                .click();
    }

    /** “A chased B, hard”: three touches. */
    private static void chased(Page page, String aggressor, String fish, String hard) {
        touch(page, "Who did it", aggressor);
        touch(page, "To whom", fish);
        touch(page, "How hard", hard);
        assertThat(page.locator("[x-ref=said]"))
                .hasText(Pattern.compile("Saved: chase, " + aggressor + " on " + fish + ", " + hard));
    }

    private static Locator logged(Page page, String what) {
        return page.locator("li[data-kind=chase]", new Page.LocatorOptions().setHasText(what));
    }

    /** From Today to a kept entry: a touch to the page of entries, and three on it. */
    @Test
    void anEntryIsFourTouchesFromToday() {
        Watched watched = ownReef();
        Page page = watched.page();
        page.setViewportSize(390, 844);
        page.navigate(url("/today"));
        int touches = watched.touches(() -> {
            page.getByText("Log what you see").first().click();
            chased(page, "Gale", "Pip", "mild");
        });
        assertThat(touches).isEqualTo(4);
    }

    @Test
    void entryGoesOnWithoutAConnectionAndIsSentOnce() {
        Watched watched = ownReef();
        Page page = watched.page();
        page.setViewportSize(390, 844);
        place(page, "Add");
        int before = logged(page, "Gale chased Pip").count();
        page.getByLabel("Why now?").selectOption("SEEN");
        button(page, "Start a watch").click();
        assertThat(page.getByLabel("Why now?")).isDisabled();
        chased(page, "Gale", "Pip", "mild");
        assertThat(page.locator(".queue li")).hasCount(0);

        page.context().setOffline(true);
        chased(page, "Gale", "Pip", "hard");
        chased(page, "Gale", "Pip", "fierce");
        assertThat(page.locator(".queue li")).hasCount(2);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Stop the watch.*3 seen")))
                .click();
        assertThat(page.locator(".queue li")).hasCount(3);
        page.context().setOffline(false);
        assertThat(page.locator(".queue li")).hasCount(0);
        page.reload();
        assertThat(logged(page, "Gale chased Pip")).hasCount(before + 3);
        page.reload();
        assertThat(logged(page, "Gale chased Pip")).hasCount(before + 3);
        // What the browser says of a connection that was cut on purpose is no trouble.
        assertThat(watched.troubles()).allMatch(one -> one.contains("ERR_INTERNET_DISCONNECTED"));
        assertThat(watched.overflow()).isLessThanOrEqualTo(0);
    }

    @Test
    void thePageOpensWithoutAConnectionAndLeavesNothingBehindAtSignOut() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Add");
        int before = logged(page, "Gale chased Pip").count();
        assertThat(page.locator("html[data-kept=yes]")).hasCount(1);

        page.context().setOffline(true);
        page.reload();
        chased(page, "Gale", "Pip", "hard");
        assertThat(page.locator(".queue li")).hasCount(1);
        page.reload();
        assertThat(page.locator(".queue li")).hasCount(1);
        page.context().setOffline(false);
        assertThat(page.locator(".queue li")).hasCount(0);
        page.reload();
        assertThat(logged(page, "Gale chased Pip")).hasCount(before + 1);

        place(page, "Roll call");
        assertThat(page.locator("html[data-kept=yes]")).hasCount(1);
        Locator calls = page.getByText(Pattern.compile("^ ?Delete the roll call of"));
        int called = calls.count();
        page.context().setOffline(true);
        page.reload();
        for (int i = 0; i < 2; i++) {
            // The same page of the store, twice: two roll calls, not one.
            button(page, "Mark all as eating").click();
            button(page, "Save roll call").click();
            assertThat(page.locator("[x-ref=said]")).containsText("Saved on this device");
        }
        page.context().setOffline(false);
        page.waitForCondition(() -> "[]"
                .equals(page.evaluate("localStorage.getItem(Object.keys(localStorage)"
                        + ".find((name) => name.startsWith('pelluna-queue')))")));
        page.reload();
        assertThat(calls).hasCount(called + 2);

        menu(page, "Sign out");
        assertThat(page.locator("form[action$='/sign-in']")).hasCount(1);
        page.waitForCondition(() -> Boolean.FALSE.equals(page.evaluate("caches.has('pelluna-offline')")));
    }

    @Test
    void wordsAndAPhotographWaitForTheConnectionAndAreSentOnce() throws IOException {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Add");
        int before = logged(page, "Gale chased Pip").count();
        page.context().setOffline(true);
        say(page, "gale chased pip twice");
        say(page, "gale wibbled pip");
        assertThat(page.locator(".queue li")).hasCount(2);
        page.context().setOffline(false);
        Locator told = page.locator(".queue li", new Page.LocatorOptions().setHasText("Saved as: "));
        assertThat(told).containsText("“gale chased pip twice”: gale = ");
        Locator refused = page.locator(".queue li", new Page.LocatorOptions().setHasText("not understood"));
        assertThat(refused).containsText("wibbled");
        page.reload();
        assertThat(logged(page, "Gale chased Pip")).hasCount(before + 2);
        told.getByText("Undo").click();
        assertThat(told).hasCount(0);
        page.reload();
        assertThat(logged(page, "Gale chased Pip")).hasCount(before);
        refused.getByText("Edit").click();
        assertThat(page.locator("input[name=line]")).hasValue("gale wibbled pip");

        place(page, "Signs");
        page.context().setOffline(true);
        page.locator(".chip", new Page.LocatorOptions().setHasText("Pip")).click();
        page.locator(".chip", new Page.LocatorOptions().setHasText("torn fins")).click();
        page.setInputFiles("input[name=photo]", new FilePayload("pip.png", "image/png", png()));
        button(page, "Save").click();
        Locator waiting = page.locator("[x-ref=queue] li");
        assertThat(page.locator("[x-ref=said]")).containsText("Saved on this device");
        page.context().setOffline(false);
        page.waitForCondition(() -> waiting.allInnerTexts().stream().noneMatch(one -> one.contains("photograph")));
        page.reload();
        assertThat(page.locator("main img")).hasCount(1);
        assertThat(watched.troubles())
                .allMatch(one -> one.contains("ERR_INTERNET_DISCONNECTED")
                        || one.contains("422")
                        // The browser asks for a newer worker by itself, also without a connection.
                        || one.contains("when fetching the script"));
    }

    private static void say(Page page, String line) {
        page.getByLabel("In words, typed or dictated").fill(line);
        button(page, "Check").click();
        assertThat(page.locator("[x-ref=said]")).containsText("Saved; we read it");
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return bytes.toByteArray();
    }

    @Test
    void whatIsWrittenAfterTheSessionEndedWaitsForTheKeeper() {
        Page page = ownReef().page();
        place(page, "Add");
        page.context().clearCookies();
        chased(page, "Gale", "Pip", "mild");
        assertThat(page.locator(".queue li")).containsText("waits until you sign in again");
        page.reload();
        assertThat(page.locator("form[action$='/sign-in']").last()).isVisible();
        assertThat(page.locator("main")).not().containsText("Gale");
    }

    /** A session that was ended from elsewhere: once the device has seen it, it shows nothing of it without a connection either. */
    @Test
    void aPageOfAnEndedSessionIsNotShownWithoutAConnection() {
        Page page = ownReef().page();
        place(page, "Add");
        assertThat(page.locator("html[data-kept=yes]")).hasCount(1);
        String entry = page.url();
        page.context().clearCookies();
        page.reload();
        assertThat(page.locator("form[action$='/sign-in']").last()).isVisible();
        page.waitForCondition(() -> Boolean.FALSE.equals(page.evaluate("caches.has('pelluna-offline')")));
        page.context().setOffline(true);
        assertThatThrownBy(() -> page.navigate(entry)).hasMessageContaining("net::ERR_");
        page.context().setOffline(false);
    }

    @Test
    void aWeekAroundABadArrival() {
        Watched watched = ownReef();
        Page page = watched.page();
        place(page, "Arrivals");
        Locator first = page.locator("li[data-place='1']");
        first.getByText("Neon goby has arrived").click();
        first.getByLabel("Called").locator("visible=true").fill("Spark");
        page.locator("form[action$='/done'] button").locator("visible=true").click();

        notQuietNow(page);
        place(page, "Add");
        for (int i = 0; i < 3; i++) {
            chased(page, "Gale", "Spark", "fierce");
        }
        page.reload();
        assertThat(page.locator(".warnings")).containsText("Spark was attacked fiercely");

        place(page, "Roll call");
        button(page, "Mark all as eating").click();
        page.locator(".roll-row", new Page.LocatorOptions().setHasText("Spark"))
                .locator(".chip", new Locator.LocatorOptions().setHasText("hurt"))
                .click();
        button(page, "Save roll call").click();
        assertThat(page.locator("main")).containsText("hurt: Spark");

        assertThat(page.locator("details.menu .unread")).isVisible();
        menu(page, "Mailbox");
        assertThat(page.locator("main")).containsText("a fierce attack");
        assertThat(page.locator("main")).containsText("a fish is hurt");
        page.goBack();

        answer(page, "What now?");
        page.getByLabel("For which fish")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Spark"));
        button(page, "Compare").click();
        assertThat(page.locator(".ways").first()).containsText("Gale out for two weeks, returned last");
        page.getByText("more that would change little").click();
        page.locator("tr", new Page.LocatorOptions().setHasText("A mirror at the front"))
                .getByText("Plan this remedy")
                .click();
        page.waitForURL("**/today");
        assertThat(page.locator("main")).containsText("Put a mirror outside the front at Gale's end");
        assertClean(watched, "today");

        skerryReef(page);
        place(page, "Add");
        place(page, "Remedies");
        assertThat(page.locator("article h2").first()).containsText("a mirror at the front, Spark");
        page.locator("article").first().getByText("End this remedy").click();
        assertThat(page.locator("article").first()).containsText("to " + Dates.day(LocalDate.now(), LocalDate.now()));
        place(page, "Signs");
        assertClean(watched, "signs");
        for (String question : new String[] {"Is it settling?", "Who rules?", "What was learned?"}) {
            answer(page, question);
            assertClean(watched, question);
        }
    }

    /** The keeper may be told at any hour, so that the story does not depend on the hour at which it is played. */
    private static void notQuietNow(Page page) {
        String here = page.url();
        menu(page, "Mailbox");
        page.getByLabel("Quiet from").fill("03:00");
        page.getByLabel("until").fill("03:00");
        button(page, "Save").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Messages arrive at any hour");
        page.navigate(here);
    }
}
