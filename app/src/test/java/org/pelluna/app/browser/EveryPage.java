package org.pelluna.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pelluna.app.Routes;
import org.pelluna.app.Routes.Route;
import org.pelluna.app.browser.Browsers.Watched;
import org.pelluna.app.storage.PackageStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.TableDraft;
import org.pelluna.app.storage.TableStore;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every page there is holds by day and by night, on a phone, a tablet and a desk. The pages are asked of the application; two classes share them, for two
 * cores. By night a phone is enough: the look changes colours and nothing else.
 */
abstract class EveryPage extends BrowserTest {
    /** Pages that are another page when they are asked in another way. */
    private static final List<String> ASKED = List.of(
            "/log?zoom=MONTH",
            "/arrivals/w-neon/run-sheet",
            "/species/pomacanthus-imperator",
            "/species-compared?s=zebrasoma-flavescens&s=hippocampus-kuda&s=gramma-loreto",
            "/watch/words?line=gale+chased+inkwell+twice+wibbling",
            "/shop?q=yelow+tang",
            "/shop?q=pistol+shrimp");

    /** What a tank for quarantine shows otherwise than a display. */
    private static final List<String> BARE = List.of("", "/quarantine", "/water", "/watch", "/losses");

    private static final int[] WIDTHS = {360, 390, 768, 1280};
    private static final int WIDEST_TOUCHED = 768;
    static final int BY_NIGHT = 390;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    @Autowired
    TableStore tables;

    @Autowired
    ShareStore shares;

    @Autowired
    PackageStore packages;

    /** Looks at every second page, beginning with the first or the second. */
    void everySecondPageHolds(int first) {
        Watched watched = Browsers.page(1280, 844);
        Page page = watched.page();
        List<String> faults = new ArrayList<>();
        look(watched, first == 0 ? "/sign-in" : "/sign-up", faults);
        page.navigate(url("/sign-in"));
        button(page, "Enter as the demo keeper").click();
        page.waitForURL("**/today");
        int seen = 0;
        List<String> paths = List.copyOf(addresses(page));
        for (int i = first; i < paths.size(); i += 2) {
            seen += look(watched, paths.get(i), faults);
        }
        assertThat(seen).as("pages").isGreaterThan(30);
        assertThat(faults).isEmpty();
    }

    private Set<String> addresses(Page page) {
        page.navigate(url("/tanks"));
        String display = tank(page, "Skerry reef");
        String bare = tank(page, "Side room");
        UUID id = UUID.fromString(display.substring(display.lastIndexOf('/') + 1));
        UUID draft = tables.bring(
                demo.keeper().id(), id, UUID.randomUUID(), TableDraft.Kind.TESTS, "on,nitrate\n2026-01-02,4\n");
        UUID keeper = demo.keeper().id();
        UUID job = packages.bring(keeper, UUID.nameUUIDFromBytes(new byte[] {1}), new byte[] {1}, 8);
        String wishes = shares.open(keeper, id, ShareStore.Purpose.WISHES);
        String plan = shares.open(keeper, id, ShareStore.Purpose.PLAN, new ShareStore.Shows(true, true));
        Set<String> paths = new LinkedHashSet<>();
        for (Route route : Routes.of(mappings)) {
            if (route.page() && !route.pattern().equals("/error")) {
                paths.add(route.path(id, draft, route.demoKey())
                        .replace(Routes.NO_JOB, job.toString())
                        .replace("/share/plan/" + Routes.NO_LINK, "/share/plan/" + plan)
                        .replace("/share/" + Routes.NO_LINK, "/share/" + wishes));
            }
        }
        ASKED.forEach(path -> paths.add(display + path));
        BARE.forEach(path -> paths.add(bare + path));
        return paths;
    }

    private static String tank(Page page, String name) {
        return page.locator("h2 a", new Page.LocatorOptions().setHasText(name)).getAttribute("href");
    }

    /** Looks at one page in every width; 1 if it is a whole page, 0 if it is a part that another page fetches. */
    private int look(Watched watched, String path, List<String> faults) {
        Page page = watched.page();
        page.setViewportSize(1280, 844);
        watched.troubles().clear();
        page.navigate(url(path));
        if (page.locator("header.masthead").count() == 0) {
            return 0;
        }
        page.evaluate("[...document.querySelectorAll('main details')].forEach((one) => { one.open = true; })");
        page.locator("main input[type=number]").all().stream()
                .filter(field -> field.inputValue().matches("-?\\d+\\.0"))
                .forEach(field -> faults.add(path + ": a figure with an idle nought in " + field.getAttribute("name")));
        String plain = path.replaceAll("[0-9a-f-]{36}", "*");
        for (int width : WIDTHS) {
            page.setViewportSize(width, 844);
            String where = plain + " " + width + ": ";
            if (watched.overflow() > 0) {
                faults.add(where + watched.overflow() + " px wider than the window");
            }
            watched.tooSmallToRead().forEach(fault -> faults.add(where + fault));
            if (width <= WIDEST_TOUCHED) {
                watched.tooSmallToTouch().forEach(fault -> faults.add(where + fault));
            }
        }
        watched.findingsBesideColours().forEach(fault -> faults.add(plain + ": " + fault));
        watched.colourFindings().forEach(fault -> faults.add(plain + " by day: " + fault));
        page.setViewportSize(BY_NIGHT, 844);
        page.evaluate("document.documentElement.dataset.look = 'night'");
        watched.colourFindings().forEach(fault -> faults.add(plain + " by night: " + fault));
        watched.troubles().forEach(fault -> faults.add(path + ": " + fault));
        return 1;
    }
}
