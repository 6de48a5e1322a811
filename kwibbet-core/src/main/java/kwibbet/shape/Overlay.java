package kwibbet.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

import kwibbet.measure.Length;

/**
 * Areas laid over each other: what they share, what is left, and what lies a border within.
 *
 * <p>Computed in inches by the overlay of JTS (OverlayNG, robust) and brought back to the nearest tick. What is thinner than
 * {@link #NOTHING} square inches is no area.
 */
public final class Overlay {

    /** A sliver of this area, in square inches, is what rounding leaves and nothing a hand could cut. */
    public static final double NOTHING = 1e-6;

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double MITRE_LIMIT = 4;
    /** Edges of a rounded corner of a quarter: an eighth of an inch round, they lie within a twenty-thousandth of it. */
    private static final int QUARTER_EDGES = 24;

    private Overlay() {}

    /** What both cover. */
    public static List<Region> shared(Region one, Region other) {
        if (isPlain(one) && isPlain(other)) {
            return one.outline().bounds().shared(other.outline().bounds()).stream()
                    .map(both -> Region.of(Outline.of(both)))
                    .toList();
        }
        if (isPlain(one) && one.outline().bounds().contains(other.outline().bounds())) {
            return List.of(other);
        }
        if (isPlain(other) && other.outline().bounds().contains(one.outline().bounds())) {
            return List.of(one);
        }
        return combined(one, other, OverlayNG.INTERSECTION);
    }

    /** What the first covers and the second does not. */
    public static List<Region> without(Region one, Region other) {
        if (!one.outline().bounds().overlaps(other.outline().bounds())) {
            return List.of(one);
        }
        return combined(one, other, OverlayNG.DIFFERENCE);
    }

    /** What either covers; one region where they touch along an edge. */
    public static List<Region> joined(Region one, Region other) {
        return combined(one, other, OverlayNG.UNION);
    }

    /** What any of them covers; one region where they touch along an edge. */
    public static List<Region> joined(List<Region> all) {
        Geometry[] polygons = all.stream().map(Overlay::fixed).toArray(Geometry[]::new);
        return regions(OverlayNGRobust.union(FACTORY.createGeometryCollection(polygons)));
    }

    /** Holes that touch or overlap each other make no polygon in the sense of JTS; what they leave is meant all the same. */
    private static Geometry fixed(Region region) {
        Polygon polygon = polygon(region);
        return polygon.isValid() ? polygon : GeometryFixer.fix(polygon);
    }

    /** Whether no edge of an outline crosses or touches another. */
    public static boolean isSimple(Outline outline) {
        return polygon(Region.of(outline)).isValid();
    }

    /** The parts of a line that lie within an area, in order along it. */
    public static List<Segment> within(Segment line, Region area) {
        Geometry parts = FACTORY.createLineString(new Coordinate[] {coordinate(line.start()), coordinate(line.end())})
                .intersection(fixed(area));
        return IntStream.range(0, parts.getNumGeometries())
                .mapToObj(parts::getGeometryN)
                .filter(part -> part.getNumPoints() == 2)
                .map(Geometry::getCoordinates)
                .map(ends -> List.of(point(ends[0]), point(ends[1])))
                .filter(ends -> !ends.get(0).equals(ends.get(1)))
                .map(ends -> new Segment(ends.get(0), ends.get(1)))
                .toList();
    }

    private static Coordinate coordinate(Point point) {
        return new Coordinate(point.x().toInches(), point.y().toInches());
    }

    private static Point point(Coordinate at) {
        return new Point(Length.nearestInches(at.getX()), Length.nearestInches(at.getY()));
    }

    /** How much of an outline's edge lies within an area, in inches. */
    public static double inches(Outline edge, Region area) {
        if (!edge.bounds().overlaps(area.outline().bounds())) {
            return 0;
        }
        return OverlayNGRobust.overlay(polygon(Region.of(edge)).getExteriorRing(), fixed(area), OverlayNG.INTERSECTION)
                .getLength();
    }

    /** The outline a border outside another, its corners rounded, so that its box is larger by exactly the border on each side. */
    public static Outline around(Outline outline, Length border) {
        BufferParameters rounded = new BufferParameters(
                QUARTER_EDGES,
                BufferParameters.CAP_FLAT,
                BufferParameters.JOIN_ROUND,
                BufferParameters.DEFAULT_MITRE_LIMIT);
        Outline grown = regions(BufferOp.bufferOp(polygon(Region.of(outline)), border.toInches(), rounded))
                .get(0)
                .outline();
        Rect box = outline.bounds();
        // The buffer's outermost points are computed in inches; the box is exact.
        return new Scale(grown.bounds(), box.size().grown(border))
                .outline(grown)
                .plus(box.left().minus(border), box.top().minus(border));
    }

    /** What the first covers and none of the others does. */
    public static List<Region> without(Region one, List<Region> others) {
        List<Region> left = List.of(one);
        for (Region other : others) {
            left = left.stream().flatMap(part -> without(part, other).stream()).toList();
        }
        return left;
    }

    /** Whether two outlines cover more of each other than {@link #NOTHING}. */
    public static boolean overlap(Outline one, Outline other) {
        return sharedArea(Region.of(one), Region.of(other)) > NOTHING;
    }

    private static List<Region> combined(Region one, Region other, int operation) {
        Polygon first = polygon(one);
        Polygon second = polygon(other);
        try {
            return regions(OverlayNGRobust.overlay(first, second, operation));
        } catch (TopologyException touching) {
            // Holes that touch or overlap each other make no polygon in the sense of JTS; what they leave is meant all
            // the same.
            return regions(OverlayNGRobust.overlay(GeometryFixer.fix(first), GeometryFixer.fix(second), operation));
        }
    }

