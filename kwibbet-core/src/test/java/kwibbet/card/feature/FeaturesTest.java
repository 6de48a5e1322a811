package kwibbet.card.feature;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Feature;
import kwibbet.card.Form;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.ShutFold;
import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.making.Making;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;
import kwibbet.outline.SampleShapes;
import kwibbet.press.PressPlan;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.trial.TrialMaking;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.set;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What each feature comes to; figures are common practice, no source, or follow from elementary geometry. */
class FeaturesTest {

    private static final Design FOLDED = base("folded", "5", "7");

    private static Card card(Design design, Addition... additions) {
        return make(design.withAdditions(List.of(additions))).orThrow();
    }

    private static List<String> fields(Design design, Addition... additions) {
        return make(design.withAdditions(List.of(additions))).reasons().stream()
                .map(Refusal::field)
                .toList();
    }

    private static Piece piece(Card card, String id) {
        return card.piece(new PieceId(id)).orElseThrow();
    }

    private static double amount(Card card, String name) {
        Supply.Amount amount = card.supplies().stream()
                .filter(supply -> supply.name().startsWith(name))
                .findFirst()
                .orElseThrow()
                .amount();
        if (amount instanceof Supply.OfLength length) {
            return length.length().toInches();
        }
        if (amount instanceof Supply.OfTape tape) {
            return tape.length().toInches();
        }
        return amount instanceof Supply.OfCount count ? count.count() : ((Supply.OfVolume) amount).cubicInches();
    }

    @Test
    void matsFitByBorderBySizeByClearanceAndInStrips() {
        Card card = card(
                FOLDED,
                add("mat", "mat-1", on("front-outside"), "border", "1/4"),
                add("mat", "mat-2", on("mat-1"), "fit", "clearance", "clearance", "1/2", "across", "start"),
                add("mat", "mat-3", on("back-inside"), "strips", "3", "gap", "1/8", "border", "1/8"));
        assertThat(piece(card, "mat-1").size()).isEqualTo(size("4 1/2", "6 1/2"));
        assertThat(piece(card, "mat-2").size()).isEqualTo(size("4", "6"));
        assertThat(card.join(new PieceId("mat-2")).orElseThrow().zone().bounds().left())
                .isEqualTo(in("0"));
        assertThat(piece(card, "mat-3").size()).isEqualTo(size("1 1/2", "6 3/4"));
        assertThat(piece(card, "mat-3-3").size()).isEqualTo(size("1 1/2", "6 3/4"));
        assertThat(fields(FOLDED, add("mat", "mat-1", on("front-outside"), "strips", "8", "gap", "1")))
                .containsExactly("mat-1.strips");
    }

    /** What is hung, halved, cornered or pocketed has its adhesive there and nowhere else, off its edges by what that adhesive asks for. */
    @ParameterizedTest
    @CsvSource({
        "top, 1/16, 1/16, 3 7/8, 3/16",
        "bottom, 1/16, 5 3/4, 3 7/8, 3/16",
        "left, 1/16, 1/16, 3/16, 5 7/8",
        "right-half, 2, 1/16, 1 15/16, 5 7/8"
    })
    void aLayerIsHeldWhereItIsSaid(String held, String left, String top, String width, String height) {
        Card card = card(
                FOLDED,
                add("mat", "mat-1", on("front-outside"), "fit", "size", "width", "4", "height", "6", "hold", held));
        Join join = card.join(new PieceId("mat-1")).orElseThrow();
        assertThat(join.adhesive())
                .singleElement()
                .extracting(
                        tape -> tape.in(join.placement().inverse()).outline().bounds())
                .isEqualTo(Rect.of(in(left), in(top), in(width), in(height)));
    }

    /** Corners are four, dots a quarter inch wide stand in them and between, never over an edge; glue is counted by its volume, foam in two layers twice. */
    @Test
    void everyAdhesiveIsUsedUpInItsOwnWay() {
        String[] size = {"fit", "size", "width", "4", "height", "6"};
        Card corners = card(FOLDED, with(size, "hold", "corners"));
        assertThat(corners.join(new PieceId("mat-1")).orElseThrow().adhesive()).hasSize(4);
        Card dots = card(FOLDED, with(size, "raised", "dots"));
        Join dotted = dots.join(new PieceId("mat-1")).orElseThrow();
        // 3 5/8 by 5 5/8 between the outermost middles: two steps across, three down, none over two inches.
        assertThat(dotted.adhesive())
                .hasSize(12)
                .allSatisfy(dot -> assertThat(dot.outline().bounds().size()).isEqualTo(size("1/4", "1/4")));
        assertThat(amount(dots, "glue dot")).isEqualTo(12);
        Card glued = card(FOLDED, with(size, "raised", "glue"));
        assertThat(amount(glued, "glue")).isCloseTo((4 - 1 / 16.0) * (6 - 1 / 16.0) * 0.1 / 25.4, offset(1e-9));
        Card foam = card(FOLDED, with(size, "raised", "foam", "foam", "1/8"));
        Card doubled = card(FOLDED, with(size, "raised", "double", "foam", "1/8"));
        assertThat(amount(doubled, "foam tape, 1/8")).isEqualTo(2 * amount(foam, "foam tape, 1/8"));
        assertThat(doubled.join(new PieceId("mat-1")).orElseThrow().adhesion().height())
                .isEqualTo(in("1/4"));
    }

    /** On a round a dot is where the round comes nearest to the corner of its box. */
    @Test
    void dotsLieWithinWhatIsRound() {
        Card card = card(FOLDED, add("ornament", "sun", on("front-outside"), "shape", "oval", "backing", "dots"));
        Join join = card.join(new PieceId("sun")).orElseThrow();
        assertThat(join.adhesive()).hasSizeGreaterThanOrEqualTo(4).allSatisfy(dot -> assertThat(
                        Overlay.contains(Region.of(join.zone()), dot.outline()))
                .isTrue());
    }

    private static Addition with(String[] size, String... more) {
        return add(
                "mat",
                "mat-1",
                on("front-outside"),
                Stream.concat(Stream.of(size), Stream.of(more)).toArray(String[]::new));
    }

