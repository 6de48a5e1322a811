package kwibbet.app.pages;

import java.util.List;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import static org.assertj.core.api.Assertions.assertThat;

/** Every page with the demo data, held against the rules of WCAG 2.2 that a program can tell, in light and dark and on a narrow window. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:access;DB_CLOSE_DELAY=-1", "kwibbet.data=target/access"})
@ActiveProfiles("demo")
class AccessibilityTest {

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    @ParameterizedTest
    @CsvSource({"LIGHT,1280,all", "DARK,1280,color-contrast", "LIGHT,390,target-size"})
    void everyPageIsAccessibleAndKeepsWithinTheWindow(ColorScheme scheme, int width, String rule) {
        Page seen = CHROMIUM.page(width, 800, scheme);
        seen.navigate(at("/"));
        String card = seen.locator(".shelf a").first().getAttribute("href");
        String train = seen.locator(".shelf a")
                .filter(new Locator.FilterOptions().setHasText("Night train"))
                .first()
                .getAttribute("href");
        seen.navigate(at(train) + "/sheets");
        seen.locator("#settle").click(new Locator.ClickOptions().setTimeout(60_000));
        seen.waitForURL("**/runs/*");
        String run = seen.url().replaceAll("^.*(?=/runs/)", "");
        seen.navigate(at("/classes"));
        String evening = seen.locator(".kit-list a")
                .filter(new Locator.FilterOptions().setHasText("First Saturday"))
                .getAttribute("href");
        seen.navigate(at(evening + "/lesson"));
        if (seen.locator("#begin-lesson").isVisible()) {
            seen.locator("#begin-lesson").click();
            seen.locator("#step-on").click();
            seen.locator("#seat-done-0").click();
            seen.locator("#seat-back-0").waitFor();
        }
        seen.navigate(at("/inventory/outlines"));
        String outline = seen.locator(".outlines a").first().getAttribute("href");
        List<String> paths = List.of(
                "/",
                "/cards/new",
                "/inventory",
                "/inventory/tools",
                card,
                card + "?held=mat-1&pose=standing",
                card + "/sheets",
                card + "/trim",
                card + "/score",
                train + "/press",
                card + "/make",
                "/inventory/dies",
                "/inventory/outlines",
                "/inventory/pictures",
                outline,
                "/inventory/papers/moss/movements",
                "/inventory/goods?of=other",
                "/inventory/prices",
                "/inventory/mail",
                "/offcuts",
                "/classes",
                "/classes/new",
                evening,
                evening + "/labels",
                evening + "/lesson",
                evening + "/lesson/screen",
                "/runs",
                "/runs/new",
                run,
                run + "/bench/make?at=2",
                run + "/bench/make?at=0",
                "/compare",
                card + "?pose=section",
                "/studio",
                "/studio/backup",
                "/nowhere");
        for (String path : paths) {
            seen.navigate(at(path));
            assertThat(rules(seen, rule).analyze().getViolations()).as(path).isEmpty();
            Object overflow = seen.evaluate("document.documentElement.scrollWidth - window.innerWidth");
            assertThat(((Number) overflow).intValue()).as(path).isLessThanOrEqualTo(0);
        }
        seen.context().close();
    }

    /** A page is the same in the dark and on a narrow window but for its colours and its sizes. */
    private static AxeBuilder rules(Page seen, String rule) {
        // Describing all that is right, in a page of its own, takes longer than looking for what is wrong.
        AxeRunOptions violations = new AxeRunOptions();
        violations.setResultTypes(List.of("violations"));
        AxeBuilder axe = new AxeBuilder(seen).setLegacyMode(true).options(violations);
        return rule.equals("all")
                ? axe.withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                : axe.withRules(List.of(rule));
    }
}
