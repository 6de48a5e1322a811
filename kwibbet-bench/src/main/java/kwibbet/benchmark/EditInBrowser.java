package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntFunction;

import com.microsoft.playwright.Page;

/**
 * How long an edit takes as the maker sees it: from leaving the entry field to the new drawing standing in the page, in headless
 * Chromium, on every card of the shelf, and how much of it the answer takes, from being asked for to being there in full; the rest
 * is the browser's. Both the count of cards to make and the first size of the base are changed, each time to a value they did not have
 * before, so that nothing worked out earlier can be shown again.
 */
public final class EditInBrowser {

    private static final int WARM_UP = 12;
    private static final int ROUNDS = 25;

    private static final String EDIT =
            """
            async ([selector, text]) => {
              const field = document.querySelector(selector);
              field.value = text;
              performance.clearResourceTimings();
              const began = performance.now();
              const settled = new Promise((done) => document.addEventListener('kwibbet:shown', (event) => done(event.detail.status), { once: true }));
              field.dispatchEvent(new Event('change', { bubbles: true }));
              const status = await settled;
              if (status !== 200) throw new Error(`${text} was answered with ${status}`);
              await new Promise((done) => requestAnimationFrame(done));
              const shown = performance.now() - began;
              const request = performance.getEntriesByType('resource').find((entry) => entry.initiatorType === 'fetch');
              const answered = request.responseEnd - request.startTime;
              while (document.querySelector('.run-line nav[data-figures]')) await new Promise((done) => setTimeout(done, 4));
              return [shown, answered, performance.now() - began];
            }""";

    /** The first size of the base. */
    static final String SIZE = ".hand .pairs input:not([type='hidden'])";

    private EditInBrowser() {}

    /**
     * Prints median and 95th percentile for each card.
     *
     * @param arguments the address of a running demo, as {@code http://127.0.0.1:8470}
     */
    public static void main(String[] arguments) {
        System.out.printf(
                "%-20s %7s | %-29s | %-29s%n%-20s %7s | %9s %9s %9s | %9s %9s %9s%n",
                "",
                "",
                "change of the count",
                "change of a size",
                "ms",
                "pieces",
                "median",
                "95 %",
                "answer",
                "median",
                "95 %",
                "answer");
        DemoInBrowser.visit(arguments[0], EditInBrowser::measure);
    }

    /** Until it is shown, until it is answered, until all its figures are there, in milliseconds. */
    static List<Double> edit(Page page, String field, String text) {
        List<?> times = (List<?>) page.evaluate(EDIT, List.of(field, text));
        return times.stream().map(time -> ((Number) time).doubleValue()).toList();
    }

    private static void measure(Page page, DemoInBrowser.ShelfCard card) {
        page.navigate(card.address());
        String pieces = String.valueOf(page.locator(".chip").count());
        String size = page.locator(SIZE).first().inputValue();
        System.out.printf(
                "%-20s %7s | %s | %s%n",
                card.name(),
                pieces,
                times(page, "#spares", round -> String.valueOf(11 + round)),
                times(page, SIZE, round -> size + " + " + (1 + round) + "/64"));
    }

    private static String times(Page page, String field, IntFunction<String> entry) {
        List<Double> shown = new ArrayList<>();
        List<Double> answered = new ArrayList<>();
        for (int i = 0; i < WARM_UP + ROUNDS; i++) {
            List<Double> times = edit(page, field, entry.apply(i));
            if (i >= WARM_UP) {
                shown.add(times.get(0));
                answered.add(times.get(1));
            }
        }
        Collections.sort(shown);
        Collections.sort(answered);
        return String.format(
                "%9.0f %9.0f %9.0f",
                shown.get(shown.size() / 2), shown.get(shown.size() * 95 / 100), answered.get(answered.size() / 2));
    }
}
