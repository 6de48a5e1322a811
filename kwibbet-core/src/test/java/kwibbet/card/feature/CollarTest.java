package kwibbet.card.feature;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.fold.SeenPanel;
import kwibbet.making.Does;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.State;
import kwibbet.making.Way;
import kwibbet.picture.FinishedPicture;
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.trial.TrialMaking;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Where things lie is worked out by hand: the base of a card lies inside up, so that what is on the right of its front is on the left of the paper. */
class CollarTest {

    private static Design lapels(String... settings) {
        return base("folded", "5", "7").plus(add("collar", "lapels", front(), settings));
    }

    private static Segment segment(String x1, String y1, String x2, String y2) {
        return new Segment(new Point(in(x1), in(y1)), new Point(in(x2), in(y2)));
    }

    /** From the top edge the one slit is 3/4 in; from the right, which lies at the left of the paper, it comes in level. */
    @ParameterizedTest
    @CsvSource({
        "top, panel, 2 1/2, 0, 2 1/2, 3/4, 4 1/2",
        "bottom, panel, 2 1/2, 7, 2 1/2, 6 1/4, 4 1/2",
        "right, panel, 0, 3 1/2, 3/4, 3 1/2, 4 1/2",
        "right, by, 0, 2, 3/4, 2, 3",
        "top, by, 3, 0, 3, 3/4, 5"
    })
    void aSlitComesInFromAnEdge(String edge, String middle, String x1, String y1, String x2, String y2, String folded) {
        Card card = make(lapels("starts", "edge", "edge", edge, "length", "3/4", "middle", middle, "from", "2"))
                .orThrow();
        assertThat(card.base().slits()).containsExactly(segment(x1, y1, x2, y2));
        List<Score> folds = card.base().scores().stream()
                .filter(score -> score.id().value().contains("fold-"))
                .toList();
        assertThat(folds).hasSize(2);
        assertThat(folds).allSatisfy(fold -> assertThat(fold.line().end()).isEqualTo(new Point(in(x2), in(y2))));
        double front = card.panelsOf(card.base().id()).stream()
                .filter(panel -> panel.id().value().equals("front"))
                .mapToDouble(panel -> panel.material(card.base()).area())
                .sum();
        // Two corners of 1 × 3/4 / 2 are folded back.
        assertThat(front).isCloseTo(35 - 0.75, offset(1e-6));
    }

    /** At the fold there is no edge; nothing worked on is in line with nothing; a corner too small holds no brad. */
    @Test
    void whatCannotBeIsRefusedInWords() {
        assertThat(refused(lapels("starts", "edge", "edge", "left"))).contains("would cut into a fold");
        assertThat(refused(lapels("middle", "worked"))).contains("put that there first");
        assertThat(refused(lapels("reach", "1/4", "length", "1/2", "heldBy", "brads")))
                .contains("no room for a brad");
        assertThat(refused(lapels("middle", "by", "from", "1/2"))).contains("at most 3/8 in");
    }

    private static String refused(Design design) {
        return CardMaker.make(design, MATERIALS).reasons().get(0).message();
    }

    /** The folder comes down first; moved, the slits go with it. */
    @Test
    void itsMiddleIsInLineWithWhatIsEmbossed() {
        Design embossed = base("folded", "5", "7")
                .plus(add(
                        "surface",
                        "leaf",
                        front(),
                        "technique",
                        "emboss",
                        "fit",
                        "size",
                        "width",
                        "1",
                        "height",
                        "1",
                        "across",
                        "by",
                        "fromLeft",
                        "1 1/4",
                        "down",
                        "end"))
                .plus(add("collar", "lapels", front(), "middle", "worked"));
        Card card = make(embossed).orThrow();
        // 1 3/4 from the left of the front is 3 1/4 from the left of the paper, inside up.
        assertThat(card.base().slits()).contains(segment("3 1/4", "1/2", "3 1/4", "3"));
        List<String> order =
                making(card, Way.ONE).steps().stream().map(Operation::id).toList();
        assertThat(order.indexOf("fold-back-lapels"))
                .isGreaterThan(order.stream()
                        .filter(id -> id.startsWith("treat-base-leaf"))
                        .mapToInt(order::indexOf)
                        .min()
                        .orElseThrow());
    }

    private static Making making(Card card, Way way) {
        return Making.of(card, PressPlan.of(List.of(line(card, 1)), TOOLS), way);
    }

    /** The hole of a corner folded back lies on the one behind it, exactly; on a mat the brads are set before it is stuck. */
    @ParameterizedTest
    @EnumSource
    void bradsGoThroughTheCornersAndWhatIsBehind(Way way) {
        Design design = base("folded", "5", "7")
                .plus(add("mat", "coat", front(), "border", "1/4"))
                .plus(add("collar", "lapels", on("coat"), "heldBy", "brads"));
        Card card = make(design).orThrow();
        assertThat(card.supplies())
                .anySatisfy(supply -> assertThat(supply.name()).isEqualTo("brad, 3/16 in"));
        List<Opening> holes = card.pieceOf(new PieceId("coat")).openings();
        assertThat(holes).hasSize(4);
        FoldedView seen = FoldedView.of(card, card.form().pose(Pose.SHUT));
        for (int corner = 1; corner <= 2; corner++) {
            SeenPanel flap = seen(seen, "lapels-flap-" + corner);
            SeenPanel coat = seen(seen, "coat");
            Point folded = flap.seen(holes.get(2 * corner - 2).bounds().middle());
            Point behind = coat.seen(holes.get(2 * corner - 1).bounds().middle());
            assertThat(folded.x().minus(behind.x()).toInches()).isCloseTo(0, offset(1e-4));
            assertThat(folded.y().minus(behind.y()).toInches()).isCloseTo(0, offset(1e-4));
        }
        headsShowOnTheCornersOnceTheyAreSet(card, seen);
        // Where two corners are gone from the mat is one opening, and two holes are in it; each corner has its own.
        assertThat(holes(seen, "coat", card)).isEqualTo(3);
        assertThat(holes(seen, "lapels-flap-1", card)).isEqualTo(1);
        Making making = making(card, way);
        List<Does> order = making.steps().stream().map(Operation::does).toList();
        assertThat(order.indexOf(Does.TURN_BACK)).isLessThan(order.indexOf(Does.FASTEN));
        assertThat(order.indexOf(Does.FASTEN)).isLessThan(order.indexOf(Does.STICK));
        assertThat(making.broken()).isEmpty();
        assertThat(TrialMaking.of(card, PressPlan.of(List.of(line(card, 1)), TOOLS), making.steps()))
                .isEmpty();
    }

