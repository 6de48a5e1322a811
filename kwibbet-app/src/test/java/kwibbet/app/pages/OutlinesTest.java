package kwibbet.app.pages;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptOutline;
import kwibbet.measure.Length;
import kwibbet.outline.OwnShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Size;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Outlines drawn by a maker, read from files, and used on a card. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:outlines;DB_CLOSE_DELAY=-1", "kwibbet.data=target/outlines"})
@ActiveProfiles("demo")
class OutlinesTest {

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    @Autowired
    private Inventory inventory;

    private String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    private OwnShape kept(String name) {
        Optional<KeptOutline> found = inventory.outlines().stream()
                .filter(each -> each.shape().words().equals(name))
                .findFirst();
        return found.orElseThrow().shape();
    }

    private static Size inches(long width, long height) {
        return new Size(Length.ofInches(width), Length.ofInches(height));
    }

    /** What is entered is drawn before anything else is done. */
    private static void enter(Page page, String field, String value, String size) {
        page.locator("#" + field).fill(value);
        page.locator("#" + field).press("Tab");
        assertThat(page.locator(".outline-drawing figcaption")).containsText(size);
    }

    private static void read(Page page, String name, String text) {
        page.locator("#drawing").setInputFiles(new FilePayload(name, "", text.getBytes(StandardCharsets.UTF_8)));
        page.getByText("Read it").click();
    }

