package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;

import static kwibbet.Inches.in;
import static kwibbet.Inches.size;
import static kwibbet.outline.SampleShapes.line;
import static kwibbet.outline.SampleShapes.part;
import static kwibbet.outline.ShapePart.How.ADD;
import static kwibbet.outline.ShapePart.How.KEEP;
import static kwibbet.outline.ShapePart.How.TAKE_AWAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Outlines put together, against areas by elementary geometry, and against counted points, which know nothing of the overlay they are made with. */
class OwnShapeTest {

    private static OwnShape of(ShapePart... parts) {
        return SampleShapes.of("Thing", Finish.NONE, parts);
    }

    private static List<Refusal> refused(Finish finish, ShapePart... parts) {
        return OwnShape.of("Thing", List.of(parts), finish, MeasureSystem.INCH).reasons();
    }

    /** An oval of half axes 1 and 3/4 over a box of 3 × 4, its lower half in the box: half of π · 1 · 3/4 more. */
    @Test
    void aJarIsAsLargeAsItsBoxAndHalfItsLid() {
        OwnShape jar = SampleShapes.jar();
        assertThat(jar.size()).isEqualTo(size("3", "4 3/4"));
        assertThat(jar.outline(jar.size()).bounds()).isEqualTo(Rect.atOrigin(jar.size()));
        assertThat(jar.area(jar.size())).isCloseTo(12 + Math.PI * 0.75 / 2, offset(0.003));
        assertThat(jar.area(size("6", "4 3/4"))).isCloseTo(24 + Math.PI * 0.75, offset(0.006));
        assertThat(jar.outline(size("1", "2")).bounds()).isEqualTo(Rect.atOrigin(size("1", "2")));
    }

    /** Four quarter circles of radius 1/4 off the corners of 3 × 2. */
    @Test
    void aLabelHasItsCornersNotched() {
        List<ShapePart> parts = new ArrayList<>(List.of(part(ADD, Kind.RECTANGLE, "3", "2", "0", "0")));
        for (String across : List.of("-1/4", "2 3/4")) {
            for (String down : List.of("-1/4", "1 3/4")) {
                parts.add(part(TAKE_AWAY, Kind.OVAL, "1/2", "1/2", across, down));
            }
        }
        OwnShape label = of(parts.toArray(ShapePart[]::new));
        assertThat(label.area(label.size())).isCloseTo(6 - Math.PI / 16, offset(0.001));
        assertThat(label.holes(label.size())).isEmpty();
    }

    /** Inside any sum, difference and overlap are the points that a part's own formula says; a million of them tell the area within half a hundredth. */
    @Test
    void sumsCoverThePointsTheirFormulasSay() {
        OwnShape shape = of(
                part(ADD, Kind.OVAL, "4", "3", "0", "0"),
                part(ADD, Kind.RECTANGLE, "2", "2", "3", "1"),
                part(TAKE_AWAY, Kind.OVAL, "1", "1", "1", "1"),
                part(KEEP, Kind.DIAMOND, "6", "6", "-1/2", "-1 1/2"));
        SplittableRandom random = new SplittableRandom(18);
        int inside = 0;
        int tries = 1_000_000;
        for (int i = 0; i < tries; i++) {
            double x = random.nextDouble() * 6;
            double y = random.nextDouble() * 4;
            boolean added =
                    Math.pow((x - 2) / 2, 2) + Math.pow((y - 1.5) / 1.5, 2) < 1 || (x > 3 && x < 5 && y > 1 && y < 3);
            boolean taken = Math.hypot(x - 1.5, y - 1.5) < 0.5;
            boolean kept = Math.abs(x - 2.5) + Math.abs(y - 1.5) < 3;
            inside += added && !taken && kept ? 1 : 0;
        }
        double hole =
                shape.holes(shape.size()).stream().mapToDouble(Outline::area).sum();
        assertThat(shape.area(shape.size()) - hole).isCloseTo(24.0 * inside / tries, offset(0.04));
        assertThat(hole).isCloseTo(Math.PI / 4, offset(0.001));
    }

