package kwibbet.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import kwibbet.measure.Length;

/** Draws a shape of the trade into a box. Each is the same seen from behind. */
final class KindOutline {

    /** How far, in inches, an edge may lie off the curve it stands for. */
    private static final double OFF_CURVE = 0.0005;

    private static final int SCALLOPS = 16;
    /** How far the notches between scallops lie within the oval, in shares of the box. */
    private static final double SCALLOP_DEPTH = 0.055;

    private final CutShape.Kind kind;
    private final Size size;

    KindOutline(CutShape.Kind kind, Size size) {
        this.kind = kind;
        this.size = size;
    }

    /** In a frame whose zero is the left top corner of the box. */
    Outline outline() {
        return switch (kind) {
            case RECTANGLE -> Outline.of(Rect.atOrigin(size));
            case ROUNDED -> rounded();
            case OVAL -> new Outline(arc(edgesRound()));
            case ARCH -> arch();
            case GABLE -> gable();
            case HEXAGON -> hexagon();
            case OCTAGON -> octagon();
            case DIAMOND -> shares(0.5, 0, 1, 0.5, 0.5, 1, 0, 0.5);
            case SCALLOPED -> scalloped();
        };
    }

    /**
     * Square inches of the shape itself, in closed form; the outline's edges cut a curve's area by less than a thousandth.
     * Regular polygons stretched into a box keep their share of it.
     */
    double area() {
        double box = size.area();
        return switch (kind) {
            case RECTANGLE -> box;
            case ROUNDED -> box - (4 - Math.PI) * radius() * radius();
            case OVAL -> Math.PI / 4 * box;
            case ARCH -> box - (2 - Math.PI / 2) * (width() / 2) * rise();
            case GABLE -> box - width() * rise() / 2;
            case HEXAGON -> 0.75 * box;
            case OCTAGON -> 2 * (Math.sqrt(2) - 1) * box;
            case DIAMOND -> box / 2;
            case SCALLOPED -> outline().area();
        };
    }

    /** Edges round a whole oval: a multiple of four, so that it touches its box. */
    private int edgesRound() {
        double radius = Math.max(width(), size.height().toInches()) / 2;
        double step = 2 * Math.acos(Math.max(0, 1 - OFF_CURVE / radius));
        return 4 * (int) Math.ceil(2 * Math.PI / step / 4);
    }

    private double width() {
        return size.width().toInches();
    }

    /** How far an arch or a gable rises above its upright sides. */
    private double rise() {
        return Math.min(width() / 2, size.height().toInches());
    }

    private double radius() {
        return Math.min(width(), size.height().toInches()) / 6;
    }

    private Outline rounded() {
        double across = radius() / width();
        double down = radius() / size.height().toInches();
        int steps = Math.max(2, edgesRound() / 12);
        List<Point> corners = new ArrayList<>();
        for (int quarter = 0; quarter < 4; quarter++) {
            double middleX = quarter == 0 || quarter == 3 ? 1 - across : across;
            double middleY = quarter < 2 ? 1 - down : down;
            for (int i = 0; i <= steps; i++) {
                double angle = (quarter + (double) i / steps) * Math.PI / 2;
                corners.add(share(middleX + across * Math.cos(angle), middleY + down * Math.sin(angle)));
            }
        }
        return new Outline(corners);
    }

    private Outline arch() {
        double rise = rise() / size.height().toInches();
        List<Point> corners = new ArrayList<>();
        int edges = edgesRound();
        for (int i = 0; i <= edges / 2; i++) {
            double angle = Math.PI + i * 2 * Math.PI / edges;
            corners.add(share(0.5 + 0.5 * Math.cos(angle), rise + rise * Math.sin(angle)));
        }
        if (rise < 1) {
            corners.add(share(1, 1));
            corners.add(share(0, 1));
        }
        return new Outline(corners);
    }

    private Outline gable() {
        double rise = rise() / size.height().toInches();
        return rise < 1 ? shares(0.5, 0, 1, rise, 1, 1, 0, 1, 0, rise) : shares(0.5, 0, 1, 1, 0, 1);
    }

    /** Regular in a box of 1 to √3/2; two edges lie level. */
    private Outline hexagon() {
        return shares(0.25, 0, 0.75, 0, 1, 0.5, 0.75, 1, 0.25, 1, 0, 0.5);
    }

    /** Regular in a square box: an edge is √2 − 1 of it. */
    private Outline octagon() {
        double corner = 1 - Math.sqrt(0.5);
        double rest = 1 - corner;
        return shares(corner, 0, rest, 0, 1, corner, 1, rest, rest, 1, corner, 1, 0, rest, 0, corner);
    }

    /**
     * In shares of the box {@code r(θ) = 1/2 − d (1 − |cos 8θ|)}: it swings back at most {@code 64 d + 1/2} of the box per square of the
     * angle, which is how far an edge of a given angle lies off it.
     */
    private Outline scalloped() {
        List<Point> corners = new ArrayList<>();
        double box = Math.max(width(), size.height().toInches());
        double bend = (SCALLOP_DEPTH * SCALLOPS * SCALLOPS / 4 + 0.5) * box;
        double step = Math.sqrt(8 * OFF_CURVE / bend);
        // An even number to each scallop puts a corner into every notch.
        int edges = SCALLOPS * 2 * (int) Math.ceil(Math.PI / SCALLOPS / step);
        for (int i = 0; i < edges; i++) {
            double angle = i * 2 * Math.PI / edges;
            double wave = Math.abs(Math.cos(angle * SCALLOPS / 2));
            double radius = 0.5 - SCALLOP_DEPTH * (1 - wave);
            corners.add(share(0.5 + radius * Math.cos(angle), 0.5 + radius * Math.sin(angle)));
        }
        return new Outline(corners);
    }

    private List<Point> arc(int edges) {
        return IntStream.range(0, edges)
                .mapToObj(i -> {
                    double angle = i * 2 * Math.PI / edges;
                    return share(0.5 + Math.cos(angle) / 2, 0.5 + Math.sin(angle) / 2);
                })
                .toList();
    }

    private Outline shares(double... pairs) {
        return new Outline(IntStream.range(0, pairs.length / 2)
                .mapToObj(i -> share(pairs[2 * i], pairs[2 * i + 1]))
                .toList());
    }

    private Point share(double x, double y) {
        return new Point(part(size.width(), x), part(size.height(), y));
    }

    private static Length part(Length whole, double share) {
        return whole.scaledBy(share);
    }
}