    @Test
    void aJarIsDrawnFromABoxAndALidAndCutAsAnOrnament() {
        Page page = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        page.navigate(at("/inventory/outlines"));
        page.getByText("New outline").click();
        enter(page, "p0-height", "3", "3 × 3");
        page.getByText("Add a part").click();
        assertThat(page.locator(".outline-part")).hasCount(2);
        enter(page, "p1-width", "2", "3 × 3");
        enter(page, "p1-height", "2", "3 × 3");
        enter(page, "p1-across", "1/2", "3 × 3");
        enter(page, "p1-down", "-1", "3 × 4");
        // What is wrong is said beside its field, what was typed stays, and so does all else that was not kept yet.
        page.locator("#p1-height").fill("0.38");
        page.locator("#p1-height").press("Tab");
        assertThat(page.locator("#p1-height-help")).containsText("Did you mean 3/8 in?");
        assertThat(page.locator("#p1-height")).hasValue("0.38");
        assertThat(page.locator("#p1-down")).hasValue("-1");
        enter(page, "p1-height", "2", "3 × 4");
        page.locator("#p1-down").fill("9");
        page.locator("#p1-down").press("Tab");
        assertThat(page.getByText("It falls into 2 pieces")).isVisible();
        enter(page, "p1-down", "-1", "3 × 4");
        page.locator("#name").fill("Oil can");
        page.locator(".outline-keep .is-primary").click();
        assertThat(page.locator("h1")).containsText("Oil can");
        OwnShape can = kept("Oil can");
        assertThat(can.size()).isEqualTo(inches(3, 4));
        // A rounded box of 3 × 3 with corners of 1/2, and half a disc of radius 1 on it.
        assertThat(can.area(can.size())).isCloseTo(9 - (4 - Math.PI) / 4 + Math.PI / 2, offset(0.01));

        page.navigate(at("/cards/new"));
        page.locator("#new-name").fill("Oil can card");
        page.getByText("Start the card").click();
        page.locator("#add-ornament").click();
        assertThat(page.locator("#hand-title")).containsText("Ornament 1");
        page.locator("#addition-shape").selectOption(new SelectOption().setLabel("Oil can"));
        assertThat(page.locator("#addition-width")).hasValue("3");
        assertThat(page.locator("#addition-height")).hasValue("4");
        // Laid in as a die it is found for it, and the die has it still when the outline is gone.
        Page tools = page.context().newPage();
        tools.navigate(at("/inventory/dies"));
        tools.locator("#die-name").fill("Oil can");
        tools.locator("#die-shape").selectOption(new SelectOption().setLabel("Oil can"));
        tools.locator("#die-width").fill("3");
        tools.locator("#die-height").fill("4");
        tools.getByText("Lay it in", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(tools.locator(".dies")).containsText("Oil can");
        tools.navigate(at("/inventory/outlines"));
        tools.getByText("Oil can").click();
        tools.getByText("Take it out").last().click();
        assertThat(tools.locator(".outlines")).not().containsText("Oil can");
        page.reload();
        page.locator("a[href*='/press']").first().click();
        assertThat(page.locator(".press-steps")).containsText("Lay Oil can on it");
        page.goBack();
        // Another size stretches it; as what it was it is kept, whatever becomes of the outline.
        page.locator("#addition-height").fill("2");
        page.locator("#addition-height").press("Enter");
        assertThat(page.locator("#work")).containsText("3 × 2 in");
        assertThat(page.locator("#addition-shape")).hasValue("own");
    }

    /** Read by dxf 5.3.1 (a reader of the npm registry, MIT), what is written of an outline has the points it has. */
    @Test
    void whatIsWrittenAsDxfAnotherReaderUnderstands() throws IOException {
        Page page = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        page.navigate(at("/inventory/outlines"));
        page.getByText("Lit window").click();
        Download download = page.waitForDownload(() -> page.getByText("DXF").click());
        assertThat(download.suggestedFilename()).isEqualTo("Lit window.dxf");
        String text = Files.readString(download.path());
        page.navigate("about:blank");
        page.evaluate(new String(
                getClass().getResourceAsStream("/reference/dxf-5.3.1.js").readAllBytes(), StandardCharsets.UTF_8));
        OwnShape window = kept("Lit window");
        List<?> areas = (List<?>) page.evaluate(
                "text => new dxf.Helper(text).toPolylines().polylines.map(line => Math.abs(line.vertices.reduce((sum, at, i, all) => {"
                        + " const next = all[(i + 1) % all.length]; return sum + at[0] * next[1] - next[0] * at[1]; }, 0)) / 2)",
                text);
        List<Double> own =
                new java.util.ArrayList<>(List.of(window.outline(window.size()).area()));
        window.holes(window.size()).stream().map(Outline::area).forEach(own::add);
        assertThat(areas).hasSameSizeAs(own);
        for (int i = 0; i < own.size(); i++) {
            assertThat(((Number) areas.get(i)).doubleValue() / (25.4 * 25.4)).isCloseTo(own.get(i), offset(1e-4));
        }
    }

    @Test
    void aDrawingIsReadItsUnitChosenAndItsLinesSaid() {
        Page page = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        page.navigate(at("/inventory/outlines"));
        read(
                page,
                "spanner.svg",
                "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script>"
                        + "<rect width='96' height='48'/><circle cx='24' cy='24' r='12'/><path d='M60 0V48'/><text>x</text></svg>");
        assertThat(page.locator("h1")).containsText("Spanner");
        assertThat(page.getByText("pixels, 96 to an inch are taken")).isVisible();
        assertThat(page.getByText("It holds a script, which is not run.")).isVisible();
        assertThat(page.locator(".outline-drawing figcaption")).containsText("1 × 1/2 in");
        Locator uses = page.locator(".outline-lines select");
        assertThat(uses).hasCount(3);
        page.locator("#p0-unit").selectOption("MILLIMETRE");
        assertThat(page.locator("#p0-width")).hasValue("96 mm");
        uses.nth(2).selectOption("CREASE");
        uses.nth(1).selectOption("NOTHING");
        assertThat(page.locator(".outline-drawing figcaption")).containsText("not kept yet");
        page.locator("#p0-width").fill("6");
        page.locator("#p0-width").press("Tab");
        assertThat(page.locator("#p0-height")).hasValue("3");
        page.locator(".outline-keep .is-primary").click();
        assertThat(page.locator(".outline-drawing figcaption")).not().containsText("not kept yet");
        OwnShape spanner = kept("Spanner");
        assertThat(spanner.size()).isEqualTo(inches(6, 3));
        assertThat(spanner.holes(spanner.size())).isEmpty();
        assertThat(spanner.creases(spanner.size()))
                .singleElement()
                .satisfies(crease -> assertThat(crease.start().x()).isEqualTo(Length.ofInches(15, 4)));
    }

    @Test
    void whatIsNoDrawingIsSaidBesideTheFile() {
        Page page = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        page.navigate(at("/inventory/outlines"));
        read(page, "notes.svg", "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L9 9L9 0L0 9Z'/></svg>");
        assertThat(page.locator("#drawing-help")).containsText("No line of it is closed without crossing itself");
        read(page, "notes.txt", "to do");
        assertThat(page.locator("#drawing-help")).containsText("It is no DXF drawing in ASCII");
    }
}
