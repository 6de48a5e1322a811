package kwibbet.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.Inches;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.tool.HandTools;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What no die cuts is cut all the same: somebody who has only the marks takes off the rectangle just what is not in the outline. */
class HandCutTest {

    private static Card plain(String base, String width, String height) {
        return make(base(base, width, height)).orThrow();
    }

    private static PressPlan byHand(Card card) {
        return PressPlan.of(List.of(Inches.line(card, 12)), Inches.TOOLS);
    }

    private static List<String> sentences(PressPlan.ByHand each) {
        return each.cuts().stream()
                .map(cut -> cut.sentence(MeasureSystem.INCH).text())
                .toList();
    }

    /** Cuts the paper by its marks. */
    private static Outline cut(List<HandCut> cuts, Rect paper) {
        List<Region> off = new ArrayList<>();
        for (HandCut cut : cuts) {
            if (cut instanceof HandCut.Corners corners) {
                corners.at().forEach(at -> off.add(Region.of(corner(corners, at, paper))));
            } else {
                HandCut.Notches notches = (HandCut.Notches) cut;
                notches.at().forEach(edge -> off.add(Region.of(notch(notches, edge, paper))));
            }
        }
        return Overlay.without(Region.of(Outline.of(paper)), off).get(0).outline();
    }

    private static Outline corner(HandCut.Corners corners, HandCut.Corner at, Rect paper) {
        Point point = at.of(paper);
        Length level =
                at.isLeft() ? corners.legs().width() : corners.legs().width().negated();
        Length upright =
                at.isTop() ? corners.legs().height() : corners.legs().height().negated();
        Point along = point.plus(level, Length.ZERO);
        Point down = point.plus(Length.ZERO, upright);
        return corners.isSquare()
                ? Outline.of(point, along, point.plus(level, upright), down)
                : Outline.of(point, along, down);
    }

    private static Outline notch(HandCut.Notches notch, Edge edge, Rect paper) {
        return Outline.of(
                at(edge, notch.from(), Length.ZERO, paper),
                at(edge, notch.to(), Length.ZERO, paper),
                at(edge, notch.tip(), notch.deep(), paper));
    }

    private static Point at(Edge edge, Length along, Length deep, Rect paper) {
        return switch (edge) {
            case TOP -> new Point(paper.left().plus(along), paper.top().plus(deep));
            case BOTTOM -> new Point(paper.left().plus(along), paper.bottom().minus(deep));
            case LEFT -> new Point(paper.left().plus(deep), paper.top().plus(along));
            case RIGHT -> new Point(paper.right().minus(deep), paper.top().plus(along));
        };
    }

    @ParameterizedTest
    @EnumSource(
            value = CutShape.Kind.class,
            names = {"GABLE", "HEXAGON", "OCTAGON", "DIAMOND"})
    void straightOutlinesComeOutByTheirMarks(CutShape.Kind kind) {
        Outline outline = new CutShape(kind, size("3 1/8", "4 1/2")).outline();
        Rect paper = outline.bounds();
        Outline cut = cut(HandCut.outline(outline, paper, HandTools.ANY), paper);
        assertThat(Overlay.sharedArea(Region.of(cut), Region.of(outline))).isCloseTo(outline.area(), offset(1e-4));
        assertThat(cut.area()).isCloseTo(outline.area(), offset(1e-4));
    }

    @ParameterizedTest
    @EnumSource(
            value = CutShape.Kind.class,
            names = {"ARCH", "SCALLOPED"})
    void curvesAreDrawnByThePieceAtFullSize(CutShape.Kind kind) {
        Outline outline = new CutShape(kind, size("3", "4")).outline();
        assertThat(HandCut.outline(outline, outline.bounds(), HandTools.ANY))
                .containsExactly(new HandCut.Drawn(Optional.empty()));
    }

