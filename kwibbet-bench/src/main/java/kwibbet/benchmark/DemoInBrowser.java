package kwibbet.benchmark;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;

/** A running demo in headless Chromium without a graphics processor, card by card. */
final class DemoInBrowser {

    private DemoInBrowser() {}

    /**
     * A card on the shelf.
     *
     * @param address its address
     * @param name what it is called
     */
    record ShelfCard(String address, String name) {}

    /** Does something with a page for a card. */
    interface Visit {
        void card(Page page, ShelfCard card);
    }

    /**
     * Goes through the shelf.
     *
     * @param demo the address of the demo, as {@code http://127.0.0.1:8470}
     * @param visit what is done with each card
     */
    static void visit(String demo, Visit visit) {
        browse(page -> {
            page.navigate(demo);
            List<ShelfCard> cards = new ArrayList<>();
            for (Locator card : page.locator(".shelf a").all()) {
                cards.add(new ShelfCard(
                        demo + card.getAttribute("href"), card.locator("strong").textContent()));
            }
            cards.forEach(card -> visit.card(page, card));
        });
    }

    /** Does something with an empty page. */
    static void browse(Consumer<Page> work) {
        try (Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            String path = Optional.ofNullable(System.getenv("CHROMIUM")).orElse("/usr/bin/chromium");
            Browser browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(path))
                            .setArgs(List.of("--no-sandbox", "--disable-gpu")));
            work.accept(browser.newPage());
        }
    }
}
