package kwibbet.press;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.Thrift;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.tool.Die;
import kwibbet.tool.Press;
import kwibbet.tool.Toolbox;
import kwibbet.trial.TrialMaking;
import kwibbet.trial.TrialRun;
import kwibbet.wording.Phrase;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.card;
import static kwibbet.Inches.design;
import static kwibbet.Inches.die;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static kwibbet.Inches.withPress;
import static org.assertj.core.api.Assertions.assertThat;

/** Dies that take the end of a longer paper off. */
class EndOffTest {

    private static final Addition GROUND = add("mat", "ground", front(), "fit", "size", "width", "3", "height", "4");

    private static String[] settings(Edge edge, String along, String... more) {
        List<String> all =
                new ArrayList<>(List.of("edge", edge.word(), "shape", "scalloped", "end", "off", "longer", "3/8"));
        all.addAll(List.of("width", edge.isUpright() ? "1" : along, "height", edge.isUpright() ? along : "1"));
        all.addAll(List.of(more));
        return all.toArray(String[]::new);
    }

    private static Addition endOff(Edge edge, String along) {
        return add("edge-die", "end-" + edge.word(), on("ground"), settings(edge, along));
    }

    private static String words(RunPlan plan) {
        return plan.bench().press().settings().get(0).steps().get(0).sentences(MeasureSystem.INCH).stream()
                .map(Phrase::text)
                .collect(Collectors.joining(" "));
    }

    private static List<String> refused(Design design) {
        return make(design).reasons().stream().map(Refusal::field).toList();
    }

