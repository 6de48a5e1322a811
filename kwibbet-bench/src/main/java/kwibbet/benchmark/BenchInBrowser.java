package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import com.microsoft.playwright.Page;

/**
 * How long the next step of the bench view takes as the maker sees it, in headless Chromium: from pressing the button, or ticking off, to the step standing in
 * the page; and how long a change of the card takes on its Make page. Every card of the demo, all its steps.
 */
public final class BenchInBrowser {

    private static final int WARM_UP = 12;
    private static final int ROUNDS = 25;
    private static final int WALKS = 4;

    /** Presses a button; the milliseconds until another step is drawn. */
    private static final String PRESS =
            """
            async (selector) => {
              const button = document.querySelector(selector);
              if (!button || button.getAttribute('aria-disabled') === 'true') return -1;
              const began = performance.now();
              const shown = new Promise((done) => document.addEventListener('htmx:afterSettle', done, { once: true }));
              button.click();
              await shown;
              await new Promise((done) => requestAnimationFrame(done));
              return performance.now() - began;
            }""";

    private static final String SPARES =
            """
            async (text) => {
              const field = document.querySelector('#spares');
              field.value = text;
              const began = performance.now();
              const shown = new Promise((done) => document.addEventListener('kwibbet:shown', done, { once: true }));
              field.dispatchEvent(new Event('change', { bubbles: true }));
              await shown;
              await new Promise((done) => requestAnimationFrame(done));
              return performance.now() - began;
            }""";

    private BenchInBrowser() {}

    /**
     * Prints median and 95th percentile for each card.
     *
     * @param arguments the address of a running demo, as {@code http://127.0.0.1:8470}
     */
    public static void main(String[] arguments) {
        System.out.printf(
                "%-20s | %-15s | %-15s | %-15s%n", "ms, median and 95 %", "next step", "ticked off", "Make redrawn");
        DemoInBrowser.visit(arguments[0], BenchInBrowser::measure);
    }

    private static void measure(Page page, DemoInBrowser.ShelfCard card) {
        page.navigate(card.address() + "/make");
        List<Double> redrawn = new ArrayList<>();
        for (int round = 0; round < WARM_UP + ROUNDS; round++) {
            double time = time(page, SPARES, String.valueOf(11 + round));
            if (round >= WARM_UP) {
                redrawn.add(time);
            }
        }
        page.navigate(card.address() + "/make");
        page.locator("#to-bench").click();
        page.waitForURL("**/bench/make*");
        String bench = page.url().replaceAll("\\?.*$", "");
        List<Double> next = new ArrayList<>();
        for (int walk = 0; walk <= WALKS; walk++) {
            page.navigate(bench + "?at=1");
            List<Double> times = times(page, "#step-on");
            if (walk > 0) {
                next.addAll(times);
            }
        }
        page.navigate(bench + "?at=1");
        List<Double> ticked = times(page, "#step-done");
        System.out.printf("%-20s | %15s | %15s | %15s%n", card.name(), told(next), told(ticked), told(redrawn));
    }

    private static List<Double> times(Page page, String button) {
        List<Double> times = new ArrayList<>();
        double time = time(page, PRESS, button);
        while (time >= 0) {
            times.add(time);
            time = time(page, PRESS, button);
        }
        return times;
    }

    private static double time(Page page, String script, String argument) {
        return ((Number) page.evaluate(script, argument)).doubleValue();
    }

    private static String told(List<Double> times) {
        List<Double> sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        return sorted.isEmpty()
                ? ""
                : String.format("%6.0f %6.0f", sorted.get(sorted.size() / 2), sorted.get(sorted.size() * 95 / 100));
    }
}
