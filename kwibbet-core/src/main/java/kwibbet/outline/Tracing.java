package kwibbet.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Scale;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * Lines of a drawing, and what each of them is for.
 *
 * @param lines the lines; where one closed line to cut lies within another it is a hole of it, one within that hole is cut out of nothing and adds nothing
 */
public record Tracing(List<Line> lines) {

    private static final Graduation HUNDREDTH = new Graduation(Length.ofMillimetres(1, 100));

    /** What a line of a drawing is for. */
    public enum Use {
        CUT("cut"),
        CREASE("crease"),
        NOTHING("left out");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /**
     * A line.
     *
     * @param points its corners, at least two
     * @param closed whether the last joins the first
     * @param use what it is for
     */
    public record Line(List<Point> points, boolean closed, Use use) {

        /**
         * Copies the points, one that is given twice in a row once.
         *
         * @throws IllegalArgumentException when there are fewer than two
         */
        public Line {
            points = withoutRepeats(points);
            if (points.size() < 2) {
                throw new IllegalArgumentException("a line has at least two points, not " + points.size());
            }
        }

        private static List<Point> withoutRepeats(List<Point> points) {
            return IntStream.range(0, points.size())
                    .filter(i -> i == 0 || !points.get(i).equals(points.get(i - 1)))
                    .mapToObj(points::get)
                    .toList();
        }

        /** This line for something else. */
        public Line with(Use other) {
            return new Line(points, closed, other);
        }

        /** Its edges in order. */
        public List<Segment> edges() {
            return IntStream.range(0, closed ? points.size() : points.size() - 1)
                    .filter(i -> !points.get(i).equals(points.get((i + 1) % points.size())))
                    .mapToObj(i -> new Segment(points.get(i), points.get((i + 1) % points.size())))
                    .toList();
        }

        /** Whether it can bound an area: closed, and with a corner besides its ends. */
        public boolean isOutline() {
            return closed && points.stream().distinct().count() > 2;
        }

        /** Whether it runs across itself, so that it bounds no area. */
        public boolean crossesItself() {
            return isOutline() && !Overlay.isSimple(new Outline(points));
        }
    }

    /** Copies the lines. */
    public Tracing {
        lines = List.copyOf(lines);
    }

    /** The smallest box around all lines, whatever they are for; nothing where all lie on one level or upright line. */
    public Optional<Rect> box() {
        List<Point> all = lines.stream().flatMap(line -> line.points().stream()).toList();
        if (all.stream().map(Point::x).distinct().count() < 2
                || all.stream().map(Point::y).distinct().count() < 2) {
            return Optional.empty();
        }
        return Optional.of(Rect.around(all));
    }

    /**
     * How large it is where it was drawn in a unit: as it is where a 64th of an inch stands for a side, otherwise to a hundredth of a millimetre, so that it can be typed.
     *
     * @param unit the unit
     * @return nothing where it has no box
     */
    public Optional<Size> size(DrawnUnit unit) {
        return box().map(box -> typed(unit.of(box.size())));
    }

    /** In its own proportions, so wide; nothing where it has no box. */
    public Optional<Size> asWideAs(Length width) {
        return box().map(Rect::size)
                .map(drawn ->
                        typed(new Size(width, width.scaledBy(drawn.height().ratioTo(drawn.width())))));
    }

    /** In its own proportions, so high; nothing where it has no box. */
    public Optional<Size> asHighAs(Length height) {
        return box().map(Rect::size)
                .map(drawn -> typed(new Size(height.scaledBy(drawn.width().ratioTo(drawn.height())), height)));
    }

    private static Size typed(Size size) {
        return new Size(typed(size.width()), typed(size.height()));
    }

    private static Length typed(Length side) {
        return Figure.inInches(side).isExact()
                ? side
                : Length.max(side.roundedTo(HUNDREDTH).shown(), HUNDREDTH.step());
    }

    /** The closed lines to cut that bound an area, the widest first. */
    private Stream<Outline> outlines() {
        return lines.stream()
                .filter(line -> line.use() == Use.CUT && line.isOutline() && !line.crossesItself())
                .map(line -> new Outline(line.points()))
                .sorted(Comparator.comparingDouble(Outline::area).reversed());
    }

    /** What the closed lines bound, drawn into a box whose left top corner is zero. */
    List<Region> regions(Size size) {
        List<Region> found = new ArrayList<>();
        List<Outline> holes = new ArrayList<>();
        for (Outline outline : outlines().toList()) {
            boolean inHole = holes.stream().anyMatch(hole -> Overlay.contains(Region.of(hole), outline));
            List<Region> around = found.stream()
                    .filter(region -> Overlay.contains(Region.of(region.outline()), outline))
                    .toList();
            if (around.isEmpty()) {
                found.add(Region.of(outline));
            } else if (!inHole) {
                Region host = around.get(around.size() - 1);
                List<Outline> more = new ArrayList<>(host.holes());
                more.add(outline);
                holes.add(outline);
                found.set(found.indexOf(host), new Region(host.outline(), more));
            }
        }
        return box().stream()
                .map(box -> new Scale(box, size))
                .flatMap(scale -> found.stream().map(scale::region))
                .toList();
    }

    /** All lines, drawn into the same box. */
    List<List<Point>> points(Size size) {
        return box().stream()
                .map(box -> new Scale(box, size))
                .flatMap(scale -> lines.stream()
                        .map(line -> line.points().stream().map(scale::point).toList()))
                .toList();
    }

    /** The lines that are creased, drawn into the same box. */
    List<Segment> creases(Size size) {
        return box().stream()
                .map(box -> new Scale(box, size))
                .flatMap(scale -> lines.stream()
                        .filter(line -> line.use() == Use.CREASE)
                        .flatMap(line -> line.edges().stream())
                        .map(scale::segment))
                .toList();
    }

    /**
     * The lines as they are used until a maker says otherwise: what cannot be cut is left out, and so is what lies apart from the widest line and what is within it.
     *
     * @return the lines, or that none of them bounds anything
     */
    public Outcome<Tracing> asFirstRead() {
        Optional<Outline> widest = outlines().findFirst();
        if (widest.isEmpty()) {
            return Outcome.refused(
                    "file", "No line of it is closed without crossing itself, so nothing of it can be cut out.");
        }
        Region within = Region.of(widest.get());
        return Outcome.made(new Tracing(lines.stream()
                .map(line -> line.use() != Use.CUT
                                || (line.isOutline()
                                        && !line.crossesItself()
                                        && Overlay.contains(within, new Outline(line.points())))
                        ? line
                        : line.with(Use.NOTHING))
                .toList()));
    }
}
