package kwibbet.outline;

import java.util.List;

import kwibbet.shape.CutShape;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/** Where a part of an outline comes from. */
public sealed interface Source {

    /** What it covers, drawn into a box whose left top corner is zero. */
    List<Region> regions(Size size);

    /** Where it is creased, in the same box. */
    default List<Segment> creases(Size size) {
        return List.of();
    }

    /** The lines of a drawing, in the same box; none of a shape. */
    default List<List<Point>> lines(Size size) {
        return List.of();
    }

    /**
     * A shape of the trade.
     *
     * @param kind which
     */
    record OfTrade(CutShape.Kind kind) implements Source {
        @Override
        public List<Region> regions(Size size) {
            return List.of(Region.of(kind.outline(size)));
        }
    }

    /**
     * Lines of a drawing.
     *
     * @param tracing the lines
     */
    record Traced(Tracing tracing) implements Source {
        @Override
        public List<Region> regions(Size size) {
            return tracing.regions(size);
        }

        @Override
        public List<Segment> creases(Size size) {
            return tracing.creases(size);
        }

        @Override
        public List<List<Point>> lines(Size size) {
            return tracing.points(size);
        }
    }
}
