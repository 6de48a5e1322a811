package kwibbet.formats.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Tracing;
import kwibbet.plot.Layer;

/**
 * The lines of a DXF drawing in ASCII: LINE, ARC, CIRCLE, ELLIPSE, LWPOLYLINE and POLYLINE with bulges, SPLINE, and INSERT of blocks of these.
 *
 * <p>Group codes as in the DXF Reference, sections HEADER, BLOCKS and ENTITIES; y is turned so that it runs down.
 */
final class DxfLines {

    private static final Set<Layer> CREASED = Set.of(Layer.VALLEY, Layer.MOUNTAIN, Layer.PART_SCORE);
    private static final Set<Layer> NOT_CUT = Set.of(Layer.PENCIL, Layer.KEEP_OUT);
    private static final int DEEPEST = 16;
    private static final int MOST_LINES = 20_000;
    private static final int MOST_ROWS = 100;

    private final Map<String, Block> blocks;
    private final double tolerance;
    private final List<Tracing.Line> lines = new ArrayList<>();
    private final Set<String> told = new LinkedHashSet<>();

    /** A block: what it holds, and the point of it that is put where it is inserted. */
    private record Block(double x, double y, List<DxfEntity> entities) {}

    private DxfLines(Map<String, Block> blocks, double tolerance) {
        this.blocks = blocks;
        this.tolerance = tolerance;
    }

    /**
     * Reads a drawing.
     *
     * @param text the file
     * @throws UnreadableDrawing when it is none, or holds what cannot be read
     */
    static DrawnLines read(String text) {
        DxfFile file = DxfFile.read(text);
        Map<String, Block> blocks = blocks(file.section("BLOCKS"));
        List<DxfEntity> entities = file.section("ENTITIES");
        AffineTransform down = AffineTransform.getScaleInstance(1, -1);
        DxfLines coarse = new DxfLines(blocks, Double.MAX_VALUE);
        coarse.draw(entities, down, 0);
        DxfLines fine = new DxfLines(blocks, Pen.tolerance(coarse.lines));
        fine.draw(entities, down, 0);
        Map<Integer, DrawnUnit> units = Map.of(1, DrawnUnit.INCH, 4, DrawnUnit.MILLIMETRE, 5, DrawnUnit.CENTIMETRE);
        boolean isSaid = units.containsKey(file.units());
        return new DrawnLines(
                new Tracing(fine.lines),
                units.getOrDefault(file.units(), DrawnUnit.MILLIMETRE),
                isSaid,
                List.copyOf(fine.told));
    }

    private static Map<String, Block> blocks(List<DxfEntity> section) {
        Map<String, Block> blocks = new HashMap<>();
        List<DxfEntity> inside = new ArrayList<>();
        DxfEntity begun = DxfEntity.NONE;
        for (DxfEntity entity : section) {
            switch (entity.type()) {
                case "BLOCK" -> {
                    begun = entity;
                    inside = new ArrayList<>();
                }
                case "ENDBLK" ->
                    blocks.put(begun.text(2), new Block(begun.number(10, 0), begun.number(20, 0), List.copyOf(inside)));
                default -> inside.add(entity);
            }
        }
        return blocks;
    }

    private void draw(List<DxfEntity> entities, AffineTransform frame, int depth) {
        if (depth > DEEPEST) {
            throw new UnreadableDrawing("Blocks in it are inserted into themselves.");
        }
        for (int i = 0; i < entities.size(); i++) {
            DxfEntity entity = entities.get(i);
            if (entity.type().equals("POLYLINE")) {
                List<DxfEntity> vertices = new ArrayList<>();
                while (i + 1 < entities.size() && entities.get(i + 1).type().equals("VERTEX")) {
                    i++;
                    vertices.add(entities.get(i));
                }
                polyline(entity, vertices, frame);
            } else {
                draw(entity, frame, depth);
            }
            if (lines.size() > MOST_LINES) {
                throw new UnreadableDrawing("It has more than " + MOST_LINES + " lines.");
            }
        }
    }

    private void draw(DxfEntity entity, AffineTransform frame, int depth) {
        Pen pen = pen(entity, turned(entity, frame));
        switch (entity.type()) {
            case "LINE" -> {
                pen.moveTo(entity.number(10, 0), entity.number(20, 0));
                pen.lineTo(entity.number(11, 0), entity.number(21, 0));
                pen.end();
            }
            case "CIRCLE" -> {
                arc(pen, entity, 0, 2 * Math.PI);
                pen.close();
            }
            case "ARC" -> {
                double from = Math.toRadians(entity.number(50, 0));
                double sweep = Math.toRadians(entity.number(51, 360)) - from;
                arc(pen, entity, from, sweep > 0 ? sweep : sweep + 2 * Math.PI);
                pen.end();
            }
            case "ELLIPSE" -> ellipse(pen, entity);
            case "LWPOLYLINE" -> polyline(pen, entity.vertices(), (entity.whole(70) & 1) == 1);
            case "SPLINE" -> Spline.of(entity).draw(pen, (entity.whole(70) & 1) == 1);
            case "INSERT" -> insert(entity, turned(entity, frame), depth);
            case "SEQEND", "VERTEX", "ATTRIB", "POINT", "VIEWPORT", "DIMENSION" -> {}
            default ->
                told.add(
                        "What is a " + UnreadableDrawing.clipped(entity.type())
                                + " in it is left out: lines, arcs, circles, ellipses, polylines, splines and blocks can be read.");
        }
    }

