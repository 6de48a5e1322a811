package kwibbet.app.pages;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.ReducedMotion;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Fingers, keys alone, the left hand, a window at twice its size, colours and motion as a maker asked for them. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:hands;DB_CLOSE_DELAY=-1", "kwibbet.data=target/hands"})
@ActiveProfiles("demo")
class HandsTest {

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    private String newCard(Page page, String name) {
        page.navigate(at("/cards/new"));
        page.locator("#new-name").fill(name);
        page.getByText("Start the card").click();
        assertThat(page).hasTitle(name + " – Kwibbet");
        return page.locator("#work").getAttribute("data-path");
    }

    private static void addOrnament(Page page) {
        page.locator("#add-ornament").click();
        assertThat(page.locator("#hand-title")).containsText("Ornament 1");
    }

    private static final class Finger {
        private final CDPSession session;

        Finger(Page page) {
            session = page.context().newCDPSession(page);
        }

        private void send(String kind, double x, double y, boolean down) {
            JsonObject event = new JsonObject();
            event.addProperty("type", kind);
            JsonArray points = new JsonArray();
            if (down) {
                JsonObject point = new JsonObject();
                point.addProperty("x", x);
                point.addProperty("y", y);
                points.add(point);
            }
            event.add("touchPoints", points);
            session.send("Input.dispatchTouchEvent", event);
        }

        void draw(double x, double y, double toX, double toY) {
            send("touchStart", x, y, true);
            for (int i = 1; i <= 8; i++) {
                send("touchMove", x + (toX - x) * i / 8, y + (toY - y) * i / 8, true);
            }
            send("touchEnd", toX, toY, false);
        }

        void tap(double x, double y) {
            send("touchStart", x, y, true);
            send("touchEnd", x, y, false);
        }
    }

    private static BoundingBox box(Locator locator) {
        return locator.boundingBox();
    }

    @ParameterizedTest
    @CsvSource({"390,844", "768,1024"})
    void aFingerDragsLayersAndTheirEdges(int width, int height) {
        Page page = CHROMIUM.touchPage(width, height);
        newCard(page, "By finger " + width);
        addOrnament(page);
        page.locator(".flat").scrollIntoViewIfNeeded();
        Finger finger = new Finger(page);
        Locator ornament = page.locator(".flat svg g[data-piece='ornament-1']");
        BoundingBox before = box(ornament);
        finger.draw(
                before.x + before.width / 2,
                before.y + before.height / 2,
                before.x + before.width / 2,
                before.y + before.height / 2 + 20);
        assertThat(page.locator("#undo")).hasAttribute("title", "Undo: moving");
        assertThat(page.locator("#addition-down")).hasValue("by");
        assertThat(page.evaluate("window.scrollY + 0")).isNotNull();

        String wide = page.locator("#addition-width").inputValue();
        Locator knob = page.locator(".knob[data-edge='right']");
        page.locator(".flat").scrollIntoViewIfNeeded();
        BoundingBox held = box(knob);
        finger.draw(
                held.x + held.width / 2,
                held.y + held.height / 2,
                held.x + held.width / 2 + 14,
                held.y + held.height / 2);
        assertThat(page.locator("#addition-width")).not().hasValue(wide);

        page.locator("#chip-base").tap();
        assertThat(page.locator("#hand-title")).containsText("Base");
        page.locator(".flat").scrollIntoViewIfNeeded();
        BoundingBox there = box(ornament);
        finger.tap(there.x + there.width / 2, there.y + there.height / 2);
        assertThat(page.locator("#hand-title")).containsText("Ornament 1");
        page.context().close();
    }

    @Test
    void aSwipeWalksSettings() {
        Page page = CHROMIUM.touchPage(768, 1024);
        page.navigate(at("/"));
        page.locator(".shelf a").first().tap();
        page.locator("[data-key='4']").tap();
        assertThat(page.locator(".tool-list [aria-current] .setting-number")).hasText("1");
        Finger finger = new Finger(page);
        BoundingBox tool = box(page.locator(".tool-set"));
        finger.draw(tool.x + 300, tool.y + 20, tool.x + 100, tool.y + 22);
        assertThat(page.locator(".tool-list [aria-current] .setting-number")).hasText("2");
        finger.draw(tool.x + 100, tool.y + 20, tool.x + 300, tool.y + 22);
        assertThat(page.locator(".tool-list [aria-current] .setting-number")).hasText("1");
        page.context().close();
    }

    /** A name written over a small layer never takes the press that was meant for it. */
    @Test
    void theNameOfAPanelDoesNotHideALayer() {
        Page page = CHROMIUM.page();
        newCard(page, "Under the name");
        addOrnament(page);
        page.locator("#addition-width").fill("1/2");
        page.locator("#addition-height").fill("1/4");
        page.locator("#addition-height").press("Enter");
        assertThat(page.locator("#chip-ornament-1")).containsText("1/2 × 1/4");
        page.locator("#chip-base").click();
        assertThat(page.locator("#hand-title")).containsText("Base");
        page.locator(".flat svg g[data-piece='ornament-1']").scrollIntoViewIfNeeded();
        BoundingBox small = box(page.locator(".flat svg g[data-piece='ornament-1']"));
        page.mouse().click(small.x + small.width / 2, small.y + small.height / 2);
        assertThat(page.locator("#hand-title")).containsText("Ornament 1");
        page.context().close();
    }

