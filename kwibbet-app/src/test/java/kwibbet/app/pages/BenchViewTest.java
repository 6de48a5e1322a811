package kwibbet.app.pages;

import java.util.ArrayList;
import java.util.List;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** One step a screen, ticked off by hand, key and finger, on one device and another. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:bench;DB_CLOSE_DELAY=-1", "kwibbet.data=target/bench"})
@ActiveProfiles("demo")
class BenchViewTest {

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    /** Takes a card of the demo to the bench; gives the address of its run there. */
    private String toBench(Page page, String card) {
        page.navigate(at("/"));
        String path = page.locator(".shelf a")
                .filter(new Locator.FilterOptions().setHasText(card))
                .first()
                .getAttribute("href");
        page.navigate(at(path) + "/make");
        page.locator("#to-bench").click(new Locator.ClickOptions().setTimeout(60_000));
        page.waitForURL("**/bench/make*");
        return page.url().replaceAll("/make.*$", "");
    }

    private static Locator count(Page page) {
        return page.locator("#count");
    }

    private static LocatorAssertions.HasTextOptions soon() {
        return new LocatorAssertions.HasTextOptions().setTimeout(2_000);
    }

    /** Space ticks off, arrows only walk, Ctrl+Z takes back; two touches in a row are one; the other tablet shows it within two seconds. */
    @Test
    void stepsAreTickedOffOnOneDeviceAndSeenOnAnother() {
        Page here = CHROMIUM.page();
        String bench = toBench(here, "Saddle bag");
        Page there = CHROMIUM.page();
        there.navigate(bench + "/make?at=1");
        assertThat(count(here)).hasText("0 of 24 cards done");
        here.locator("#step-one").click();
        assertThat(count(here)).hasText("1 of 24 cards done");
        assertThat(count(there)).hasText("1 of 24 cards done", soon());
        here.keyboard().press("Escape");
        here.locator("#work").focus();
        here.keyboard().press(" ");
        assertThat(here.locator(".bench-at")).hasText("Step 2 of 14");
        assertThat(there.locator("#done-make")).hasText("1 of 14", soon());
        here.keyboard().press("ArrowLeft");
        assertThat(count(here)).hasText("24 of 24 cards done");
        here.keyboard().press("Control+z");
        assertThat(count(here)).hasText("1 of 24 cards done");
        here.keyboard().press("Control+z");
        assertThat(count(here)).hasText("0 of 24 cards done");
        here.waitForTimeout(500);
        here.locator("#step-done").dblclick();
        assertThat(here.locator(".bench-at")).hasText("Step 2 of 14");
        assertThat(there.locator("#done-make")).hasText("1 of 14", soon());
        here.waitForTimeout(500);
        assertThat(count(here)).hasText("0 of 24 cards done");
        here.goBack();
        assertThat(here.locator(".bench-at")).hasText("Step 1 of 14");
        assertThat(count(here)).hasText("24 of 24 cards done");
        here.context().close();
        there.context().close();
    }

    /** Whoever makes one card after the other goes through all steps with each; at the end the next station is offered. */
    @Test
    void theLastStepLeadsOnToWhatIsLeft() {
        Page page = CHROMIUM.page();
        String bench = toBench(page, "Dial");
        page.navigate(bench + "/score");
        page.locator("#step-done").click();
        assertThat(page.locator(".bench-end h2")).containsText("all done");
        page.locator("#onward").click();
        page.waitForURL("**/bench/press*");
        page.navigate(bench + "/make?way=one");
        // Scored at the board, the first step is done; the walk begins with the one after it.
        assertThat(page.locator(".bench-at")).hasText("Step 2 of 5");
        assertThat(count(page)).hasText("0 of 16 cards done");
        page.locator("#timer").click();
        assertThat(page.locator("#timer")).containsText("Stop the timer");
        page.locator("#step-done").click();
        assertThat(page.locator(".bench-at")).hasText("Step 3 of 5");
        assertThat(page.locator("#timer")).containsText("Stop the timer");
        page.navigate(bench.replaceAll("/bench$", ""));
        assertThat(page.locator(".standing-word")).hasText("begun");
        page.context().close();
    }

    private static final String TOO_LARGE =
            """
            () => {
              const root = document.documentElement;
              const faults = [];
              if (root.scrollHeight > root.clientHeight || root.scrollWidth > root.clientWidth) faults.push('scrolls');
              const step = document.querySelector('.bench-step').getBoundingClientRect();
              const words = document.querySelector('.bench-words').getBoundingClientRect();
              const picture = document.querySelector('.step-picture svg').getBoundingClientRect();
              if (words.bottom > step.bottom + 1 || words.top < step.top - 1) faults.push('words do not fit');
              if (picture.height < 120) faults.push('no room for the picture');
              document.querySelectorAll('.bench .button').forEach((button) => {
                const box = button.getBoundingClientRect();
                if (box.right > innerWidth + 1 || box.bottom > innerHeight + 1) faults.push(`${button.id} lies outside`);
                if (box.height < 44) faults.push(`${button.id} is too small for a finger`);
              });
              return faults.join(', ');
            }""";

    private record Window(int width, int height) {}

    private static final List<Window> WINDOWS =
            List.of(new Window(1280, 800), new Window(1024, 768), new Window(768, 1024), new Window(390, 844));

    @ParameterizedTest
    @ValueSource(strings = {"Headlight", "Evening window"})
    void everyStepFitsEveryScreen(String card) {
        Page page = CHROMIUM.touchPage(1280, 800);
        List<String> faults = new ArrayList<>();
        String bench = toBench(page, card);
        for (String station : List.of("trim", "score", "press", "make")) {
            page.navigate(bench + "/" + station + "?at=1");
            boolean isLast = false;
            for (int step = 1; !isLast && step <= 15; step++) {
                assertThat(page.locator(".bench-at")).containsText("Step " + step + " of");
                for (Window window : WINDOWS) {
                    page.setViewportSize(window.width, window.height);
                    Object fault = page.evaluate(TOO_LARGE);
                    if (!fault.equals("")) {
                        faults.add(station + " " + step + ", " + window + ": " + fault);
                    }
                }
                isLast = page.locator("#step-on[aria-disabled]").count() > 0;
                if (!isLast) {
                    page.locator("#step-on").click();
                }
            }
        }
        assertThat(faults).isEmpty();
        page.context().close();
    }
}