    /** A panel hung by its top edge from a strip lies over both doors of a gate; stuck all over, it would have to lie within the strip. */
    @Test
    void whatHangsByAnEdgeLiesOverDoorsThatOpenBeneathIt() {
        Design gate = base("gate", "5 1/2", "5 1/2", "doors", "own", "left", "1 3/4", "right", "1 3/4");
        String[] wide = {"fit", "size", "width", "4", "height", "4", "down", "start"};
        Addition strip = add(
                "mat", "strip", on("middle-inside"), "fit", "size", "width", "1 3/4", "height", "3/4", "down", "by");
        Addition stuck = add("mat", "sign", on("strip"), wide);
        assertThat(fields(gate, strip, stuck)).contains("sign.width");
        Addition hung = add(
                "mat",
                "sign",
                on("strip"),
                Stream.concat(Stream.of(wide), Stream.of("hold", "top")).toArray(String[]::new));
        Card card = card(gate, strip, hung);
        assertThat(card.above())
                .contains(new Form.Above(new PanelId("sign"), new PanelId("left")))
                .contains(new Form.Above(new PanelId("sign"), new PanelId("right")));
        assertThat(card.attachments(new PanelId("strip")))
                .extracting(each -> each.to().value())
                .containsExactly("middle", "sign");
    }

    /** What is stuck shut is folded as the card closes, over what was folded on its pieces before: here the edge of a valance, which so lies within. */
    @Test
    void whatIsStuckShutClosesOverWhatWasFoldedBefore() {
        Card card = card(base("zigzag", "5", "7"), add("blind", "blind", on("panel-2-outside")));
        PanelId kept = card.closures().get(0).lower().panel();
        ShutFold shut = card.shut();
        PanelId edge = new PanelId("blind-valance-edge");
        int still = shut.level(new PanelId("panel-4"));
        assertThat(Math.abs(shut.level(kept) - still)).isGreaterThan(Math.abs(shut.level(edge) - still));
    }

    /** Three gems half an inch apart round the middle; a drop by the volume of half a flattened ball; brads with holes through all they go through. */
    @Test
    void bitsStandInARowAndAreCounted() {
        Card gems = card(FOLDED, add("bits", "gems", on("front-outside"), "across-one", "1/4"));
        assertThat(piece(gems, "base").zones())
                .extracting(zone -> zone.outline().bounds().middle().x())
                .containsExactly(in("3"), in("2 1/2"), in("2"));
        assertThat(amount(gems, "gem, 1/4")).isEqualTo(3);
        Card drops = card(FOLDED, add("bits", "gems", on("front-outside"), "bit", "drop", "across-one", "1/2"));
        // Half an ellipsoid of half-axes 1/4, 1/4 and 1/8: (2/3) π a b c, thrice.
        assertThat(amount(drops, "gloss")).isCloseTo(3 * 2.0 / 3 * Math.PI / 4 / 4 / 8, offset(1e-12));
        Card brads = card(
                FOLDED,
                add("mat", "mat-1", on("front-outside")),
                add("bits", "bolts", on("mat-1"), "bit", "brad", "count", "2"));
        assertThat(piece(brads, "mat-1").openings()).hasSize(2);
        assertThat(piece(brads, "base").openings()).hasSize(2);
        assertThat(fields(FOLDED, add("bits", "gems", on("front-outside"), "apart", "1/8")))
                .containsExactly("gems.apart");
        assertThat(fields(FOLDED, add("bits", "gems", on("front-outside"), "count", "20")))
                .isNotEmpty();
    }

    /** Over the panel, with two ends behind, or twice over it and what a knot takes. */
    @ParameterizedTest
    @CsvSource({"cut, 5", "behind, 6", "knot, 15", "bow, 22"})
    void ribbonTakesItsPathAndItsKnot(String ends, double inches) {
        Card card = card(FOLDED, add("ribbon", "sash", on("front-outside"), "ribbon", "ribbon", "ends", ends));
        assertThat(amount(card, "ribbon")).isEqualTo(inches);
        List<String> taped = fields(FOLDED, add("ribbon", "sash", on("front-outside"), "ends", ends));
        assertThat(taped).isEqualTo(inches > 6 ? List.of("sash.ends") : List.of());
    }

    /** Two panels stuck shut stay folded in every pose, are held by a hinge and by tape, and a side left open makes a pocket. */
    @Test
    void panelsStuckShutStayShutAndAreHeldTwice() {
        Card card = card(FOLDED, add("shut", "pocket", on("front-outside"), "edges", "no-top"));
        PanelId front = new PanelId("front");
        assertThat(card.attachments(front))
                .extracting(each -> each.getClass().getSimpleName())
                .containsExactly("ByScore", "ByClosure");
        assertThat(((Panel.OnScore) card.panel(front).orElseThrow().hanging()).degrees())
                .contains(180);
        Rect taped = card.closures().get(0).adhesive().stream()
                .map(tape -> tape.outline().bounds())
                .reduce(Rect::around)
                .orElseThrow();
        assertThat(taped.size()).isEqualTo(size("4 7/8", "6 7/8"));
        // Two sides and the bottom, each 3/16 wide: no tape lies in the middle of the top.
        double inches = card.closures().get(0).adhesive().stream()
                .mapToDouble(Region::area)
                .sum();
        assertThat(inches).isCloseTo(2 * 6.875 * 0.1875 + (4.875 - 2 * 0.1875) * 0.1875, offset(1e-6));
        assertThat(amount(card, "tape")).isPositive();
        assertThat(fields(FOLDED, add("shut", "pocket", on("back-outside")))).isEmpty();
    }