    @Test
    void whatFieldsAreForIsThereForEveryHand() {
        Page page = CHROMIUM.touchPage(768, 1024);
        newCard(page, "Hints");
        page.locator("#base-width").tap();
        String hint = page.locator("#base-width-hint").textContent();
        assertThat(hint).isNotBlank();
        assertThat(page.locator("#base-width").getAttribute("aria-describedby")).contains("base-width-hint");
        assertThat(page.locator("#hint-line")).hasText(hint);
        page.locator("#add-shaker").dispatchEvent("pointerover");
        assertThat(page.locator("#hint-line")).not().hasText(hint);
        assertThat(page.locator(".hand [title]")).hasCount(0);
        page.context().close();
    }

    @Test
    void keysAloneLoseNothing() {
        Page page = CHROMIUM.page();
        String card = newCard(page, "Keys");
        page.keyboard().press("Tab");
        for (int i = 0; i < 2; i++) {
            page.keyboard().press("Tab");
        }
        assertThat(page.locator(".skip").last()).isFocused();
        page.keyboard().press("Enter");
        int tabs = 0;
        while (page.locator("#add-mat:focus").count() == 0 && tabs < 10) {
            page.keyboard().press("Tab");
            tabs++;
        }
        page.keyboard().press("Enter");
        assertThat(page.locator("#hand-title")).containsText("Mat 1");
        page.reload();
        assertThat(page.locator("#hand-title")).containsText("Mat 1");
        page.locator("#remove-addition").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#chip-mat-1")).hasCount(0);
        assertThat(page.evaluate("document.activeElement.id")).isEqualTo("hand-title");
        page.locator("#undo").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#chip-mat-1")).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(page.locator("#undo")).hasAttribute("aria-disabled", "true");
        assertThat(page.locator("#undo")).isFocused();
        page.locator("#base-width").fill("6");
        page.keyboard().press("Enter");
        assertThat(page.locator("#said")).containsText("6 × 7 in shut, 1 piece");
        List<String> titles = new ArrayList<>();
        for (String station : List.of("", "/fold", "/sheets", "/trim", "/score", "/press", "/make")) {
            page.navigate(at(card + station));
            titles.add(page.title());
        }
        assertThat(titles).doesNotHaveDuplicates().allMatch(title -> title.contains("Keys"));
        page.context().close();
    }

    @ParameterizedTest
    @CsvSource({"390,844,300", "640,400,260"})
    void figuresBeginAboveTheFold(int width, int height, int most) {
        Page page = CHROMIUM.page(width, height, ColorScheme.LIGHT);
        page.navigate(at("/"));
        page.locator(".shelf a").first().click();
        assertThat(box(page.locator(".flat")).y).isLessThan(most);
        assertThat(box(page.locator("#card-name")).width).isGreaterThan(150);
        page.context().close();
    }

    /** The hand is set once for the studio; trimmer and press are drawn with what is measured from at the other side. */
    @Test
    void theLeftHandHasTheFenceAtTheOtherSide() {
        Page page = CHROMIUM.page();
        page.navigate(at("/"));
        String card = page.locator(".shelf a").first().getAttribute("href");
        page.navigate(at(card + "/trim"));
        double right = fence(page);
        page.navigate(at("/studio"));
        page.getByText("left-handed").click();
        page.getByText("Keep", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".notice")).containsText("Kept");
        page.navigate(at(card + "/trim"));
        assertThat(fence(page)).isGreaterThan(right + 100);
        page.navigate(at("/studio"));
        page.getByText("right-handed").click();
        page.getByText("Keep", new Page.GetByTextOptions().setExact(true)).click();
        page.context().close();
    }

    private static double fence(Page page) {
        return box(page.locator(".tool-steps .line-fence").first()).x;
    }

    @Test
    void coloursMotionAndPaperAreAsAskedFor() {
        Page page = CHROMIUM.page();
        page.navigate(at("/"));
        page.getByText("Dynamo").click();
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        String fill = (String) page.locator(".flat svg [data-piece='base'] path")
                .first()
                .evaluate("path => getComputedStyle(path).fill");
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.NONE));
        assertThat(page.locator(".flat svg [data-piece='base'] path")
                        .first()
                        .evaluate("path => getComputedStyle(path).fill"))
                .isEqualTo(fill);

        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        page.locator("[data-key='2']").click();
        assertThat(page.locator(".fold-stage.moving")).isVisible();
        page.locator(".play").click();
        // One press is one step, at once.
        assertThat(page.locator(".fold-at").inputValue()).isEqualTo("100");
        assertThat(page.locator(".play")).hasText("Play");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator(".head")).not().isVisible();
        assertThat(page.locator(".film-picture").first()).isVisible();
        page.context().close();
    }

    @Test
    void aDrawingIsSavedAsItLooks() throws Exception {
        Page page = CHROMIUM.page();
        page.navigate(at("/"));
        page.locator(".shelf a").first().click();
        Download saved =
                page.waitForDownload(() -> page.locator(".flat .save-drawing").click());
        assertThat(saved.suggestedFilename()).endsWith(".svg");
        String svg = Files.readString(saved.path(), StandardCharsets.UTF_8);
        assertThat(svg).contains("mm\"", "stroke-dasharray").doesNotContain("class=");
        Page alone = page.context().newPage();
        alone.setContent(svg);
        assertThat(alone.locator("svg path").first()).isVisible();
        page.context().close();
    }
}