    /** Discs of 1/4 radius every 1/2 in along a square of 3 1/2: 24 halves, and three quarters of one in each corner. */
    @Test
    void scallopsStandOnTheirPitch() {
        OwnShape square = SampleShapes.of(
                "Scalloped", new Finish(Length.ZERO, in("1/2"), false), part(ADD, Kind.RECTANGLE, "4", "4", "0", "0"));
        assertThat(square.size()).isEqualTo(size("4", "4"));
        assertThat(square.area(square.size()))
                .isCloseTo(3.5 * 3.5 + (24 * 0.5 + 4 * 0.75) * Math.PI / 16, offset(0.01));
        OwnShape round = SampleShapes.of(
                "Scalloped", new Finish(Length.ZERO, in("1/2"), false), part(ADD, Kind.OVAL, "4", "4", "0", "0"));
        assertThat(round.size()).isEqualTo(size("4", "4"));
        assertThat(notches(round)).isEqualTo(Math.round(Math.PI * 3.5 / 0.5));
    }

    /** Where the outline turns inwards by more than a curve does. */
    private static long notches(OwnShape shape) {
        List<Segment> edges = shape.outline(shape.size()).edges();
        double sign = 0;
        List<Double> bends = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            Segment next = edges.get((i + 1) % edges.size());
            double bend = Math.IEEEremainder(angle(next) - angle(edges.get(i)), 2 * Math.PI);
            bends.add(bend);
            sign += bend;
        }
        double way = Math.signum(sign);
        return bends.stream().filter(bend -> bend * way < -0.5).count();
    }

    private static double angle(Segment edge) {
        return Math.atan2(
                edge.end().y().minus(edge.start().y()).toInches(),
                edge.end().x().minus(edge.start().x()).toInches());
    }

    /** A border of 1/4 round a square of 2: four strips and a whole disc; and back within it nothing is lost but what is round. */
    @Test
    void aBorderGrowsAllRound() {
        OwnShape grown = SampleShapes.of(
                "Grown", new Finish(in("1/4"), Length.ZERO, false), part(ADD, Kind.RECTANGLE, "2", "2", "0", "0"));
        assertThat(grown.size()).isEqualTo(size("2 1/2", "2 1/2"));
        assertThat(grown.area(grown.size())).isCloseTo(4 + 2 + Math.PI / 16, offset(0.001));
        OwnShape shrunk = SampleShapes.of(
                "Shrunk", new Finish(in("-1/4"), Length.ZERO, false), part(ADD, Kind.RECTANGLE, "2", "3", "0", "0"));
        assertThat(shrunk.outline(shrunk.size())).isEqualTo(Outline.of(Rect.atOrigin(size("1 1/2", "2 1/2"))));
        CutShape frame = SampleShapes.jar().asDrawn().grown(in("1/8"));
        assertThat(frame.outline().bounds()).isEqualTo(Rect.atOrigin(size("3 1/4", "5")));
        assertThat(Overlay.contains(
                        Region.of(frame.outline()),
                        SampleShapes.jar().asDrawn().outline().plus(in("1/8"), in("1/8"))))
                .isTrue();
    }

    @Test
    void aPartIsTurnedAboutItsMiddleAndMirrored() {
        ShapePart gable = new ShapePart(
                ADD, new Source.OfTrade(Kind.GABLE), size("2", "4"), Point.ORIGIN, new ShapePart.Turn(90, false));
        assertThat(of(gable).outline(size("4", "2")).corners())
                .contains(new Point(in("4"), in("1")))
                .doesNotContain(new Point(in("0"), in("1")));
        OwnShape pennant = SampleShapes.pennant();
        OwnShape behind = SampleShapes.of(
                "Pennant",
                new Finish(Length.ZERO, Length.ZERO, true),
                pennant.parts().toArray(ShapePart[]::new));
        assertThat(behind.outline(pennant.size()))
                .isNotEqualTo(pennant.outline(pennant.size()))
                .isEqualTo(pennant.outline(pennant.size()).in(new Placement(new Point(in("3"), Length.ZERO), 0, true)));
    }

    @Test
    void whatComesToNothingOrToPiecesIsRefusedAtItsParts() {
        ShapePart box = part(ADD, Kind.RECTANGLE, "2", "2", "0", "0");
        assertThat(refused(Finish.NONE, box, part(ADD, Kind.OVAL, "1", "1", "5", "5")))
                .singleElement()
                .satisfies(reason -> {
                    assertThat(reason.field()).isEqualTo("parts");
                    assertThat(reason.message()).startsWith("It falls into 2 pieces");
                });
        assertThat(refused(Finish.NONE, box, part(TAKE_AWAY, Kind.RECTANGLE, "4", "4", "-1", "-1")))
                .extracting(Refusal::message)
                .containsExactly("Nothing is left of it.");
        assertThat(refused(Finish.NONE, part(TAKE_AWAY, Kind.OVAL, "1", "1", "0", "0")))
                .extracting(Refusal::field)
                .containsExactly("0.how");
        assertThat(refused(new Finish(in("-1"), Length.ZERO, false), box))
                .extracting(Refusal::field)
                .containsExactly("border");
        assertThat(refused(new Finish(Length.ZERO, in("3"), false), box))
                .extracting(Refusal::field)
                .containsExactly("scallops");
        assertThat(refused(Finish.NONE, part(ADD, Kind.RECTANGLE, "30", "2", "0", "0")))
                .extracting(Refusal::field)
                .containsExactly("parts");
    }

    private static ShapePart traced(String width, String height, Tracing.Line... lines) {
        return new ShapePart(
                ADD,
                new Source.Traced(new Tracing(List.of(lines))),
                size(width, height),
                Point.ORIGIN,
                ShapePart.Turn.NONE);
    }

    /** A ring with an island in its hole: the hole is cut out, the island falls out with it; what is creased ends where the paper does. */
    @Test
    void linesOfADrawingBoundAnAreaItsHolesAndItsCreases() {
        OwnShape shape = of(traced(
                "8",
                "4",
                line(Tracing.Use.CUT, true, "0", "0", "4", "0", "4", "2", "0", "2"),
                line(Tracing.Use.CUT, true, "1/2", "1/2", "1 1/2", "1/2", "1 1/2", "1 1/2", "1/2", "1 1/2"),
                line(Tracing.Use.CUT, true, "3/4", "3/4", "1 1/4", "3/4", "1 1/4", "1 1/4", "3/4", "1 1/4"),
                line(Tracing.Use.NOTHING, true, "3", "1/2", "3 1/2", "1/2", "3 1/2", "1"),
                line(Tracing.Use.CREASE, false, "0", "1", "4", "1")));
        assertThat(shape.outline(shape.size()).isRectangle()).isTrue();
        assertThat(shape.size()).isEqualTo(size("8", "4"));
        assertThat(shape.holes(shape.size()))
                .extracting(Outline::bounds)
                .containsExactly(Rect.of(in("1"), in("1"), in("2"), in("2")));
        assertThat(shape.creases(shape.size()))
                .extracting(crease -> crease.start().x(), crease -> crease.end().x())
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(in("0"), in("1")),
                        org.assertj.core.groups.Tuple.tuple(in("3"), in("8")));
        assertThat(refused(
                        Finish.NONE,
                        traced("2", "2", line(Tracing.Use.CUT, true, "0", "0", "2", "2", "2", "0", "0", "2"))))
                .extracting(Refusal::field, Refusal::message)
                .contains(org.assertj.core.groups.Tuple.tuple(
                        "0.lines", "Line 1 crosses itself: mend it in the drawing, or leave it out."));
    }

    /** A square whose four sides miss each other by up to 0.03: closed where that is a hair, left open where it is not. */
    @Test
    void endsAHairApartAreJoinedAndTold() {
        List<Tracing.Line> sides = List.of(
                line(Tracing.Use.CUT, false, "0", "0", "4", "0"),
                line(Tracing.Use.CUT, false, "4", "4", "4", "1/64"),
                line(Tracing.Use.CUT, false, "4", "4", "1/32", "4"),
                line(Tracing.Use.CUT, false, "0", "4", "0", "0"));
        Chains joined = Chains.of(sides, in("1/16"));
        assertThat(joined.lines()).singleElement().satisfies(line -> {
            assertThat(line.closed()).isTrue();
            assertThat(line.points()).hasSize(4);
        });
        assertThat(joined.gaps()).isEqualTo(2);
        assertThat(joined.widest()).isEqualTo(in("1/32"));
        assertThat(Chains.of(sides, in("1/64")).lines()).singleElement().satisfies(line -> assertThat(line.closed())
                .isFalse());
    }
}
