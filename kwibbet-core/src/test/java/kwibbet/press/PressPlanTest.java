package kwibbet.press;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.bench.DieLaying;
import kwibbet.bench.PressList;
import kwibbet.bench.PressStep;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Opening;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.base.CustomStrip;
import kwibbet.layout.Thrift;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.SampleShapes;
import kwibbet.outline.ShapePart;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.PressPicture;
import kwibbet.press.PressPlan.Load;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.press.PressPlan.Reason;
import kwibbet.shape.CutShape;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.tool.Die;
import kwibbet.tool.Die.Detail;
import kwibbet.tool.DieId;
import kwibbet.tool.Hand;
import kwibbet.tool.Press;
import kwibbet.tool.Sides;
import kwibbet.tool.Sides.Pattern;
import kwibbet.tool.Toolbox;
import kwibbet.trial.Mishap;
import kwibbet.trial.TrialMaking;
import kwibbet.trial.TrialRun;
import kwibbet.wording.Phrase;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.card;
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
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.tuple;

class PressPlanTest {

    private static final Press PRESS = new Press(in("6"), in("9"), 2);

    private static Die die(String name, Kind kind, String width, String height, Detail detail, Sides sides) {
        CutShape shape = new CutShape(kind, size(width, height));
        return new Die(new DieId(name), name, shape, in("1/16"), detail, sides, "", 1);
    }

    private static Die circle(String across) {
        return die("circle " + across, Kind.OVAL, across, across, Detail.PLAIN, Sides.STRAIGHT);
    }

    private static PressPlan pressed(Card card, Press press, List<Die> dies) {
        return PressPlan.of(List.of(line(card, 24)), withPress(TOOLS, press).withDies(dies));
    }

    private static Card card4(Addition... additions) {
        return card(folded("2 3/4", "5"), additions);
    }

    private static Card card24(Design design) {
        return make(design).orThrow();
    }

    private static Addition round(String id, String host, String across, String... more) {
        List<String> pairs = new ArrayList<>(List.of("shape", "oval", "width", across, "height", across));
        pairs.addAll(List.of(more));
        return add("opening", id, on(host), pairs.toArray(String[]::new));
    }

    /** Of two circles alike the plain one is easier; whoever wants the other, or none, gets it as long as it is there and cuts it. */
    @Test
    void theDieTheMakerWantsIsUsed() {
        Die plain = circle("1");
        Die laced = die("laced 1", Kind.OVAL, "1", "1", Detail.INTRICATE, Sides.STRAIGHT);
        Die other = circle("2");
        List<Die> dies = List.of(other, plain, laced);
        Addition hole = add("ornament", "tag", on("front-outside"), "shape", "oval", "width", "1", "height", "1");
        assertThat(used(hole, Cutter.ANY, dies)).containsExactly("circle 1");
        assertThat(used(hole, new Cutter.ByDie(laced.id()), dies)).containsExactly("laced 1");
        assertThat(used(hole, new Cutter.ByDie(laced.id()), List.of(plain))).containsExactly("circle 1");
        assertThat(used(hole, new Cutter.ByDie(other.id()), dies)).containsExactly("circle 1");
        assertThat(used(hole, Cutter.HAND, dies)).isEmpty();
        Card byHand = card4(hole.with(hole.settings().with(Cutter.HAND)));
        assertThat(pressed(byHand, PRESS, dies).byHand()).singleElement().satisfies(each -> assertThat(
                        each.sentence(MeasureSystem.INCH).text())
                .isEqualTo("tag, its outline of 1 × 1 in: you want it cut by hand."));
    }

    /** A die cuts of a thing what it cuts as it is, stretched, or with another shape at once. */
    @Test
    void whatADieCutsOfAThing() {
        Die pane = die("pane", Kind.RECTANGLE, "2", "3", Detail.PLAIN, Sides.STRAIGHT);
        for (String height : List.of("3", "3 1/2")) {
            Card card = card4(
                    add("opening", "sign", on("front-outside"), "shape", "rectangle", "width", "2", "height", height));
            PressPlan press = pressed(card, PRESS, List.of(pane));
            assertThat(press.cuts(pane.id(), card, card.design().addition(new PieceId("sign"))))
                    .isTrue();
            assertThat(press.cuts(pane.id(), card, Optional.empty())).isFalse();
            assertThat(press.cuts(new DieId("other"), card, card.design().addition(new PieceId("sign"))))
                    .isFalse();
        }
    }

    private static List<String> used(Addition addition, Cutter cutter, List<Die> dies) {
        Card card = card4(addition.with(addition.settings().with(cutter)));
        return pressed(card, PRESS, dies).loads().stream()
                .flatMap(load -> load.laid().stream())
                .flatMap(laid -> laid.layup().uses().stream())
                .map(use -> use.die().name())
                .distinct()
                .toList();
    }

