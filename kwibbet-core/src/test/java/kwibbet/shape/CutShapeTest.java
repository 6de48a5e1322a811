package kwibbet.shape;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.util.GeometricShapeFactory;

import kwibbet.measure.Length;

import static kwibbet.Inches.in;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Shapes and overlays against JTS 1.20, an independent geometry library, and against formulas of elementary geometry. */
class CutShapeTest {

    private static Polygon jts(Outline outline) {
        Coordinate[] ring = Stream.concat(
                        outline.corners().stream(), outline.corners().stream().limit(1))
                .map(point -> new Coordinate(point.x().toInches(), point.y().toInches()))
                .toArray(Coordinate[]::new);
        return new GeometryFactory().createPolygon(ring);
    }

    @ParameterizedTest
    @EnumSource
    void everyShapeFillsItsBoxIsValidAndHasTheAreaItsFormulaSays(CutShape.Kind kind) {
        for (Size box : List.of(size("3", "3"), size("2", "5"), size("6 1/3", "1"), size("1/8", "1/8"))) {
            CutShape shape = new CutShape(kind, box);
            Polygon polygon = jts(shape.outline());
            assertThat(polygon.isValid()).as(kind + " " + box).isTrue();
            assertThat(shape.outline().bounds()).isEqualTo(Rect.atOrigin(box));
            assertThat(shape.outline().area()).isCloseTo(polygon.getArea(), offset(1e-9));
            assertThat(shape.outline().perimeter()).isCloseTo(polygon.getLength(), offset(1e-9));
            assertThat(shape.area() / polygon.getArea()).as(kind + " " + box).isCloseTo(1, offset(0.012));
            Outline mirrored = shape.outline().in(new Placement(new Point(box.width(), Length.ZERO), 0, true));
            assertThat(jts(mirrored).symDifference(polygon).getArea()).isLessThan(0.002 * polygon.getArea());
        }
    }

    /** A ring half an inch wide holds a disc of a quarter and no more, a bar as wide as high as it is, elementary geometry. */
    @Test
    void aDiscHasRoomWhereItFits() {
        Outline round = new CutShape(CutShape.Kind.OVAL, size("2", "2")).outline();
        Outline hole =
                new CutShape(CutShape.Kind.OVAL, size("1", "1")).outline().plus(in("1/2"), in("1/2"));
        Region ring = new Region(round, List.of(hole));
        assertThat(Overlay.hasRoomFor(ring, in("15/64"))).isTrue();
        assertThat(Overlay.hasRoomFor(ring, in("17/64"))).isFalse();
        Region bar = Region.of(Outline.of(Rect.atOrigin(size("5", "1"))));
        assertThat(Overlay.hasRoomFor(bar, in("31/64"))).isTrue();
        assertThat(Overlay.hasRoomFor(bar, in("1/2"))).isFalse();
    }

    /** Area and side of regular polygons by their circumradius, elementary geometry; the polygon itself from JTS. */
    @Test
    void hexagonAndOctagonAreRegularInTheirOwnBoxes() {
        for (int sides : new int[] {6, 8}) {
            double radius = 1.5;
            double acrossFlats = 2 * radius * Math.cos(Math.PI / sides);
            Size box = sides == 6
                    ? new Size(Length.nearestInches(2 * radius), Length.nearestInches(acrossFlats))
                    : new Size(Length.nearestInches(acrossFlats), Length.nearestInches(acrossFlats));
            CutShape.Kind kind = sides == 6 ? CutShape.Kind.HEXAGON : CutShape.Kind.OCTAGON;
            Outline outline = new CutShape(kind, box).outline();
            double side = 2 * radius * Math.sin(Math.PI / sides);
            assertThat(outline.edges()).hasSize(sides).allSatisfy(edge -> assertThat(edge.inches())
                    .isCloseTo(side, offset(1e-4)));
            double area = sides * radius * radius * Math.sin(2 * Math.PI / sides) / 2;
            assertThat(new CutShape(kind, box).area()).isCloseTo(area, offset(1e-4));
        }
    }

