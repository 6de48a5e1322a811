package kwibbet.app.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.Vertex;
import kwibbet.drawing.Fill;
import kwibbet.fold.FoldMotion;
import kwibbet.fold.FoldSpace;
import kwibbet.fold.Frame;
import kwibbet.fold.Leaf;
import kwibbet.fold.Vector;
import kwibbet.paper.Colour;
import kwibbet.picture.FaceFills;

/**
 * The frames of something that folds, ready to be shown.
 *
 * @param steps how many steps there are
 * @param leaves what moves
 * @param turns when the whole is turned over, and how far, in degrees
 */
public record MotionView(int steps, List<Sheet> leaves, List<Turn> turns) {

    /** The stage the page keeps for it, in pixels. */
    private static final int WIDTH = 900;

    private static final int HEIGHT = 380;
    /** Room round what folds, so that it can be turned. */
    private static final double FILLED = 0.85;

    /** What is seen of a height on the table, and of a rise above it on both sides of the middle, by a viewer who looks down on it. */
    private static final double LEANT = 0.85;

    private static final double RAISED = 1.1;

    /** Plies lie this part of the whole's width apart: just enough to tell them apart, or so that one sees between. */
    private static final double CLOSE = 0.0016;

    private static final double SPREAD = 0.02;

    private static final FaceFills WHITE = FaceFills.same(new Fill.Paper(Colour.WHITE));
    /** Film is drawn in it. */
    private static final String CLEAR = "#d6e6ef";

    /** Copies the lists. */
    public MotionView {
        leaves = List.copyOf(leaves);
        turns = List.copyOf(turns);
    }

    /**
     * A leaf and its way.
     *
     * @param path its outline and holes, as the path of an SVG
     * @param width the width of the box round it
     * @param height the height of the box round it
     * @param fill the colour of its up face
     * @param under the colour of the other
     * @param clear whether it is film
     * @param moments its keyframes
     * @param parts when only part of it is shown
     */
    public record Sheet(
            String path,
            double width,
            double height,
            String fill,
            String under,
            boolean clear,
            List<Moment> moments,
            List<Part> parts) {
        /** Copies the lists. */
        public Sheet {
            moments = List.copyOf(moments);
            parts = List.copyOf(parts);
        }
    }

    /**
     * What is shown of a leaf for a while instead of all of it.
     *
     * @param from when it starts, as a part of the whole time
     * @param to when it ends
     * @param path what is shown
     */
    public record Part(double from, double to, String path) {}

    /**
     * A keyframe.
     *
     * @param at its part of the whole time
     * @param transform where the leaf stands, as CSS says it
     * @param light how bright it is, 1 where it lies flat
     */
    public record Moment(double at, String transform, double light) {}

    /**
     * A keyframe of the whole.
     *
     * @param at its part of the whole time
     * @param degrees how far it is turned over
     */
    public record Turn(double at, int degrees) {}

    /** The frames of a sequence, its plies close or spread. */
    public static MotionView of(
            FoldSequence sequence, List<Leaf> leaves, Map<String, FaceFills> fills, boolean spread) {
        FoldSpace space = FoldSpace.of(sequence, leaves);
        double high = space.height() * LEANT + space.reach() * RAISED;
        double pixels = FILLED * Math.min(WIDTH / space.width(), HEIGHT / high);
        double ply = Math.max(space.width(), space.height()) * (spread ? SPREAD : CLOSE);
        List<Sheet> sheets = new ArrayList<>();
        int steps = sequence.steps().size();
        for (FoldMotion.Way way : FoldMotion.of(sequence, leaves, ply)) {
            sheets.add(sheet(way, fills, space, pixels, steps));
        }
        return new MotionView(steps, sheets, turns(sequence));
    }

    private static Sheet sheet(
            FoldMotion.Way way, Map<String, FaceFills> fills, FoldSpace space, double pixels, int steps) {
        Leaf leaf = way.leaf();
        List<Vertex> outline = leaf.rings().get(0);
        double left = outline.stream().mapToDouble(Vertex::x).min().orElse(0);
        double top = outline.stream().mapToDouble(Vertex::y).min().orElse(0);
        double right = outline.stream().mapToDouble(Vertex::x).max().orElse(0);
        double bottom = outline.stream().mapToDouble(Vertex::y).max().orElse(0);
        List<Moment> moments = way.moments().stream()
                .map(moment -> new Moment(
                        moment.at() / steps,
                        transform(moment.frame(), left, top, space, pixels),
                        Math.round(moment.frame().light() * 1000) / 1000.0))
                .toList();
        FaceFills faces = Optional.ofNullable(fills.get(leaf.piece())).orElse(WHITE);
        return new Sheet(
                path(leaf.rings(), left, top, pixels),
                (right - left) * pixels,
                (bottom - top) * pixels,
                colour(faces.up()),
                colour(faces.under()),
                faces.up() instanceof Fill.Film,
                moments,
                way.cuts().stream()
                        .map(cut -> new Part(
                                cut.from() / steps,
                                Math.min(1, cut.to() / steps),
                                path(cut.rings(), left, top, pixels)))
                        .toList());
    }

    private static String colour(Fill fill) {
        return fill instanceof Fill.Paper paper ? paper.colour().hex() : CLEAR;
    }

    private static String path(List<List<Vertex>> rings, double left, double top, double pixels) {
        StringBuilder path = new StringBuilder();
        for (List<Vertex> ring : rings) {
            char command = 'M';
            for (Vertex corner : ring) {
                path.append(command)
                        .append(number((corner.x() - left) * pixels))
                        .append(' ')
                        .append(number((corner.y() - top) * pixels));
                command = 'L';
            }
            path.append('Z');
        }
        return path.toString();
    }

    /** The matrix that takes the box of a leaf to where it stands on the stage; columns one after the other. */
    private static String transform(Frame frame, double left, double top, FoldSpace space, double pixels) {
        Vector corner = frame.at(left, top);
        Vector up = frame.up();
        StringBuilder matrix = new StringBuilder("matrix3d(");
        for (Vector column : List.of(frame.right(), frame.down(), up)) {
            matrix.append(number(column.x()))
                    .append(',')
                    .append(number(column.y()))
                    .append(',')
                    .append(number(column.z()))
                    .append(",0,");
        }
        return matrix.append(number((corner.x() - space.middle().x()) * pixels))
                .append(',')
                .append(number((corner.y() - space.middle().y()) * pixels))
                .append(',')
                .append(number(corner.z() * pixels))
                .append(",1)")
                .toString();
    }

    private static List<Turn> turns(FoldSequence sequence) {
        List<Turn> turns = new ArrayList<>(List.of(new Turn(0, startsFromUnder(sequence) ? 180 : 0)));
        int steps = sequence.steps().size();
        for (int i = 0; i < steps; i++) {
            int before = turns.get(turns.size() - 1).degrees();
            boolean turns180 = sequence.steps().get(i).kind() == FoldStep.Kind.TURN;
            turns.add(new Turn((double) i / steps, before));
            turns.add(new Turn((i + 1.0) / steps, turns180 ? before + 180 : before));
        }
        return turns;
    }

    private static boolean startsFromUnder(FoldSequence sequence) {
        FoldStep first = sequence.steps().get(0);
        return (first.kind() == FoldStep.Kind.TURN) != first.isSeenFromUnder();
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.4f", value);
        return text.equals("-0.0000") ? "0" : text;
    }
}