    /** A frame is half the difference of its two dies wide; both are taped together, and one pass cuts it. */
    @Test
    void aFrameFromNestedDiesTakesOnePass() {
        Card card = card4(round("hole", "front-outside", "1", "frame", "framed", "frameWidth", "1/4"));
        PressPlan plan = pressed(card, PRESS, List.of(circle("1"), circle("1 1/2")));
        assertThat(plan.byHand()).isEmpty();
        Layup frame = plan.loads().stream()
                .flatMap(load -> load.laid().stream())
                .map(OnBed::layup)
                .filter(layup -> layup.uses().size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(frame.paper().size()).isEqualTo(size("1 5/8", "1 5/8"));
        assertThat(plan.paperFor(frame.piece()).size()).isEqualTo(size("1 5/8", "1 5/8"));
        // The base needs the small die too, of which there is one.
        assertThat(plan.passes()).isEqualTo(48);
        assertThat(plan.isProven()).isTrue();
    }

    @Test
    void withTwoOfADieTheBedIsShared() {
        Card card = card4(round("hole", "front-outside", "1", "frame", "framed", "frameWidth", "1/4"));
        Die two =
                new Die(new DieId("two"), "two", circle("1").shape(), in("1/16"), Detail.PLAIN, Sides.STRAIGHT, "", 2);
        PressPlan wide = pressed(card, new Press(in("12"), in("12"), 2), List.of(two, circle("1 1/2")));
        assertThat(wide.passes()).isEqualTo(24);
        assertThat(wide.isProven()).isTrue();
        assertThat(wide.loads()).singleElement().satisfies(load -> assertThat(load.laid())
                .hasSize(2));
    }

    @Test
    void whatNoDieCutsAndWhatDoesNotGoThroughIsSaid() {
        Card card = card4(round("hole", "front-outside", "1 1/8"));
        PressPlan none = pressed(card, PRESS, List.of(circle("1"), circle("3")));
        assertThat(none.passes()).isZero();
        RunPlan byHand = RunPlan.of(line(card, 24), shelf(paper(size("12", "12"))), Thrift.FEWEST_SHEETS, TOOLS);
        RunPlan byDie = RunPlan.of(
                line(card, 24),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(circle("1 1/8"))));
        assertThat(byHand.makeOf(byHand.card(), Way.BATCH).steps()).anyMatch(Operation.Open.class::isInstance);
        assertThat(byDie.makeOf(byDie.card(), Way.BATCH).steps()).noneMatch(Operation.Open.class::isInstance);
        assertThat(none.byHand()).singleElement().satisfies(each -> {
            assertThat(each.sentence(MeasureSystem.INCH).text())
                    .isEqualTo("Base, its opening of 1 1/8 × 1 1/8 in: you have no die for it;"
                            + " the nearest is circle 1, 1 × 1 in.");
            assertThat(each.why()).isEqualTo(Reason.NO_DIE);
            assertThat(each.nearest().map(Die::name)).contains("circle 1");
            assertThat(each.count()).isEqualTo(24);
        });
        assertThat(pressed(card, new Press(in("2"), in("9"), 2), List.of(circle("1 1/8")))
                        .byHand()
                        .get(0)
                        .why())
                .isEqualTo(Reason.TOO_WIDE);
        assertThat(pressed(card, new Press(in("6"), in("1"), 2), List.of(circle("1 1/8")))
                        .byHand()
                        .get(0)
                        .why())
                .isEqualTo(Reason.PLATE_TOO_SHORT);
    }

    /** An intricate die has the press to itself; one that cuts a field is known by the box of the field. */
    @Test
    void anIntricateDieGoesThroughAlone() {
        Card card = card4(
                add("pattern-die", "field", front(), "width", "2", "height", "2", "motif", "3/8", "pitch", "1/2"),
                add("mat", "mat", on("front-inside"), "border", "1/8"),
                round("hole", "mat", "1"));
        Die field = die("field", Kind.RECTANGLE, "1 7/8", "1 7/8", Detail.INTRICATE, Sides.STRAIGHT);
        PressPlan plan = pressed(card, new Press(in("12"), in("12"), 2), List.of(circle("1"), field));
        assertThat(plan.byHand()).isEmpty();
        assertThat(plan.loads()).hasSize(2).allSatisfy(load -> assertThat(load.laid())
                .hasSize(1));
    }

    /** Margins are measured to the metal, 1/16 before the cut, and from the side away from the hand. */
    @Test
    void marginsAreMeasuredToTheMetalFromTheFencesSide() {
        Card card = card4(round("hole", "front-outside", "1", "across", "by", "fromLeft", "1/2"));
        Toolbox tools = TOOLS.withDies(List.of(circle("1")));
        DieLaying right = step(card, tools).layings().get(0);
        DieLaying left = step(card, tools.forOtherHand()).layings().get(0);
        assertThat(right.top()).isEqualTo(in("1 15/16"));
        assertThat(right.side().plus(left.side())).isEqualTo(in("5 1/2").minus(in("1 1/8")));
        // The fold is the left edge of the front: 2 3/4 less 1/2 less 1 is left to the free edge, to the metal 1/16
        // less.
        assertThat(List.of(right.side(), left.side())).contains(in("1 3/16"));
        assertThat(sentence(step(card, tools)))
                .startsWith("Lay circle 1 with its metal ")
                .contains(" from the left edge and 1 15/16 in from the top edge.");
        assertThat(sentence(step(card, tools.forOtherHand()))).contains(" from the right edge and ");
    }

    private static PressStep step(Card card, Toolbox tools) {
        PaperShelf papers = shelf(paper(size("12", "12")));
        return RunPlan.of(line(card, 24), papers, Thrift.FEWEST_SHEETS, tools)
                .bench()
                .press()
                .settings()
                .get(0)
                .steps()
                .get(0);
    }

    private static String sentence(PressStep step) {
        return step.sentences(MeasureSystem.INCH).get(0).text();
    }

    private static String sentences(PressStep step) {
        return step.sentences(MeasureSystem.INCH).stream().map(Phrase::text).collect(Collectors.joining(" "));
    }

