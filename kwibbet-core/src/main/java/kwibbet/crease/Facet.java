package kwibbet.crease;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Paper between creases and cuts.
 *
 * @param name what a maker calls it
 * @param sheet the sheet it is part of; facets of one sheet share a frame
 * @param outline its corners in order
 * @param holes what is cut out of it
 */
public record Facet(String name, int sheet, List<Vertex> outline, List<List<Vertex>> holes) {

    /** Copies the lists. */
    public Facet {
        outline = List.copyOf(outline);
        holes = holes.stream().map(List::copyOf).toList();
    }

    /** Its outline, then its holes. */
    public Stream<List<Vertex>> rings() {
        return Stream.concat(Stream.of(outline), holes.stream());
    }

    /** A place well within it: beside the middle of its longest side. */
    public Vertex inside() {
        FlatShape shape = FlatShape.of(this, Isometry.SAME);
        Stretch side = shape.sides().stream()
                .max(Comparator.comparingDouble(Stretch::length))
                .orElseThrow(() -> new IllegalStateException("a facet has sides"));
        for (double off = 1e-2; off > 1e-6; off /= 2) {
            Vertex aside = side.along().quarter().times(off);
            for (Vertex at : List.of(side.middle().plus(aside), side.middle().minus(aside))) {
                if (shape.covers(at)) {
                    return at;
                }
            }
        }
        return side.middle();
    }

    /** Whether a place off its edges lies on it. */
    public boolean covers(Vertex place) {
        return FlatShape.of(this, Isometry.SAME).covers(place);
    }
}