    private static boolean isPlain(Region region) {
        return region.holes().isEmpty() && region.outline().isRectangle();
    }

    /** The square inches both cover. */
    public static double sharedArea(Region one, Region other) {
        if (!one.outline().bounds().overlaps(other.outline().bounds())) {
            return 0;
        }
        return shared(one, other).stream().mapToDouble(Region::area).sum();
    }

    /** The point of an area that lies nearest to another; that itself where it lies within. */
    public static Point nearest(Region area, Point to) {
        Coordinate at = new Coordinate(to.x().toInches(), to.y().toInches());
        Polygon within = polygon(area);
        Coordinate[] nearest =
                DistanceOp.nearestPoints(within, within.getFactory().createPoint(at));
        return nearest[0].equals2D(at) ? to : point(nearest[0]);
    }

    /** How far a point lies from an outline's edge, in inches. */
    public static double toEdge(Outline outline, Point from) {
        Polygon within = polygon(Region.of(outline));
        Coordinate at = new Coordinate(from.x().toInches(), from.y().toInches());
        return within.getExteriorRing().distance(within.getFactory().createPoint(at));
    }

    /** A point well within an area. */
    public static Point pointWithin(Region region) {
        return point(polygon(region).getInteriorPoint().getCoordinate());
    }

    /** Whether {@code inner} lies within {@code outer}, edges included. */
    public static boolean contains(Region outer, Outline inner) {
        if (isPlain(outer)) {
            return outer.outline().bounds().contains(inner.bounds());
        }
        return without(Region.of(inner), outer).isEmpty();
    }

    /**
     * The outline that lies {@code border} within another, its corners kept sharp; a negative border lies outside. Empty
     * when nothing is left, the largest part when it falls apart. Of an upright rectangle it is exact.
     */
    public static List<Outline> inset(Outline outline, Length border) {
        if (border.isZero()) {
            return List.of(outline);
        }
        if (outline.isRectangle()) {
            return insetRectangle(outline.bounds(), border);
        }
        return buffered(Region.of(outline), border).stream()
                .max((one, other) -> Double.compare(one.area(), other.area()))
                .map(region -> List.of(region.outline()))
                .orElse(List.of());
    }

    /** Whether a disc of that radius has room in an area. */
    public static boolean hasRoomFor(Region region, Length radius) {
        if (isPlain(region)) {
            return !inset(region.outline(), radius).isEmpty();
        }
        Size size = region.outline().bounds().size();
        if (Length.min(size.width(), size.height()).isShorterThan(radius.multipliedBy(2))) {
            return false;
        }
        Polygon polygon = polygon(region);
        Coordinate middle = polygon.getCentroid().getCoordinate();
        // Where a point lies can be said of every polygon; how two areas lie, not of one whose hole touches its edge.
        if (polygon.getBoundary().distance(polygon.getCentroid()) > radius.toInches()
                && SimplePointInAreaLocator.locate(middle, polygon) == Location.INTERIOR) {
            return true;
        }
        // Shrunk with round corners, which is what a disc leaves.
        return BufferOp.bufferOp(polygon, -radius.toInches()).getArea() > NOTHING;
    }

    /** What lies at least {@code border} within an area, off its outer edge and off its holes. */
    public static List<Region> inset(Region region, Length border) {
        if (isPlain(region)) {
            return inset(region.outline(), border).stream().map(Region::of).toList();
        }
        return buffered(region, border);
    }

    private static List<Region> buffered(Region region, Length border) {
        BufferParameters mitred = new BufferParameters(
                BufferParameters.DEFAULT_QUADRANT_SEGMENTS,
                BufferParameters.CAP_FLAT,
                BufferParameters.JOIN_MITRE,
                MITRE_LIMIT);
        // Corners left out beforehand slant the straight edges beside them.
        mitred.setSimplifyFactor(0);
        return regions(BufferOp.bufferOp(polygon(region), -border.toInches(), mitred));
    }

    private static List<Outline> insetRectangle(Rect area, Length border) {
        Length twice = border.multipliedBy(2);
        Length width = area.size().width().minus(twice);
        Length height = area.size().height().minus(twice);
        return width.isPositive() && height.isPositive()
                ? List.of(
                        Outline.of(Rect.of(area.left().plus(border), area.top().plus(border), width, height)))
                : List.of();
    }

    private static Polygon polygon(Region region) {
        LinearRing[] holes = region.holes().stream().map(Overlay::ring).toArray(LinearRing[]::new);
        return FACTORY.createPolygon(ring(region.outline()), holes);
    }

    private static LinearRing ring(Outline outline) {
        List<Point> corners = outline.corners();
        Coordinate[] coordinates = IntStream.rangeClosed(0, corners.size())
                .mapToObj(i -> corners.get(i % corners.size()))
                .map(Overlay::coordinate)
                .toArray(Coordinate[]::new);
        return FACTORY.createLinearRing(coordinates);
    }

    private static List<Region> regions(Geometry geometry) {
        List<Region> regions = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > NOTHING) {
                List<Outline> holes = IntStream.range(0, polygon.getNumInteriorRing())
                        .mapToObj(polygon::getInteriorRingN)
                        .flatMap(ring -> outline(ring).stream())
                        .toList();
                outline(polygon.getExteriorRing()).ifPresent(around -> regions.add(new Region(around, holes)));
            }
        }
        return regions;
    }

    /** Nothing where it is so narrow that both sides come to the same tick. */
    private static Optional<Outline> outline(LinearRing ring) {
        Coordinate[] coordinates = ring.getCoordinates();
        List<Point> corners = Arrays.stream(coordinates, 0, coordinates.length - 1)
                .map(Overlay::point)
                .distinct()
                .toList();
        return corners.size() < Outline.FEWEST ? Optional.empty() : Optional.of(new Outline(corners));
    }
}
