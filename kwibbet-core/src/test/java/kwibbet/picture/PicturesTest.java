package kwibbet.picture;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.layout.Thrift;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.press.PressPlan;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static org.assertj.core.api.Assertions.assertThat;

class PicturesTest {

    private static final PaperShelf SHELF = shelf(paper(SheetSizes.TWELVE_SQUARE));

    private static Stream<Mark> all(List<Mark> marks) {
        return marks.stream().flatMap(mark -> mark instanceof Mark.Group group ? all(group.marks()) : Stream.of(mark));
    }

    private static Stream<Point> points(Drawing drawing) {
        return all(drawing.marks()).flatMap(mark -> {
            if (mark instanceof Mark.Area area) {
                return area.outline().stream();
            }
            return mark instanceof Mark.Stroke stroke ? stroke.path().stream() : Stream.of();
        });
    }

    private static List<String> texts(Drawing drawing) {
        return all(drawing.marks())
                .filter(Mark.Text.class::isInstance)
                .map(mark -> ((Mark.Text) mark).phrase().text())
                .toList();
    }

    private static List<String> fills(Drawing drawing, String piece) {
        return drawing.marks().stream()
                .filter(mark ->
                        mark instanceof Mark.Group group && group.piece().equals(piece))
                .flatMap(mark -> all(List.of(mark)))
                .filter(mark -> mark instanceof Mark.Area area && area.fill() instanceof Fill.Paper)
                .map(mark -> ((Fill.Paper) ((Mark.Area) mark).fill()).colour().hex())
                .toList();
    }