    /** A die laid half over the free edge of a short front takes a notch out of it, in the middle of the edge; over a fold, or all along it, it is refused. */
    @Test
    void aDieBitesIntoAnEdge() {
        String[] notch = {"shape", "oval", "width", "2", "height", "2", "into", "3/4"};
        // The free edge of the front is at the left of the flat base, inside up; from outside it is at the right.
        Card card = card(FOLDED, add("edge-die", "notch", on("front-outside"), notch));
        Outline base = piece(card, "base").outline();
        assertThat(base.bounds()).isEqualTo(Rect.atOrigin(size("10", "7")));
        // A segment of a circle of radius 1, three quarters high: r² acos((r−h)/r) − (r−h) √(2rh−h²).
        double segment = Math.acos(0.25) - 0.25 * Math.sqrt(1.5 - 0.5625);
        assertThat(70 - base.area()).isCloseTo(segment, offset(2e-3));
        assertThat(base.corners())
                .anySatisfy(corner -> assertThat(corner.x()).isEqualTo(in("3/4")))
                .noneSatisfy(corner -> assertThat(
                                corner.x().isLongerThan(in("3/4")) && corner.x().isShorterThan(in("10")))
                        .isTrue());
        assertThat(fields(FOLDED, add("edge-die", "notch", on("front-outside"), and(notch, "edge", "left"))))
                .containsExactly("notch.form");
        assertThat(fields(
                        FOLDED,
                        add("edge-die", "cut", on("front-outside"), "width", "2", "height", "8", "into", "1/2")))
                .containsExactly("cut.into");
    }

    /** A circle of radius 1 of which the lowest quarter inch is not cut: what is slit is its edge above a chord, r² and the chord by Pythagoras. */
    @Test
    void aShapeIsLeftHangingByAChord() {
        String[] round = {"shape", "oval", "width", "2", "height", "2", "uncut", "1/4"};
        Card flat = card(FOLDED, add("hanging", "round", on("front-inside"), round));
        double uncut = 2 * Math.acos(0.75);
        double slit = piece(flat, "base").slits().stream()
                .mapToDouble(Segment::inches)
                .sum();
        assertThat(slit).isCloseTo(2 * Math.PI - uncut, offset(2e-3));
        assertThat(piece(flat, "base").openings()).isEmpty();
        assertThat(piece(flat, "base").scores()).hasSize(1);
        Card back = card(FOLDED, add("hanging", "round", on("front-inside"), and(round, "inside", "back")));
        Score hinge = piece(back, "base").score(new ScoreId("round-fold")).orElseThrow();
        assertThat(hinge.line().inches()).isCloseTo(2 * Math.sqrt(1 - 0.75 * 0.75), offset(2e-3));
        double folded =
                back.panel(new PanelId("round-flap")).orElseThrow().outline().area();
        assertThat(folded).isCloseTo(Math.PI - (Math.acos(0.75) - 0.75 * Math.sqrt(1 - 0.75 * 0.75)), offset(2e-3));
        assertThat(fields(FOLDED, add("hanging", "round", on("front-inside"), and(round, "uncut", "2"))))
                .containsExactly("round.uncut");
        // A house hangs by nothing at the tip of its gable, a round by too little.
        assertThat(fields(
                        FOLDED,
                        add(
                                "hanging",
                                "house",
                                on("front-inside"),
                                "shape",
                                "gable",
                                "staysAt",
                                "top",
                                "uncut",
                                "1/32")))
                .containsExactly("house.uncut");
        assertThat(fields(FOLDED, add("hanging", "round", on("front-inside"), and(round, "width", "7"))))
                .containsExactly("round.width");
    }

    /** A window of three inches and one an inch larger behind it: their middles meet when the card is shut; so much smaller that nothing is left is refused. */
    @Test
    void windowsOfUnlikeSizeLineUpShut() {
        String[] round = {
            "shape", "oval", "width", "3", "height", "3", "down", "by", "fromTop", "1", "through", "panels"
        };
        Card card = card(FOLDED, add("opening", "window", on("front-outside"), and(round, "largerBehind", "1/2")));
        List<Opening> openings = piece(card, "base").openings();
        assertThat(openings)
                .extracting(opening -> opening.bounds().size())
                .containsExactly(size("3", "3"), size("4", "4"));
        Point front = openings.get(0).bounds().middle();
        Point back = openings.get(1).bounds().middle();
        // Both lie as far from the fold, which is in the middle of ten inches.
        assertThat(front.x().plus(back.x())).isEqualTo(in("10"));
        assertThat(front.y()).isEqualTo(back.y()).isEqualTo(in("2 1/2"));
        assertThat(fields(FOLDED, add("opening", "window", on("front-outside"), and(round, "largerBehind", "-1 1/2"))))
                .containsExactly("window.largerBehind");
        // Nothing of a pennant is left so far within it, though there is of its box. Found among random designs.
        Addition pennant = add("opening", "window", on("front-outside"), and(round, "largerBehind", "-1 1/8"));
        Settings own = pennant.settings().with(shapeOf(new Window()), SampleShapes.pennant());
        assertThat(fields(FOLDED, pennant.with(own))).containsExactly("window.largerBehind");
    }

    /** Over the inner edge of a frame: the frame is cut round it there, too, by its own die when the window is out. */
    @Test
    void aFrameIsCutRoundWhatReachesIntoItsWindow() {
        // A frame of 4 × 4 round a window of 3 × 3, and a square of 1 at its left top corner, a quarter of which is
        // over the window.
        Addition frame = add("mat", "frame", on("front-outside"), "fit", "size", "width", "4", "height", "4");
        Addition window = add("opening", "window", on("frame"), "shape", "rectangle", "width", "3", "height", "3");
        String[] set = {
            "shape",
            "rectangle",
            "width",
            "3/4",
            "height",
            "3/4",
            "set",
            "inlaid",
            "across",
            "by",
            "fromLeft",
            "1/4",
            "down",
            "by",
            "fromTop",
            "1/4"
        };
        Card card = card(FOLDED, frame, window, add("ornament", "tile", on("frame"), set));
        Piece cut = piece(card, "frame");
        assertThat(cut.outline().area()).isCloseTo(16, offset(1e-9));
        assertThat(cut.material().area()).isCloseTo(16 - 9 - (0.5625 - 0.25), offset(1e-6));
        assertThat(cut.openings()).singleElement().satisfies(opening -> {
            assertThat(opening.shape().size()).isEqualTo(size("3", "3"));
            assertThat(opening.outline().area()).isCloseTo(9 + 0.3125, offset(1e-6));
        });
        assertThat(card.setInto(card.join(new PieceId("tile")).orElseThrow()))
                .contains(card.join(new PieceId("frame")).orElseThrow());
        Addition vent = add(
                "collar",
                "vent",
                on("frame"),
                "reach",
                "1/4",
                "length",
                "1/4",
                "fromTop",
                "1/8",
                "middle",
                "by",
                "from",
                "1/2");
        assertThat(fields(FOLDED, frame, window, vent, add("ornament", "tile", on("frame"), set)))
                .containsExactly("tile.form");
        // Wholly in the window it lies beside the paper; over all of the window nothing would be left of that.
        assertThat(fields(
                        FOLDED,
                        frame,
                        window,
                        add("ornament", "tile", on("frame"), and(and(set, "fromLeft", "1"), "fromTop", "1"))))
                .containsExactly("tile.form");
        assertThat(fields(
                        FOLDED,
                        frame,
                        window,
                        add("ornament", "tile", on("frame"), and(and(set, "width", "3 1/2"), "height", "3 1/2"))))
                .containsExactly("tile.form");
    }

