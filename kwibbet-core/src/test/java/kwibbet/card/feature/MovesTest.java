package kwibbet.card.feature;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.shape.Edge;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** What the hand does on the flat base becomes settings. */
class MovesTest {

    private static final PieceId LABEL = new PieceId("ornament-1");
    private static final Graduation MARKS = Graduation.SIXTEENTHS;

    private static Card with(Addition... additions) {
        return make(base("folded", "5", "7").withAdditions(List.of(additions))).orThrow();
    }

    private static Card label(String face) {
        return with(
                add("ornament", "ornament-1", on(face), "width", "1", "height", "1", "across", "by", "fromLeft", "1"));
    }

    private static Settings settings(Design design) {
        return design.addition(LABEL).orElseThrow().settings();
    }

    /** On the outside of the front a shift to the right on the flat base, seen from inside, is one to the left as it is looked at. */
    @ParameterizedTest
    @CsvSource({"back-inside,1/2,1 1/2", "front-outside,1/2,1/2", "back-inside,1/50,1", "back-inside,-1 1/4,-1/4"})
    void aShiftIsTakenAsTheFaceIsLookedAtAndSnaps(String face, String right, String fromLeft) {
        Length shift = right.equals("1/50") ? Length.GRAIN.multipliedBy(2_438) : in(right);
        Design moved =
                Moves.moved(label(face), LABEL, shift, Length.ZERO, MARKS).orElseThrow();
        assertThat(settings(moved).length(Placing.FROM_LEFT)).isEqualTo(in(fromLeft));
        assertThat(settings(moved).choice(Placing.DOWN)).isEqualTo(Placing.MIDDLE);
    }

    @Test
    void nearTheMiddleItSnapsThere() {
        // A square inch on five lies in the middle 2 from the left.
        Design moved = Moves.moved(label("back-inside"), LABEL, in("1 1/64"), in("1"), MARKS)
                .orElseThrow();
        assertThat(settings(moved).choice(Placing.ACROSS)).isEqualTo(Placing.MIDDLE);
        assertThat(settings(moved).length(Placing.FROM_TOP)).isEqualTo(in("4"));
    }

    @Test
    void anEdgeStretchesWhatItBelongsTo() {
        Card card = with(
                add(
                        "ornament",
                        "ornament-1",
                        on("back-inside"),
                        "width",
                        "1",
                        "height",
                        "1",
                        "across",
                        "by",
                        "fromLeft",
                        "1"),
                add("mat", "mat-1", on("back-inside"), "border", "1/2"));
        Design wider = Moves.stretched(card, LABEL, Edge.LEFT, in("1/2"), MARKS).orElseThrow();
        assertThat(settings(wider).length(Shapes.WIDTH)).isEqualTo(in("1 1/2"));
        assertThat(settings(wider).length(Placing.FROM_LEFT)).isEqualTo(in("1/2"));
        Design higher =
                Moves.stretched(card, LABEL, Edge.BOTTOM, in("1/4"), MARKS).orElseThrow();
        assertThat(settings(higher).length(Shapes.HEIGHT))
                .as("kept in the middle")
                .isEqualTo(in("1 1/2"));
        Design narrower = Moves.stretched(card, new PieceId("mat-1"), Edge.TOP, in("-1/8"), MARKS)
                .orElseThrow();
        assertThat(narrower.addition(new PieceId("mat-1"))
                        .orElseThrow()
                        .settings()
                        .length(Mat.BORDER))
                .isEqualTo(in("5/8"));
        assertThat(Moves.moved(card, new PieceId("none"), in("1"), in("1"), MARKS))
                .isEmpty();
    }

    /** Outwards is to the left at the left edge and up at the top one. */
    @ParameterizedTest
    @CsvSource({"LEFT,-1/4,1", "RIGHT,1/4,1", "TOP,1,-1/4", "BOTTOM,1,1/4"})
    void anEdgeDrawnOutwardsWidensTheMatItBelongsTo(Edge edge, String right, String down) {
        Card card = with(add("mat", "mat-1", on("back-inside"), "border", "1/2"));
        Design drawn = Moves.drawn(card, new PieceId("mat-1"), edge, in(right), in(down), MARKS)
                .orElseThrow();
        assertThat(drawn.additions().get(0).settings().length(Mat.BORDER)).isEqualTo(in("1/4"));
    }

