package kwibbet.crease;

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
}