    /** A hexagon set into a mat: the same outline is missing there, and it is stuck to what the mat is stuck to. */
    @Test
    void whatIsInlaidLiesInItsNegative() {
        Addition yard = add("mat", "yard", on("front-outside"), "border", "1/4");
        String[] set = {"shape", "hexagon", "set", "inlaid", "across", "by", "fromLeft", "1/2", "down", "end"};
        Card card = card(FOLDED, yard, add("ornament", "star", on("yard"), set));
        Join star = card.join(new PieceId("star")).orElseThrow();
        Join carrier = card.join(new PieceId("yard")).orElseThrow();
        assertThat(star.lower()).isEqualTo(carrier.lower());
        assertThat(piece(card, "yard").openings().get(0).outline().in(carrier.placement()))
                .isEqualTo(star.zone());
        // Over its edge the frame is cut round it: outline less outline.
        String[] over = and(set, "fromLeft", "-1");
        Card cut = card(FOLDED, yard, add("ornament", "star", on("yard"), over));
        assertThat(piece(cut, "yard").openings()).isEmpty();
        Join round = cut.join(new PieceId("yard")).orElseThrow();
        Outline beside = cut.join(new PieceId("star")).orElseThrow().zone();
        double lost = 4.5 * 6.5 - piece(cut, "yard").outline().area();
        assertThat(lost).isCloseTo(Overlay.sharedArea(Region.of(beside), Region.of(round.zone())) + lost, offset(1e-3));
        assertThat(lost).isCloseTo(beside.area() / 2, offset(1e-3));
        assertThat(fields(FOLDED, yard, add("ornament", "star", on("yard"), and(over, "fromLeft", "-2 1/2"))))
                .containsExactly("star.form");
        assertThat(fields(FOLDED, add("ornament", "star", on("front-outside"), set)))
                .containsExactly("star.set");
        assertThat(fields(
                        FOLDED,
                        yard,
                        add("ornament", "star", on("yard"), and(and(over, "down", "middle"), "width", "8"))))
                .containsExactly("star.form");
    }

    /** Found by chance: a pennant's points lay on either side of the paper, its sides cut the panels after the fold off and no score. */
    @Test
    void aDieAtAFoldCutsNoOtherPanelOff() {
        Addition pennant = add("edge-die", "pennant", on("panel-2-outside"), "edge", "left");
        Settings own = pennant.settings().with(shapeOf(new EdgeDie()), SampleShapes.pennant());
        assertThat(fields(base("zigzag", "4 3/4", "1 1/4"), pennant.with(own))).containsExactly("pennant.form");
    }

    private static Parameter.OfChoice shapeOf(Feature feature) {
        return feature.parameters().stream()
                .filter(Parameter.OfChoice.class::isInstance)
                .map(Parameter.OfChoice.class::cast)
                .filter(Parameter.OfChoice::takesOutline)
                .findFirst()
                .orElseThrow();
    }

    /** Found by chance: a slit that ended on a slanting edge ended a tick past it. */
    @Test
    void aCollarKeepsOffSlantingEdges() {
        Design envelope = base("square-envelope", "5", "5");
        String[] wide = {"reach", "1 3/4", "length", "1/2", "fromTop", "1"};
        assertThat(fields(envelope, add("collar", "collar", on("flap-outside"), wide)))
                .containsExactly("collar.reach");
        assertThat(fields(envelope, add("collar", "collar", on("flap-outside"), and(wide, "reach", "1 5/8"))))
                .isEmpty();
    }

    private static String[] and(String[] some, String key, String value) {
        return Stream.concat(Stream.of(some), Stream.of(key, value)).toArray(String[]::new);
    }

    /** A panel that runs over the edge is cut off there: what is cut from the sheet is what is left, and it lies flush. */
    @Test
    void aPanelIsCutOffAtTheEdge() {
        String[] over = {
            "fit",
            "size",
            "width",
            "3",
            "height",
            "2",
            "across",
            "by",
            "fromLeft",
            "3 1/4",
            "down",
            "by",
            "fromTop",
            "1"
        };
        assertThat(fields(FOLDED, add("mat", "panel", on("front-outside"), over)))
                .containsExactly("panel.fromLeft");
        Card card = card(
                FOLDED,
                add(
                        "mat",
                        "panel",
                        on("front-outside"),
                        Stream.concat(Stream.of(over), Stream.of("past", "cut")).toArray(String[]::new)));
        assertThat(piece(card, "panel").size()).isEqualTo(size("1 3/4", "2"));
        assertThat(card.margins(card.join(new PieceId("panel")).orElseThrow()).least())
                .isEqualTo(in("0"));
        assertThat(fields(
                        FOLDED,
                        add(
                                "mat",
                                "panel",
                                on("front-outside"),
                                Stream.concat(Stream.of(over), Stream.of("fromLeft", "4 15/16", "past", "cut"))
                                        .toArray(String[]::new))))
                .containsExactly("panel.past");
    }

    @Test
    void aHiddenMiddleIsCutOutButForItsLap() {
        Addition lower = add("mat", "mat-1", on("front-outside"), "border", "1/8", "hollow", "cut", "lap", "1/2");
        Card card = card(FOLDED, lower, add("mat", "mat-2", on("mat-1"), "border", "1/8"));
        assertThat(piece(card, "mat-1").openings())
                .singleElement()
                .satisfies(hidden -> assertThat(hidden.bounds().size()).isEqualTo(size("3 1/2", "5 1/2")));
        assertThat(piece(card(FOLDED, lower), "mat-1").openings()).isEmpty();
    }