    @ParameterizedTest
    @CsvSource({"LEFT,15/16,", "RIGHT,1 1/16,", "TOP,1,2 15/16", "BOTTOM,1,3 1/16"})
    void anArrowKeyMovesByOneMark(Edge towards, String fromLeft, String fromTop) {
        Design moved =
                Moves.nudged(label("back-inside"), LABEL, towards, 1, MARKS).orElseThrow();
        assertThat(settings(moved).length(Placing.FROM_LEFT)).isEqualTo(in(fromLeft));
        assertThat(settings(moved).is(Placing.DOWN, Placing.MIDDLE)).isEqualTo(fromTop == null);
        if (fromTop != null) {
            assertThat(settings(moved).length(Placing.FROM_TOP)).isEqualTo(in(fromTop));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "folded,fold,-1,shortBy,1",
        "gate,left,1/2,left,3",
        "gate,right,1/2,right,2",
        "wrap-over,flap,1/4,flap,1 1/2",
        "bridged,fold,0,strip,2",
        "custom,fold-1,-1,panel1,4"
    })
    void aDraggedScoreSetsTheParameterItFollowsFrom(String base, String score, String right, String key, String value) {
        Card card = make(base(base, "5", "7")).orThrow();
        Design moved = Moves.scoreMoved(card, new ScoreId(score), in(right), Length.ZERO, MARKS)
                .orElseThrow();
        assertThat(moved.settings().lengths()).containsEntry(key, in(value));
        assertThat(make(moved).reasons()).isEmpty();
    }

    @Test
    void scoresThatLieWhereTheyMustStay() {
        assertThat(Moves.scoreMoved(
                        make(base("roll", "4", "6")).orThrow(), new ScoreId("front"), in("1"), in("1"), MARKS))
                .isEmpty();
        assertThat(Moves.scoreMoved(
                        make(base("pinwheel", "4", "4")).orThrow(), new ScoreId("flap-1"), in("1"), in("1"), MARKS))
                .isEmpty();
    }

    @Test
    void whatIsDoneAllDayIsDoneAtOnce() {
        Card gate = make(base("gate", "5", "7")).orThrow();
        Card matted = make(QuickWays.matEveryPanel(gate)).orThrow();
        assertThat(matted.design().additions())
                .extracting(Addition::host)
                .containsExactly(on("left-outside"), on("right-outside"), on("middle-inside"));
        assertThat(matted.pieces().get(1).size()).isEqualTo(size("2 1/4", "6 3/4"));
        Card inside = make(QuickWays.sameInside(matted)).orThrow();
        assertThat(inside.design().additions())
                .extracting(Addition::host)
                .contains(on("left-inside"), on("right-inside"));
        Card stepped = make(QuickWays.stepDown(matted, new PieceId("mat-1"))).orThrow();
        assertThat(stepped.design().additions().get(3).host()).isEqualTo(new Host.OnPiece(new PieceId("mat-1")));
        Card again = make(QuickWays.stepDown(stepped, new PieceId("mat-1"))).orThrow();
        assertThat(again.pieces().get(5).size()).isEqualTo(size("1 3/4", "6 1/4"));
    }

    /** Each mat is cut from what lies below the one it comes to lie on, however often the same mat is stepped down from. */
    @Test
    void papersAlternateAsMatsStepDown() {
        PaperId other = new PaperId("other");
        Materials two = new Materials(
                shelf(paper(STOCK, size("12", "12")), paper(other, size("12", "12"))), Graduation.SIXTEENTHS);
        Design design = QuickWays.matEveryPanel(
                CardMaker.make(base("folded", "5", "7"), two).orThrow());
        for (int i = 0; i < 3; i++) {
            design = QuickWays.stepDown(CardMaker.make(design, two).orThrow(), new PieceId("mat-1"));
        }
        Card stepped = CardMaker.make(design, two).orThrow();
        assertThat(stepped.pieces()).extracting(Piece::paper).containsExactly(STOCK, other, STOCK, other, STOCK);
        assertThat(stepped.pieces().get(4).size()).isEqualTo(size("4", "6"));
    }

