package org.pelluna.app.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** After each test its pages are closed; if it failed, what they showed is told first, since nobody can look any more. */
final class ClosesPages implements AfterEachCallback {
    private static final int MOST_LETTERS = 600;

    @Override
    public void afterEach(ExtensionContext test) {
        for (BrowserContext context : Browsers.contexts()) {
            if (test.getExecutionException().isPresent()) {
                context.pages().forEach(page -> test.publishReportEntry(page.url(), shown(page)));
            }
            context.close();
        }
    }

    private static String shown(Page page) {
        try {
            String text = String.valueOf(page.evaluate("document.readyState + ': ' + document.body.innerText"));
            return text.substring(0, Math.min(text.length(), MOST_LETTERS));
        } catch (PlaywrightException e) {
            return "cannot be read: " + e.getMessage();
        }
    }
}