    /** Folded back till their holes lie on each other, they have them; whatever else is cut by hand. */
    @ParameterizedTest
    @EnumSource
    void holesForBradsAreCutWhileTheCornersLieFlat(Way way) {
        Card card = make(base("folded", "5", "7")
                        .plus(add("pattern-die", "field", front()))
                        .plus(add("collar", "lapels", front(), "length", "1 1/2", "heldBy", "brads")))
                .orThrow();
        List<String> order = making(card, way).steps().stream()
                .map(Operation::id)
                .filter(id -> id.contains("lapels"))
                .toList();
        assertThat(order.get(0)).startsWith("open-base-lapels");
        assertThat(order.subList(1, 3)).containsExactly("turn-back-lapels", "fasten-lapels");
    }

    /** A head lies over its hole, on the face of the corner that is in front when that is folded back, from the step on that sets it. */
    private static void headsShowOnTheCornersOnceTheyAreSet(Card card, FoldedView seen) {
        Piece coat = card.pieceOf(new PieceId("coat"));
        assertThat(coat.zones()).hasSize(2).allSatisfy(head -> {
            assertThat(head.side()).isEqualTo(seen(seen, "lapels-flap-1").side());
            assertThat(head.rise()).isEqualTo(in("1/8"));
            assertThat(coat.openings())
                    .filteredOn(hole -> hole.bounds()
                            .middle()
                            .equals(head.outline().bounds().middle()))
                    .hasSize(1);
        });
        List<Operation> steps = making(card, Way.ONE).steps();
        int set = steps.stream().map(Operation::does).toList().indexOf(Does.FASTEN);
        assertThat(new State(card, steps.subList(0, set)).asItIs(coat).zones()).isEmpty();
        assertThat(new State(card, steps.subList(0, set + 1)).asItIs(coat).zones())
                .hasSize(2);
        assertThat(Review.of(card)).extracting(Finding::rule).doesNotContain("hidden-work", "work-cut-away");
    }

    /**
     * Slits 2 1/2 long, corners of 1 beside them, on a door 3 wide: the tip, an inch and the middle, comes 2 × 1 × 2 1/2² / (1 + 2 1/2²) = 1.724 from the slit, the
     * door ends at 1 1/2. Open, the heads are behind the doors.
     */
    @ParameterizedTest
    @CsvSource({"6, true", "8, false"})
    void cornersPastTheEdgeOfTheCardAreTold(String width, boolean isOut) {
        Card card = make(base("gate", width, "6").plus(add("collar", "lapels", on("left-outside"), "heldBy", "brads")))
                .orThrow();
        assertThat(Review.of(card))
                .filteredOn(finding -> finding.rule().equals("sticks-out"))
                .extracting(finding -> finding.words().text())
                .isEqualTo(
                        isOut
                                ? List.of(
                                        "lapels, flap 1 sticks out past the shut card by ≈ 7/32 in: choose the envelope accordingly.")
                                : List.of());
        assertThat(heads(card, Pose.OPEN)).isZero();
        assertThat(heads(card, Pose.SHUT)).isEqualTo(2);
    }

    /** How many areas as wide as the head of a brad are seen. */
    private static long heads(Card card, String pose) {
        return FinishedPicture.alone(card, MATERIALS.shelf(), card.form().pose(pose)).marks().stream()
                .flatMap(mark -> mark instanceof Mark.Group group ? group.marks().stream() : Stream.of(mark))
                .filter(mark -> mark instanceof Mark.Area area
                        && Math.abs(new Outline(area.outline())
                                                .bounds()
                                                .size()
                                                .width()
                                                .toInches()
                                        - 3 / 16.0)
                                < 1e-4)
                .count();
    }

    private static int holes(FoldedView seen, String panel, Card card) {
        return seen(seen, panel)
                .panel()
                .material(card.pieceOf(new PieceId("coat")))
                .holes()
                .size();
    }

    private static SeenPanel seen(FoldedView view, String panel) {
        return view.panels().stream()
                .filter(each -> each.panel().id().value().equals(panel))
                .findFirst()
                .orElseThrow();
    }

    /** Folded back for good, a corner lies on the face it is folded towards. */
    @Test
    void cornersLieOnTheFace() {
        Card card = make(lapels("starts", "edge", "length", "1 1/2")).orThrow();
        assertThat(card.panels())
                .filteredOn(panel -> panel.id().value().contains("flap"))
                .hasSize(2)
                .allSatisfy(panel -> assertThat(panel.hanging()).isInstanceOf(Panel.OnScore.class));
    }
}
