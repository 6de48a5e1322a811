package kwibbet.benchmark;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;

import kwibbet.formats.document.DesignDocument;
import kwibbet.run.CardRun;

/**
 * How long an edit takes as the maker sees it of a card with 60 additions, ten of them outlines of 500 edges: until the new drawing stands in the page, how much of that the
 * answer takes, and until the figures of its plan are there, which come after.
 */
public final class OutlinesInBrowser {

    /** After so many edits all that an edit goes through is compiled. */
    private static final int WARM = 50;

    private static final int ROUNDS = 25;
    private static final int FIRST = 9;
    /** A paper that is on the shelf of the demo. */
    private static final String SHELVED = "night";

    private OutlinesInBrowser() {}

    /**
     * Prints medians.
     *
     * @param arguments the address of a running demo, as {@code http://127.0.0.1:8470}
     */
    public static void main(String[] arguments) {
        DemoInBrowser.browse(page -> outlines(page, arguments[0]));
    }

    private static void outlines(Page page, String demo) {
        String document = DesignDocument.write(CardRun.ofOne(OwnOutlines.card(0)))
                .replace('"' + Stock.ID.value() + '"', '"' + SHELVED + '"');
        page.navigate(demo + "/cards/new");
        page.locator("#load-file")
                .setInputFiles(new FilePayload(
                        "outlines.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        page.locator("form:has(#load-file) button").last().click();
        page.waitForURL("**/cards/*-*");
        String size = page.locator(EditInBrowser.SIZE).first().inputValue();
        List<List<Double>> edits = IntStream.range(0, WARM + ROUNDS)
                .mapToObj(round -> EditInBrowser.edit(page, EditInBrowser.SIZE, size + " + " + (1 + round) + "/128"))
                .toList();
        System.out.printf(
                "%n%-40s %9s %9s %9s%n", "60 additions, a size changed, median ms", "shown", "answer", "figures");
        print("the first " + FIRST, edits.subList(0, FIRST));
        print("after " + WARM, edits.subList(WARM, edits.size()));
    }

    private static void print(String what, List<List<Double>> edits) {
        System.out.printf("%-40s", what);
        for (int i = 0; i < 3; i++) {
            int time = i;
            List<Double> times =
                    edits.stream().map(edit -> edit.get(time)).sorted().toList();
            System.out.printf(" %9.0f", times.get(times.size() / 2));
        }
        System.out.println();
    }
}