    @Test
    void aCircleIsAsJtsDrawsOneAndWithinHalfAThousandthOfTheCurve() {
        GeometricShapeFactory factory = new GeometricShapeFactory();
        factory.setSize(3);
        factory.setNumPoints(2_000);
        Polygon circle = factory.createCircle();
        CutShape shape = new CutShape(CutShape.Kind.OVAL, size("3", "3"));
        assertThat(jts(shape.outline()).symDifference(circle).getArea()).isLessThan(0.01);
        assertThat(shape.area()).isCloseTo(Math.PI * 2.25, offset(1e-12));
        assertThat(shape.perimeter()).isCloseTo(Math.PI * 3, offset(1e-12));
        assertThat(shape.outline().edges()).allSatisfy(edge -> {
            double x = edge.middle().x().toInches() - 1.5;
            double y = edge.middle().y().toInches() - 1.5;
            assertThat(1.5 - Math.hypot(x, y)).isBetween(-1e-4, 0.0006);
        });
    }

    /** The notches lie where the curve has them, and no edge lies off the curve by more than half a thousandth. */
    @ParameterizedTest
    @ValueSource(strings = {"1/2", "1 1/4", "6"})
    void aScallopedOvalKeepsToItsCurve(String across) {
        double box = in(across).toInches();
        Outline outline = new CutShape(CutShape.Kind.SCALLOPED, size(across, across)).outline();
        double shortest = 1;
        for (Segment edge : outline.edges()) {
            for (Point point : List.of(edge.start(), edge.middle())) {
                double x = point.x().toInches() / box - 0.5;
                double y = point.y().toInches() / box - 0.5;
                double curve = 0.5 - 0.055 * (1 - Math.abs(Math.cos(8 * Math.atan2(y, x))));
                assertThat((Math.hypot(x, y) - curve) * box).isBetween(-6e-4, 6e-4);
                shortest = Math.min(shortest, Math.hypot(x, y));
            }
        }
        assertThat(shortest * box).isCloseTo(0.445 * box, offset(1e-4));
    }

    @Test
    void overlaysAgreeWithJts() {
        Outline circle = new CutShape(CutShape.Kind.OVAL, size("3", "3")).outline();
        Outline house =
                new CutShape(CutShape.Kind.GABLE, size("2", "4")).outline().plus(in("1"), in("1/2"));
        double shared = jts(circle).intersection(jts(house)).getArea();
        assertThat(Overlay.sharedArea(Region.of(circle), Region.of(house))).isCloseTo(shared, offset(1e-4));
        double left = Overlay.without(Region.of(circle), Region.of(house)).stream()
                .mapToDouble(Region::area)
                .sum();
        assertThat(left).isCloseTo(circle.area() - shared, offset(1e-4));
        double joined = Overlay.joined(Region.of(circle), Region.of(house)).stream()
                .mapToDouble(Region::area)
                .sum();
        assertThat(joined).isCloseTo(jts(circle).union(jts(house)).getArea(), offset(1e-4));
        assertThat(Overlay.inset(Outline.of(Rect.atOrigin(size("4 1/4", "5 1/2"))), in("1/8")))
                .singleElement()
                .satisfies(mat -> assertThat(mat.bounds().size()).isEqualTo(size("4", "5 1/4")));
        assertThat(Overlay.inset(circle, in("1 5/8"))).isEmpty();
        Outline diamond = new CutShape(CutShape.Kind.DIAMOND, size("2", "2")).outline();
        // A border of b takes b√2 off every corner of a square on its corner.
        assertThat(Overlay.inset(diamond, in("1/4"))
                        .get(0)
                        .bounds()
                        .size()
                        .width()
                        .toInches())
                .isCloseTo(2 - 0.5 * Math.sqrt(2), offset(1e-4));
    }
}