    @Test
    void aMatOnASlantedPanelFollowsItsOutline() {
        Card card = card(base("pinwheel", "4", "4"), add("mat", "mat-1", on("middle-inside"), "border", "1/4"));
        double side = card.form().finished().width().toInches() - 0.5;
        assertThat(piece(card, "mat-1").size().width().toInches()).isCloseTo(side, offset(1e-4));
        assertThat(piece(card, "mat-1").outline().area()).isCloseTo(side * side, offset(1e-3));
    }

    @Test
    void anOpeningGoesThroughAllThatLiesInRegister() {
        Card card = card(
                FOLDED,
                add("mat", "mat-1", on("front-outside"), "border", "1/8"),
                add("opening", "opening-1", on("mat-1"), "shape", "oval", "through", "panels", "frame", "framed"));
        Opening inBase = piece(card, "base").openings().get(0);
        Opening inBack = piece(card, "base").openings().get(1);
        assertThat(inBase.bounds().middle().x()).isEqualTo(in("2 1/2"));
        assertThat(inBack.bounds().middle().x()).isEqualTo(in("7 1/2"));
        assertThat(inBack.bounds().middle().y())
                .isEqualTo(inBase.bounds().middle().y());
        Piece frame = piece(card, "opening-1");
        assertThat(frame.size()).isEqualTo(size("2 1/2", "2 1/2"));
        assertThat(frame.openings().get(0).shape().size()).isEqualTo(size("2", "2"));
        assertThat(fields(FOLDED, add("opening", "opening-1", on("front-outside"), "width", "6")))
                .containsExactly("opening-1.width");
    }

    /** Two openings that would meet in one piece, and one that runs past an edge, are refused. */
    @Test
    void openingsKeepOffEachOther() {
        Addition first = add("opening", "opening-1", on("front-outside"), "width", "2", "height", "2");
        Addition second = add("opening", "opening-2", on("front-outside"), "across", "by", "fromLeft", "2");
        assertThat(fields(FOLDED, first, second)).containsExactly("opening-2.form");
        Addition aside = add("opening", "opening-2", on("front-outside"), "across", "by", "fromLeft", "3 1/2");
        assertThat(fields(FOLDED, first, aside)).containsExactly("opening-2.fromLeft");
    }

    @Test
    void aShakerHasFilmAWallAndFiller() {
        Card card = card(
                FOLDED,
                add(
                        "shaker",
                        "shaker-1",
                        on("front-outside"),
                        "shape",
                        "oval",
                        "width",
                        "2",
                        "height",
                        "2",
                        "depth",
                        "1/8"));
        assertThat(piece(card, "shaker-1").size()).isEqualTo(size("3", "3"));
        assertThat(piece(card, "shaker-1-film").size()).isEqualTo(size("2 1/2", "2 1/2"));
        // The wall runs round once, in the middle of a frame half an inch wide: a circle 2 1/2 across, up to the next
        // mark.
        assertThat(amount(card, "foam tape, 1/8 in high")).isBetween(Math.PI * 2.5, Math.PI * 2.5 + 1 / 16.0);
        assertThat(card.supplies())
                .filteredOn(supply -> supply.amount() instanceof Supply.OfTape tape && tape.tape() instanceof Tape.Foam)
                .hasSize(1);
        assertThat(amount(card, "filler")).isCloseTo(Math.PI * 0.125 / 3, offset(1e-3));
        // A thousandth of an inch of powder on film, ground and wall: circles 2 across, an eighth apart.
        assertThat(amount(card, "powder")).isCloseTo((2 * Math.PI + 2 * Math.PI * 0.125) / 1000, offset(1e-6));
        assertThat(card.join(new PieceId("shaker-1")).orElseThrow().adhesion().height())
                .isEqualTo(in("1/8"));
        assertThat(fields(FOLDED, add("shaker", "shaker-1", on("front-outside"), "lap", "1/2")))
                .containsExactly("shaker-1.lap");
    }

    /** Stock of 1/64 in: eight frames make an eighth; every opening is in register, film faces the filler on both sides. */
    @Test
    void aSeeThroughShakerStacksFramesInRegister() {
        Card card = card(
                FOLDED,
                add(
                        "shaker",
                        "shaker-1",
                        on("front-outside"),
                        "built",
                        "through",
                        "wall",
                        "frames",
                        "back",
                        "clear",
                        "width",
                        "2",
                        "height",
                        "2",
                        "depth",
                        "1/8"));
        assertThat(card.pieces().stream().filter(piece -> piece.id().value().contains("-wall-")))
                .hasSize(8);
        Rect opening = piece(card, "base").openings().get(0).bounds();
        for (Piece part : card.pieces()) {
            if (!part.openings().isEmpty() && !part.equals(card.base())) {
                Rect there = part.openings()
                        .get(0)
                        .in(card.onBase(part.id()).orElseThrow())
                        .bounds();
                assertThat(there.middle()).as(part.name()).isEqualTo(opening.middle());
            }
        }
        assertThat(piece(card, "shaker-1-back-film").size()).isEqualTo(size("2 1/2", "2 1/2"));
    }

    @ParameterizedTest
    @CsvSource({"3,1/2,8", "3 1/4,1/2,8", "1,1/2,4", "6,1,8"})
    void aBlindTakesTheNextEvenNumberOfPleats(String drop, String pleat, int pleats) {
        // A pleat 20° off the panel covers cos 20° = 0.94 of its depth.
        assertThat(Blind.pleats(in(drop), in(pleat))).isEqualTo(pleats);
    }

    @Test
    void aBlindIsWiderThanItsOpeningPunchedAtBothEndsAndStartsWithAValley() {
        Card card = card(
                FOLDED,
                add(
                        "blind",
                        "blind-1",
                        on("front-outside"),
                        "width",
                        "2 1/2",
                        "height",
                        "3",
                        "lap",
                        "1/4",
                        "pleat",
                        "1/2"));
        Piece strip = piece(card, "blind-1");
        assertThat(strip.size()).isEqualTo(size("3", "4"));
        assertThat(strip.scores()).hasSize(7);
        assertThat(strip.scores().get(0).fold().word()).isEqualTo("valley");
        assertThat(strip.scores().get(1).fold().word()).isEqualTo("mountain");
        assertThat(strip.openings()).hasSize(16);
        assertThat(piece(card, "blind-1-valance").scores()).hasSize(1);
        assertThat(amount(card, "cord")).isCloseTo(2 * (3.5 + 2.5 + 4), offset(1e-9));
    }

