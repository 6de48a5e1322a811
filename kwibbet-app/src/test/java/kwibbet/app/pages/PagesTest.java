package kwibbet.app.pages;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** The real pages with the demo data, as a maker uses them. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:pages;DB_CLOSE_DELAY=-1", "kwibbet.data=target/pages"})
@ActiveProfiles("demo")
class PagesTest {

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private Page page;
    private final List<String> complaints = new ArrayList<>();

    @BeforeEach
    void open() {
        page = CHROMIUM.page();
        page.onConsoleMessage(message -> {
            // A gallery still being drawn when the maker goes on is an answer nobody waits for.
            boolean isAnswer = message.text().contains("422")
                    || message.text().contains("409")
                    || message.text().matches("htmx:(afterRequest|sendAbort|sendError).*");
            if (message.type().equals("error") && !isAnswer) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
        page.onRequest(request -> {
            if (!request.url().startsWith(at("/"))) {
                complaints.add("reaches out to " + request.url());
            }
        });
    }

    @AfterEach
    void nothingWentWrongInTheBrowser() {
        page.context().close();
        assertThat(complaints).isEmpty();
    }

    private String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    private void newCard(String name, String size) {
        page.navigate(at("/cards/new"));
        page.locator("#new-size").selectOption(size);
        page.locator("#new-name").fill(name);
        page.getByRole(AriaRole.BUTTON, named("Start the card")).click();
        assertThat(page).hasTitle(name + " – Kwibbet");
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    private void enter(Locator field, String text) {
        field.fill(text);
        field.press("Tab");
    }

    private void addMat(String paper) {
        int mats = page.locator(".chip[id^='chip-mat-']").count();
        page.locator("#add-mat").click();
        assertThat(page.locator("#hand-title")).containsText("Mat " + (mats + 1));
        page.locator("#addition-paper").selectOption(paper);
        assertThat(chip("mat-" + (mats + 1)))
                .containsText(paper, new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true));
    }

    private Locator chip(String piece) {
        return page.locator("#chip-" + piece);
    }

    private Locator station(int key) {
        return page.locator("[data-key='" + key + "']");
    }

    /** The numbers are common practice, no source: 10 × 7 flat, scored at 5, one base from a 12 × 12 sheet. */
    @Test
    void fromTwoNumbersToAPrintedCutList() {
        newCard("Signal box", "five-by-seven");
        addMat("lamp");
        assertThat(chip("mat-1")).containsText("4\u200a3/4 × 6\u200a3/4 in");
        addMat("oat");
        assertThat(chip("mat-2")).containsText("× 1, Oat, letter");
        enter(page.locator("#make"), "24");
        assertThat(chip("base")).containsText("10 × 7");
        assertThat(chip("base")).containsText("× 24, Night blue");
        assertThat(page.locator("#work svg.drawing").first()).isVisible();

        page.keyboard().press("Escape");
        station(3).click();
        Locator night = page.locator(".paper-plan").first();
        assertThat(night.locator(".readings")).containsText("24");
        assertThat(night.locator(".readings")).containsText("sheets, the fewest");
        assertThat(night.locator(".disc")).hasCount(2);

        station(4).click();
        assertThat(page.locator(".tool-list li").first()).containsText("cuts");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".tool-list [aria-current]")).containsText("2");
        page.keyboard().press("ArrowLeft");
        station(5).click();
        assertThat(page.locator(".tool-steps li")).hasCount(1);
        assertThat(page.locator(".tool-set")).containsText("score in groove");
        assertThat(page.locator(".tool-set .set")).hasText("5 in");
        station(6).click();
        assertThat(page.locator(".quiet-line")).hasText("Nothing to cut with dies.");
        station(7).click();
        assertThat(page.locator(".step-list > li")).hasCount(4);
        assertThat(page.locator(".step-now .sentence")).containsText("Score Base");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".step-now .sentence")).containsText("Fold the base");
        page.locator("#way-one").click();
        assertThat(page.locator("#way-one")).hasAttribute("aria-current", "true");

        APIResponse handout = page.request().get(page.url().replace("/make", "/handout-a4.pdf"));
        assertThat(handout.status()).isEqualTo(200);
        assertThat(handout.body()).startsWith("%PDF-".getBytes(StandardCharsets.US_ASCII));
    }

    /** An ornament no die cuts; a nested set laid in, wrong at first; then the press cuts it, and the paper for it is larger by the metal. */
    @Test
    void aDieLaidInCutsWhatWasCutByHand() {
        newCard("Bell push", "five-by-seven");
        page.locator("#add-ornament").click();
        enter(page.locator("#addition-width"), "1 5/16");
        enter(page.locator("#addition-height"), "1 5/16");
        page.locator("#addition-shape").selectOption("oval");
        assertThat(chip("ornament-1")).containsText("1\u200a5/16");
        String card = page.url().replaceAll("[?].*", "");
        page.keyboard().press("Escape");
        station(6).click();
        assertThat(page.locator(".by-hand")).containsText("you have no die for it");

        page.navigate(at("/inventory/dies"));
        int before = page.locator(".dies li").count();
        page.locator("#die-name").fill("Push");
        page.locator("#die-shape").selectOption("OVAL");
        page.locator("#die-width").fill("15/16");
        page.locator("#die-height").fill("15/16");
        page.locator("#die-step").fill("3/8");
        page.locator("#die-upTo").fill("1/2");
        page.getByRole(AriaRole.BUTTON, named("Lay it in")).click();
        assertThat(page.locator("#die-upTo-help")).containsText("no smaller than the smallest");
        assertThat(page.locator("#die-width")).hasValue("15/16");
        page.locator("#die-upTo").fill("2");
        page.getByRole(AriaRole.BUTTON, named("Lay it in")).click();
        assertThat(page.locator(".dies li")).hasCount(before + 3);

        page.navigate(card + "/press");
        assertThat(page.locator(".tool-set .set")).hasText("1 time");
        assertThat(page.locator(".press-steps")).containsText("Lay Push 1 5/16 on it, metal along the edges");
        assertThat(page.locator(".press-steps")).containsText("paper 1\u200a7/16");
        assertThat(page.locator(".press-bed svg.drawing")).isVisible();
        page.navigate(card + "/trial?at=999");
        assertThat(page.locator(".lead")).hasText("Just what was asked comes out.");
        page.locator("[name='trouble']").selectOption("DIE_SLIPS");
        assertThat(page.locator(".lead")).hasText("Not all comes out as asked.");
    }

    /** A run is cut: paper leaves the shelf, leftovers come into the drawer, and the next run can be asked to use them. */
    @Test
    void leftoversOfOneRunAreUsedByTheNext() {
        newCard("Drawer", "five-by-seven");
        enter(page.locator("#make"), "2");
        page.keyboard().press("Escape");
        String card = page.url().replaceAll("[?].*", "");
        station(3).click();
        page.locator("#settle").click();
        page.locator("#cut-all").click();
        assertThat(page.locator(".notice")).containsText("off the shelf");
        page.navigate(at("/offcuts"));
        assertThat(page.locator(".offcut")).not().hasCount(0);
        page.goBack();
        page.locator(".cuts summary").click();
        page.locator(".cuts button").first().click();
        assertThat(page.locator(".notice")).containsText("on the shelf again");
        page.navigate(at("/offcuts"));
        page.locator("#offcut-paper").selectOption("night");
        page.locator("#offcut-width").fill("10 1/2");
        page.locator("#offcut-height").fill("7 1/4");
        page.locator("#offcut-count").fill("none");
        page.getByRole(AriaRole.BUTTON, named("Put it in")).click();
        assertThat(page.locator("#offcut-count-help")).containsText("whole number");
        page.locator("#offcut-count").fill("1");
        page.getByRole(AriaRole.BUTTON, named("Put it in")).click();
        // It is in the drawer once the form is empty again; to leave before would break off what was sent.
        assertThat(page.locator("#offcut-width")).hasValue("");
        page.navigate(card + "/sheets");
        assertThat(page.locator(".sheets-head .lead")).containsText("2 sheets in all");
        page.locator("#thrift").selectOption("LEFTOVERS_FIRST");
        assertThat(page.locator(".sheets-head .lead"))
                .containsText("1 sheet in all and 1 offcut, and no plan can use fewer");
        page.locator("#undo").click();
        assertThat(page.locator(".sheets-head .lead")).containsText("2 sheets in all, and no plan can use fewer");

        page.navigate(at("/runs/new"));
        page.getByLabel("Drawer").first().check();
        page.getByLabel("Night train").first().check();
        page.locator("#plan-together").click();
        assertThat(page.locator(".lead")).containsText("Cut apart they take");
        assertThat(page.locator(".joint-list > li")).not().hasCount(0);
        assertThat(page.locator("main")).containsText("Night train, Base");
        page.locator("#try-together").click();
        page.locator("#step-all").click();
        assertThat(page.locator(".lead")).hasText("Just what was asked comes out.");
        page.locator("[name='trouble']").selectOption("TRIMMER_OFF");
        assertThat(page.locator(".lead")).hasText("Not all comes out as asked.");
        assertThat(page.locator("tr.trouble").first()).containsText("Drawer, Base");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "#base-width|0|must be 1 to 24 in",
                "#base-width|-3|must be 1 to 24 in",
                "#base-width|999999999|must be 1 to 24 in",
                "#base-height|seven|is not a length",
                "#base-height|0.38|Did you mean 3/8 in",
                "#base-shortBy|5|must stay 1/2 in deep",
                "#make|0|Make 1 to 10 000",
                "#make|1000000|Make 1 to 10 000",
                "#make|99999999999|far too many",
                "#spares|some|whole number"
            })
    void aWrongEntryIsAnsweredBesideItsFieldAndStays(String field, String typed, String message) {
        newCard("Bad day", "five-by-seven");
        enter(page.locator(field), typed);
        String help = page.locator(field).getAttribute("aria-describedby").replaceAll("^.* ", "");
        assertThat(page.locator("#" + help)).containsText(message);
        assertThat(page.locator(field)).hasAttribute("aria-invalid", "true");
        assertThat(page.locator(field)).hasValue(typed);
        assertThat(chip("base")).containsText("10 × 7");
        page.reload();
        assertThat(page.locator("#base-width")).hasValue("5");
        assertThat(page.locator("#undo")).isDisabled();
    }

    @Test
    void aMatLargerThanItsPanelIsRefusedAtItsOwnFields() {
        newCard("Tight fit", "standard");
        addMat("oat");
        chip("mat-1").click();
        page.locator("#addition-fit").selectOption("size");
        enter(page.locator("#addition-height"), "5 1/4");
        assertThat(chip("mat-1")).containsText("4 × 5\u200a1/4 in");
        enter(page.locator("#addition-width"), "4 1/2");
        assertThat(page.locator("#addition-width-help")).containsText("can be at most 4 1/4 in");
        enter(page.locator("#addition-width"), "4 - 1/8");
        assertThat(chip("mat-1")).containsText("3\u200a7/8 × 5\u200a1/4 in");
        chip("base").click();
        enter(page.locator("#base-shortBy"), "1");
        assertThat(page.locator(".hand .help.is-danger").first()).containsText("Mat 1 would be wider");
    }

    @Test
    void undoAndRedoSurviveAReload() {
        newCard("Second thoughts", "five-by-seven");
        enter(page.locator("#base-width"), "4-1/4");
        assertThat(chip("base")).containsText("8\u200a1/2 × 7 in");
        enter(page.locator("#base-height"), "5½");
        assertThat(chip("base")).containsText("8\u200a1/2 × 5\u200a1/2 in");
        page.reload();
        page.locator("#undo").click();
        assertThat(chip("base")).containsText("8\u200a1/2 × 7 in");
        page.locator("body").press("Control+z");
        assertThat(chip("base")).containsText("10 × 7 in");
        assertThat(page.locator("#undo")).isDisabled();
        page.reload();
        page.locator("body").press("Control+Shift+z");
        assertThat(chip("base")).containsText("8\u200a1/2 × 7 in");
    }

    @Test
    void whatIsTypedWhileAnAnswerIsOnItsWayIsSentInItsTurn() {
        newCard("Fast fingers", "five-by-seven");
        page.evaluate(
                "() => { const send = window.fetch;"
                        + "window.fetch = (...asked) => new Promise((done) => setTimeout(done, 700)).then(() => send(...asked)); }");
        enter(page.locator("#base-width"), "6");
        enter(page.locator("#base-height"), "8");
        enter(page.locator("#base-shortBy"), "1");
        assertThat(chip("base")).containsText("11 × 8 in");
        enter(page.locator("#base-width"), "5");
        station(3).click();
        assertThat(page.locator(".paper-plan .yields")).containsText("1 × Base");
        assertThat(page.locator(".paper-plan svg.drawing")).containsText("9 × 8 in");
    }

    @Test
    void theBackButtonTakesBackWhatWasLookedAt() {
        page.navigate(at("/"));
        page.getByText("Lantern evening").click();
        chip("mat-1").click();
        assertThat(page.locator("#hand-title")).containsText("Lamp mat");
        page.locator("#pose-open").click();
        assertThat(page.locator("#pose-open")).hasAttribute("aria-current", "true");
        page.reload();
        assertThat(page.locator("#hand-title")).containsText("Lamp mat");
        assertThat(page.locator("#pose-open")).hasAttribute("aria-current", "true");
        page.goBack();
        assertThat(page.locator("#pose-shut")).hasAttribute("aria-current", "true");
        assertThat(page.locator("#hand-title")).containsText("Lamp mat");
        page.goBack();
        assertThat(page.locator("#hand-title")).containsText("Base");
        assertThat(page.locator(".head .brand")).isVisible();
    }

    @Test
    void metricAndBackChangesNoLength() {
        newCard("Both ways", "a6");
        assertThat(page.locator("#base-width")).hasValue("105");
        page.locator("#in-in").click();
        assertThat(page.locator("#base-width")).hasValue("105 mm");
        page.locator("#in-mm").click();
        assertThat(chip("base")).containsText("210 × 148 mm");
    }

    @Test
    void theKeyboardAloneWillDo() {
        newCard("No mouse", "five-by-seven");
        page.locator("#base-width").focus();
        page.keyboard().press("Control+a");
        page.keyboard().type("6");
        page.keyboard().press("Tab");
        assertThat(chip("base")).containsText("12 × 7");
        assertThat(page.locator("#base-height")).isFocused();
        page.locator("#chip-base").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#chip-base")).isFocused();
        page.keyboard().press("3");
        assertThat(page.locator("#sheets-title")).isAttached();
        page.keyboard().press("1");
        assertThat(page.locator("#base-width")).isVisible();
    }

    /** The steps and the motion: what is chosen in the film is played, and the plies can be spread. */
    @Test
    void aCardIsWatchedAsItCloses() {
        page.navigate(at("/"));
        page.getByText("Dynamo").click();
        assertThat(station(2)).containsText("7 folds, 1 tuck");
        station(2).click();
        assertThat(page.locator(".film-step")).hasCount(10);
        Locator stage = page.locator(".fold-stage.moving");
        assertThat(stage.locator(".leaf:not(.behind)")).hasCount(14);
        page.locator("[data-step='10']").click();
        assertThat(page.locator("[data-step='10']")).hasAttribute("aria-current", "");
        assertThat(page.locator(".now")).hasText("Fold flap 4 over and tuck it under flap 1.");
        assertThat(page.locator(".play")).hasText("Play");
        assertThat(page.locator(".fold-at")).hasValue("1000");
        page.locator(".back").click();
        assertThat(page.locator(".now")).hasText("Draw flap 4 out from under flap 1 and open flap 4.");
        page.locator(".play").focus();
        page.keyboard().press("Enter");
        page.locator(".spread").check();
        assertThat(stage.locator(".leaf:not(.behind)")).hasCount(14);
        page.locator(".fold-at").fill("150");
        assertThat(page.locator("[data-step='2']")).hasAttribute("aria-current", "");
    }

    @Test
    void aPatternOfSomeoneElseIsFoldedOrRefusedBesideTheFile() {
        page.navigate(at("/patterns"));
        pattern("{\"file_spec\": 9}");
        assertThat(page.locator("[role='alert']")).containsText("/file_spec");
        pattern(
                """
                {"file_title": "Roll", "vertices_coords": [[0, 0], [2, 0], [3, 0], [5, 0], [5, 1], [3, 1], [2, 1], [0, 1]],
                 "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 6], [6, 7], [7, 0], [1, 6], [2, 5]],
                 "edges_assignment": ["B", "B", "B", "B", "B", "B", "B", "B", "V", "V"]}""");
        assertThat(page.locator(".reasons li")).containsText("pass through each other");
        assertThat(page.locator(".does-not-fold .disc")).hasCount(3);
        pattern(
                """
                {"file_title": "Half", "vertices_coords": [[0, 0], [1, 0], [2, 0], [2, 1], [1, 1], [0, 1]],
                 "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 4]],
                 "edges_assignment": ["B", "B", "B", "B", "B", "B", "M"]}""");
        assertThat(page.locator("h1")).hasText("Half");
        assertThat(page.locator(".film-step").last()).containsText(Pattern.compile("Fold panel [12] over"));
        assertThat(page.locator(".fold-stage.moving .leaf")).hasCount(2);
    }

    /** Three of our own are at hand, and a file dropped anywhere on the page is loaded. */
    @Test
    void aPatternIsTriedWithoutAFileOrDropped() {
        page.navigate(at("/patterns"));
        page.getByText("A ring with a tuck").click();
        assertThat(page.locator("h1")).hasText("A ring with a tuck");
        assertThat(page.locator(".film-step").last()).containsText("tuck");
        page.navigate(at("/patterns"));
        page.evaluate(
                """
                () => {
                  const data = new DataTransfer();
                  data.items.add(new File(['no pattern'], 'letter.txt', { type: 'text/plain' }));
                  document.body.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
                }""");
        assertThat(page.locator("[role='alert']")).isVisible();
        assertThat(page.getByText("Three of ours to try")).isVisible();
    }

    /** What takes long tells how far it is, and ends in the service too when it is stopped, with what it has. */
    @Test
    void aLargePatternTellsHowFarItIsAndCanBeStopped() {
        page.navigate(at("/patterns"));
        pattern(slantedMap(16, 15));
        assertThat(page.locator(".hunt")).containsText("of the most it takes");
        assertThat(page.locator(".hunt progress")).isVisible();
        page.locator("#stop-study").click();
        assertThat(page.locator("h1")).hasText("pattern.fold");
        assertThat(page.locator("#stopped")).isVisible();
        assertThat(page.locator(".hunt")).hasCount(0);
        pattern(slantedMap(13, 12));
        assertThat(page.locator(".hunt progress")).isVisible();
        page.locator(".film-step").first().waitFor(new Locator.WaitForOptions().setTimeout(120_000));
        assertThat(page.locator("#stopped")).hasCount(0);
    }

    /** A map whose columns zigzag, with no crease assigned. */
    private static String slantedMap(int across, int down) {
        List<String> vertices = new ArrayList<>();
        List<String> edges = new ArrayList<>();
        List<String> folds = new ArrayList<>();
        for (int y = 0; y <= down; y++) {
            for (int x = 0; x <= across; x++) {
                int here = y * (across + 1) + x;
                vertices.add("[" + (x + 0.3 * (y % 2)) + "," + y + "]");
                if (y < down) {
                    edges.add("[" + here + "," + (here + across + 1) + "]");
                    folds.add(x > 0 && x < across ? "\"U\"" : "\"B\"");
                }
                if (x < across) {
                    edges.add("[" + here + "," + (here + 1) + "]");
                    folds.add(y > 0 && y < down ? "\"U\"" : "\"B\"");
                }
            }
        }
        return "{\"vertices_coords\":" + vertices + ",\"edges_vertices\":" + edges + ",\"edges_assignment\":" + folds
                + "}";
    }

    private void pattern(String document) {
        page.locator("#file")
                .setInputFiles(
                        new FilePayload("pattern.fold", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        page.getByRole(AriaRole.BUTTON, named("Fold it")).click();
    }

    @Test
    void aPieceTouchedAnywhereLightsEverywhere() {
        page.navigate(at("/"));
        page.getByText("Lantern evening").click();
        chip("mat-2").hover();
        assertThat(page.locator("svg g.warm[data-piece='mat-2']")).hasCount(3);
        page.locator("svg g[data-piece='mat-2']").last().locator("path").first().click();
        assertThat(page.locator("#hand-title")).containsText("Oat mat");
        assertThat(page.locator("svg g.lit[data-piece='mat-2']")).hasCount(2);
    }

    @Test
    void aBaseIsChosenFromPicturesDrawnAtTheChosenSize() {
        page.navigate(at("/cards/new"));
        assertThat(page.locator(".base-picture svg")).hasCount(13);
        page.locator("#new-size").selectOption("own");
        page.locator("#new-width").fill("1");
        enter(page.locator("#new-height"), "1");
        assertThat(page.locator("#gallery")).containsText("Opening must be 1/2 to 24 in");
        page.locator("#new-size").selectOption("five-by-seven");
        assertThat(page.locator(".base-picture svg")).hasCount(13);
        page.locator("input[name=base][value=wrap-over]").check();
        page.locator("#new-name").fill("Wrapped");
        page.getByRole(AriaRole.BUTTON, named("Start the card")).click();
        enter(page.locator("#base-flap"), "2");
        assertThat(chip("base")).containsText("12 × 7 in");
        enter(page.locator("#base-flap"), "6");
        assertThat(page.locator("#base-flap-help")).containsText("reach past the front by 1 in");
    }

    @Test
    void aMistakeIsShownAndPutRightWithOneClickAndUndone() {
        page.navigate(at("/cards/new"));
        page.locator("input[name=base][value=bridged]").check();
        page.locator("#new-name").fill("Bowing");
        page.getByRole(AriaRole.BUTTON, named("Start the card")).click();
        Locator findings = page.locator(".worth-a-look li");
        assertThat(findings.first()).containsText("so the front bows");
        assertThat(page.locator(".flat .disc").first()).isVisible();
        int before = findings.count();
        page.locator("#remedy-1").click();
        assertThat(chip("ornament-1")).containsText("Bridging ornament");
        assertThat(findings).not().hasCount(before);
        page.locator("#undo").click();
        assertThat(findings).hasCount(before);
    }

    @ParameterizedTest
    @ValueSource(strings = {"INCH", "METRIC"})
    void aFormSentAsItStandsIsTakenAndChangesNothing(String system) {
        page.navigate(at("/"));
        List<?> answers = (List<?>) page.evaluate(
                """
                async (system) => {
                  const part = async (path, sent) => {
                    const answer = await fetch(path, { headers: { 'HX-Request': 'true' }, ...(sent && { method: 'POST', body: sent }) });
                    const html = new DOMParser().parseFromString(await answer.text(), 'text/html');
                    return { status: answer.status, html, version: html.querySelector('[name=version]')?.value };
                  };
                  const answers = [];
                  for (const card of document.querySelectorAll('.shelf a')) {
                    const path = card.getAttribute('href');
                    const version = (await part(path)).version;
                    const whole = await part(`${path}/system`, new URLSearchParams({ version, system }));
                    for (const chip of whole.html.querySelectorAll('.chip')) {
                      const held = await part(chip.getAttribute('href'));
                      const form = held.html.querySelector('.hand form[hx-trigger="change"]');
                      const after = await part(form.getAttribute('action'), new URLSearchParams(new FormData(form)));
                      const said = [...after.html.querySelectorAll('.is-danger')].map((each) => each.textContent).join(' ');
                      const same = after.status === 200 && after.version === held.version;
                      answers.push(same ? 'same' : `${card.textContent.trim()}, ${chip.id}: ${after.status} ${said}`);
                    }
                    await part(`${path}/undo`, new URLSearchParams({ version: whole.version }));
                  }
                  return answers;
                }""",
                system);
        assertThat(answers).allMatch("same"::equals).hasSizeGreaterThan(80);
    }

    @Test
    void layersAreDraggedNudgedAndDoneAllAtOnce() {
        newCard("By hand", "five-by-seven");
        page.locator("#add-ornament").click();
        assertThat(page.locator("#hand-title")).containsText("Ornament 1");
        page.locator("#addition-down").selectOption("start");
        assertThat(page.locator("#addition-down")).hasValue("start");
        assertThat(page.locator("#undo")).hasAttribute("title", "Undo: Ornament 1");
        page.locator(".flat svg g[data-piece='ornament-1']").scrollIntoViewIfNeeded();
        BoundingBox box = page.locator(".flat svg g[data-piece='ornament-1']").boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 40, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        // What is seen while it is dragged is not kept yet.
        assertThat(page.locator("#undo")).hasAttribute("title", "Undo: moving");
        assertThat(page.locator("#addition-down")).hasValue("by");
        String dragged = page.locator("#addition-fromTop").inputValue();
        chip("ornament-1").focus();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(page.locator("#addition-fromTop")).not().hasValue(dragged);
        page.locator("#undo").click();
        assertThat(page.locator("#addition-fromTop")).hasValue(dragged);

        page.locator("#quick-once-more").click();
        assertThat(page.locator("#hand-title")).containsText("Ornament 2");
        page.locator("#undo").click();
        assertThat(chip("ornament-2")).hasCount(0);
        page.locator("#quick-mats").click();
        assertThat(chip("mat-1")).containsText("4\u200a3/4 × 6\u200a3/4 in");
        page.locator("#quick-inside").click();
        assertThat(chip("mat-2")).containsText("Mat 1, inside");
        chip("mat-1").click();
        page.locator("#quick-step").click();
        assertThat(chip("mat-3")).containsText("4\u200a1/2 × 6\u200a1/2 in");
        enter(page.locator("#card-notes"), "Score before lunch");
        page.locator("#pose-section").click();
        assertThat(page.locator(".side-by-side")).containsText("thickest");
        page.reload();
        assertThat(page.locator("#card-notes")).hasValue("Score before lunch");
    }

    @Test
    void aDesignIsDownloadedLoadedDuplicatedAndCompared() {
        page.navigate(at("/"));
        page.getByText("Workshop doors").click();
        APIResponse file = page.request().get(page.url() + "/design.json");
        assertThat(file.headers().get("content-disposition")).contains("Workshop doors.json");
        page.navigate(at("/cards/new"));
        page.locator("#load-file").setInputFiles(new FilePayload("design.json", "application/json", file.body()));
        page.getByRole(AriaRole.BUTTON, named("Load")).click();
        assertThat(page.locator("#card-name")).hasValue("Workshop doors");
        page.locator("#duplicate-card").click();
        assertThat(page.locator("#card-name")).hasValue("Workshop doors, copy");
        page.locator("#compare-card").click();
        assertThat(page.locator(".compared").first()).containsText("Paper for one card");
        page.navigate(at("/cards/new"));
        byte[] damaged =
                file.text().replace("\"width\":\"5 in\"", "\"width\":\"wide\"").getBytes(StandardCharsets.UTF_8);
        page.locator("#load-file").setInputFiles(new FilePayload("design.json", "application/json", damaged));
        page.getByRole(AriaRole.BUTTON, named("Load")).click();
        assertThat(page.locator(".load .help")).containsText("At /base/lengths/width");
    }

    @Test
    void theServiceDescribesItself() {
        APIResponse description = page.request().get(at("/api/openapi"));
        assertThat(description.status()).isEqualTo(200);
        assertThat(description.text()).contains("/api/cards", "/api/bases", "/api/features");
    }

    @Test
    void paperIsLaidInChangedAndTakenOut() {
        page.navigate(at("/inventory"));
        page.locator("#paper-name").fill("Tracing blue");
        enter(page.locator("#paper-sheetWidth"), "wide");
        page.getByRole(AriaRole.BUTTON, named("Lay it in")).click();
        assertThat(page.locator("#paper-sheetWidth-help")).containsText("is not a length");
        assertThat(page.locator("#paper-name")).hasValue("Tracing blue");
        page.locator("#paper-sheetWidth").fill("9");
        page.getByRole(AriaRole.BUTTON, named("Lay it in")).click();
        page.locator(".papers").getByText("Tracing blue").click();
        assertThat(page.locator("#paper-sheetWidth")).hasValue("9");
        page.getByRole(AriaRole.BUTTON, named("Take it out")).click();
        assertThat(page.locator(".papers").getByText("Tracing blue")).hasCount(0);
        page.locator(".papers").getByText("Night blue").click();
        page.getByRole(AriaRole.BUTTON, named("Take it out")).click();
        assertThat(page.locator(".trouble-line")).containsText("Lantern evening");
    }

    @Test
    void aPieceLargerThanItsPaperIsSaidOnTheSheets() {
        newCard("Poster", "five-by-seven");
        enter(page.locator("#base-width"), "20");
        assertThat(station(3)).containsText("needs a look");
        station(3).click();
        assertThat(page.locator(".trouble-line")).containsText("is larger than this sheet, 12 × 12 in");
    }

    @Test
    void whatIsNotThereAndWhatComesFromElsewhereHavePagesOfTheirOwn() {
        page.navigate(at("/"));
        String card = page.locator(".shelf a").first().getAttribute("href");
        APIResponse missing = page.request().get(at("/cards/none"));
        assertThat(missing.status()).isEqualTo(404);
        assertThat(missing.text()).contains("Nothing lies here");
        APIResponse foreign = page.request()
                .post(
                        at(card + "/remove"),
                        RequestOptions.create()
                                .setHeader("Sec-Fetch-Site", "cross-site")
                                .setHeader("Accept", "text/html"));
        assertThat(foreign.status()).isEqualTo(403);
        assertThat(foreign.text()).contains("Not from here");
        assertThat(page.request().get(at(card)).status()).isEqualTo(200);
    }

    /** Also on a station that the page went to by itself, and with a piece in hand. */
    @Test
    void lightOrDarkIsChosenWithoutLeavingThePage() {
        page.navigate(at("/"));
        page.getByText("Lantern evening").click();
        chip("mat-2").click();
        assertThat(page.locator("#hand-title")).containsText("Oat mat");
        for (String theme : List.of("dark", "light")) {
            String there = page.url();
            page.locator(".theme button[value='" + theme + "']").click();
            assertThat(page.locator("html")).hasAttribute("data-theme", theme);
            assertThat(page).hasURL(there);
        }
        assertThat(page.locator("#hand-title")).containsText("Oat mat");
    }

    @Test
    void aCardTakenOffTheShelfCanBePutBack() {
        newCard("Gone and back", "square");
        page.locator("#remove-card").click();
        assertThat(page.locator(".notice")).containsText("“Gone and back” is off the shelf");
        page.getByRole(AriaRole.BUTTON, named("Put it back")).click();
        assertThat(page).hasTitle("Gone and back – Kwibbet");
    }
}