    /** A point at the middle of its far edge, tabs mitred, both shutters at once; common practice, no source. */
    @Test
    void shuttersAreMitredAndPointedTogether() {
        List<PressPlan.ByHand> byHand = byHand(plain("shutter-gate", "5", "7")).byHand();
        PressPlan.ByHand shutters = byHand.stream()
                .filter(PressPlan.ByHand::isOfSeveral)
                .findFirst()
                .orElseThrow();
        assertThat(shutters.sentence(MeasureSystem.INCH).text())
                .startsWith("Left shutter, Right shutter, their outline");
        assertThat(shutters.count()).isEqualTo(24);
        assertThat(shutters.together()).contains("tightly together");
        Piece shutter = shutters.want().piece();
        Outline cut = cut(shutters.cuts(), shutter.outline().bounds());
        assertThat(cut.area()).isCloseTo(shutter.outline().area(), offset(1e-4));
    }

    /** An opening through two layers is looked through both; two of a size are not. */
    @ParameterizedTest
    @CsvSource({"layers, true", "this, false"})
    void whatIsLookedThroughMustMatch(String through, boolean matches) {
        String[] hole = {"shape", "oval", "width", "1", "height", "1", "through", through};
        Addition over = add("mat", "over", on("ground"), "border", "0");
        Card card = matches
                ? card(folded("5", "7"), add("mat", "ground", front()), over, add("opening", "hole", on("over"), hole))
                : card(
                        folded("5", "7"),
                        add("mat", "ground", front()),
                        add("mat", "over", on("back-outside")),
                        add("opening", "hole", on("ground"), hole),
                        add("opening", "other", on("over"), hole));
        assertThat(byHand(card).byHand())
                .filteredOn(each -> each.want().role() == Want.Role.OPENING && each.isOfSeveral())
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.together().isEmpty()).isNotEqualTo(matches));
    }

    /** Two labels of one size lie on different things: one line says how both are cut, nobody has to hold one to the other. */
    @Test
    void whatIsOfDifferentThingsNeedNotMatch() {
        Card card = card(
                folded("5", "7"),
                add("ornament", "one", front(), "shape", "oval", "width", "1", "height", "1"),
                add("ornament", "other", on("front-inside"), "shape", "oval", "width", "1", "height", "1"));
        PressPlan press = byHand(card);
        assertThat(press.byHand()).singleElement().satisfies(labels -> {
            assertThat(labels.wants()).hasSize(2);
            assertThat(labels.together()).isEmpty();
        });
        assertThat(Making.of(card, press, Way.ONE).steps())
                .filteredOn(Operation.CutOut.class::isInstance)
                .hasSize(2);
    }

    /** An 8 inch square scored at 3: the triangles are 2 wide and 1 deep; common practice, no source. */
    @Test
    void theTrianglesOfAPinwheelAreMarkedOnEachEdge() {
        PressPlan.ByHand wheel = byHand(make(base("pinwheel", "4", "4", "mark", "3", "pleat", "1"))
                        .orThrow())
                .byHand()
                .get(0);
        assertThat(sentences(wheel))
                .containsExactly(
                        "Each edge: mark 3 in and 5 in along it, and 1 in from the edge midway between them; cut the triangles out.");
        assertThat(wheel.together()).isEmpty();
    }

    /** An envelope of a rectangle: 3/4 at its sides, the flap of 2 and an eighth above them, 3 1/8 and an eighth below. Worked by hand. */
    @Test
    void cornersCutOutSquareAreMarkedAlongBothEdges() {
        Outline envelope = Inches.make(Inches.base("wrap-envelope", "5 3/4", "4 3/8", "flap", "2"))
                .orThrow()
                .base()
                .outline();
        List<HandCut> cuts = HandCut.outline(envelope, envelope.bounds(), HandTools.ANY);
        assertThat(cuts)
                .extracting(cut -> cut.sentence(MeasureSystem.INCH).text())
                .containsExactlyInAnyOrder(
                        "Top left and top right: mark 3/4 in along the level edge and 2 1/8 in along the upright one, and cut the corners out square.",
                        "Bottom left and bottom right: mark 3/4 in along the level edge and 3 1/4 in along the upright one, and cut the corners out square.");
        Outline cut = cut(cuts, envelope.bounds());
        assertThat(Overlay.sharedArea(Region.of(cut), Region.of(envelope))).isCloseTo(envelope.area(), offset(1e-4));
        assertThat(cut.area()).isCloseTo(envelope.area(), offset(1e-4));
    }

    @Test
    void aHexagonASwallowtailAndARoundAreSaid() {
        assertThat(HandCut.outline(
                                new CutShape(CutShape.Kind.DIAMOND, size("2", "3")).outline(),
                                rect("2", "3"),
                                HandTools.ANY)
                        .get(0)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .isEqualTo(
                        "All four corners: mark 1 in along the level edge and 1 1/2 in along the upright one, and cut the corners off.");
        Outline tail = Outline.of(point("0", "0"), point("2", "0"), point("2", "5"), point("1", "4"), point("0", "5"));
        assertThat(HandCut.outline(tail, rect("2", "5"), HandTools.ANY)
                        .get(0)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .isEqualTo("The bottom edge: mark 1 in from it, midway, and cut from there to both its corners.");
        Outline round = new CutShape(CutShape.Kind.OVAL, size("3", "3")).outline();
        assertThat(HandCut.outline(round, rect("3", "3"), HandTools.ANY)
                        .get(0)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .isEqualTo(
                        "Set a compass to 1 1/2 in with its point 1 1/2 in from the left and 1 1/2 in from the top, and cut it out.");
    }

    private static Rect rect(String width, String height) {
        return Rect.atOrigin(size(width, height));
    }

    private static Point point(String x, String y) {
        return new Point(in(x), in(y));
    }

    /** Two edges of one paper are cut in one step, so each is named; the middle of a die 8 in long is nearer to another edge than to the one it reaches past. */
    @Test
    void anEdgeCutAlongAPrintIsNamed() {
        Card card = make(base("folded", "5", "7")
                        .plus(add("edge-punch", "scallops", front()))
                        .plus(add("edge-die", "notch", front(), "edge", "top", "width", "2", "height", "8")))
                .orThrow();
        assertThat(card.base().edgeCuts()).extracting(PartCut.PastEdge::edge).containsExactly(Edge.LEFT, Edge.TOP);
        assertThat(steps(card)).anySatisfy(step -> assertThat(step)
                .startsWith("Base. The left edge: mark 3 1/2 in from the top")
                .endsWith(
                        "The top edge: print the piece at full size, draw along it and cut with scissors or a knife."));
    }

    /** Nobody who makes a round base or a blind is left without a step, or with one for each of its holes. */
    @Test
    void whatIsCutByHandIsAStepOfMaking() {
        Card round = plain("shaped", "4 1/4", "4 1/4");
        assertThat(steps(round)).anyMatch(step -> step.startsWith("Base. Print the piece at full size"));
        Card matted = make(round.design().plus(add("mat", "mat-1", on("front-outside"))))
                .orThrow();
        assertThat(steps(matted)).contains("Stick mat-1 on the front, centred: 1/8 in shows all round.");
        assertThat(kwibbet.bench.RunPlan.of(
                                Inches.line(matted, 1),
                                Inches.MATERIALS.shelf(),
                                kwibbet.layout.Thrift.FEWEST_SHEETS,
                                Inches.TOOLS)
                        .bench()
                        .trim()
                        .offMarks())
                .isEmpty();
        Addition blind = add("blind", "blind-1", on("front-outside"), "width", "2 1/2", "height", "3");
        Card window =
                make(base("folded", "5", "7").withAdditions(List.of(blind))).orThrow();
        assertThat(steps(window))
                .filteredOn(step -> step.contains(" holes, each "))
                .containsExactly(
                        "Hold blind-1 in its pleats and punch through all of them: 2 holes, each 1/8 in across: 3/8 in and 2 1/2 in from the left; 3/16 in from the top.");
    }

    private static List<String> steps(Card card) {
        return kwibbet.bench.RunPlan.of(
                        Inches.line(card, 1),
                        Inches.MATERIALS.shelf(),
                        kwibbet.layout.Thrift.FEWEST_SHEETS,
                        Inches.TOOLS)
                .makeOf(card, kwibbet.making.Way.ONE)
                .steps()
                .stream()
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .toList();
    }
}