    @Test
    void aCollarsCornersAreCutFreeAndFoldedBack() {
        Card card = card(
                FOLDED, add("collar", "collar-1", on("front-outside"), "reach", "1", "length", "2", "fromTop", "1"));
        assertThat(card.base().slits()).hasSize(2);
        Panel front = card.panel(new PanelId("front")).orElseThrow();
        double freed = front.outline().area() - front.material(card.base()).area();
        assertThat(freed).isCloseTo(2 * (1 * 2) / 2.0, offset(1e-6));
        assertThat(card.panelsOf(PieceId.BASE)).hasSize(4);
        assertThat(fields(FOLDED, add("collar", "collar-1", on("front-outside"), "reach", "3", "length", "7")))
                .containsExactly("collar-1.reach");
    }

    @Test
    void aCollarAndAnOpeningKeepOffEachOther() {
        Addition collar = add("collar", "collar-1", on("front-outside"), "reach", "1", "length", "2", "fromTop", "1");
        Addition window = add("opening", "opening-1", on("front-outside"), "down", "by", "fromTop", "1 1/2");
        assertThat(fields(FOLDED, collar, window)).containsExactly("opening-1.form");
        assertThat(fields(FOLDED, window, collar)).contains("collar-1.form");
    }

    @Test
    void aPocketIsTapedAlongThreeEdgesOnly() {
        Card card = card(
                FOLDED,
                add("pocket", "pocket-1", on("back-inside"), "width", "4", "height", "3", "notch", "0")
                        .withPapers(Map.of("paper", STOCK)));
        Join pocket = card.join(new PieceId("pocket-1")).orElseThrow();
        double taped =
                pocket.adhesive().stream().mapToDouble(region -> region.area()).sum();
        // A sixteenth off every edge, a quarter inch wide at both sides and the bottom.
        double outer = (4 - 0.125) * (3 - 0.125);
        double inner = (4 - 0.5) * (3 - 0.25 - 0.0625);
        assertThat(taped).isCloseTo(outer - inner, offset(1e-6));
    }

    @Test
    void aBellyBandIsTwiceTheCardAndItsOverlapAndSlack() {
        Card card = card(
                base("folded", "4 1/4", "5 1/2"),
                add("belly-band", "belly-band-1", on("front-outside"), "height", "1 1/2", "overlap", "1/2"));
        double length = piece(card, "belly-band-1").size().width().toInches();
        assertThat(length).isBetween(2 * 4.25 + 0.5, 2 * 4.25 + 0.5 + 0.25);
    }

    @Test
    void magnetsMeetWhenTheCardIsShutOrAreRefused() {
        Card card = card(FOLDED, add("magnets", "magnets-1", on("front-outside"), "across", "end"));
        assertThat(card.base().zones()).hasSize(2);
        Rect one = card.base().zones().get(0).outline().bounds();
        Rect other = card.base().zones().get(1).outline().bounds();
        // Mirrored in the fold at 5.
        assertThat(one.middle().x().plus(other.middle().x())).isEqualTo(in("10"));
        assertThat(amount(card, "magnet")).isEqualTo(2);
        assertThat(fields(FOLDED, add("magnets", "magnets-1", on("front-inside"))))
                .containsExactly("magnets-1.form");
    }

    @Test
    void aTieReachesOverToTheOtherDoor() {
        Card card = card(
                base("gate", "5", "7"),
                add("tie", "tie-1", on("left-outside"), "across", "by", "fromLeft", "2", "apart", "1", "turns", "3"));
        assertThat(card.base().openings()).hasSize(2);
        assertThat(card.base().openings().get(0).bounds().left()).isLessThan(in("2 1/2"));
        assertThat(card.base().openings().get(1).bounds().left()).isGreaterThan(in("7 1/2"));
        assertThat(amount(card, "twine")).isCloseTo(6 + 10, offset(1e-9));
        assertThat(fields(FOLDED, add("tie", "tie-1", on("front-outside"), "across", "end", "apart", "12")))
                .isNotEmpty();
    }

    /** A small gate is tied from door to door: once the second brad went through its back into the card below. */
    @Test
    void aTieOnASmallGateStaysOnIt() {
        Card card = card(
                FOLDED,
                add("small-card", "gate", on("front-outside"), "base", "gate", "width", "2 1/2", "height", "3 1/2"));
        Card tied = make(card.design().plus(begun(card, "tie", "gate-left-outside")))
                .orThrow();
        assertThat(tied.base().openings()).isEmpty();
        List<Length> across = tied.piece(new PieceId("gate")).orElseThrow().openings().stream()
                .map(hole -> hole.outline().bounds().left().plus(in("1/16")))
                .toList();
        // Both doors are an inch and a quarter wide, the brads are an inch and a half apart across their edges.
        assertThat(across).hasSize(2).doesNotHaveDuplicates();
        assertThat(across).anyMatch(left -> left.isShorterThan(in("1 1/4")));
        assertThat(across).anyMatch(left -> in("3 3/4").isShorterThan(left));
    }

    /** On a flap that lies aslant on its square a fold that ends at the edge of the paper ends a tick beside it. Found among random designs. */
    @Test
    void aFoldThatEndsAtASlantingEdgeIsOnItsPaper() {
        String[] gable = {
            "shape", "gable", "width", "2 1/2", "height", "3 1/2", "down", "start", "staysAt", "left", "inside", "back"
        };
        Design envelope = base("square-envelope", "5 3/8", "2 7/8", "across", "5 3/8", "down", "2 7/8");
        Card card = make(envelope.plus(add("hanging", "hatch", on("lower-flap-outside"), gable)))
                .orThrow();
        assertThat(card.base().scores()).extracting(score -> score.id().value()).contains("hatch-fold");
    }

