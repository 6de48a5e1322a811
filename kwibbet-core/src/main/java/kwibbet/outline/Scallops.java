package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Scale;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * An edge of round scallops that touches the outline it is made of from within.
 *
 * <p>Discs as wide as the pitch stand side by side on the line half a pitch within the outline, one in each of its corners and a whole number between two of them, so that
 * from disc to disc it is the pitch or as near to it as a whole number comes.
 */
final class Scallops {

    /** What bends by more is a corner; what bends less is a curve drawn with edges. */
    private static final double CORNER = Math.toRadians(25);

    private Scallops() {}

    /** The scalloped outline; nothing where the outline is too narrow for scallops of that pitch. */
    static Optional<Outline> of(Outline outline, Length pitch) {
        return Overlay.inset(outline, pitch.half()).stream()
                .findFirst()
                .map(line -> around(line, pitch))
                .filter(regions -> regions.size() == 1)
                .map(regions -> drawnInto(outline.bounds(), regions.get(0).outline()));
    }

    /** No disc may stand just where the outline is widest; it is as wide as was said all the same. */
    private static Outline drawnInto(Rect box, Outline scalloped) {
        return new Scale(scalloped.bounds(), box.size()).outline(scalloped).plus(box.left(), box.top());
    }

    private static List<Region> around(Outline line, Length pitch) {
        Outline disc = CutShape.Kind.OVAL.outline(new Size(pitch, pitch));
        List<Point> middles =
                runs(line).stream().flatMap(run -> spaced(run, pitch).stream()).toList();
        // From middle to middle: a line that bulges out between two discs would cut the tip off the notch there.
        List<Region> all = new ArrayList<>(List.of(Region.of(middles.size() < 3 ? line : new Outline(middles))));
        middles.forEach(middle -> all.add(
                Region.of(disc.plus(middle.x().minus(pitch.half()), middle.y().minus(pitch.half())))));
        return Overlay.joined(all);
    }

    /** The edges from corner to corner; all of them where there is no corner. */
    private static List<List<Segment>> runs(Outline line) {
        List<Segment> edges = line.edges();
        int first = 0;
        while (first < edges.size() && !isCorner(before(edges, first), edges.get(first))) {
            first++;
        }
        List<List<Segment>> runs = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            Segment edge = edges.get((first + i) % edges.size());
            if (i == 0 || isCorner(before(edges, (first + i) % edges.size()), edge)) {
                runs.add(new ArrayList<>());
            }
            runs.get(runs.size() - 1).add(edge);
        }
        return runs;
    }

    private static Segment before(List<Segment> edges, int i) {
        return edges.get((i + edges.size() - 1) % edges.size());
    }

    private static boolean isCorner(Segment one, Segment next) {
        double bend = Math.abs(angle(next) - angle(one)) % (2 * Math.PI);
        return Math.min(bend, 2 * Math.PI - bend) > CORNER;
    }

    private static double angle(Segment edge) {
        return Math.atan2(
                edge.end().y().minus(edge.start().y()).toInches(),
                edge.end().x().minus(edge.start().x()).toInches());
    }

    /** Points along a run, the first where it starts, the last one step before it ends. */
    private static List<Point> spaced(List<Segment> run, Length pitch) {
        double length = run.stream().mapToDouble(Segment::inches).sum();
        long count = Math.max(1, Math.round(length / pitch.toInches()));
        List<Point> points = new ArrayList<>();
        double gone = 0;
        for (Segment edge : run) {
            while (points.size() < count && points.size() * length / count < gone + edge.inches()) {
                points.add(along(edge, points.size() * length / count - gone));
            }
            gone += edge.inches();
        }
        return points;
    }

    private static Point along(Segment edge, double inches) {
        double share = inches / edge.inches();
        Length right = edge.end().x().minus(edge.start().x()).scaledBy(share);
        Length down = edge.end().y().minus(edge.start().y()).scaledBy(share);
        return edge.start().plus(right, down);
    }
}
