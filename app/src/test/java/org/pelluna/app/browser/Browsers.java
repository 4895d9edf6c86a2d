package org.pelluna.app.browser;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** One headless Chromium for all browser tests; every page collects what goes wrong in it. */
final class Browsers {
    private static final Playwright PLAYWRIGHT =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));

    private static final Browser BROWSER = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));

    /** The rules that ask for colours. */
    private static final List<String> COLOURS = List.of("color-contrast", "link-in-text-block");

    /** Long enough for a busy machine of two cores: a test that fails by it has failed, not waited too little. */
    private static final double PATIENCE_MS = 60_000;

    /** A touch is a tap on something, or a choice in a list; letters typed are none. */
    private static final String COUNT_TOUCHES = """
            const touched = () => sessionStorage.setItem('touches', 1 + Number(sessionStorage.getItem('touches')));
            addEventListener('pointerdown', touched, true);
            addEventListener('change', (event) => event.target.tagName === 'SELECT' && touched(), true);
            """;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        Runtime.getRuntime().addShutdownHook(new Thread(PLAYWRIGHT::close));
    }

    private Browsers() {}

    /** Those that are open. */
    static List<BrowserContext> contexts() {
        return List.copyOf(BROWSER.contexts());
    }

    /** A page in a context of its own. */
    static Watched page(int width, int height) {
        return page(new Browser.NewContextOptions().setViewportSize(width, height));
    }

    /** The same on a screen that is touched. */
    static Watched touched(int width, int height) {
        return page(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setHasTouch(true)
                .setIsMobile(true));
    }

    private static Watched page(Browser.NewContextOptions options) {
        BrowserContext context = BROWSER.newContext(options);
        context.setDefaultTimeout(PATIENCE_MS);
        context.addInitScript(COUNT_TOUCHES);
        context.addInitScript(Path.of("src/test/resources/legible.js"));
        Page page = context.newPage();
        List<String> troubles = new ArrayList<>();
        page.onConsoleMessage(message -> note(troubles, message));
        page.onPageError(troubles::add);
        return new Watched(page, troubles);
    }

    private static void note(List<String> troubles, ConsoleMessage message) {
        if (message.type().equals("error") || message.type().equals("warning")) {
            troubles.add(message.type() + ": " + message.text());
        }
    }

    /** A page and everything its console complained of. */
    record Watched(Page page, List<String> troubles) {
        /** What axe-core finds wrong on the page as it stands, the colours aside: these take it longest by far. */
        List<String> findingsBesideColours() {
            return found(axe().disableRules(COLOURS));
        }

        /** What axe-core finds wrong with the colours, of rows that are alike in the first. */
        List<String> colourFindings() {
            page.evaluate("legible.oneOfEach()");
            return found(axe().withRules(COLOURS));
        }

        /** One frame and only what is wrong: the same verdict, without carrying every passed element across. */
        private AxeBuilder axe() {
            AxeRunOptions violationsOnly = new AxeRunOptions();
            violationsOnly.setResultTypes(List.of("violations"));
            return new AxeBuilder(page).setLegacyMode(true).options(violationsOnly);
        }

        private static List<String> found(AxeBuilder axe) {
            return axe.analyze().getViolations().stream().map(Watched::words).toList();
        }

        /** Text smaller than 12 px as it is drawn, in pictures too. */
        List<String> tooSmallToRead() {
            return found("legible.smallText(12)");
        }

        /** What is touched and is smaller than 44 px; links within a sentence and marks of a drawing have their equals elsewhere. */
        List<String> tooSmallToTouch() {
            return found("legible.smallTargets(44)");
        }

        private List<String> found(String asked) {
            return ((List<?>) page.evaluate(asked))
                    .stream().map(String::valueOf).toList();
        }

        private static String words(Rule rule) {
            return rule.getId() + " at " + rule.getNodes().get(0).getTarget() + ": "
                    + rule.getNodes().get(0).getFailureSummary();
        }

        /** How often the keeper touches the screen meanwhile. */
        int touches(Runnable doing) {
            int before = touches();
            doing.run();
            return touches() - before;
        }

        private int touches() {
            return ((Number) page.evaluate("Number(sessionStorage.getItem('touches'))")).intValue();
        }

        /** How far the page is wider than the window, px. */
        int overflow() {
            return ((Number) page.evaluate("document.documentElement.scrollWidth - window.innerWidth")).intValue();
        }
    }
}
