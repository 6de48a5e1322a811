package kwibbet.benchmark;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;

/**
 * How long an edit takes as the maker sees it: from leaving the entry field to the new drawing standing in the page, in headless
 * Chromium, on every card of the shelf, and how much of it the answer takes, from being asked for to being there in full; the rest
 * is the browser's. The count of cards to make is changed to and fro, which works everything out anew.
 */
public final class EditInBrowser {

    private static final int WARM_UP = 12;
    private static final int ROUNDS = 25;

    private static final String EDIT =
            """
            async (text) => {
              const field = document.getElementById('spares');
              field.value = text;
              performance.clearResourceTimings();
              const began = performance.now();
              const settled = new Promise((done) => document.addEventListener('htmx:afterSettle', done, { once: true }));
              field.dispatchEvent(new Event('change', { bubbles: true }));
              await settled;
              await new Promise((done) => requestAnimationFrame(done));
              const shown = performance.now() - began;
              const request = performance.getEntriesByType('resource').find((entry) => entry.initiatorType === 'xmlhttprequest');
              return [shown, request.responseEnd - request.startTime];
            }""";

    private EditInBrowser() {}

    /**
     * Prints median and 95th percentile for each card.
     *
     * @param arguments the address of a running demo, as {@code http://127.0.0.1:8470}
     */
    public static void main(String[] arguments) {
        try (Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            String path = Optional.ofNullable(System.getenv("CHROMIUM")).orElse("/usr/bin/chromium");
            Browser browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(path))
                            .setArgs(List.of("--no-sandbox", "--disable-gpu")));
            Page page = browser.newPage();
            page.navigate(arguments[0]);
            List<String> cards = new ArrayList<>();
            for (Locator card : page.locator(".shelf a").all()) {
                cards.add(card.getAttribute("href") + "\t"
                        + card.locator("strong").textContent());
            }
            System.out.printf("%-20s %8s %10s %10s %10s%n", "edit of", "pieces", "median ms", "95 % ms", "answer ms");
            for (String card : cards) {
                measure(page, arguments[0], card.split("\t"));
            }
        }
    }

    private static void measure(Page page, String address, String[] card) {
        page.navigate(address + card[0]);
        List<Double> shown = new ArrayList<>();
        List<Double> answered = new ArrayList<>();
        for (int i = 0; i < WARM_UP + ROUNDS; i++) {
            List<?> times = (List<?>) page.evaluate(EDIT, String.valueOf(1 + i % 2));
            if (i >= WARM_UP) {
                shown.add(((Number) times.get(0)).doubleValue());
                answered.add(((Number) times.get(1)).doubleValue());
            }
        }
        Collections.sort(shown);
        Collections.sort(answered);
        System.out.printf(
                "%-20s %8d %10.0f %10.0f %10.0f%n",
                card[1],
                page.locator(".chip").count(),
                shown.get(shown.size() / 2),
                shown.get(shown.size() * 95 / 100),
                answered.get(answered.size() / 2));
    }
}