    /** What is drawn on the far side of its plane is seen mirrored (arbitrary axis algorithm, extrusion 0, 0, −1). */
    private static AffineTransform turned(DxfEntity entity, AffineTransform frame) {
        AffineTransform turned = new AffineTransform(frame);
        if (entity.number(230, 1) < 0
                && !entity.type().equals("LINE")
                && !entity.type().equals("SPLINE")) {
            turned.scale(-1, 1);
        }
        return turned;
    }

    /** Layers of the lines that Kwibbet writes say what they are for; any other layer is cut where it is closed. */
    private Pen pen(DxfEntity entity, AffineTransform frame) {
        String name = entity.text(8).toUpperCase(Locale.ROOT);
        Optional<Layer> layer = Stream.of(Layer.values())
                .filter(each -> each.name().equals(name))
                .findFirst();
        boolean dashed = layer.filter(CREASED::contains).isPresent()
                || entity.text(6).toUpperCase(Locale.ROOT).startsWith("DASH");
        boolean left = layer.filter(NOT_CUT::contains).isPresent();
        return new Pen(
                tolerance,
                frame,
                dashed ? Tracing.Use.CREASE : Tracing.Use.NOTHING,
                left ? Tracing.Use.NOTHING : dashed ? Tracing.Use.CREASE : Tracing.Use.CUT,
                lines);
    }

    private static void arc(Pen pen, DxfEntity entity, double from, double sweep) {
        double radius = entity.number(40, 0);
        Point2D middle = new Point2D.Double(entity.number(10, 0), entity.number(20, 0));
        pen.moveTo(middle.getX() + radius * Math.cos(from), middle.getY() + radius * Math.sin(from));
        pen.arc(middle, new Point2D.Double(radius, radius), 0, from, sweep);
    }

    private static void ellipse(Pen pen, DxfEntity entity) {
        double majorX = entity.number(11, 0);
        double majorY = entity.number(21, 0);
        double major = Math.hypot(majorX, majorY);
        double minor = major * entity.number(40, 1);
        double tilt = Math.atan2(majorY, majorX);
        double from = entity.number(41, 0);
        double sweep = entity.number(42, 2 * Math.PI) - from;
        double x = major * Math.cos(from);
        double y = minor * Math.sin(from);
        Point2D middle = new Point2D.Double(entity.number(10, 0), entity.number(20, 0));
        pen.moveTo(
                middle.getX() + x * Math.cos(tilt) - y * Math.sin(tilt),
                middle.getY() + x * Math.sin(tilt) + y * Math.cos(tilt));
        pen.arc(middle, new Point2D.Double(major, minor), tilt, from, sweep > 0 ? sweep : sweep + 2 * Math.PI);
        pen.end();
    }

    private void polyline(DxfEntity entity, List<DxfEntity> vertices, AffineTransform frame) {
        List<double[]> corners = vertices.stream()
                .map(vertex -> new double[] {vertex.number(10, 0), vertex.number(20, 0), vertex.number(42, 0)})
                .toList();
        polyline(pen(entity, turned(entity, frame)), corners, (entity.whole(70) & 1) == 1);
    }

    private static void polyline(Pen pen, List<double[]> corners, boolean closed) {
        if (corners.isEmpty()) {
            return;
        }
        pen.moveTo(corners.get(0)[0], corners.get(0)[1]);
        for (int i = 0; i < (closed ? corners.size() : corners.size() - 1); i++) {
            side(pen, corners.get(i), corners.get((i + 1) % corners.size()));
        }
        if (closed) {
            pen.close();
        } else {
            pen.end();
        }
    }

    /** A bulge is the tangent of a quarter of the angle of the arc, more than zero where that goes to the left. */
    private static void side(Pen pen, double[] from, double[] to) {
        double bulge = from[2];
        double chord = Math.hypot(to[0] - from[0], to[1] - from[1]);
        if (bulge == 0 || chord == 0) {
            pen.lineTo(to[0], to[1]);
            return;
        }
        double sweep = 4 * Math.atan(bulge);
        double radius = chord * (1 + bulge * bulge) / (4 * Math.abs(bulge));
        double off = (1 - bulge * bulge) / (4 * bulge);
        double x = (from[0] + to[0]) / 2 - off * (to[1] - from[1]);
        double y = (from[1] + to[1]) / 2 + off * (to[0] - from[0]);
        double start = Math.atan2(from[1] - y, from[0] - x);
        pen.arc(new Point2D.Double(x, y), new Point2D.Double(radius, radius), 0, start, sweep);
    }

    private void insert(DxfEntity entity, AffineTransform frame, int depth) {
        Block block = blocks.get(entity.text(2));
        if (block == null) {
            told.add("It inserts the block “" + UnreadableDrawing.clipped(entity.text(2)) + "”, which is not in it.");
            return;
        }
        int columns = Math.max(1, Math.min(MOST_ROWS, entity.whole(70)));
        int rows = Math.max(1, Math.min(MOST_ROWS, entity.whole(71)));
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                AffineTransform inner = new AffineTransform(frame);
                inner.translate(entity.number(10, 0), entity.number(20, 0));
                inner.rotate(Math.toRadians(entity.number(50, 0)));
                inner.translate(column * entity.number(44, 0), row * entity.number(45, 0));
                inner.scale(entity.number(41, 1), entity.number(42, 1));
                inner.translate(-block.x(), -block.y());
                draw(block.entities(), inner, depth + 1);
            }
        }
    }
}
