package kwibbet.app.pages;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.SelectOption;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import kwibbet.app.store.Artworks;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Pictures of the maker's own, printed on a card, from the file to the printer's sheets. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:pictures;DB_CLOSE_DELAY=-1", "kwibbet.data=target/pictures"})
@ActiveProfiles("demo")
class PicturesTest {

    private static final String SIGNAL =
            "<svg xmlns='http://www.w3.org/2000/svg' width='3in' height='4in' viewBox='0 0 3 4'><rect width='3' height='4' fill='#f2e9d8'/>"
                    + "<circle cx='1.5' cy='1.4' r='.8' fill='#b4462f'/><rect x='1.4' y='2.2' width='.2' height='1.8'/></svg>";

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    @Autowired
    private Artworks artworks;

    private String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    private static FilePayload file(String name, String text) {
        return new FilePayload(name, "", text.getBytes(StandardCharsets.UTF_8));
    }

    /** The address of the card a page shows. */
    private static String home(Page page) {
        return page.url().replaceAll("(/sheets|\\?).*", "");
    }

    private Page printed(String name) {
        Page page = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        page.navigate(at("/cards/new"));
        page.locator("#new-name").fill(name);
        page.getByText("Start the card").click();
        page.locator("#add-on").selectOption(new SelectOption().setLabel("front"));
        page.locator("#add-mat").click();
        assertThat(page.locator("#hand-title")).containsText("Mat");
        page.locator("#addition-paper").selectOption(new SelectOption().setLabel("Printer white, letter"));
        page.locator("#add-on").selectOption(new SelectOption().setLabel("Mat 1"));
        page.locator("#add-print").click();
        assertThat(page.locator("#hand-title")).containsText("Printed picture");
        return page;
    }

    @Test
    void aPictureIsBroughtPrintedAndCut() throws IOException {
        Page page = printed("Signal");
        // What is no picture is refused beside the list, and the sample stays.
        page.locator("#bring-picture").setInputFiles(file("evil.svg", SIGNAL.replace("<circle", "<script/><circle")));
        page.locator("#bring").click();
        assertThat(page.locator(".help.is-danger:visible")).containsText("has a program in it");
        assertThat(page.locator("#work")).containsText("sample picture");
        page.locator("#bring-picture").setInputFiles(file("Signal at night.svg", SIGNAL));
        page.locator("#bring").click();
        assertThat(page.locator("#work")).containsText("Signal at night");
        String href = page.locator("svg.drawing image").first().getAttribute("href");
        APIResponse shown = page.request().get(at(href));
        assertThat(shown.headers().get("content-type")).isEqualTo("image/jpeg");
        assertThat(shown.headers().get("cache-control")).contains("immutable");

        // A drawing that is saved has its picture in it.
        Download drawing = page.waitForDownload(() -> page.locator(":has(> svg.drawing image) > .save-drawing")
                .first()
                .click());
        assertThat(Files.readString(drawing.path())).contains("data:image/jpeg;base64,");

        page.locator("input[name=make]").fill("3");
        page.locator("input[name=make]").press("Tab");
        page.getByText("Sheets").first().click();
        assertThat(page.locator(".print-first")).containsText("print 1 on Printer white, letter, one face");
        APIResponse file = page.request().get(home(page) + "/printed-sheets.pdf");
        try (PDDocument document = Loader.loadPDF(file.body())) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
        }
        // What is printed lies where it is cut later: the run is settled by it.
        APIResponse settled = page.request()
                .post(home(page) + "/printed-sheets", RequestOptions.create().setHeader("Origin", at("")));
        assertThat(settled.url()).matches(".*/runs/.*/printed-sheets.pdf");
        assertThat(settled.body().length).isEqualTo(file.body().length);
        page.getByText("Trim").first().click();
        assertThat(page.locator("#print-before")).containsText("Print before you cut");
    }

    /** Once a style sheet made all film opaque. */
    @Test
    void whatLiesBehindFilmShowsThrough() {
        Page page = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        page.navigate(at("/"));
        page.getByText("Roundhouse").first().click();
        Object opacity =
                page.locator("svg.drawing path.film").first().evaluate("film => getComputedStyle(film).fillOpacity");
        assertThat(Double.parseDouble(String.valueOf(opacity))).isLessThan(0.6);
    }

    /** A design takes its pictures along: where they are not kept they are kept from then on. */
    @Test
    void aPictureTravelsWithItsDesign() throws IOException {
        Page page = printed("Travelling");
        page.locator("#bring-picture").setInputFiles(file("Travelling.svg", SIGNAL.replace("#b4462f", "#2f6fb4")));
        page.locator("#bring").click();
        assertThat(page.locator("#work")).containsText("Travelling");
        String card = home(page);
        page.navigate(card);
        Download download =
                page.waitForDownload(() -> page.locator("#download-design").click());
        Path kept = download.path();
        page.navigate(at("/inventory/pictures"));
        var taken = page.locator(".pictures li")
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Travelling"));
        assertThat(taken).containsText("on Travelling");
        artworks.all().stream()
                .filter(artwork -> artwork.name().equals("Travelling"))
                .forEach(artwork -> artworks.remove(artwork.id()));
        page.navigate(at("/inventory/pictures"));
        assertThat(taken).hasCount(0);
        // Its card can still be saved as a drawing: with the colour of the picture in its place.
        Page bare = CHROMIUM.page(1280, 800, ColorScheme.LIGHT);
        bare.navigate(card);
        Download drawing = bare.waitForDownload(() -> bare.locator(":has(> svg.drawing image) > .save-drawing")
                .first()
                .click());
        assertThat(Files.readString(drawing.path())).contains("<path").doesNotContain("<image");
        page.navigate(at("/cards/new"));
        page.locator("form.load input[type=file]")
                .setInputFiles(new FilePayload("card.json", "", Files.readAllBytes(kept)));
        page.locator("form.load button").click();
        page.waitForURL(java.util.regex.Pattern.compile("/cards/[0-9a-f-]{30,}"));
        page.navigate(at("/inventory/pictures"));
        assertThat(taken).hasCount(1);
    }
}
