package kwibbet.app.pages;

import java.util.List;
import java.util.stream.Stream;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Cards of the trade made from an empty card, as a maker makes them: pressed, chosen and typed. The figures are common practice, no source. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:nothing;DB_CLOSE_DELAY=-1", "kwibbet.data=target/nothing"})
@ActiveProfiles("demo")
class CardsFromNothingTest {

    /** Resolved with the status of the next answer, once that stands in the page. */
    private static final String LISTEN =
            """
            void (window.shown = new Promise((done) => document.addEventListener('kwibbet:shown', (event) => done(event.detail.status), { once: true })));""";

    /** Its status, or 0 where none comes for a quarter of a minute. */
    private static final String SHOWN =
            "Promise.race([window.shown, new Promise((late) => { setTimeout(() => late(0), 15_000); })])";

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private Page page;

    /** A line puts something on a face or a layer, names it and sets it; the first sets the base, one that begins with a mark presses a way out. */
    static Stream<Arguments> cards() {
        return Stream.of(
                arguments(
                        "gate",
                        List.of(
                                "width=5 1/2 | height=5 1/2 | doors=own | left=1 3/4 | right=1 3/4",
                                "mat on middle as Strip: fit=size | width=1 3/4 | height=3/4 | down=by | fromTop=1/4 | raised=foam",
                                "mat on Strip as Board: fit=size | down=start | hold=top | width=3 1/2 | height=3 1/2",
                                "bits on Board as Lamps: count=2 | apart=1 1/2 | down=by",
                                "pocket on middle as Pocket: height=1 1/2 | width=3 | down=end"),
                        List.of("Base 9 × 5 1/2", "Strip 1 3/4 × 3/4", "Board 3 1/2 × 3 1/2", "Pocket 3 × 1 1/2"),
                        "and hang it by that on Strip: 7/8 in past the left edge, flush with the top edge."),
                arguments(
                        "folded",
                        List.of(
                                "width=9 | height=4 | fold=top",
                                "mat on front as Ground: border=1/4 | border=1/8",
                                "mat on Ground as Last: fit=size | past=cut | width=3 1/2 | height=2 3/4 | across=by | fromLeft=6 1/4 | raised=glue"),
                        List.of("Base 9 × 8", "Ground 8 3/4 × 3 3/4", "Last 2 1/2 × 2 3/4"),
                        "Put a weight on Last and let the glue dry for 10 minutes."),
                arguments(
                        "folded",
                        List.of(
                                "width=4 1/4 | height=5 1/2",
                                "mat on front as Panel: fit=size | height=5 1/2 | width=3 3/4",
                                "shaker on Panel as Porthole: width=2 1/2 | height=2 1/2 | back=clear",
                                "!open all it sits on in register"),
                        List.of("Base 8 1/2 × 5 1/2", "Panel 3 3/4 × 5 1/2", "Porthole 3 1/2 × 3 1/2"),
                        "Fill Porthole a third full."),
                arguments(
                        "folded",
                        List.of(
                                "width=4 1/4 | height=5 1/2",
                                "mat on front as Wall: fit=size | width=3 1/4 | height=4 1/2",
                                "ornament on Wall as Sign: width=1 3/4 | height=1/2 | backing=dots",
                                "bits on Wall as Gems: count=2 | apart=2 1/4"),
                        List.of("Wall 3 1/4 × 4 1/2", "Sign 1 3/4 × 1/2"),
                        "Stick the 2 gems of Gems on the Wall: the first 1/2 in from the left and 2 1/4 in from the top, then every 2 1/4 in to the right."),
                arguments(
                        "roll",
                        List.of(
                                "width=3 1/2 | height=5",
                                "opening on front as Near window: frame=framed",
                                "opening on flap 1 as Far window: frame=framed | frame=none",
                                "!bring them into register",
                                "ornament on inside flap 1 as Train: width=2 1/2 | height=1 | backing=glue"),
                        List.of("Base 10 7/16 × 5", "Near window 2 1/2 × 2 1/2", "Train 2 1/2 × 1"),
                        "it is held along 3 in of its edge."),
                arguments(
                        "folded",
                        List.of(
                                "height=5 | shortBy=1 1/4",
                                "edge-die on front as Scallops: end=off | shape=Awning",
                                "mat on front as Stall: shape=rectangle | border=1/2",
                                "ribbon on inside back as Bunting: runs=down | across=end | wide=1"),
                        List.of("Base 8 3/4 × 5", "Stall 2 3/4 × 4"),
                        "Cut the edge of Base in the press, with Awning."));
    }

    @ParameterizedTest
    @MethodSource("cards")
    void aCardIsMadeFromNothing(String base, List<String> lines, List<String> pieces, String step) {
        page = CHROMIUM.page();
        page.navigate("http://127.0.0.1:" + port + "/cards/new");
        page.locator("input[name=base][value=" + base + "]")
                .setChecked(true, new Locator.SetCheckedOptions().setForce(true));
        page.locator("#new-name").fill("From nothing");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start the card"))
                .click();
        assertThat(page).hasTitle("From nothing – Kwibbet");
        set(lines.get(0));
        lines.stream().skip(1).forEach(this::follow);
        // The text that stands there, not the one that is shown: what is out of sight is not laid out.
        List<String> chips = page.locator(".chip-words").allTextContents().stream()
                .map(words -> words.replaceAll("(?U)\\s+", " ").strip())
                .toList();
        assertThat(pieces).allSatisfy(piece -> assertThat(chips).anyMatch(chip -> chip.startsWith(piece + " in")));
        assertThat(page.locator("main")).not().containsText("look here");
        page.locator(".run-line a[href*='/make']").click();
        assertThat(page.locator("main")).containsText(step);
        page.context().close();
    }

    private void follow(String line) {
        if (line.startsWith("!")) {
            shown(line, () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(line.substring(1)))
                    .first()
                    .click());
            return;
        }
        String[] parts = line.split(" on | as |: ", -1);
        if (!page.locator("#add-on option:checked").textContent().equals(parts[1])) {
            page.locator("#add-on").selectOption(new SelectOption().setLabel(parts[1]));
        }
        shown(line, () -> page.locator("#add-" + parts[0]).click());
        shown(line, () -> {
            page.locator("#addition-name").fill(parts[2]);
            page.locator("#addition-name").press("Tab");
        });
        assertThat(page.locator("#hand-title")).containsText(parts[2]);
        set(parts[3]);
    }

    private void set(String settings) {
        for (String setting : settings.split(" \\| ", -1)) {
            String[] parts = setting.split("=", -1);
            Locator field = page.locator(".hand [name='" + parts[0] + "']").last();
            String kind = (String) field.evaluate("field => field.tagName + field.type");
            shown(setting, () -> enter(field, kind, parts[0], parts[1]));
            assertThat(page.locator(".hand .help.is-danger")).hasCount(0);
        }
    }

    private void enter(Locator field, String kind, String name, String value) {
        if (kind.startsWith("SELECT")) {
            boolean isKey = field.locator("option[value='" + value + "']").count() > 0;
            field.selectOption(isKey ? new SelectOption().setValue(value) : new SelectOption().setLabel(value));
        } else if (kind.endsWith("radio")) {
            page.locator(".hand [name='" + name + "'][value='" + value + "']").check();
        } else {
            field.fill(value);
            field.press("Tab");
        }
    }

    private void shown(String what, Runnable does) {
        page.evaluate(LISTEN);
        does.run();
        assertThat(page.evaluate(SHOWN)).as(what).isEqualTo(200);
    }
}