    /** A die that reaches past both ends of an edge takes the end of a longer paper off: what is left reaches the edge where it reaches farthest. */
    @ParameterizedTest
    @EnumSource(Edge.class)
    void aDieTakesTheEndOfThePaperOff(Edge edge) {
        boolean isUpright = edge.isUpright();
        Card card = card(folded("5", "7"), GROUND, endOff(edge, isUpright ? "4 3/4" : "3 3/4"));
        Piece piece = card.piece(new PieceId("ground")).orElseThrow();
        assertThat(piece.outline().bounds()).isEqualTo(Rect.atOrigin(size("3", "4")));
        Die die = die(Kind.SCALLOPED, isUpright ? "1" : "3 3/4", isUpright ? "4 3/4" : "1");
        RunPlan plan = RunPlan.of(
                line(card, 3), shelf(paper(size("12", "12"))), Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(die)));
        PressPlan press = plan.bench().press().plan();
        Rect longer = press.paperFor(piece);
        assertThat(longer.size()).isEqualTo(isUpright ? size("3 3/8", "4") : size("3", "4 3/8"));
        assertThat(longer.corner())
                .isEqualTo(new Point(
                        edge == Edge.LEFT ? in("3/8").negated() : Length.ZERO,
                        edge == Edge.TOP ? in("3/8").negated() : Length.ZERO));
        for (SheetPlan.Lettered sheet : plan.sheets().lettered()) {
            sheet.layout().placements().stream()
                    .filter(placed -> sheet.part(placed.part()).first().piece().equals(piece))
                    .forEach(placed -> assertThat(
                                    Outline.of(longer).in(sheet.lying(placed)).bounds())
                            .isEqualTo(placed.area()));
        }
        assertThat(words(plan)).contains("the paper is 3/8 in longer at its " + edge.word() + " edge");
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        // Nobody cuts paper longer to cut a line by hand.
        assertThat(PressPlan.of(List.of(line(card, 1)), TOOLS).paperFor(piece))
                .isEqualTo(Rect.atOrigin(size("3", "4")));
    }

    /** One end by its die, the other by hand: its paper is longer at the one, and is measured from the edges it has. */
    @Test
    void oneEndComesOffByItsDieTheOtherByHand() {
        Addition byHand = endOff(Edge.RIGHT, "4 3/4");
        Card card = card(
                folded("5", "7"),
                GROUND,
                endOff(Edge.LEFT, "4 3/4"),
                byHand.with(byHand.settings().with(Cutter.HAND)));
        RunPlan plan = RunPlan.of(
                line(card, 2),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(die(Kind.SCALLOPED, "1", "4 3/4"))));
        PressPlan press = plan.bench().press().plan();
        assertThat(press.byHand()).extracting(PressPlan.ByHand::why).containsExactly(PressPlan.Reason.CHOSEN);
        assertThat(plan.sheets().lettered().stream()
                        .flatMap(sheet -> sheet.layout().placements().stream()
                                .map(placed -> sheet.part(placed.part()).first()))
                        .filter(wanted -> wanted.piece().id().equals(new PieceId("ground"))))
                .isNotEmpty()
                .allSatisfy(wanted -> {
                    assertThat(wanted.paper().size()).isEqualTo(size("3 3/8", "4"));
                    assertThat(wanted.isCutOut()).isFalse();
                });
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(TrialMaking.of(card, press, Making.of(card, press, Way.ONE).steps()))
                .isEmpty();
    }

    /** One die for both ends, of which there is one: the end that comes off first leaves less paper to measure the other on. */
    @Test
    void endsComeOffOneAfterTheOther() {
        Card card = card(
                folded("5", "7"),
                GROUND,
                endOff(Edge.LEFT, "4 3/4"),
                endOff(Edge.RIGHT, "4 3/4"),
                add("opening", "hole", on("ground"), "shape", "oval", "width", "1 1/2", "height", "1 1/2"));
        Die waves = die(Kind.SCALLOPED, "1", "4 3/4");
        RunPlan plan = RunPlan.of(
                line(card, 2),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(waves, die(Kind.OVAL, "1 1/2", "1 1/2"))));
        assertThat(plan.bench().press().settings().stream()
                        .flatMap(setting -> setting.steps().stream())
                        .map(step -> step.onBed().layup().paper().size())
                        .distinct())
                .containsExactly(size("3 3/4", "4"), size("3 3/8", "4"));
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        Making making = Making.of(card, plan.bench().press().plan(), Way.ONE);
        assertThat(TrialMaking.of(card, plan.bench().press().plan(), making.steps()))
                .isEmpty();
        List<Operation> passes = making.steps().stream()
                .filter(Operation.Pass.class::isInstance)
                .collect(Collectors.toCollection(ArrayList::new));
        Collections.reverse(passes);
        List<Operation> backwards = making.steps().stream()
                .map(each -> each instanceof Operation.Pass ? passes.remove(0) : each)
                .toList();
        assertThat(TrialMaking.of(card, plan.bench().press().plan(), backwards))
                .extracting(TrialMaking.Ruin::what)
                .contains("its paper has lost the edge it is measured from");
    }

    /** What is intricate goes through alone; all the same it goes first, while the paper has all its edges. */
    @Test
    void anEndComesOffLast() {
        Addition notch = add(
                "edge-die",
                "notch",
                on("ground"),
                "edge",
                "left",
                "shape",
                "oval",
                "width",
                "1",
                "height",
                "2",
                "into",
                "1/2");
        Card card = card(folded("5", "7"), GROUND, endOff(Edge.RIGHT, "4 3/4"), notch);
        Die oval = die(Kind.OVAL, "1", "2");
        Die intricate =
                new Die(oval.id(), oval.name(), oval.shape(), oval.metal(), Die.Detail.INTRICATE, oval.sides(), "", 1);
        RunPlan plan = RunPlan.of(
                line(card, 2),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(die(Kind.SCALLOPED, "1", "4 3/4"), intricate)));
        assertThat(plan.bench().press().settings().stream()
                        .flatMap(setting -> setting.steps().stream())
                        .map(step -> step.layings().get(0).use().die().name())
                        .distinct())
                .containsExactly(oval.name(), die(Kind.SCALLOPED, "1", "4 3/4").name());
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(Making.of(card, plan.bench().press().plan(), Way.ONE).waits())
                .filteredOn(wait -> wait.rule().equals("ends-off-last"))
                .hasSize(1);
    }

    /** A card that is wider than the bed is folded, its free edge under the die; its fold is scored on the paper as long as it is by then. */
    @ParameterizedTest
    @CsvSource({"half, 10, 5", "off, 10 3/8, 5 3/8"})
    void aWideCardIsFoldedForItsEdge(String end, String wide, String fold) {
        Card card = card(folded("5", "7"), add("edge-die", "edge", front(), settings(Edge.RIGHT, "7 1/2", "end", end)));
        Toolbox narrow =
                withPress(TOOLS.withDies(List.of(die(Kind.SCALLOPED, "1", "7 1/2"))), new Press(in("6"), in("9"), 2));
        RunPlan plan = RunPlan.of(line(card, 2), shelf(paper(size("12", "12"))), Thrift.FEWEST_SHEETS, narrow);
        PressPlan press = plan.bench().press().plan();
        assertThat(press.byHand()).isEmpty();
        assertThat(press.paperFor(card.base()).size()).isEqualTo(size(wide, "7"));
        Making making = Making.of(card, press, Way.ONE);
        assertThat(making.steps().stream()
                        .map(step -> step.sentence(MeasureSystem.INCH).text()))
                .contains("Score Base: " + fold + " in from the left edge.");
        assertThat(TrialMaking.of(card, press, making.steps())).isEmpty();
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
    }

    /** An end comes off along a whole straight edge of the paper, by a line that waves. */
    @Test
    void noEndComesOffWhereThePaperGoesOn() {
        Addition straight =
                add("edge-die", "straight", on("ground"), settings(Edge.RIGHT, "4 3/4", "shape", "rectangle"));
        assertThat(refused(design(folded("5", "7"), GROUND, straight))).containsExactly("straight.shape");
        // The top edge of the front is half of that of the base.
        assertThat(refused(design(folded("5", "7"), add("edge-die", "top", front(), settings(Edge.TOP, "6")))))
                .containsExactly("top.end");
        Addition twice = add("edge-die", "again", on("ground"), settings(Edge.RIGHT, "4 3/4"));
        assertThat(refused(design(folded("5", "7"), GROUND, endOff(Edge.RIGHT, "4 3/4"), twice)))
                .containsExactly("again.end");
    }
}