    /** What is cut into a piece is measured on its whole paper, so the piece is cut out last; and it is scored when its edges are there. */
    @Test
    void aPieceIsCutOutLastAndScoredAfterwards() {
        Card card = card4(
                add("ornament", "tag", front(), "shape", "octagon", "width", "2", "height", "3"),
                add("pattern-die", "field", on("tag"), "width", "1", "height", "1", "motif", "1/4", "pitch", "3/8"),
                add("collar", "collar", on("tag"), "reach", "1/2", "length", "1/4", "fromTop", "2 1/4"));
        Die field = die("field", Kind.RECTANGLE, "1", "1", Detail.INTRICATE, Sides.STRAIGHT);
        Die octagon = die("octagon", Kind.OCTAGON, "2", "3", Detail.PLAIN, Sides.STRAIGHT);
        RunPlan plan = RunPlan.of(
                line(card, 24),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(octagon, field)));
        assertThat(plan.bench().press().settings())
                .extracting(setting ->
                        setting.steps().get(0).layings().get(0).use().die().name())
                .containsExactly("field", "octagon");
        // What is intricate may miss a line, and leaves bits behind; common practice, no source.
        assertThat(sentences(plan.bench().press().settings().get(0).steps().get(0)))
                .contains("where one is missed, pass it again just as it lies");
        assertThat(sentences(plan.bench().press().settings().get(1).steps().get(0)))
                .doesNotContain("pass it again");
        assertThat(plan.bench().score().byRuler()).isNotEmpty().allSatisfy(each -> assertThat(
                        each.sentence(MeasureSystem.INCH).text())
                .startsWith("tag, as drawn, when the press has cut it out: score along a ruler"));
    }

    /** A die longer than the edge it cuts lies past the paper alike at both ends, and what the trial press cuts is the edge; without it, a hand does. */
    @Test
    void aDieOverAnEdgeLiesPastThePaper() {
        Card card = card4(add(
                "edge-die", "edge", front(), "shape", "scalloped", "width", "1", "height", "5 1/2", "into", "1/16"));
        Length high = card.base().size().height();
        Die longer = die("edge", Kind.SCALLOPED, "1", "5 1/2", Detail.PLAIN, Sides.STRAIGHT);
        PaperShelf papers = shelf(paper(size("12", "12")));
        RunPlan plan = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(longer)));
        DieLaying laying =
                plan.bench().press().settings().get(0).steps().get(0).layings().get(0);
        Length past =
                in("5 1/2").plus(longer.metal().multipliedBy(2)).minus(high).half();
        assertThat(laying.top()).isEqualTo(past.negated());
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        RunPlan byHand = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(byHand.bench().press().plan().byHand())
                .singleElement()
                .extracting(each -> each.want().role())
                .isEqualTo(Want.Role.EDGE);
    }

    /** A frame cut round what reaches into its window: the window's die has its own line, the other lies half in the hole and goes through by itself. */
    @Test
    void aDieOverTheEdgeOfAnOpeningCutsByItself() {
        Card card = card(
                folded("5", "7"),
                add("mat", "frame", front(), "fit", "size", "width", "3 1/2", "height", "3 1/2"),
                add("opening", "window", on("frame"), "shape", "rectangle", "width", "2 1/2", "height", "2 1/2"),
                add(
                        "ornament",
                        "signal",
                        on("frame"),
                        "set",
                        "inlaid",
                        "shape",
                        "octagon",
                        "width",
                        "1",
                        "height",
                        "1",
                        "across",
                        "by",
                        "fromLeft",
                        "1/8",
                        "down",
                        "by",
                        "fromTop",
                        "1/8"));
        Die window = die("window", Kind.RECTANGLE, "2 1/2", "2 1/2", Detail.PLAIN, Sides.STRAIGHT);
        Die octagon = die("octagon", Kind.OCTAGON, "1", "1", Detail.PLAIN, Sides.STRAIGHT);
        PaperShelf papers = shelf(paper(size("12", "12")));
        RunPlan plan =
                RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(window, octagon)));
        assertThat(plan.bench().press().plan().byHand()).isEmpty();
        List<List<String>> onFrame = plan.bench().press().plan().loads().stream()
                .flatMap(load -> load.laid().stream())
                .filter(laid -> laid.layup().piece().name().equals("frame"))
                .map(laid -> laid.layup().uses().stream()
                        .map(use -> use.die().name())
                        .toList())
                .toList();
        assertThat(onFrame).containsExactlyInAnyOrder(List.of("window"), List.of("octagon"));
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        RunPlan byHand = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(byHand.bench().press().plan().byHand())
                .extracting(each -> each.want().role())
                .containsExactlyInAnyOrder(Want.Role.OPENING, Want.Role.EDGE, Want.Role.OUTLINE);
        Making making = Making.of(card, byHand.bench().press().plan(), Way.ONE);
        assertThat(TrialMaking.of(card, byHand.bench().press().plan(), making.steps()))
                .isEmpty();
    }

    /** A house of which the plate leaves the bottom quarter inch: what the trial press cuts is the rest. Without a die it is cut with a knife, and nobody slits it besides. */
    @ParameterizedTest
    @CsvSource({
        "bottom, Let the plate end 1/4 in above the die’s bottom cut, not its bottom: end both cuts 3 1/4 in from the top edge",
        "top, Let the plate begin 1/4 in below the die’s top cut, not its top: end both cuts 1 3/4 in from the top edge",
        "left, Let the plate begin 1/4 in right of the die’s left cut, not its left: end both cuts 1 1/4 in from the left edge",
        "right, Let the plate end 1/4 in left of the die’s right cut, not its right: end both cuts 2 3/4 in from the left edge",
    })
    void aShapeStaysHangingWhereThePlateEnds(String stays, String plate, String byHand) {
        String[] house = {
            "shape",
            stays.equals("top") ? "arch" : "octagon",
            "width",
            "2",
            "height",
            "2",
            "uncut",
            "1/4",
            "staysAt",
            stays
        };
        Card card = card(
                folded("5", "7"),
                add("mat", "mat-1", front(), "fit", "size", "width", "4", "height", "5"),
                add("hanging", "house", on("mat-1"), house));
        Die die = die("house", Kind.valueOf(house[1].toUpperCase(Locale.ROOT)), "2", "2", Detail.PLAIN, Sides.STRAIGHT);
        PaperShelf papers = shelf(paper(size("12", "12")));
        RunPlan plan = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(die)));
        assertThat(sentences(plan.bench().press().settings().get(0).steps().get(0)))
                .endsWith(plate + ": what is inside stays hanging there.");
        assertThat(plan.bench().trim().slits()).isEmpty();
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        RunPlan knife = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(knife.bench().trim().slits()).isEmpty();
        Want want = knife.bench().press().plan().byHand().get(0).want();
        assertThat(knife.bench().press().plan().cutsOf(want)).singleElement().satisfies(cut -> assertThat(
                        cut.sentence(MeasureSystem.INCH).text())
                .contains(byHand));
    }

    /**
     * A window of 2 by 1 turned by 30°: it takes up 2 cos 30° + 1 sin 30° = 2.232 by 2 sin 30° + 1 cos 30° = 1.866, so in the middle of 4 by 5 it lies 0.884 from
     * the left and 1.567 from the top. The metal stands 1/16 out on all sides, 1/16 (cos 30° + sin 30°) = 0.085 when turned, and its left tip is 1 1/8 sin 60° = 0.974
     * below its top one.
     */
    @ParameterizedTest
    @CsvSource({"30, 0.799, 1.482, 2.456", "-30, 0.799, 1.482, 2.544"})
    void aWindowLaidAslantIsCutByItsDieLaidAslant(int degrees, double left, double top, double tip) {
        Card card = card(
                folded("5", "7"),
                add("mat", "mat-1", front(), "fit", "size", "width", "4", "height", "5"),
                add("opening", "view", on("mat-1"), "width", "2", "height", "1", "turned", "" + degrees));
        Die die = die("view", Kind.RECTANGLE, "2", "1", Detail.PLAIN, Sides.STRAIGHT);
        PaperShelf papers = shelf(paper(size("12", "12")));
        RunPlan plan = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(die)));
        PressStep step = plan.bench().press().settings().get(0).steps().get(0);
        DieLaying laying = step.layings().get(0);
        assertThat(laying.side().toInches()).isCloseTo(left, offset(1e-3));
        assertThat(laying.top().toInches()).isCloseTo(top, offset(1e-3));
        assertThat(laying.tip().orElseThrow().toInches()).isCloseTo(tip, offset(1e-3));
        assertThat(sentences(step))
                .contains("Lay view, turned 30° " + (degrees < 0 ? "counter-" : "") + "clockwise, with its metal");
        PressRead.everyDieLiesWhereTheWordsSay(plan);
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(TrialRun.of(plan, 99, List.of(new Mishap.DieSlipped(1, in("1/16"))))
                        .isFine())
                .isFalse();
        RunPlan other = RunPlan.of(
                line(card, 3),
                papers,
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(die("other", Kind.RECTANGLE, "2", "1 1/8", Detail.PLAIN, Sides.STRAIGHT))));
        assertThat(other.bench().press().settings()).isEmpty();
    }

    /**
     * Three squares of 3/4 a quarter apart take up 2 3/4 of 4, so they lie 5/8, 1 5/8 and 2 5/8 from the left, and two rows of them 1 3/4 of 5: 1 5/8 and 2 5/8 from the
     * top. As many as there are of the die lie on the paper at once.
     */
    @ParameterizedTest
    @CsvSource({"1, 18", "3, 6", "6, 3"})
    void openingsInRowsAreCutByAsManyDiesAsThereAre(int onHand, int passes) {
        Card card = card(
                folded("5", "7"),
                add("mat", "mat-1", front(), "fit", "size", "width", "4", "height", "5"),
                add("opening", "panes", on("mat-1"), "width", "3/4", "height", "3/4", "beside", "3", "rows", "2"));
        CutShape pane = new CutShape(Kind.RECTANGLE, size("3/4", "3/4"));
        Die die = new Die(new DieId("pane"), "pane", pane, in("1/16"), Detail.PLAIN, Sides.STRAIGHT, "", onHand);
        PaperShelf papers = shelf(paper(size("12", "12")));
        RunPlan plan = RunPlan.of(line(card, 3), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(die)));
        assertThat(card.pieceOf(new PieceId("mat-1")).openings())
                .extracting(opening -> opening.bounds().corner().toString())
                .containsExactlyInAnyOrder(Stream.of("5/8", "1 5/8", "2 5/8")
                        .flatMap(
                                left -> Stream.of("1 5/8", "2 5/8").map(top -> new Point(in(left), in(top)).toString()))
                        .toArray(String[]::new));
        assertThat(plan.bench().press().plan().passes()).isEqualTo(passes);
        PressRead.everyDieLiesWhereTheWordsSay(plan);
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
    }

    /** A field of four motifs, and an opening beside it: when that is cut the motifs have fallen out, and no box is cut round them. */
    @Test
    void whatADieForAFieldCutIsDrawnAsItsOpenings() {
        Card card = card(
                folded("5", "7"),
                add("mat", "mat-1", front(), "fit", "size", "width", "4", "height", "5"),
                add(
                        "pattern-die",
                        "field",
                        on("mat-1"),
                        "width",
                        "1",
                        "height",
                        "1",
                        "motif",
                        "1/4",
                        "pitch",
                        "1/2",
                        "down",
                        "by",
                        "fromTop",
                        "1/2"),
                add("opening", "pane", on("mat-1"), "width", "1", "height", "1", "down", "end"));
        Piece mat = card.pieceOf(new PieceId("mat-1"));
        Rect field = mat.openings().stream()
                .filter(Opening::isOfField)
                .map(Opening::bounds)
                .reduce(Rect::around)
                .orElseThrow();
        CutShape box = new CutShape(Kind.RECTANGLE, field.size());
        Die rivets = new Die(new DieId("rivets"), "rivets", box, in("1/16"), Detail.INTRICATE, Sides.STRAIGHT, "", 1);
        Die pane = die("pane", Kind.RECTANGLE, "1", "1", Detail.PLAIN, Sides.STRAIGHT);
        PressPlan plan = pressed(card, PRESS, List.of(rivets, pane));
        List<Layup> layups = plan.loads().stream()
                .flatMap(load -> load.laid().stream())
                .map(OnBed::layup)
                .toList();
        assertThat(layups).hasSize(2);
        Layup first = layups.stream()
                .filter(layup -> layup.cuts().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(first.openings()).hasSize((int)
                mat.openings().stream().filter(Opening::isOfField).count());
    }

    /** A strip with a stitched edge, longer than its die: two passes, and what the trial press cuts is the strip. */
    @Test
    void aStretchedDieCutsInTwoPassesJustTheStrip() {
        Card card =
                card4(add("stretched-die", "strap", front(), "width", "1", "die", "2", "wanted", "3", "pitch", "1/4"));
        Die strap = die("strap", Kind.RECTANGLE, "1", "2", Detail.PLAIN, new Sides(Pattern.STITCHED, in("1/4")));
        PaperShelf papers = shelf(paper(size("12", "12")));
        RunPlan plan = RunPlan.of(line(card, 24), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(strap)));
        PressList press = plan.bench().press();
        assertThat(press.plan().passes()).isEqualTo(48);
        assertThat(sentences(press.settings().get(0).steps().get(0)))
                .endsWith("Let the plate end 1/4 in above the die’s bottom cut.");
        assertThat(sentences(press.settings().get(1).steps().get(0)))
                .contains("That is 1 in further on, 4 repeats: lay it into its own cut. Let the plate begin 1/4 in");
        // The first pass cut 1 at the top, and 2 less the 1/4 the plate left at each side: that is there when the
        // second is laid.
        assertThat(press.settings().get(0).steps().get(0).before()).isEmpty();
        assertThat(press.settings().get(1).steps().get(0).before())
                .singleElement()
                .satisfies(first -> assertThat(first.cuts().stream()
                                .mapToDouble(cut -> Math.hypot(
                                        cut.end().x().minus(cut.start().x()).toInches(),
                                        cut.end().y().minus(cut.start().y()).toInches()))
                                .sum())
                        .isCloseTo(4.5, offset(1e-3)));
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(makes(plan)).noneMatch(words -> words.contains("in 2 passes"));
        assertThat(makes(RunPlan.of(line(card, 24), papers, Thrift.FEWEST_SHEETS, TOOLS)))
                .anyMatch(words -> words.contains("in 2 passes"));
        TrialRun slipped = TrialRun.of(plan, 99, List.of(new Mishap.DieSlipped(2, in("1/16"))));
        assertThat(slipped.isFine()).isFalse();
        assertThat(PressPicture.of(press.settings().get(1), PRESS, Hand.RIGHT, papers, MeasureSystem.INCH)
                        .marks())
                .hasSizeGreaterThan(5);
    }

    /** A die 1/4 past the fold cuts both layers; the paper is scored across its middle before, and its lower edge is the foot. */
    @Test
    void aShapedBaseIsCutFoldedInOnePass() {
        Card card = card24(base("shaped", "4", "5", "shape", "arch", "height", "5", "leftOff", "1/4", "foot", "1/2"));
        Die arch = die("arch", Kind.ARCH, "4 1/4", "5 1/2", Detail.PLAIN, Sides.STRAIGHT);
        Toolbox tools = TOOLS.withDies(List.of(arch));
        RunPlan plan = RunPlan.of(line(card, 24), shelf(paper(size("12", "12"))), Thrift.FEWEST_SHEETS, tools);
        PressStep step = step(card, tools);
        assertThat(plan.bench().press().plan().passes()).isEqualTo(24);
        assertThat(step.what(MeasureSystem.INCH).text())
                .isEqualTo("Base × 24, paper 8 1/8 × 5 1/16 in, folded to 4 1/16 × 5 1/16 in");
        assertThat(step.sentences(MeasureSystem.INCH).get(1).text())
                .isEqualTo("Lay arch with its metal 5/16 in past the folded edge and along the top edge.");
        assertThat(step(card, tools.forOtherHand())
                        .sentences(MeasureSystem.INCH)
                        .get(1)
                        .text())
                .contains("along the right edge");
        assertThat(plan.bench().score().settings().get(0).steps().get(0).piece().size())
                .isEqualTo(size("8 1/8", "5 1/16"));
        assertThat(makes(plan))
                .containsExactly(
                        "Score Base: 4 1/16 in from the left edge.",
                        "Fold the base along its score, inside faces together, and press the crease flat.",
                        "Cut the outline of Base in the press, with arch.");
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(TrialRun.of(plan, 99, List.of(new Mishap.DieSlipped(1, in("1/16"))))
                        .isFine())
                .isFalse();
        assertThat(pressed(card, new Press(in("6"), in("9"), 1), List.of(arch))
                        .byHand()
                        .get(0)
                        .why())
                .isEqualTo(Reason.TOO_THICK);
    }

    /** Nothing may be cut before the fold: the plate begins there. */
    @ParameterizedTest
    @CsvSource({"side,gable", "top,gable", "side,oval", "top,hexagon", "side,rectangle"})
    void aShapePastTheFoldIsCutWithThePlatesEdgeOnTheFold(String fold, String shape) {
        Card card = card24(
                base("past-fold", "6 1/2", "6 1/2", "fold", fold, "shape", shape, "across", "2", "rise", "1 1/2"));
        PaperShelf papers = shelf(paper(size("12", "12")));
        Die die = die("crest", Kind.valueOf(shape.toUpperCase(Locale.ROOT)), "2", "3", Detail.PLAIN, Sides.STRAIGHT);
        RunPlan plan = RunPlan.of(
                line(card, 24),
                papers,
                Thrift.FEWEST_SHEETS,
                withPress(TOOLS.withDies(List.of(die)), new Press(in("8"), in("9"), 2)));
        PressStep step = plan.bench().press().settings().get(0).steps().get(0);
        assertThat(sentences(step)).contains("1 1/2 in").contains("its edge along the fold.");
        assertThat(plan.bench().trim().slits()).isEmpty();
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(RunPlan.of(line(card, 24), papers, Thrift.FEWEST_SHEETS, TOOLS)
                        .bench()
                        .trim()
                        .slits())
                .isNotEmpty();
    }

    /** Stuck before it is cut, what two pieces have in common takes one pass, and lines up. */
    @Test
    void anOpeningThroughAMatIsCutWhenTheMatIsStuckOn() {
        Card card = card4(add("mat", "mat", front(), "border", "1/8"), round("hole", "mat", "1", "through", "layers"));
        PaperShelf papers = shelf(paper(size("12", "12")));
        Toolbox tools = TOOLS.withDies(List.of(circle("1")));
        RunPlan stuck = RunPlan.of(line(card, 24), papers, Thrift.FEWEST_SHEETS, tools);
        assertThat(stuck.bench().press().plan().passes()).isEqualTo(24);
        assertThat(sentence(step(card, tools)))
                .startsWith("Stick mat on the ")
                .endsWith("With adhesive where the die cuts too: it cuts through both.");
        assertThat(makes(stuck))
                .endsWith(
                        "Stick mat on the front, centred: 1/8 in shows all round.",
                        "Cut the opening of Base, through mat too, in the press, with circle 1.");
        TrialRun trial = TrialRun.of(stuck, 99, List.of());
        assertThat(trial.isFine()).isTrue();
        assertThat(trial.pieces())
                .allSatisfy(made -> assertThat(made.dieCuts().asked()).isEqualTo(1));
        assertThat(TrialRun.of(stuck, 99, List.of(new Mishap.DieSlipped(1, in("1/16"))))
                        .pieces())
                .allSatisfy(made -> assertThat(made.dieCuts().right()).isZero());
        RunPlan apart = RunPlan.of(
                line(card, 24), papers, Thrift.FEWEST_SHEETS, withPress(tools, new Press(in("6"), in("9"), 1)));
        assertThat(apart.bench().press().plan().passes()).isEqualTo(48);
        assertThat(makes(apart)).anyMatch(words -> words.startsWith("Stick mat"));
        assertThat(apart.bench().press().settings())
                .allSatisfy(
                        setting -> assertThat(sentence(setting.steps().get(0))).contains("It must line up with"));
    }

    /** What a die cuts out has no edges yet to stick anything by, and its die would cut through what is stuck on. */
    @Test
    void nothingIsStuckToAPieceBeforeThatIsCutOut() {
        Card card = card24(base("shaped", "4", "5", "shape", "arch", "height", "5", "leftOff", "1/4")
                .withAdditions(List.of(
                        add("mat", "mat", front(), "fit", "size", "width", "2", "height", "2"),
                        round("hole", "mat", "1", "through", "layers"))));
        List<Die> dies = List.of(circle("1"), die("arch", Kind.ARCH, "4 1/4", "5 1/4", Detail.PLAIN, Sides.STRAIGHT));
        PressPlan plan = pressed(card, PRESS, dies);
        assertThat(card.joins()).noneMatch(plan::isStuckFirst);
        assertThat(plan.passes()).isEqualTo(3 * 24);
        // Cut out by hand it has no edges before either.
        assertThat(card.joins()).noneMatch(pressed(card, PRESS, List.of(circle("1")))::isStuckFirst);
    }

    /** Open, a card of 4 by 9 is 8 wide; with its back folded over the plate its front goes through a bed of 6. */
    @Test
    void whatIsTooWideOpenGoesThroughWithAPanelFoldedAway() {
        Card card = card(folded("4", "9"), round("hole", "front-outside", "1", "across", "by", "fromLeft", "1"));
        RunPlan plan = RunPlan.of(
                line(card, 24),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(circle("1"))));
        PressStep step = plan.bench().press().settings().get(0).steps().get(0);
        assertThat(step.onBed().layup().paper().size()).isEqualTo(size("4", "9"));
        assertThat(plan.bench().press().plan().paperFor(card.base()).size()).isEqualTo(size("8", "9"));
        assertThat(sentence(step))
                .isEqualTo(
                        "Fold the part beyond its score, 4 × 9 in, up over the upper plate: open, it is wider than the bed.");
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(step(card, TOOLS.withDies(List.of(circle("1"))).forOtherHand())
                        .sentences(MeasureSystem.INCH)
                        .get(1)
                        .text())
                .contains("from the folded edge");
        Card across = card(folded("7", "9"), round("hole", "front-outside", "1"));
        assertThat(pressed(across, PRESS, List.of(circle("1"))).byHand())
                .singleElement()
                .satisfies(each -> assertThat(each.why()).isEqualTo(Reason.TOO_WIDE));
    }

    /** Surface work under a mat, a stamp on it, foam or film: each has to be done before, so the mat waits. */
    @Test
    void whatHasToBeDoneBeforeKeepsAMatFromBeingStuckFirst() {
        Addition mat = add("mat", "mat", front(), "border", "1/8");
        Addition hole = round("hole", "mat", "1", "through", "layers");
        Addition raised = add("mat", "mat", front(), "border", "1/8", "raised", "foam");
        Addition stamp = add("surface", "stamp", on("mat"), "width", "1", "height", "1/2");
        Addition below = add("surface", "below", front(), "width", "1", "height", "1/2");
        Addition tag = corner("tag", front());
        Addition slits = add("collar", "collar", on("mat"), "reach", "1/2", "length", "1/4", "fromTop", "4");
        List<Card> waiting = List.of(
                card4(raised, hole),
                card4(mat, hole, stamp),
                card4(below, mat, hole),
                card4(tag, mat, hole),
                card4(mat, hole, slits));
        for (Card card : waiting) {
            assertThat(pressed(card, PRESS, List.of(circle("1"))).passes()).isEqualTo(48);
        }
    }

    /** Work and papers on the other side, or beside, are not under the mat: it may be stuck first. */
    @Test
    void whatIsNotUnderAMatDoesNotKeepItWaiting() {
        Addition mat = add("mat", "mat", front(), "border", "1/8");
        Addition hole = round("hole", "mat", "1", "through", "layers");
        Addition stamp = add("surface", "stamp", on("front-inside"), "width", "1", "height", "1/2");
        Addition low = add(
                "mat", "mat", front(), "fit", "size", "width", "2", "height", "2", "down", "by", "fromTop", "2 1/2");
        for (Card card : List.of(
                card4(stamp, mat, hole),
                card4(corner("tag", on("front-inside")), mat, hole),
                card4(corner("tag", front()), low, hole))) {
            assertThat(pressed(card, PRESS, List.of(circle("1"))).passes()).isEqualTo(24);
        }
    }

    private static Addition corner(String id, Host host) {
        return add(
                "mat",
                id,
                host,
                "fit",
                "size",
                "width",
                "1",
                "height",
                "1",
                "across",
                "by",
                "fromLeft",
                "1/4",
                "down",
                "by",
                "fromTop",
                "1/4");
    }

    /** Forty ornaments of one die: none can share its pass with another, however long it is searched. */
    @Test
    void manyPapersOfOneDieAreAllPassed() {
        List<Addition> additions = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            additions.add(add("ornament", "dot-" + i, front(), "shape", "oval", "width", "1/2", "height", "1/2"));
        }
        PressPlan plan = pressed(card4(additions.toArray(Addition[]::new)), PRESS, List.of(circle("1/2")));
        assertThat(plan.passes()).isEqualTo(40 * 24);
        assertThat(plan.isProven()).isTrue();
        List<Die> dies = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            dies.add(new Die(
                    new DieId("dot-" + i),
                    "dot " + i,
                    circle("1/2").shape(),
                    in("1/16"),
                    Detail.PLAIN,
                    Sides.STRAIGHT,
                    "",
                    40));
        }
        PressPlan shared = pressed(card4(additions.toArray(Addition[]::new)), PRESS, dies);
        assertThat(shared.loads().stream()
                        .mapToInt(load -> load.laid().size() * load.passes())
                        .sum())
                .isEqualTo(40 * 24);
        assertThat(shared.passes()).isLessThan(40 * 24);
    }

    /** Passes of few papers, held against every way of loading them; and how near the bound comes to the fewest. */
    @Test
    void passesAreHeldAgainstEveryWayOfLoading() {
        Random random = new Random(14);
        int fewest = 0;
        int proven = 0;
        int rounds = 30;
        for (int round = 0; round < rounds; round++) {
            List<Addition> additions = new ArrayList<>();
            List<Die> dies = new ArrayList<>();
            for (int kind = 0; kind < 3; kind++) {
                String across = in("1/4")
                        .multipliedBy(3 + random.nextInt(15))
                        .toString()
                        .replace(" in", "");
                int copies = 1 + random.nextInt(3);
                for (int copy = 0; copy < copies; copy++) {
                    additions.add(add(
                            "ornament",
                            "dot-" + kind + "-" + copy,
                            front(),
                            "shape",
                            "oval",
                            "width",
                            across,
                            "height",
                            across));
                }
                CutShape shape = new CutShape(Kind.OVAL, size(across, across));
                DieId id = new DieId("die-" + kind);
                int onHand = 1 + random.nextInt(2);
                dies.add(new Die(id, across, shape, in("1/16"), Detail.PLAIN, Sides.STRAIGHT, "", onHand));
            }
            PressPlan plan = PressPlan.of(
                    List.of(line(card(folded("8", "9"), additions.toArray(Addition[]::new)), 1)),
                    withPress(TOOLS, PRESS).withDies(dies));
            int exact = fewestPasses(plan);
            assertThat(plan.passes()).isGreaterThanOrEqualTo(exact);
            assertThat(plan.atLeast()).isLessThanOrEqualTo(exact);
            fewest += plan.passes() == exact ? 1 : 0;
            proven += plan.atLeast() == exact ? 1 : 0;
        }
        assertThat(fewest).isEqualTo(rounds);
        assertThat(proven).isGreaterThanOrEqualTo(26);
    }

    /** The fewest passes for what a plan cuts, by trying all loads. */
    private static int fewestPasses(PressPlan plan) {
        Map<Layup, Integer> left = new LinkedHashMap<>();
        for (Load load : plan.loads()) {
            load.laid().forEach(each -> left.merge(each.layup(), load.passes(), Integer::sum));
        }
        return fewestPasses(
                List.copyOf(left.keySet()),
                left.values().stream().mapToInt(Integer::intValue).toArray(),
                new HashMap<>());
    }

    private static int fewestPasses(List<Layup> layups, int[] left, Map<List<Integer>, Integer> known) {
        List<Integer> state = IntStream.of(left).boxed().toList();
        if (known.containsKey(state)) {
            return known.get(state);
        }
        int fewest = IntStream.of(left).sum() == 0 ? 0 : Integer.MAX_VALUE;
        for (int[] load : loads(left, 0, new int[left.length])) {
            if (IntStream.of(load).sum() > 0 && canLie(layups, load)) {
                int[] then = IntStream.range(0, left.length)
                        .map(i -> left[i] - load[i])
                        .toArray();
                fewest = Math.min(fewest, 1 + fewestPasses(layups, then, known));
            }
        }
        known.put(state, fewest);
        return fewest;
    }

    private static List<int[]> loads(int[] left, int from, int[] chosen) {
        if (from == left.length) {
            return List.of(chosen.clone());
        }
        List<int[]> all = new ArrayList<>();
        for (int copies = 0; copies <= left[from]; copies++) {
            chosen[from] = copies;
            all.addAll(loads(left, from + 1, chosen));
        }
        chosen[from] = 0;
        return all;
    }

    private static boolean canLie(List<Layup> layups, int[] load) {
        List<kwibbet.shape.Size> sizes = new ArrayList<>();
        Map<Die, Integer> used = new HashMap<>();
        for (int place = 0; place < load.length; place++) {
            int copies = load[place];
            layups.get(place).uses().forEach(use -> used.merge(use.die(), copies, Integer::sum));
            sizes.addAll(Collections.nCopies(copies, layups.get(place).extent().size()));
        }
        if (used.entrySet().stream()
                .anyMatch(each -> each.getValue() > each.getKey().onHand())) {
            return false;
        }
        return Bed.arrange(size("9", "6"), sizes).isPresent();
    }

    private static List<String> makes(RunPlan plan) {
        return plan.makeOf(plan.card(), Way.BATCH).steps().stream()
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .toList();
    }

    /** Every paper goes through as often as asked, nothing lies over anything else or off the bed, and no bound is broken. */
    @Property(tries = 60)
    void everyLoadLiesOnTheBed(
            @ForAll @Size(min = 1, max = 4) List<@IntRange(min = 4, max = 18) Integer> across,
            @ForAll @IntRange(min = 3, max = 16) int bed,
            @ForAll @IntRange(min = 3, max = 20) int plate) {
        List<Addition> additions = new ArrayList<>();
        List<Die> dies = new ArrayList<>();
        for (int i = 0; i < across.size(); i++) {
            String text = in("1/8").multipliedBy(across.get(i)).toString().replace(" in", "");
            additions.add(add("ornament", "thing-" + i, front(), "shape", "oval", "width", text, "height", text));
            dies.add(new Die(
                    new DieId("die-" + i),
                    text,
                    new CutShape(Kind.OVAL, size(text, text)),
                    in("1/16"),
                    Detail.PLAIN,
                    Sides.STRAIGHT,
                    "",
                    1 + i % 2));
        }
        Press press = new Press(in("1/2").multipliedBy(bed), in("1/2").multipliedBy(plate), 2);
        Card card = card4(additions.toArray(Addition[]::new));
        PressPlan plan = pressed(card, press, dies);
        assertThat(plan.passes()).isGreaterThanOrEqualTo(plan.atLeast());
        int through = plan.loads().stream()
                .mapToInt(load -> load.laid().size() * load.passes())
                .sum();
        int byHand = plan.byHand().stream().mapToInt(PressPlan.ByHand::count).sum();
        assertThat(through + byHand).isEqualTo(24 * across.size());
        for (Load load : plan.loads()) {
            List<Rect> places = load.laid().stream().map(OnBed::place).toList();
            for (int i = 0; i < places.size(); i++) {
                assertThat(places.get(i).bottom()).isLessThanOrEqualTo(press.bed());
                for (Rect other : places.subList(i + 1, places.size())) {
                    assertThat(places.get(i).overlaps(other)).isFalse();
                }
            }
        }
    }

    /** Four ovals of one size on four faces are one line at the press, whatever they are called, and all of them are cut. */
    @Test
    void whatIsPressedAlikeIsOneLine() {
        Design design = base("folded", "5", "7");
        List<String> faces = List.of("front-outside", "front-inside", "back-inside", "back-outside");
        for (String face : faces) {
            design = design.plus(add(
                    "mat",
                    "mat-" + (faces.indexOf(face) + 1),
                    on(face),
                    "fit",
                    "size",
                    "width",
                    "3",
                    "height",
                    "2",
                    "shape",
                    "oval"));
        }
        Die oval = die("oval", Kind.OVAL, "3", "2", Detail.PLAIN, Sides.STRAIGHT);
        RunPlan plan = RunPlan.of(
                new RunLine(make(design).orThrow(), new Copies(5, 1)),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(oval)));
        assertThat(plan.bench().press().settings()).hasSize(1);
        assertThat(plan.bench().press().settings().get(0).load().passes())
                .isEqualTo(plan.bench().press().plan().passes());
        assertThat(plan.bench()
                        .press()
                        .settings()
                        .get(0)
                        .steps()
                        .get(0)
                        .what(MeasureSystem.INCH)
                        .text())
                .startsWith("mat-1 to 4 × 24, paper");
        assertThat(TrialRun.of(plan, 999, List.of()).isFine()).isTrue();
    }

    private static Die own(OwnShape shape) {
        return new Die(
                new DieId(shape.words()),
                shape.words(),
                shape.asDrawn(),
                in("1/16"),
                Detail.PLAIN,
                Sides.STRAIGHT,
                "",
                1);
    }

    private static Addition with(Addition addition, OwnShape shape) {
        Parameter.OfChoice choice = addition.feature().parameters().stream()
                .filter(parameter -> parameter.key().equals("shape"))
                .map(parameter -> (Parameter.OfChoice) parameter)
                .findFirst()
                .orElseThrow();
        return addition.with(addition.settings().with(choice, shape));
    }

    private static RunPlan plan(Card card, List<Die> dies) {
        return RunPlan.of(
                line(card, 4),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                withPress(TOOLS, new Press(in("6"), in("12"), 2)).withDies(dies));
    }

    /** A panel of 3 × 4 with a round window and three small diamonds: straight edges and all, one die cuts it, and one that cuts more than is wanted is left alone. */
    @Test
    void oneDieCutsAPanelItsWindowAndThreeStars() {
        List<ShapePart> parts = new ArrayList<>(List.of(
                SampleShapes.part(ShapePart.How.ADD, Kind.RECTANGLE, "3", "4", "0", "0"),
                SampleShapes.part(ShapePart.How.TAKE_AWAY, Kind.OVAL, "2", "2", "1/2", "1 1/2")));
        for (String left : List.of("1/4", "1 1/4", "2 1/4")) {
            parts.add(SampleShapes.part(ShapePart.How.TAKE_AWAY, Kind.DIAMOND, "1/2", "1/2", left, "1/4"));
        }
        OwnShape panel = SampleShapes.of("Panel", Finish.NONE, parts.toArray(ShapePart[]::new));
        Addition mat = with(add("mat", "mat", on("front-outside"), "fit", "size", "width", "3", "height", "4"), panel);
        Card card = card(folded("4 1/4", "5 1/2"), mat);
        RunPlan plan = plan(card, List.of(own(panel), circle("2")));
        assertThat(plan.bench().press().plan().byHand()).isEmpty();
        assertThat(plan.bench().press().plan().passes()).isEqualTo(4);
        assertThat(plan.bench().press().plan().paperFor(card.pieces().get(1)).size())
                .isEqualTo(size("3 1/8", "4 1/8"));
        assertThat(makes(plan)).contains("Cut the outline and the openings of mat in the press, with Panel.");
        TrialRun trial = TrialRun.of(plan, 99, List.of());
        assertThat(trial.isFine()).isTrue();
        assertThat(TrialRun.of(plan, 99, List.of(new Mishap.DieSlipped(1, in("1/16"))))
                        .isFine())
                .isFalse();
        PressRead.everyDieLiesWhereTheWordsSay(plan);

        Card fewer = card(
                folded("4 1/4", "5 1/2"),
                add("mat", "mat", on("front-outside"), "fit", "size", "width", "3", "height", "4"),
                round("hole", "mat", "2", "down", "by", "fromTop", "1 1/2"));
        assertThat(plan(fewer, List.of(own(panel), circle("2")))
                        .bench()
                        .press()
                        .plan()
                        .loads())
                .flatExtracting(Load::laid)
                .flatExtracting(onBed -> onBed.layup().uses())
                .extracting(use -> use.die().name())
                .containsOnly("circle 2");
    }

    /** An outline that is another one from behind is cut however it is turned; what a die cuts within an opening falls out with it. */
    @Test
    void aDieWithAnOutlineOfOnesOwnCutsItAndAnOpening() {
        OwnShape pennant = SampleShapes.pennant();
        OwnShape label = SampleShapes.label();
        Card card = card(
                folded("4 1/4", "5 1/2"),
                with(add("ornament", "flag", on("front-outside"), "width", "3", "height", "2"), pennant),
                with(add("opening", "hole", on("back-inside"), "width", "2", "height", "2"), label));
        RunPlan plan = plan(card, List.of(own(pennant), own(label)));
        assertThat(plan.bench().press().plan().byHand()).isEmpty();
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        PressRead.everyDieLiesWhereTheWordsSay(plan);
    }

    /** A row of panels cut and creased by one die: scores at 3 and 7, a window in the middle panel, one pass a card, and nothing for the board. */
    @Test
    void oneDieCutsAndCreasesABase() {
        OwnShape row = SampleShapes.row();
        CustomStrip custom = new CustomStrip();
        Design design = base("custom", "5", "7")
                .with(custom.cutTo(custom.start(MeasureSystem.INCH), row.asDrawn())
                        .orElseThrow());
        assertThat(design.finished()).isEqualTo(size("4", "4"));
        Card card = make(design).orThrow();
        assertThat(card.base().scores())
                .extracting(
                        score -> score.line().start().x(), score -> score.line().inches())
                .containsExactly(tuple(in("3"), 4.0), tuple(in("7"), 4.0));
        assertThat(card.base().openings()).hasSize(1);
        assertThat(card.panels())
                .extracting(
                        panel -> panel.id().value(),
                        panel -> panel.outline().corners().size())
                .containsExactlyInAnyOrder(tuple("panel-1", 5), tuple("panel-2", 4), tuple("panel-3", 5));

        RunPlan pressed = RunPlan.of(
                line(card, 4),
                shelf(paper(size("12", "12"))),
                Thrift.FEWEST_SHEETS,
                withPress(TOOLS, new Press(in("6"), in("12"), 2)).withDies(List.of(own(row), circle("2"))));
        assertThat(pressed.bench().press().plan().passes()).isEqualTo(4);
        assertThat(pressed.bench().score().settings()).isEmpty();
        assertThat(makes(pressed)).startsWith("Cut and crease Base in the press, with Row.");
        assertThat(makes(pressed)).noneMatch(words -> words.startsWith("Score"));
        assertThat(TrialRun.of(pressed, 99, List.of()).isFine()).isTrue();
        assertThat(TrialRun.of(pressed, 99, List.of(new Mishap.DieSlipped(1, in("1/16"))))
                        .isFine())
                .isFalse();
        PressRead.everyDieLiesWhereTheWordsSay(pressed);

        RunPlan byHand = RunPlan.of(line(card, 4), shelf(paper(size("12", "12"))), Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(byHand.bench().score().settings()).isNotEmpty();
        assertThat(TrialRun.of(byHand, 99, List.of()).isFine()).isTrue();
    }
}
