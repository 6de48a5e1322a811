package kwibbet.app.pages;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitUntilState;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

import kwibbet.app.KwibbetApplication;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** What is typed and pressed arrives: once, in order, whoever is slow, was faster, or does not answer. The service is stopped and started again. */
class EditingTest {

    private static final String SLOW =
            """
            void (window.fetch = ((send) => (...asked) => new Promise((done) => { setTimeout(done, 400); }).then(() => send(...asked)))(window.fetch));""";

    /** Nothing is sent (void: what a script comes to is run too if it is a function) before {@code window.letGo()} is called: what the page says meanwhile can be looked at without a clock. */
    private static final String HELD =
            """
            void (window.fetch = ((send, held) => (...asked) => held.then(() => send(...asked)))(window.fetch, new Promise((go) => { window.letGo = go; })));""";

    @TempDir
    private static Path folder;

    private static int port;

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    private static ConfigurableApplicationContext service;

    private Page page;
    private final List<String> posts = new ArrayList<>();

    @BeforeAll
    static void start() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        serve();
    }

    private static void serve() {
        service = new SpringApplicationBuilder(KwibbetApplication.class)
                .run("--server.port=" + port, "--kwibbet.data=" + folder, "--spring.profiles.active=demo");
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    @BeforeEach
    void open() {
        page = CHROMIUM.page();
        page.onRequest(request -> {
            if (request.method().equals("POST")) {
                posts.add(request.url().replaceAll("^.*/cards/[0-9a-f-]+", ""));
            }
        });
    }

    @AfterEach
    void close() {
        page.context().close();
    }

    private static String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    private void newCard(String name) {
        page.navigate(at("/cards/new"));
        page.locator("#new-name").fill(name);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start the card"))
                .click();
        assertThat(page).hasTitle(name + " – Kwibbet");
        posts.clear();
        page.evaluate("window.isTheSamePage = true");
    }

    private void isTheSamePage() {
        assertThat(page.evaluate("window.isTheSamePage === true")).isEqualTo(true);
    }

    private Locator chip(String piece) {
        return page.locator("#chip-" + piece);
    }

    private void add(String feature) {
        page.locator("#add-" + feature).click();
        assertThat(chip(feature + "-1")).isVisible();
    }

    private void undo() {
        page.locator("#undo").click();
    }

    /** Also after the part of the page was exchanged, where buttons for pages without script could be taken for real ones. */
    @Test
    void enterLeavesAFieldAndSendsOnce() {
        newCard("Enter");
        for (String width : List.of("6", "5 1/2", "6")) {
            page.locator("#base-width").fill(width);
            page.locator("#base-width").press("Enter");
            assertThat(page.locator(".flat svg.drawing")).containsText(width.equals("6") ? "12" : "11");
        }
        assertThat(page.locator("#base-width")).isFocused();
        page.locator("#card-name").fill("Entered");
        page.locator("#card-name").press("Enter");
        assertThat(page).hasTitle("Entered – Kwibbet");
        isTheSamePage();
        assertThat(posts).containsExactly("/base", "/base", "/base", "/name");
    }

    @Test
    void aChoiceRightAfterAFigureIsKeptAsAStepOfItsOwn() {
        newCard("Tick");
        page.evaluate(SLOW);
        page.locator("#base-width").fill("6");
        page.locator("#base-fold-top").click();
        assertThat(chip("base")).containsText("6 × 14 in");
        add("mat");
        page.locator("#addition-border").fill("1/4");
        page.locator("#addition-hollow").selectOption("cut");
        page.locator("#addition-name").fill("Raised");
        page.locator("#make").fill("8");
        chip("mat-1").click();
        assertThat(chip("mat-1")).containsText("Raised");
        assertThat(chip("mat-1")).containsText("5\u200a1/2 × 6\u200a1/2 in");
        assertThat(chip("mat-1")).containsText("× 8");
        assertThat(page.locator("#addition-hollow")).hasValue("cut");
        Stream.of("the count", "Mat 1", "Mat 1", "Mat 1", "adding mat", "the base", "the base")
                .forEach(step -> undo());
        assertThat(page.locator("#undo")).hasAttribute("aria-disabled", "true");
        assertThat(chip("base")).containsText("10 × 7 in");
        assertThat(page.locator("#undo")).isFocused();
    }

    /** A mouse goes down on a tick, which leaves the field before; its answer is there before the mouse goes up. */
    @Test
    void aSlowPressIsAPressAllTheSame() {
        newCard("Slow press");
        page.locator("#base-width").fill("6");
        BoundingBox tick = page.locator("#base-fold-top").boundingBox();
        page.mouse().move(tick.x + tick.width / 2, tick.y + tick.height / 2);
        page.mouse().down();
        page.waitForTimeout(900);
        assertThat(posts).containsExactly("/base");
        page.mouse().up();
        assertThat(chip("base")).containsText("6 × 14 in");
        assertThat(page.locator("#base-fold-top")).isChecked();
    }

    @Test
    void heldArrowsAreOneStepAndNothingIsRefused() {
        newCard("Arrows");
        add("ornament");
        page.locator("#addition-down").selectOption("by");
        assertThat(page.locator("#addition-fromTop")).isVisible();
        String before = page.locator("#addition-fromTop").inputValue();
        List<Integer> refused = new ArrayList<>();
        page.onResponse(response -> {
            if (response.status() >= 400) {
                refused.add(response.status());
            }
        });
        chip("ornament-1").focus();
        page.keyboard().down("Alt");
        for (int i = 0; i < 16; i++) {
            page.keyboard().down("ArrowDown");
        }
        page.keyboard().up("ArrowDown");
        page.keyboard().up("Alt");
        int inchesBefore = Integer.parseInt(before.substring(0, before.indexOf(' ')));
        assertThat(page.locator("#addition-fromTop"))
                .hasValue(before.replaceFirst("^" + inchesBefore, String.valueOf(inchesBefore + 1)));
        undo();
        assertThat(page.locator("#addition-fromTop")).hasValue(before);
        assertThat(refused).isEmpty();
    }

    @Test
    void aLayerPlacedByItsBorderSaysWhatMovingItNeeds() {
        newCard("By border");
        add("mat");
        chip("mat-1").focus();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.locator(".hand [role='alert']")).containsText("Set Size to “fixed” to move it");
        assertThat(page.locator("#card-name")).hasValue("By border");
        assertThat(page.locator("#addition-border")).hasValue("1/8");
    }

    @Test
    void thePageBeforeShowsWhatWasDoneOnTheNext() {
        newCard("Before");
        page.locator("[data-key='3']").click();
        assertThat(page.locator("#sheets-title")).isAttached();
        page.locator("#make").fill("9");
        page.locator("#make").press("Tab");
        assertThat(page.locator(".paper-plan .yields").first()).containsText("1 × Base");
        assertThat(page.locator("#undo")).hasAttribute("title", "Undo: the count");
        page.evaluate("history.back()");
        assertThat(page.locator("#sheets-title")).hasCount(0);
        assertThat(page.locator("#make")).hasValue("9");
        page.locator("#base-width").fill("6");
        page.locator("#base-width").press("Tab");
        assertThat(chip("base")).containsText("12 × 7 in");
        assertThat(chip("base")).containsText("× 9");
    }

    /** A page that the browser kept while it was left is shown again as it was, and told so; browsers without windows keep none. */
    @Test
    void aPageGoneBackToIsUpToDateBeforeItIsUsed() {
        newCard("Back");
        Page onward = page.context().newPage();
        onward.navigate(page.url());
        onward.locator("#make").fill("9");
        onward.locator("#make").press("Tab");
        assertThat(onward.locator("#undo")).hasAttribute("title", "Undo: the count");
        assertThat(page.locator("#make")).not().hasValue("9");
        page.evaluate("window.dispatchEvent(new PageTransitionEvent('pageshow', { persisted: true }))");
        assertThat(page.locator("#make")).hasValue("9");
        isTheSamePage();
        page.locator("#base-width").fill("6");
        page.locator("#base-width").press("Tab");
        assertThat(chip("base")).containsText("12 × 7 in");
        assertThat(chip("base")).containsText("× 9");
    }

    @Test
    void whatWasTypedStandsOnTheCardAsItIsNowOrIsDoneToIt() {
        newCard("Two tabs");
        Page other = page.context().newPage();
        other.navigate(page.url());
        page.locator("#base-width").fill("6");
        page.locator("#base-width").press("Tab");
        assertThat(chip("base")).containsText("12 × 7");
        other.locator("#base-height").fill("8");
        other.locator("#base-height").press("Tab");
        assertThat(other.locator("#notice")).containsText("changed elsewhere");
        other.locator("[data-afresh='theirs']").click();
        assertThat(other.locator("#base-width")).hasValue("6");
        assertThat(other.locator("#base-height")).hasValue("8");
        assertThat(other.locator("#chip-base")).containsText("12 × 7 in");
        assertThat(other.locator("#base-height")).isFocused();
        other.locator("#base-height").press("Enter");
        assertThat(other.locator("#chip-base")).containsText("12 × 8 in");

        page.locator("#base-fold-top").click();
        assertThat(page.locator("#notice")).containsText("changed elsewhere");
        page.locator("[data-afresh='mine']").click();
        assertThat(chip("base")).containsText("6 × 16 in");
    }

    @Test
    void whatIsTypedWhileNobodyAnswersIsSentWhenSomebodyDoes() {
        newCard("Stopped");
        Page paper = page.context().newPage();
        paper.navigate(at("/inventory"));
        service.close();
        double top = page.locator("#base-fold-top").boundingBox().y;
        page.locator("#base-width").fill("6");
        page.locator("#base-fold-top").click();
        assertThat(page.locator("#notice")).containsText("does not answer");
        // What is said on the way of the finger must not move what it is about to press.
        assertThat(page.locator("#base-fold-top").boundingBox().y).isEqualTo(top);
        page.locator("#base-height").fill("8");
        assertThat(page.locator("#base-width")).hasValue("6");
        paper.locator("#paper-name").fill("Dusk");
        paper.getByText("Lay it in").first().click();
        assertThat(paper.locator("#notice")).containsText("does not answer");
        assertThat(paper.locator("#paper-name")).hasValue("Dusk");

        serve();
        assertThat(chip("base")).containsText("6 × 14 in");
        assertThat(page.locator("#base-height")).hasValue("8");
        assertThat(page.locator("#base-height")).isFocused();
        page.locator("#base-height").press("Tab");
        assertThat(chip("base")).containsText("6 × 16 in");
        assertThat(page.locator("#notice")).isEmpty();
        assertThat(paper.locator(".papers").getByText("Dusk")).isVisible();
        isTheSamePage();
    }

    @Test
    void aButtonPressedTwiceActsOnceAndWhatTakesLongIsSaid() {
        newCard("Twice");
        page.evaluate(HELD);
        page.locator("#add-mat").dblclick();
        assertThat(page.locator("#busy")).isVisible();
        page.evaluate("void window.letGo()");
        assertThat(chip("mat-1")).isVisible();
        assertThat(page.locator("#busy")).not().isVisible();
        assertThat(posts).containsExactly("/additions");
        page.navigate(at("/cards/new"));
        page.locator("#new-name").fill("Started once");
        page.getByText("Start the card").dblclick();
        assertThat(page).hasTitle("Started once – Kwibbet");
        page.navigate(at("/"));
        assertThat(page.locator(".shelf").getByText("Started once")).hasCount(1);
    }

    /** What takes longer than a moment says so and can be stopped; what was entered stays, and can be sent again. */
    @Test
    void whatTakesLongCanBeStopped() {
        page.navigate(at("/cards/new"));
        page.locator("#new-name").fill("Never mind");
        page.evaluate(SLOW.replace("400", "4000"));
        page.getByText("Start the card").click();
        page.locator("#stop-waiting").click();
        assertThat(page.locator("#busy")).not().isVisible();
        page.waitForTimeout(4_500);
        assertThat(page).hasTitle("New card – Kwibbet");
        assertThat(page.locator("#new-name")).hasValue("Never mind");
    }

    @Test
    void theCaretStaysAndSoDoesWhatWasRefusedElsewhere() {
        newCard("Caret");
        page.locator("#make").fill("some");
        page.locator("#make").press("Tab");
        assertThat(page.locator("#count-help")).containsText("whole number");
        page.evaluate(SLOW);
        page.locator("#base-width").fill("6");
        page.locator("#base-height").fill("7 1/4");
        page.locator("#base-height").evaluate("field => field.setSelectionRange(1, 1)");
        assertThat(chip("base")).containsText("12 × 7 in");
        assertThat(page.locator("#base-height")).isFocused();
        assertThat(page.locator("#base-height").evaluate("field => field.selectionStart"))
                .isEqualTo(1);
        page.keyboard().type("0");
        assertThat(page.locator("#base-height")).hasValue("70 1/4");
        assertThat(page.locator("#make")).hasValue("some");
        assertThat(page.locator("#count-help")).containsText("whole number");
    }

    @Test
    void whatIsChosenStandsUntilItsButtonIsPressed() {
        newCard("Choice");
        page.evaluate(SLOW);
        page.locator("#base-width").fill("6");
        page.locator("#add-on").focus();
        page.locator("#add-on").selectOption("back-outside");
        assertThat(chip("base")).containsText("12 × 7 in");
        assertThat(page.locator("#add-on")).hasValue("back-outside");
        // What is taken in hand is where the next thing goes.
        add("mat");
        chip("base").click();
        assertThat(page.locator("#hand-title")).containsText("Base");
        chip("mat-1").click();
        assertThat(page.locator("#add-on")).hasValue("mat-1");
    }

    /**
     * How often a hand touches the page until a card is there: 54 to 89 times, before a panel that is touched offered what goes on it. Fields that are typed
     * into count as one.
     */
    @Test
    void aCardTakesFewTouches() {
        int window = touches(
                "gate",
                "left-outside mat",
                "right-outside mat",
                "middle-inside mat",
                "right-outside tie",
                "middle-inside opening");
        assertThat(page.locator(".chips .chip")).hasCount(6);
        // What is put on a panel that has a layer lies on that, not under it.
        chip("tie-1").click();
        assertThat(page.locator("#addition-on")).hasValue("mat-2");
        int shaker = touches(
                "folded", "front-outside mat", "mat-1 shaker", "back-inside mat", "back-outside mat", "mat-1 ornament");
        assertThat(page.locator("#chip-shaker-1")).isVisible();
        int wheel = touches(
                "pinwheel",
                "flap-1-outside mat",
                "flap-2-outside mat",
                "flap-3-outside mat",
                "flap-4-outside mat",
                "middle-inside mat",
                "middle-inside magnets");
        assertThat(page.locator("#chip-mat-5")).isVisible();
        assertThat(List.of(window, shaker, wheel)).allMatch(touches -> touches <= 20);
    }

    /** Starts a card from an empty page and puts one thing after the other on it; gives how often something was touched. */
    private int touches(String base, String... things) {
        page.navigate(at("/cards/new"));
        page.locator("[name=base][value=" + base + "]").check();
        page.getByText("Start the card").click();
        int touches = 2;
        for (String thing : things) {
            int blank = thing.indexOf(' ');
            String place = thing.substring(0, blank);
            String what = thing.substring(blank + 1);
            if (place.contains("-outside") || place.contains("-inside")) {
                String look = place.contains("inside") ? "open" : place.startsWith("back") ? "behind" : "shut";
                if (page.locator("#pose-" + look + "[aria-current]").count() == 0) {
                    page.locator("#pose-" + look).click();
                    assertThat(page.locator("#pose-" + look)).hasAttribute("aria-current", "true");
                    touches++;
                }
                page.locator(".done svg [data-piece='face:" + place + "'] path")
                        .first()
                        .dispatchEvent("click");
                assertThat(page.locator("h2 + .put-on #add-on")).isVisible();
            } else {
                chip(place).click();
                assertThat(page.locator("#add-on")).hasValue(place);
            }
            page.waitForResponse(response -> response.url().endsWith("/additions"), () -> page.locator("#add-" + what)
                    .click());
            assertThat(page.locator("html.is-busy")).hasCount(0);
            touches += 2;
        }
        return touches;
    }

    /** The figures of the plan come after the drawing: those of before stand there until then, told apart. Where nobody answers they are asked for again. */
    @Test
    void figuresFollowTheDrawing() {
        newCard("Figures");
        Locator trim = page.locator(".run-line [data-key='4'] .reading");
        String before = trim.innerText();
        List<Route> asked = new ArrayList<>();
        page.route("**/figures?*", asked::add);
        add("mat");
        page.waitForCondition(() -> asked.size() == 1);
        assertThat(trim).hasClass("reading awaited");
        assertThat(trim).hasText(before);
        asked.get(0).abort();
        page.waitForCondition(() -> asked.size() == 2);
        asked.get(1).resume();
        assertThat(trim).hasClass("reading");
        assertThat(trim).not().hasText(before);
        String after = page.locator(".run-line nav").innerText();
        page.unroute("**/figures?*");
        page.reload();
        assertThat(page.locator(".run-line nav").innerText()).isEqualTo(after);
    }

    /** Quick fingers are there before the scripts of a page are. */
    @Test
    void whatIsTypedBeforeThePageIsReadyIsKept() {
        newCard("Early");
        String card = page.url();
        page.navigate(at("/"));
        List<Route> script = new ArrayList<>();
        page.route("**/js/edits.js", script::add);
        page.navigate(card, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        Locator make = page.locator("#make");
        make.fill("17");
        Locator grain = page.locator("#base-grain");
        grain.check();
        page.waitForCondition(() -> !script.isEmpty());
        assertThat(posts).isEmpty();
        script.get(0).resume();
        page.unroute("**/js/edits.js");
        page.waitForCondition(() -> posts.size() == 2);
        assertThat(page.locator("html.is-busy")).hasCount(0);
        page.reload();
        assertThat(make).hasValue("17");
        assertThat(grain).isChecked();
    }

    /** Whoever works far down a page stays there when something is taken in hand. */
    @Test
    void thePageStaysWhereItIs() {
        newCard("Down");
        add("mat");
        page.setViewportSize(1280, 500);
        page.evaluate("window.scrollTo(0, 600)");
        page.waitForFunction("() => window.scrollY > 300");
        int before = ((Number) page.evaluate("() => window.scrollY")).intValue();
        chip("base").click();
        assertThat(page.locator("#hand-title")).containsText("Base");
        assertThat(((Number) page.evaluate("() => window.scrollY")).intValue()).isGreaterThan(before - 100);
        page.setViewportSize(390, 800);
        page.locator("[data-key='7']").click();
        assertThat(page.locator(".run-line [aria-current]")).isInViewport();
    }

    /** Where a choice asks for a figure of its own, that figure can be entered, and what was refused says so beside a field that is there. */
    @Test
    void aPlaceByDistanceStartsWhereTheLayerLies() {
        newCard("Placed");
        add("mat");
        page.locator("#addition-fit").selectOption("size");
        page.locator("#addition-width").fill("4 3/4");
        page.locator("#addition-width").press("Tab");
        page.locator("#addition-across").selectOption("by");
        assertThat(page.locator("#addition-fromLeft")).hasValue("1/8");
        page.locator("#addition-fromLeft").fill("1");
        page.locator("#addition-fromLeft").press("Tab");
        assertThat(page.locator("#addition-fromLeft-help")).containsText("would stick out");
        assertThat(page.locator("#card-name")).hasValue("Placed");
        page.locator("#addition-fromLeft").fill("1/4");
        page.locator("#addition-fromLeft").press("Tab");
        assertThat(page.locator("#addition-fromLeft-help")).isEmpty();
        assertThat(page.locator("#undo")).hasAttribute("title", "Undo: Mat 1");
    }

    /** The whole studio out as a file, something lost and something changed, and back: nothing is overwritten unasked. */
    @Test
    void aBackupIsDownloadedAndBroughtBack() {
        newCard("Kept aside");
        String card = page.locator("#work").getAttribute("data-path");
        page.navigate(at("/studio/backup"));
        Download backup =
                page.waitForDownload(() -> page.locator("#download-backup").click());
        assertThat(backup.suggestedFilename()).matches("kwibbet-\\d{4}-\\d\\d-\\d\\d\\.zip");
        Path file = folder.resolve("backup.zip");
        backup.saveAs(file);
        page.navigate(at(card));
        page.locator("#card-name").fill("Changed since");
        page.locator("#card-name").press("Enter");
        assertThat(page).hasTitle("Changed since – Kwibbet");

        for (String way : List.of("KEEP", "REPLACE")) {
            page.navigate(at("/studio/backup"));
            page.locator("#backup-file").setInputFiles(file);
            page.getByText("See what it holds").click();
            assertThat(page.locator("table")).containsText("cards with their history");
            page.locator("input[value='" + way + "']").check();
            page.locator("#bring-back").click();
            assertThat(page.locator(".notice")).containsText("brought back");
            page.navigate(at(card));
            assertThat(page).hasTitle((way.equals("KEEP") ? "Changed since" : "Kept aside") + " – Kwibbet");
        }
        page.navigate(at("/studio/backup"));
        page.locator("#backup-file")
                .setInputFiles(new FilePayload("backup.zip", "application/zip", new byte[] {'P', 'K', 3, 4, 9}));
        page.getByText("See what it holds").click();
        assertThat(page.locator("#backup-help")).containsText("no whole backup");
    }

    /** Two tabs with the same paper: the second is told, keeps what was typed, and sent again it is kept. */
    @Test
    void aPaperChangedElsewhereIsNotOverwrittenUnseen() {
        page.navigate(at("/inventory?paper=cogs"));
        Page other = page.context().newPage();
        other.navigate(at("/inventory?paper=cogs"));
        page.locator("#paper-onHand").fill("40");
        page.locator("#paper-price").fill("0.95");
        page.getByText("Keep the change").click();
        assertThat(page.locator(".papers")).containsText("40 sheets on hand");
        other.locator("#paper-weight").fill("190");
        other.getByText("Keep the change").click();
        assertThat(other.locator(".hand [role='alert']")).containsText("changed elsewhere");
        assertThat(other.locator("#paper-weight")).hasValue("190");
        other.getByText("Keep the change").click();
        assertThat(other.locator(".papers")).containsText("190 g/m²");
        // It was not counted here: what came in the meantime is there.
        assertThat(other.locator(".papers")).containsText("40 sheets on hand");
    }

    /** By clicks: more than there is, found, taken back, to be seen among what came and went. */
    @Test
    void aRunThatIsCutIsBookedOnceAndTakenBackToTheLastSheet() {
        page.navigate(at("/inventory/papers/moss/movements"));
        String before = page.locator(".lead").innerText();
        page.navigate(at("/"));
        page.locator(".shelf a", new Page.LocatorOptions().setHasText("Hill climb"))
                .click();
        page.locator(".run-line a", new Page.LocatorOptions().setHasText("Sheets"))
                .click();
        page.locator("#make").fill("400");
        page.locator("#make").press("Enter");
        assertThat(page.locator(".sheets-head .lead")).not().containsText("23 sheets");
        page.waitForSelector("#settle", new Page.WaitForSelectorOptions().setTimeout(60_000));
        page.locator("#settle").click();
        page.waitForSelector("#cut-all", new Page.WaitForSelectorOptions().setTimeout(60_000));
        Page other = page.context().newPage();
        other.navigate(page.url());
        page.locator("#cut-all").click();
        assertThat(page.locator(".shortages")).containsText("short by");
        page.locator("#found").click();
        assertThat(page.locator(".notice")).containsText("off the shelf");
        assertThat(page.locator("#run-cut")).hasText("All of them are cut.");
        other.locator("#cut-all").click();
        assertThat(other.locator(".notice")).containsText("already");
        page.locator(".cuts summary").click();
        page.locator(".cuts button").first().click();
        assertThat(page.locator(".notice")).containsText("on the shelf again");
        assertThat(page.locator("#run-cut")).hasText("0 of them cut.");
        page.navigate(at("/inventory/papers/moss/movements"));
        assertThat(page.locator(".lead")).hasText(before);
        assertThat(page.locator(".movements tbody tr").first()).containsText("taken back");
        assertThat(page.locator(".movements")).containsText("found on the shelf");
    }

    /** By clicks: a card is settled, cut in part and changed; the lists stay until they are taken over, and what is cut stays cut. */
    @Test
    void aRunIsCutSheetAfterSheetWhateverBecomesOfItsCard() {
        page.navigate(at("/"));
        page.locator(".shelf a", new Page.LocatorOptions().setHasText("Night train"))
                .first()
                .click();
        String card = page.url();
        page.locator(".run-line a", new Page.LocatorOptions().setHasText("Sheets"))
                .click();
        page.waitForSelector("#settle", new Page.WaitForSelectorOptions().setTimeout(60_000));
        page.locator("#settle").click();
        page.waitForURL("**/runs/*");
        String run = page.url();
        String lists = page.locator(".joint-list").first().innerText();
        page.locator("[name='sheets-A']").fill("900");
        page.locator("#cut-A").click();
        assertThat(page.locator(".cut-some .help").first()).containsText("So many are not left");
        page.locator("[name='sheets-A']").fill("1");
        page.locator("#cut-A").click();
        assertThat(page.locator("#cut-of-A")).containsText("1 of ");
        assertThat(page.locator("h1")).containsText("begun");
        page.locator("#scored").fill("99999");
        page.locator("#keep-work").click();
        assertThat(page.locator(".work-done .help")).containsText("It is 0 to ");
        page.locator("#scored").fill("2");
        page.locator("#keep-work").click();
        assertThat(page.locator(".work-done .help")).hasCount(0);
        assertThat(page.locator("#scored")).hasValue("2");

        page.navigate(card);
        assertThat(page.locator(".run-strip")).containsText("1 sheet cut");
        page.locator("#make").fill("31");
        page.locator("#make").press("Enter");
        assertThat(page.locator(".run-strip")).containsText("The card has changed since");
        page.navigate(run);
        assertThat(page.locator("#changed-title")).isVisible();
        assertThat(page.locator(".joint-list").first().innerText()).isEqualTo(lists);
        page.locator("#take-over").click();
        assertThat(page.locator("#changed-title")).hasCount(0);
        assertThat(page.locator("#cut-before")).containsText("1 sheet had been cut before");
        assertThat(page.locator(".work-done")).containsText("Of 33 cards");
        page.locator("#run-done").click();
        assertThat(page.locator(".run-list li").first()).containsText("done");
        page.navigate(run);
        page.locator("#run-away").click();
        assertThat(page.locator(".put-away")).containsText("Night train");
    }

    /** By clicks: a day of two cards is planned, changed, settled and printed; without a card there is none. */
    @Test
    void aCuttingDayIsPlannedSettledAndPrinted() {
        page.navigate(at("/runs/new"));
        page.locator("#plan-together").click();
        assertThat(page.locator("main .help.is-danger")).hasText("Choose at least one card.");
        page.locator("[name='card']").nth(0).check();
        page.locator("[name='card']").nth(1).check();
        page.locator("#run-name").fill("Market day");
        page.locator("#plan-together").click();
        assertThat(page.locator("h1")).containsText("Market day");
        Locator count = page.locator("[name^='make-']").first();
        count.fill("10001");
        page.locator("#change-run").click();
        assertThat(page.locator(".open-run .help.is-danger").first()).containsText("Make 1 to 10 000");
        assertThat(count).hasValue("10001");
        count.fill("3");
        page.locator("#change-run").click();
        assertThat(page.locator(".open-run .help.is-danger")).hasCount(0);
        assertThat(count).hasValue("3");
        page.locator("#settle-run").click();
        assertThat(page.locator("#run-done")).isVisible();
        assertThat(page.locator("h1")).containsText("settled");
        APIResponse printed = page.request().get(page.url() + "/lists-a4.pdf");
        assertThat(printed).isOK();
        assertThat(printed.body()).hasSizeGreaterThan(20_000);
        page.navigate(at("/runs"));
        assertThat(page.locator(".run-list li").first()).containsText("Market day");
    }

    /** Marks and a wrong length in one form: corrected, the form says what was chosen, and so do the tools. */
    @Test
    void aChoiceBesideAWrongFigureIsNotForgotten() {
        page.navigate(at("/inventory/tools"));
        page.locator("#tool-marks").selectOption("1 mm");
        page.locator("#tool-longestCut").fill("two");
        page.getByText("Keep the tools").click();
        assertThat(page.locator("#tool-longestCut-help")).containsText("is not a length");
        assertThat(page.locator("#tool-marks")).hasValue("1 mm");
        page.locator("#tool-longestCut").fill("12");
        page.getByText("Keep the tools").click();
        assertThat(page.locator("#tool-longestCut-help")).isEmpty();
        assertThat(page.locator("#tool-marks")).hasValue("1 mm");
        page.locator("#tool-marks").selectOption("1/16 in");
        page.getByText("Keep the tools").click();
        assertThat(page.locator("#tool-marks")).hasValue("1/16 in");
    }
}
