package kwibbet.benchmark;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;

/**
 * How smoothly every card of the shelf is seen to fold, in headless Chromium without a graphics processor: frames a second while it is
 * played, the longest wait between two, and how long the answer with its frames takes.
 */
public final class FoldInBrowser {

    private static final String PLAY =
            """
            async () => {
              const address = document.querySelector('.fold-stage').dataset.motion;
              const times = [];
              for (let i = 0; i < 9; i++) {
                const asked = performance.now();
                await (await fetch(address, { cache: 'no-store' })).json();
                times.push(performance.now() - asked);
              }
              times.sort((one, other) => one - other);
              document.querySelector('.play').click();
              let before = await new Promise(requestAnimationFrame);
              const began = before;
              let frames = 0;
              let longest = 0;
              while (before - began < 2000 && document.querySelector('.play').textContent === 'Pause') {
                const now = await new Promise(requestAnimationFrame);
                longest = Math.max(longest, now - before);
                before = now;
                frames += 1;
              }
              return [times[4], frames / (before - began) * 1000, longest, document.querySelectorAll('.leaf').length];
            }""";

    private FoldInBrowser() {}

    /**
     * Prints the figures of each card.
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
            System.out.printf("%-20s %8s %14s %14s %14s%n", "", "leaves", "answer, ms", "frames a s", "longest, ms");
            for (String card : cards) {
                page.navigate(arguments[0] + card.split("\t")[0] + "/fold");
                page.locator(".fold-stage.moving").waitFor();
                List<?> figures = (List<?>) page.evaluate(PLAY);
                System.out.printf(
                        "%-20s %8s %14.0f %14.0f %14.0f%n",
                        card.split("\t")[1],
                        figures.get(3),
                        ((Number) figures.get(0)).doubleValue(),
                        ((Number) figures.get(1)).doubleValue(),
                        ((Number) figures.get(2)).doubleValue());
            }
        }
    }
}
