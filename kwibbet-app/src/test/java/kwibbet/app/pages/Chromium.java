package kwibbet.app.pages;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;

/** The machine's own Chromium, headless, one for a test class. */
final class Chromium implements AutoCloseable {

    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private final Playwright playwright;
    private final Browser browser;

    Chromium() {
        // A busy machine may take its time; what is asserted is that it happens.
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        String path = Optional.ofNullable(System.getenv("CHROMIUM")).orElse("/usr/bin/chromium-headless-shell");
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(path))
                        .setArgs(QUIET));
    }

    Page page(int width, int height, ColorScheme scheme) {
        BrowserContext context = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(width, height).setColorScheme(scheme));
        context.setDefaultTimeout(15_000);
        return context.newPage();
    }

    Page page() {
        return page(1280, 800, ColorScheme.LIGHT);
    }

    /** A page on a phone or tablet, touched with fingers. */
    Page touchPage(int width, int height) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setHasTouch(true)
                .setIsMobile(true));
        context.setDefaultTimeout(15_000);
        return context.newPage();
    }

    Page pageWithoutScript() {
        return browser.newContext(new Browser.NewContextOptions().setJavaScriptEnabled(false))
                .newPage();
    }

    @Override
    public void close() {
        playwright.close();
    }
}
