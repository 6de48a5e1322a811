package kwibbet.benchmark;

import java.util.List;

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
        System.out.printf("%-20s %8s %14s %14s %14s%n", "", "leaves", "answer, ms", "frames a s", "longest, ms");
        DemoInBrowser.visit(arguments[0], (page, card) -> {
            page.navigate(card.address() + "/fold");
            page.locator(".fold-stage.moving").waitFor();
            List<?> figures = (List<?>) page.evaluate(PLAY);
            System.out.printf(
                    "%-20s %8s %14.0f %14.0f %14.0f%n",
                    card.name(),
                    figures.get(3),
                    ((Number) figures.get(0)).doubleValue(),
                    ((Number) figures.get(1)).doubleValue(),
                    ((Number) figures.get(2)).doubleValue());
        });
    }
}
