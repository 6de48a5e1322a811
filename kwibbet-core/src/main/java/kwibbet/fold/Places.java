package kwibbet.fold;

import java.util.ArrayList;
import java.util.List;

import kwibbet.crease.Isometry;
import kwibbet.crease.Vertex;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Region;

/** Takes exact shapes to places in inches, and places back to the nearest tick. */
final class Places {

    private Places() {}

    static Vertex vertex(Point point) {
        return new Vertex(point.x().toInches(), point.y().toInches());
    }

    static List<Vertex> corners(Outline outline) {
        return outline.corners().stream().map(Places::vertex).toList();
    }

    /** The outline of an area, then its holes. */
    static List<List<Vertex>> rings(Region region) {
        List<List<Vertex>> rings = new ArrayList<>();
        rings.add(corners(region.outline()));
        region.holes().forEach(hole -> rings.add(corners(hole)));
        return rings;
    }

    /** An outline and its holes where they lie. */
    static Region region(List<List<Vertex>> rings, Isometry place) {
        List<Outline> lying = rings.stream()
                .map(ring -> new Outline(
                        ring.stream().map(place::apply).map(Places::point).toList()))
                .toList();
        return new Region(lying.get(0), lying.subList(1, lying.size()));
    }

    private static Point point(Vertex at) {
        return new Point(Length.nearestInches(at.x()), Length.nearestInches(at.y()));
    }
}