    /** A base lies inside up, so that its paper's own face is outside; the strips of a pinwheel lie back over their flaps and show the other. */
    @Test
    void ofAPaperWithTwoFacesTheOneIsDrawnThatIsSeen() {
        Colour other = new Colour("#335577");
        Paper white = paper(SheetSizes.TWELVE_SQUARE);
        PaperShelf twoFaced = shelf(new Paper(
                white.id(),
                white.name(),
                white.kind(),
                white.format(),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN, other),
                white.body(),
                white.kept(),
                white.sizeOf()));
        Card card =
                make(base("folded", "5", "7").plus(add("mat", "mat", front()))).orThrow();
        TableScale scale = TableScale.of(card);
        Drawing shut = FinishedPicture.onTable(card, twoFaced, card.form().pose("shut"), scale);
        assertThat(fills(FlatPicture.of(card, twoFaced, PieceId.BASE, scale), "base"))
                .containsExactly(other.hex());
        assertThat(fills(shut, "base")).endsWith(Colour.WHITE.hex());
        assertThat(fills(shut, "mat")).containsExactly(Colour.WHITE.hex());
        Card wheel = make(base("pinwheel", "4", "4")).orThrow();
        Drawing turning = FinishedPicture.onTable(wheel, twoFaced, wheel.form().pose("shut"), TableScale.of(wheel));
        assertThat(fills(turning, "base"))
                .endsWith(Colour.WHITE.hex(), other.hex(), other.hex(), other.hex(), other.hex());
    }

    /** Ribbon is drawn over what it runs on in the colour that is said; where none is said, its edges are. */
    @Test
    void ribbonIsDrawnInItsColour() {
        for (String colour : List.of("red", "any")) {
            Card card = make(base("folded", "5", "7").plus(add("ribbon", "sash", front(), "colour", colour)))
                    .orThrow();
            List<String> drawn =
                    fills(FinishedPicture.alone(card, SHELF, card.form().pose(Pose.SHUT)), "base");
            assertThat(drawn.stream().filter(hex -> !hex.equals(Colour.WHITE.hex())))
                    .hasSize(colour.equals("red") ? 1 : 0);
        }
    }

    @ParameterizedTest
    @CsvSource({"5,7", "1,24", "24,1", "1,1", "4 1/3,9 1/64"})
    void everyCardFitsItsFrameFlatAndFinished(String width, String height) {
        Card card = card(folded(width, height));
        TableScale scale = TableScale.of(card);
        List<Drawing> drawings = List.of(
                FlatPicture.of(card, SHELF, PieceId.BASE, scale),
                FinishedPicture.onTable(card, SHELF, card.form().pose("open"), scale),
                FinishedPicture.onTable(card, SHELF, card.form().pose("shut"), scale));
        for (Drawing drawing : drawings) {
            assertThat(points(drawing)).allSatisfy(point -> {
                assertThat(point.x()).isBetween(in("0"), drawing.frame().right());
                assertThat(point.y()).isBetween(in("0"), drawing.frame().bottom());
            });
        }
    }

    @Test
    void figuresAreThoseOfThePieceInHand() {
        Card card = card(folded("4 1/4", "5 1/2"), mat("mat-1", front(), border("1/8")));
        TableScale scale = TableScale.of(card);
        assertThat(texts(FlatPicture.of(card, SHELF, PieceId.BASE, scale)))
                .contains("4 1/4", "8 1/2", "5 1/2", "inside front");
        assertThat(texts(FlatPicture.of(card, SHELF, new PieceId("mat-1"), scale)))
                .contains("4", "5 1/4")
                .doesNotContain("8 1/2");
        assertThat(texts(FinishedPicture.onTable(card, SHELF, card.form().pose(Pose.SHUT), scale)))
                .containsExactlyInAnyOrder("4 1/4", "5 1/2");
    }

    /** The score of a card that stands up past its fold goes on beyond what does: it is measured once. */
    @Test
    void aScoreInTwoPartsIsMeasuredOnce() {
        Card card = make(base("past-fold", "4", "6", "shape", "rectangle", "across", "2", "rise", "1"))
                .orThrow();
        Making making = Making.of(card, PressPlan.of(List.of(line(card, 1)), TOOLS), Way.ONE);
        assertThat(making.steps())
                .filteredOn(Operation.Crease.class::isInstance)
                .singleElement()
                .satisfies(step -> assertThat(texts(StepPicture.of(making, step, SHELF, MeasureSystem.INCH)))
                        .containsExactly("5"));
    }

    /** Paper that is longer for an end a die takes off is drawn with that end, and its own figure, within the frame. */
    @Test
    void longerPaperIsDrawnWithTheEndThatComesOff() {
        Card card = card(
                folded("5", "7"),
                add(
                        "edge-die",
                        "waves",
                        front(),
                        "shape",
                        "scalloped",
                        "height",
                        "8",
                        "end",
                        "off",
                        "longer",
                        "1 1/2"));
        Drawing flat = FlatPicture.of(card, SHELF, PieceId.BASE, TableScale.of(card));
        assertThat(texts(flat)).contains("5", "10", "7", "11 1/2");
        assertThat(points(flat))
                .allSatisfy(point -> assertThat(flat.frame().contains(point)).isTrue());
        assertThat(lines(flat)).contains(Line.HIDDEN);
    }

    @Test
    void openTheCreaseIsAScoreAndShutItIsAnEdge() {
        Card card = card(folded("5", "7"));
        TableScale scale = TableScale.of(card);
        assertThat(lines(FinishedPicture.onTable(card, SHELF, card.form().pose("open"), scale)))
                .contains(Line.VALLEY);
        assertThat(lines(FinishedPicture.onTable(card, SHELF, card.form().pose("shut"), scale)))
                .contains(Line.CUT)
                .doesNotContain(Line.VALLEY);
    }

    private static List<Line> lines(Drawing drawing) {
        return all(drawing.marks())
                .flatMap(mark -> mark instanceof Mark.Stroke stroke
                        ? Stream.of(stroke.line())
                        : mark instanceof Mark.Area area ? Stream.of(area.line()) : Stream.empty())
                .distinct()
                .toList();
    }

    @Test
    void aSheetShowsItsPiecesCutNumbersAndWhatIsLeft() {
        Card card = card(folded("5", "7"));
        RunPlan plan = RunPlan.of(line(card, 24), SHELF, Thrift.FEWEST_SHEETS, TOOLS);
        Drawing sheet = SheetPicture.of(
                plan.sheets().lettered().get(0),
                plan.bench().trim().numbersOn(plan.sheets().lettered().get(0)),
                MeasureSystem.INCH);
        assertThat(texts(sheet)).contains("Base", "10 × 7 in", "left 12 × 5 in", "12");
        assertThat(all(sheet.marks()).filter(Mark.Disc.class::isInstance).map(mark -> ((Mark.Disc) mark).label()))
                .containsExactly("1", "2");
    }

    @Test
    void hatchingStaysWithinItsArea() {
        Rect area = Rect.of(in("1"), in("2"), in("3"), in("1/2"));
        List<Mark> lines = Hatching.of(area, in("1/4"), Ink.ON_LIGHT);
        assertThat(lines).hasSize(13).allSatisfy(line -> {
            for (Point point : ((Mark.Stroke) line).path()) {
                assertThat(point.x()).isBetween(area.left(), area.right());
                assertThat(point.y()).isBetween(area.top(), area.bottom());
            }
        });
    }

    /** Contrast of black and white by relative luminance, WCAG 2.2. */
    @Test
    void inkStandsOutFromItsPaper() {
        assertThat(Ink.on(new Colour("#263a63"))).isEqualTo(Ink.ON_DARK);
        assertThat(Ink.on(new Colour("#FFFDF8"))).isEqualTo(Ink.ON_LIGHT);
        assertThat(Ink.on(new Colour("#747474"))).isEqualTo(Ink.ON_DARK);
        assertThat(Ink.on(new Colour("#777777"))).isEqualTo(Ink.ON_LIGHT);
    }
}