    /** A label held to one door of a small gate reaches over the other, as it does on a gate itself; past both it is refused. */
    @Test
    void aLabelLiesOverBothDoorsOfASmallGate() {
        Card card = card(
                FOLDED,
                add("small-card", "gate", on("front-outside"), "base", "gate", "width", "2 1/2", "height", "3 1/2"));
        String[] label = {"fit", "size", "width", "2", "height", "1", "across", "by", "fromLeft", "1/4"};
        Card labelled = make(card.design().plus(add("mat", "label", on("gate-left-outside"), label)))
                .orThrow();
        assertThat(labelled.pieceOf(new PieceId("label")).size()).isEqualTo(size("2", "1"));
        String[] wide = {"fit", "size", "width", "5", "height", "1", "across", "by", "fromLeft", "1/4"};
        assertThat(make(card.design().plus(add("mat", "label", on("gate-left-outside"), wide)))
                        .reasons())
                .isNotEmpty();
    }

    private static Addition begun(Card card, String feature, String host) {
        Feature found = Features.find(feature).orElseThrow();
        return card.design().next(found, on(host), Beginnings.of(found, card, on(host)), Map.of());
    }

    /** What is begun where something is cut already lies beside it, and leaves enough paper between the two. */
    @Test
    void aSecondOpeningIsBegunBesideTheFirst() {
        Card card = card(FOLDED, begun(card(FOLDED), "opening", "front-outside"));
        for (int more = 0; more < 3; more++) {
            card = make(card.design().plus(begun(card, "opening", "front-outside")))
                    .orThrow();
        }
        List<Outline> openings =
                card.base().openings().stream().map(Opening::outline).toList();
        assertThat(openings).hasSize(4);
        for (Outline one : openings) {
            Outline grown = Outline.of(new Rect(
                    one.bounds().corner().plus(in("-1/8"), in("-1/8")),
                    one.bounds().size().grown(in("1/8"))));
            assertThat(openings)
                    .filteredOn(other -> Overlay.overlap(grown, other))
                    .containsExactly(one);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "gate,5,7,left-outside,left,right",
        "gate,5,7,right-outside,left,right",
        "gate,3,4,left-outside,left,right",
        "wrap-over,4 1/4,5 1/2,flap-outside,flap,front"
    })
    void aTieIsBegunOverTheEdgeItHolds(
            String base, String width, String height, String host, String one, String other) {
        Card plain = card(base(base, width, height));
        Card card = card(plain.design(), begun(plain, "tie", host));
        List<Outline> holes =
                card.base().openings().stream().map(Opening::outline).toList();
        assertThat(holes).hasSize(2);
        for (String panel : List.of(one, other)) {
            Region room = Region.of(card.panel(new PanelId(panel)).orElseThrow().outline());
            assertThat(holes).filteredOn(hole -> Overlay.contains(room, hole)).hasSize(1);
        }
    }

    /** One brad goes through the frame of a shaker, its film and the front, the other beside it through the front: once it went into the back of the card. */
    @Test
    void aTieGoesThroughWhatIsBetween() {
        Card card = card(
                FOLDED,
                add("shaker", "porthole", on("front-outside")),
                add("tie", "tie", on("porthole"), "runs", "across", "across", "by", "fromLeft", "2 1/2", "apart", "1"));
        PieceId tie = new PieceId("tie");
        assertThat(card.pieces()).allSatisfy(piece -> assertThat(piece.openings().stream()
                        .filter(opening -> opening.owner().equals(tie)))
                .hasSize(piece.equals(card.base()) ? 2 : 1));
        assertThat(card.base().openings())
                .allSatisfy(hole -> assertThat(hole.bounds().right()).isLessThan(in("5")));
        PressPlan press = PressPlan.of(List.of(kwibbet.Inches.line(card, 1)), kwibbet.Inches.TOOLS);
        Making making = Making.of(card, press, Way.ONE);
        assertThat(making.broken()).isEmpty();
        assertThat(TrialMaking.of(card, press, making.steps())).isEmpty();
        assertThat(fields(
                        FOLDED,
                        add("shaker", "porthole", on("front-outside")),
                        add(
                                "tie",
                                "tie",
                                on("porthole"),
                                "runs",
                                "across",
                                "across",
                                "by",
                                "fromLeft",
                                "2 11/16",
                                "apart",
                                "1")))
                .containsExactly("tie.form");
    }

    /** Brads go through all that is stuck on the doors, and a band goes round all that is shut: both are last. */
    @Test
    void whatHoldsTheCardShutComesLast() {
        Card card = card(
                base("gate", "5", "7"),
                add("mat", "mat-1", on("left-outside")),
                add("tie", "tie-1", on("mat-1"), "across", "by", "fromLeft", "1 1/2"),
                add("belly-band", "band", on("right-outside")));
        List<String> steps = kwibbet.bench.RunPlan.of(
                        kwibbet.Inches.line(card, 1),
                        kwibbet.Inches.MATERIALS.shelf(),
                        kwibbet.layout.Thrift.FEWEST_SHEETS,
                        kwibbet.Inches.TOOLS)
                .makeOf(card, kwibbet.making.Way.ONE)
                .steps()
                .stream()
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .toList();
        assertThat(steps).noneMatch(step -> step.startsWith("Lay band"));
        assertThat(steps.stream().filter(step -> !step.startsWith("Score ") && !step.startsWith("Fold ")))
                .endsWith(
                        "Set the two brads of tie-1 and wind the twine round both.",
                        "Wrap band round the shut card and tape its ends to each other behind, not to the card.");
    }

    /** The box of a pinwheel's flap is twice the flap: in its middle an ornament would lie over the fold. */
    @Test
    void whatIsBegunOnASlantedPanelLiesWithinIt() {
        Card plain = card(base("pinwheel", "4 1/4", "4 1/4"));
        for (int flap = 1; flap <= 4; flap++) {
            Card card = card(plain.design(), begun(plain, "ornament", "flap-" + flap + "-outside"));
            assertThat(card.joins()).singleElement().satisfies(join -> assertThat(
                            Overlay.contains(Region.of(card.hostArea(join)), join.zone()))
                    .isTrue());
        }
    }

    @Test
    void theDoorsOfALyingGateAreTiedFromTopToBottom() {
        Card plain = card(base("gate", "5", "7", "lies", "turned"));
        Card card = card(plain.design(), begun(plain, "tie", "left-outside"));
        assertThat(card.design().additions().get(0).settings().choice(Tie.RUNS)).isEqualTo("down");
        assertThat(card.base().openings()).hasSize(2);
    }

