package kwibbet.bench;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import kwibbet.bench.TrimLine.BareStrip;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.RunLine;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Thrift;
import kwibbet.making.Way;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Edge;
import kwibbet.tool.Press;
import kwibbet.wording.Phrase;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.design;
import static kwibbet.Inches.die;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static kwibbet.Inches.withPress;
import static org.assertj.core.api.Assertions.assertThat;

/** What a run of a card, of a bordered paper and of film, says from the first cut to the last step, word by word. */
class ListWordsTest {

    private static final MeasureSystem INCH = MeasureSystem.INCH;
    private static final PaperId FILM = new PaperId("film");

    private static Paper paper(PaperId id, PaperKind kind, String width, String height, String margin, int cents) {
        return new Paper(
                id,
                id.value(),
                kind,
                new Paper.Format(size(width, height), INCH, in(margin)),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN),
                new Paper.Body(Grain.UNKNOWN, 150, Length.ofMillimetres(1, 4)),
                new Paper.Kept(40, cents),
                Optional.empty());
    }

    private static PaperShelf shelf(int cents) {
        return new PaperShelf(List.of(
                paper(STOCK, PaperKind.CARD_STOCK, "8 1/2", "11", "1/4", 40),
                paper(FILM, PaperKind.FILM, "12", "12", "0", cents)));
    }

    private static RunPlan plan(PaperShelf shelf, int make, Addition... additions) {
        Card card = make(design(folded("4 1/4", "5 1/2"), additions)).orThrow();
        return RunPlan.of(new RunLine(card, new Copies(make, 1)), shelf, Thrift.FEWEST_SHEETS, TOOLS);
    }

    private static final Addition[] WORKED = {
        add("opening", "round", front(), "shape", "oval", "width", "2", "height", "2"),
        add("opening", "corners", on("back-outside"), "shape", "octagon", "width", "2", "height", "1"),
        add("surface", "words", on("back-inside"), "width", "2", "height", "1/2"),
        add("surface", "sign", front(), "width", "2", "height", "1/2", "down", "start"),
        add("mat", "pane", on("front-inside"), "border", "1/2").withPapers(Map.of("paper", FILM))
    };

    private static String text(Phrase phrase) {
        return phrase.text();
    }

    @Test
    void everySettingOfTheTrimmerIsSaid() {
        TrimPlan trim = plan(shelf(75), 5, WORKED).bench().trim();
        assertThat(trim.settings())
                .extracting(setting -> text(setting.heading(INCH)) + ", " + text(setting.aside(INCH)))
                .containsExactly(
                        "1/4 in, 3 cuts",
                        "10 1/2 in, 3 cuts",
                        "1/4 in, 3 cuts",
                        "5 1/2 in, 3 cuts",
                        "8 1/2 in, 3 cuts",
                        "9 in, 1 cut, old blade",
                        "3 1/4 in, 4 cuts, old blade",
                        "4 1/2 in, 3 cuts, old blade");
        assertThat(text(trim.settings().get(0).sentence(INCH))).isEqualTo("Set the fence to 1/4 in.");
        assertThat(text(trim.settings().get(5).sentence(INCH)))
                .isEqualTo("Set the fence to 9 in. Film: use the old blade.");
        TrimLine first = trim.settings().get(0).steps().get(0).line();
        assertThat(text(first.sentence()))
                .isEqualTo("Take the 6 sheets 8 1/2 × 11 in, 2 at once, top edge at the fence, and cut each.");
        assertThat(text(first.result())).isEqualTo("Gives 6 × offcut 8 1/2 × 1/4 in and 6 × strip 8 1/2 × 10 3/4 in.");
        TrimLine film = trim.settings().get(6).steps().get(0).line();
        assertThat(text(film.sentence()))
                .isEqualTo("Take the strip 12 × 9 in, left edge at the fence, and cut 2 times.");
        assertThat(trim.bareOffcuts())
                .extracting(offcut -> text(offcut.sentence(INCH)))
                .containsExactly(
                        "6 offcuts 2 3/4 × 10 1/2 in of sheet A are worth keeping: cut the bare edge off, to 2 1/2 × 10 1/2 in.");
        assertThat(plan(shelf(75), 0, WORKED).bench().trim().bareOffcuts())
                .extracting(offcut -> text(offcut.sentence(INCH)))
                .containsExactly(
                        "The offcut 2 3/4 × 10 1/2 in of sheet A is worth keeping: cut the bare edge off, to 2 1/2 × 10 1/2 in.");
    }

    /** Replayed, each blade by its own order, the lists are the same. */
    @Test
    void theOrderOfEachBladeIsKept() {
        RunPlan plan = plan(shelf(75), 5, WORKED);
        FenceOrders orders = plan.bench().trim().orders();
        assertThat(orders.trimmer()).containsExactly(in("1/4"), in("10 1/2"), in("1/4"), in("5 1/2"), in("8 1/2"));
        assertThat(orders.oldBlade()).containsExactly(in("9"), in("3 1/4"), in("4 1/2"));
        RunPlan again = RunPlan.of(
                plan.lines(),
                shelf(75),
                Thrift.FEWEST_SHEETS,
                TOOLS,
                new KnownLists(KnownPlans.NONE, orders),
                Map.of());
        assertThat(again.bench().trim()).isEqualTo(plan.bench().trim());
    }

    @Test
    void everyStepOfMakingIsSaid() {
        RunPlan plan = plan(shelf(75), 5, WORKED);
        assertThat(plan.makeOf(plan.card(), Way.BATCH).steps())
                .extracting(step -> text(step.sentence(INCH)))
                .containsExactlyInAnyOrder(
                        "Score Base: 4 1/4 in from the left edge.",
                        "Base: stamp “words”, on 2 × 1/2 in, 1 1/8 in from the right and 2 1/2 in from the top.",
                        "Let the ink on Base dry for 2 minutes.",
                        "Base, turned over: stamp “sign”, on 2 × 1/2 in, 1 1/8 in from the right and flush with the top.",
                        "Let the ink on Base dry for 2 minutes.",
                        "Cut the opening in Base, a circle 2 in across: 1 1/8 in from the left, 1 3/4 in from the top.",
                        "Cut the opening in Base, an octagon 2 × 1 in: 5 3/8 in from the left, 2 1/4 in from the top.",
                        "Fold the base along its score, inside faces together, and press the crease flat.",
                        "Put tape on the back of pane, 1/16 in off edges and openings. Leave its liner on.",
                        "Stick pane on the inside front, centred: 1/2 in shows all round.");
    }

    /** Six sheets of .40 and one of .75, and a sixth of that. */
    @Test
    void paperCostsWhatItsSheetsCost() {
        RunPlan plan = plan(shelf(75), 5, WORKED);
        assertThat(plan.cents()).contains(6 * 40L + 75);
        assertThat(plan.paperOfOneCard()).contains(new BigDecimal("0.53"));
        assertThat(plan(shelf(0), 5, WORKED).cents()).isEmpty();
        // What nothing is cut from need not be priced.
        assertThat(plan(shelf(0), 5).cents()).contains(6 * 40L);
    }

    @Test
    void aStripThatCouldBeMistakenIsToldByItsBareEdges() {
        assertThat(new BareStrip(List.of(Edge.RIGHT)).word()).isEqualTo("strip bare at the right,");
        assertThat(new BareStrip(List.of(Edge.LEFT, Edge.TOP, Edge.BOTTOM)).words())
                .isEqualTo("strips bare at the left, the top and the bottom,");
    }

    @Test
    void whatGoesThroughThePressIsSaid() {
        Addition one = add("opening", "one", front(), "shape", "oval", "width", "1", "height", "1");
        Addition dot = add("ornament", "dot", front(), "shape", "oval", "width", "2", "height", "2");
        Card card = make(design(folded("2 3/4", "5"), one, dot)).orThrow();
        RunPlan shared = RunPlan.of(
                new RunLine(card, new Copies(4, 0)),
                shelf(75),
                Thrift.FEWEST_SHEETS,
                withPress(
                        TOOLS.withDies(List.of(die(Kind.OVAL, "1", "1"), die(Kind.OVAL, "2", "2"))),
                        new Press(in("9"), in("9"), 1)));
        assertThat(shared.bench().press().settings())
                .extracting(setting -> text(setting.aside(INCH)) + ": " + text(setting.sentence(INCH)))
                .containsExactly("4 passes: 2 papers lie on the bed together.");
        RunPlan alone = RunPlan.of(
                new RunLine(make(design(folded("2 3/4", "5"), dot)).orThrow(), new Copies(1, 0)),
                shelf(75),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(die(Kind.OVAL, "2", "2"))));
        assertThat(alone.bench().press().settings())
                .extracting(setting -> text(setting.aside(INCH)) + ": " + text(setting.sentence(INCH)))
                .containsExactly("1 pass: One paper at a time.");
    }

    /** A figure between two marks is said with what is lost by it. */
    @Test
    void aFigureBetweenTheMarksIsSaidWithItsError() {
        assertThat(text(Nearest.errorOf(in("3 11/16").roundedTo(Graduation.EIGHTHS), INCH)))
                .isEqualTo(" That is the nearest mark, 1/16 in over.");
        assertThat(text(Nearest.errorOf(in("3 1/32").roundedTo(Graduation.EIGHTHS), INCH)))
                .isEqualTo(" That is the nearest mark, 1/32 in under.");
        assertThat(text(Nearest.errorOf(in("3 1/8").roundedTo(Graduation.EIGHTHS), INCH)))
                .isEmpty();
    }

    @Test
    void theBoardSaysHowAPaperLies() {
        ScoreList score = plan(shelf(75), 5, WORKED).bench().score();
        assertThat(score.settings())
                .extracting(setting -> text(setting.heading(INCH)) + ": " + text(setting.aside(INCH)))
                .containsExactly("4 1/4 in: Against the fence.");
        assertThat(score.isProven()).isTrue();
    }

    /** Built through the panel, a shaker is closed from behind; hung on a mat, a blind is behind it. */
    @Test
    void whatIsStuckBehindIsSaidToBeBehind() {
        assertThat(making(add("shaker", "glow", front(), "built", "through", "width", "2", "height", "2")))
                .anyMatch(words -> words.startsWith("Stick glow on the inside front"))
                .noneMatch(words -> words.startsWith("Stick") && words.contains(" on the front"));
        assertThat(making(
                        add("mat", "wall", front(), "border", "1/8"),
                        add("blind", "blind", on("wall"), "width", "2", "height", "2")))
                .anyMatch(words -> words.startsWith("Stick blind behind wall"))
                .anyMatch(words -> words.startsWith("Stick wall on the front"));
    }

    private static List<String> making(Addition... additions) {
        RunPlan plan = plan(shelf(75), 5, additions);
        return plan.makeOf(plan.card(), Way.ONE).steps().stream()
                .map(step -> text(step.sentence(INCH)))
                .toList();
    }
}
