package kwibbet.app.pages;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

import kwibbet.card.Craft;
import kwibbet.card.feature.Features;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** A studio that measures in millimetres, from its first touch on: nowhere an inch, and every figure that is offered is round. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:metric;DB_CLOSE_DELAY=-1", "kwibbet.data=target/metric"})
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MetricTest {

    private static final Pattern INCHES = Pattern.compile("[0-9/] ?in\\b|\\b\\d+ \\d+/\\d+|inch");
    private static final Pattern ODD = Pattern.compile("\\d\\.\\d\\d");

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private Page page;

    @BeforeEach
    void open() {
        page = CHROMIUM.page();
        page.navigate("http://127.0.0.1:" + port + "/");
    }

    /** What a page says, its fields and drawings included, also where it is out of sight and not laid out yet. */
    private String said() {
        return (String)
                page.evaluate(
                        """
                        () => {
                          const laidOut = new CSSStyleSheet();
                          laidOut.replaceSync('* { content-visibility: visible !important; }');
                          document.adoptedStyleSheets = [laidOut];
                          const fields = [...document.querySelectorAll('main input, main textarea')].map((field) => field.value);
                          return document.querySelector('main').innerText + ' ' + fields.join(' | ');
                        }""");
    }

    private void isMetric(String where) {
        Matcher inches = INCHES.matcher(
                said().replace("in hand", "").replace("inches", "").replaceAll("(?m)^in$", ""));
        assertThat(inches.find() ? where + ": " + inches.group() : "").isEmpty();
    }

    @Test
    @Order(1)
    void theFirstCardTakesTwoTouches() {
        assertThat(new AxeBuilder(page).analyze().getViolations()).isEmpty();
        page.getByText("Millimetres, A4 sheets").click();
        page.getByText("Start the card").click();
        assertThat(page.locator("#chip-base")).containsText("210 × 148 mm");
        page.locator("#add-mat").click();
        assertThat(page.locator("#addition-border")).hasValue("3");
        assertThat(page.locator("#chip-mat-1")).containsText("99 × 142 mm");
        assertThat(page.locator("#quick-mats")).containsText("3 mm");
        page.keyboard().press("Escape");
        for (int station = 1; station <= 7; station++) {
            page.locator("[data-key='" + station + "']").click();
            page.waitForLoadState();
            isMetric("station " + station);
        }
        page.locator("[data-key='4']").click();
        assertThat(page.locator(".tool-now > .sentence")).not().containsText("over");
    }

    @Test
    @Order(2)
    void allPagesAreMetricAndRound() {
        for (String path : List.of("/inventory", "/inventory/dies", "/offcuts", "/count", "/cards/new")) {
            page.navigate("http://127.0.0.1:" + port + path);
            String said = said();
            if (path.equals("/cards/new")) {
                // Sizes that are said in inches are offered as well, after the others.
                assertThat(page.locator("#new-size option").nth(1)).containsText("A6");
            } else {
                isMetric(path);
            }
            Matcher odd = ODD.matcher(said.replace("0.45", ""));
            assertThat(odd.find() && !path.equals("/cards/new") ? path + ": " + odd.group() : "")
                    .isEmpty();
        }
        page.navigate("http://127.0.0.1:" + port + "/inventory/tools");
        page.locator("#tool-longestCut").fill("310");
        page.locator("#tool-bed").fill("20");
        page.getByText("Keep the tools").click();
        assertThat(page.locator("#tool-bed-help")).containsText("26 to 1524 mm");
        assertThat(page.locator("#tool-longestCut")).hasValue("310");
        page.navigate("http://127.0.0.1:" + port + "/inventory/dies");
        page.getByText("Lay in nested").click();
        assertThat(page.locator(".dies li").first()).containsText("25 × 25 mm");
        isMetric("dies");
    }

    @Test
    @Order(3)
    void everyFeatureStartsRound() {
        page.locator(".shelf a").first().click();
        String card = page.locator("#work").getAttribute("data-path");
        for (Craft feature : Features.ALL) {
            page.navigate("http://127.0.0.1:" + port + card + "?held=base&on=front-outside");
            String before = page.locator("#undo").getAttribute("title");
            page.locator("#add-on").selectOption("front-outside");
            page.locator("#add-" + feature.key()).click();
            assertThat(page.locator(".hand-name")).not().hasText("Base");
            isMetric(feature.key());
            List<?> odd = (List<?>)
                    page.evaluate(
                            "() => [...document.querySelectorAll('.hand input.input')].filter((field) => /^-?\\d+\\.\\d*[1-9]\\d$|\\d\\.[1-46-9]$/.test(field.value)).map((field) => field.name + ' ' + field.value)");
            assertThat(odd).as(feature.key()).isEmpty();
            // Also what needs a paper that is not on the shelf can be changed.
            page.locator("#addition-name").fill("Renamed");
            page.locator("#addition-name").press("Enter");
            assertThat(page.locator(".hand-name")).containsText("Renamed");
            page.locator("#undo").click();
            assertThat(page.locator("#undo"))
                    .hasAttribute("title", "Undo: adding " + feature.title().toLowerCase(Locale.ROOT));
            page.locator("#undo").click();
            assertThat(page.locator("#undo")).hasAttribute("title", before);
            // What was done before may read like what was undone: the page is left when nothing is on its way.
            assertThat(page.locator("html[data-waiting='0']")).hasCount(1);
        }
    }

    /** A paper laid in has a colour that no other has; one size of sheet is in the unit of the studio. */
    @Test
    @Order(4)
    void aNewPaperHasAColourOfItsOwn() {
        page.navigate("http://127.0.0.1:" + port + "/inventory");
        String first = page.locator("#paper-colour").inputValue();
        page.locator("#paper-name").fill("Dusk");
        assertThat(page.locator("#paper-sheetWidth")).hasValue("210");
        page.getByText("Lay it in").last().click();
        assertThat(page.locator(".papers").getByText("Dusk")).isVisible();
        assertThat(page.locator("#paper-colour")).not().hasValue(first);
    }
}