    /** A latch on one door reaches over the other: the mate of a magnet in it goes there, not behind the door it hangs on. */
    @Test
    void theMateOfAMagnetInALatchIsOnTheOtherDoor() {
        Design gate = base("gate", "5", "7");
        Addition latch = add(
                "ornament",
                "latch",
                on("left-outside"),
                "width",
                "2",
                "height",
                "1",
                "across",
                "by",
                "fromLeft",
                "1 1/2");
        Card card = card(gate, latch, add("magnets", "magnets-1", on("latch"), "across", "end"));
        Region other = Region.of(card.panel(new PanelId("right")).orElseThrow().outline());
        assertThat(card.base().zones()).singleElement().satisfies(zone -> assertThat(
                        Overlay.contains(other, zone.outline()))
                .isTrue());
    }

    /** A band goes round the shut card, whichever of its panels it is put on: twice the card's width, overlap and slack. */
    @ParameterizedTest
    @CsvSource({
        "gate,left-outside,5",
        "pinwheel,flap-1-outside,4 1/4",
        "wrap-over,flap-outside,5",
        "folded,front-outside,5"
    })
    void aBandGoesRoundTheShutCard(String base, String host, String width) {
        Design design = base(base, width, "4 1/4");
        Card card = card(design, add("belly-band", "band", on(host), "overlap", "1/2"));
        Length least = in(width).multipliedBy(2).plus(in("1/2"));
        assertThat(piece(card, "band").size().width()).isBetween(least, least.plus(in("3/4")));
        ShutFold shut = card.shut();
        Rect front = card.panel(new PanelId("band"))
                .orElseThrow()
                .outline()
                .in(shut.of(new PanelId("band")))
                .bounds();
        Rect all = card.form().panels().stream()
                .map(panel -> panel.outline().in(shut.of(panel.id())).bounds())
                .reduce(Rect::around)
                .orElseThrow();
        assertThat(front.size().area())
                .isGreaterThanOrEqualTo(in("1 1/2").toInches() * in(width).toInches());
        assertThat(front.middle().x().minus(all.middle().x()).abs()).isLessThan(in("1/16"));
        assertThat(front.middle().y().minus(all.middle().y()).abs()).isLessThan(in("1/16"));
    }

    /** A panel over both doors is a mat of one of them; past the card it would be none. */
    @Test
    void aMatMayLieOverBothDoors() {
        Design gate = base("gate", "5", "7");
        Addition over = add(
                "mat",
                "mat-1",
                on("right-outside"),
                "fit",
                "size",
                "width",
                "4",
                "height",
                "3",
                "across",
                "by",
                "fromLeft",
                "-2");
        Card card = card(gate, over);
        assertThat(piece(card, "mat-1").size()).isEqualTo(size("4", "3"));
        assertThat(kwibbet.review.Review.of(card)).isEmpty();
        assertThat(fields(gate, over.with(set(new Mat(), over.settings(), "fromLeft", "-3"))))
                .isNotEmpty();
        assertThat(fields(gate, over.with(set(new Mat(), over.settings(), "width", "6"))))
                .isNotEmpty();
    }

    /** The second pass must land on the pattern's pitch. */
    @Test
    void aDieIsStretchedByWholeRepeats() {
        String[] fine = {"width", "2", "die", "4", "wanted", "5", "pitch", "1/4"};
        assertThat(piece(
                                card(FOLDED, add("stretched-die", "stretched-die-1", on("front-outside"), fine)),
                                "stretched-die-1")
                        .size())
                .isEqualTo(size("2", "5"));
        String[] between = {"width", "2", "die", "4", "wanted", "5 1/8", "pitch", "1/4"};
        assertThat(make(FOLDED.withAdditions(
                                List.of(add("stretched-die", "stretched-die-1", on("front-outside"), between))))
                        .reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.message()).contains("5 in or 5 1/4 in"));
    }

    @Test
    void aPatternStaysOffEdgesAndOtherCuts() {
        Addition pattern = add(
                "pattern-die",
                "pattern-die-1",
                on("front-outside"),
                "width",
                "2",
                "height",
                "2",
                "motif",
                "3/8",
                "pitch",
                "5/8");
        assertThat(card(FOLDED, pattern).base().openings()).hasSize(9);
        assertThat(fields(FOLDED, add("pattern-die", "pattern-die-1", on("front-outside"), "width", "5")))
                .containsExactly("pattern-die-1.width");
        Addition window = add("opening", "opening-1", on("front-outside"), "width", "1", "height", "1");
        assertThat(fields(FOLDED, window, pattern)).isNotEmpty();
    }

    @Test
    void everyBaseCanBeASmallCardOnAnother() {
        for (var small : SmallCard.BASE.choices()) {
            Design large = base("folded", "12", "12");
            Card card = card(
                    large,
                    add(
                            "small-card",
                            "small-card-1",
                            on("front-outside"),
                            "base",
                            small.key(),
                            "width",
                            "5",
                            "height",
                            "7"));
            assertThat(card.faces().stream().filter(face -> face.panel().value().startsWith("small-card-1")))
                    .as(small.key())
                    .isNotEmpty();
            ShutFold shut = card.shut();
            List<Point> corners = card.panels().stream()
                    .filter(panel -> panel.piece().value().startsWith("small-card-1"))
                    .flatMap(panel -> panel.outline().in(shut.of(panel.id())).corners().stream())
                    .toList();
            Size seen = new Outline(corners).bounds().size();
            Size expected = card.form().finished();
            assertThat(seen.fitsIn(expected)).as(small.key() + " " + seen).isTrue();
            assertThat(seen.width().toInches()).as(small.key()).isBetween(4.9, 5.1);
        }
    }

    @Test
    void suppliesOfOneKindAreTakenTogether() {
        Card card = card(
                FOLDED,
                add("mat", "mat-1", on("front-outside"), "border", "1/8"),
                add("mat", "mat-2", on("back-inside"), "border", "1/8"));
        assertThat(SupplyList.of(card)).singleElement().satisfies(tape -> {
            // Two rectangles of 4 5/8 × 6 5/8 are taped round: 22 1/2 each.
            assertThat(tape.words(MeasureSystem.INCH).text()).isEqualTo("tape: 45 in");
        });
    }
}