    /** Borders stay, sizes and offsets grow with their side to the last round figure that is not too much, a circle stays one. */
    @Test
    void aResizeKeepsBordersAndProportions() {
        Addition mat = add("mat", "mat-1", on("front-outside"), "border", "1/8").withPapers(Map.of("paper", STOCK));
        Addition window =
                add("opening", "opening-1", on("mat-1"), "width", "2", "height", "2", "down", "by", "fromTop", "1");
        Design design = base("folded", "4 1/4", "5 1/2").withAdditions(List.of(mat, window));
        Card larger = make(design.resized(size("5", "7"))).orThrow();
        assertThat(larger.pieces().get(1).size()).isEqualTo(size("4 3/4", "6 3/4"));
        Settings grown = larger.design().present(larger.design().additions().get(1));
        assertThat(grown.length(Shapes.WIDTH)).isEqualTo(in("2 5/16"));
        assertThat(grown.length(Placing.FROM_TOP)).isEqualTo(in("1 1/4"));
        assertThat(design.resized(size("5", "7")).resized(size("4 1/4", "5 1/2")))
                .isEqualTo(design);
        assertThat(make(design.resized(size("5", "7")).settled()).orThrow().pieces())
                .isEqualTo(larger.pieces());
    }

    @Test
    void heldKeysMoveByAsManyMarksAsWereAskedFor() {
        Design moved =
                Moves.nudged(label("back-inside"), LABEL, Edge.RIGHT, 5, MARKS).orElseThrow();
        assertThat(settings(moved).length(Placing.FROM_LEFT)).isEqualTo(in("1 5/16"));
    }

    /** A mat by its border has no place of its own: nothing is moved unseen, and what would free it is said. */
    @Test
    void whatFollowsFromABorderSaysWhatWouldFreeIt() {
        Card card = with(add("mat", "mat-1", on("front-outside"), "border", "1/8"));
        PieceId mat = new PieceId("mat-1");
        assertThat(Moves.nudged(card, mat, Edge.RIGHT, 1, MARKS)).isEmpty();
        assertThat(Moves.obstacle(card, mat).orElseThrow()).contains("Set Size to “fixed” to move it.");
        assertThat(Moves.obstacle(card, PieceId.BASE).orElseThrow()).contains("Only what is put on the card");
        assertThat(Moves.obstacle(label("back-inside"), LABEL)).isEmpty();
    }

    /** Placed by a distance from now on, it stays where it lies: 5 less 1 is 4, half of it on each side. */
    @Test
    void aNewDistanceIsTheOneItLiesAt() {
        Card card = with(add("ornament", "ornament-1", on("front-outside"), "width", "1", "height", "1"));
        Addition ornament = card.design().additions().get(0);
        Settings wanted = ornament.settings().with(Placing.ACROSS, Placing.BY);
        assertThat(Moves.fromWhereItLies(card, ornament, wanted).length(Placing.FROM_LEFT))
                .isEqualTo(in("2"));
        Settings typed = wanted.with(Placing.FROM_LEFT, in("3/4"));
        assertThat(Moves.fromWhereItLies(card, ornament, typed).length(Placing.FROM_LEFT))
                .isEqualTo(in("3/4"));
    }

    /** Switched to a fixed size, a mat keeps the size it has; one that is said with it is taken. */
    @Test
    void aMatCutToASizeStartsFromTheOneItHas() {
        Card card = with(add("mat", "mat", on("front-outside"), "border", "1/4"));
        Addition mat = card.design().addition(new PieceId("mat")).orElseThrow();
        Settings sized = Moves.fromWhereItLies(card, mat, mat.settings().with(Mat.FIT, Mat.BY_SIZE));
        assertThat(sized.length(Mat.WIDTH)).isEqualTo(in("4 1/2"));
        assertThat(sized.length(Mat.HEIGHT)).isEqualTo(in("6 1/2"));
        Settings said = mat.settings().with(Mat.FIT, Mat.BY_SIZE).with(Mat.WIDTH, in("3 1/16"));
        assertThat(Moves.fromWhereItLies(card, mat, said)).isEqualTo(said);
    }
}
