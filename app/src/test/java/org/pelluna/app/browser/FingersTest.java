package org.pelluna.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.browser.Browsers.Watched;

/** Two fingers draw the time of a chart apart; one scrolls the page, wherever it is put. */
class FingersTest extends BrowserTest {
    private static final int STEPS = 12;

    /** Fingers beside a point, moved from one distance to another; apart across the screen, or one finger upwards. */
    private static void fingers(Page page, double x, double y, boolean two) {
        CDPSession hands = page.context().newCDPSession(page);
        touch(hands, "touchStart", two ? new double[][] {{x - 30, y}, {x + 30, y}} : new double[][] {{x, y}});
        for (int i = 1; i <= STEPS; i++) {
            double by = 10 * i;
            touch(
                    hands,
                    "touchMove",
                    two ? new double[][] {{x - 30 - by, y}, {x + 30 + by, y}} : new double[][] {{x, y - 2 * by}});
            page.waitForTimeout(16);
        }
        touch(hands, "touchEnd", new double[][] {});
    }

    private static void touch(CDPSession hands, String type, double[][] at) {
        JsonArray points = new JsonArray();
        for (int i = 0; i < at.length; i++) {
            JsonObject point = new JsonObject();
            point.addProperty("x", at[i][0]);
            point.addProperty("y", at[i][1]);
            point.addProperty("id", i + 1);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        hands.send("Input.dispatchTouchEvent", event);
    }

    private Watched reef(int width, int height, String place) {
        Watched watched = demo(Browsers.touched(width, height));
        watched.page().navigate(url("/tanks"));
        skerryReef(watched.page());
        place(watched.page(), place);
        return watched;
    }

    private static double scrolled(Page page) {
        return ((Number) page.evaluate("window.scrollY")).doubleValue();
    }

    @Test
    void onAPhoneTheWaterIsDrawnApartAndItsPanelsKeepTheirNamesInSight() {
        Watched watched = reef(390, 844, "Water");
        Page page = watched.page();
        Locator chart = page.locator(".course-chart").first();
        chart.evaluate("one => one.scrollIntoView()");
        String before = chart.innerHTML();
        fingers(page, 195, 300, true);
        page.waitForCondition(() -> !chart.innerHTML().equals(before));
        Locator title = page.locator(".panel-title").first();
        BoundingBox box = title.boundingBox();
        assertThat(box.x).isBetween(0.0, 190.0);
        double top = scrolled(page);
        fingers(page, 195, 500, false);
        page.waitForCondition(() -> scrolled(page) > top + 50);
        assertThat(watched.troubles()).isEmpty();
    }

    @Test
    void onATabletTheStoryIsDrawnApartAndDoesNotHoldThePage() {
        Watched watched = reef(1100, 800, "Log");
        Page page = watched.page();
        Locator across = page.locator(".story-across");
        assertThat(across).isVisible();
        fingers(page, 600, 600, true);
        page.waitForURL(Pattern.compile(".*from=.*&to=.*"));
        double top = scrolled(page);
        fingers(page, 600, 600, false);
        page.waitForCondition(() -> scrolled(page) > top + 50);
        assertThat(watched.troubles()).isEmpty();
    }
}
