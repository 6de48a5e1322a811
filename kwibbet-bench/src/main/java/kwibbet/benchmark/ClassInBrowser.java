package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/**
 * How long a changed head count takes as a teacher sees it, in headless Chromium: from sending it to the whole page of the class with its sheets, supplies, days, money and room; with four
 * designs of the demo and 10 to 400 learners.
 */
public final class ClassInBrowser {

    private static final int DESIGNS = 4;
    private static final int ROUNDS = 7;

    /** Sends another head count; the milliseconds until the page has come. */
    private static final String CHANGE =
            """
            async (bags) => {
              const form = document.querySelector('.kit-details form');
              const typed = new URLSearchParams(new FormData(form));
              typed.set('bags', bags);
              const began = performance.now();
              const answer = await fetch(form.action, { method: 'POST', body: typed });
              await answer.text();
              return performance.now() - began;
            }""";

    private ClassInBrowser() {}

    /**
     * Prints median and longest for each size of class.
     *
     * @param arguments the address of a running demo, as {@code http://127.0.0.1:8470}
     */
    public static void main(String[] arguments) {
        System.out.printf(
                "%d designs, a changed head count: %-10s | %8s | %8s%n", DESIGNS, "learners", "median", "longest");
        DemoInBrowser.browse(page -> {
            for (int learners : new int[] {10, 20, 40, 80, 160, 400}) {
                List<Double> times = times(page, arguments[0], learners);
                Collections.sort(times);
                System.out.printf(
                        "%45d | %5.0f ms | %5.0f ms%n",
                        learners, times.get(times.size() / 2), times.get(times.size() - 1));
            }
        });
    }

    private static List<Double> times(Page page, String demo, int learners) {
        page.navigate(demo + "/classes/new");
        page.locator("#kit-name").fill("Class of " + learners);
        List<Locator> cards = page.locator(".card-choice input").all();
        cards.subList(0, DESIGNS).forEach(Locator::check);
        page.locator("#kit-bags").fill(String.valueOf(learners));
        page.locator("#keep-kit").click();
        page.waitForURL("**/classes/*-*");
        String address = page.url();
        List<Double> times = new ArrayList<>();
        for (int round = 1; round <= ROUNDS; round++) {
            page.navigate(address);
            times.add(((Number) page.evaluate(CHANGE, String.valueOf(learners + round))).doubleValue());
        }
        return times;
    }
}
