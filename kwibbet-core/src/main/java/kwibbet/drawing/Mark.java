package kwibbet.drawing;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** One thing on a drawing. */
public sealed interface Mark {

    /**
     * A closed area.
     *
     * @param outline its corners in order, at least three
     * @param holes what is cut out of it
     * @param fill what fills it
     * @param line its edge
     * @param ink what its edge is drawn on
     * @param raised whether it lies on top of something and throws a soft shadow
     */
    record Area(List<Point> outline, List<List<Point>> holes, Fill fill, Line line, Ink ink, boolean raised)
            implements Mark {
        /** Copies the corners. */
        public Area {
            outline = List.copyOf(outline);
            holes = holes.stream().map(List::copyOf).toList();
        }

        /** A rectangle. */
        public static Area of(Rect area, Fill fill, Line line, Ink ink) {
            return of(Outline.of(area), fill, line, ink);
        }

        /** An area without holes. */
        public static Area of(Outline outline, Fill fill, Line line, Ink ink) {
            return new Area(outline.corners(), List.of(), fill, line, ink, false);
        }

        /** An area with its holes. */
        public static Area of(Region region, Fill fill, Line line, Ink ink) {
            List<List<Point>> holes =
                    region.holes().stream().map(Outline::corners).toList();
            return new Area(region.outline().corners(), holes, fill, line, ink, false);
        }

        /** The same, throwing a shadow. */
        public Area lifted() {
            return new Area(outline, holes, fill, line, ink, true);
        }
    }

    /**
     * An open path.
     *
     * @param path its points in order, at least two
     * @param line what it means
     * @param ink what it is drawn on
     */
    record Stroke(List<Point> path, Line line, Ink ink) implements Mark {
        /** Copies the points. */
        public Stroke {
            path = List.copyOf(path);
        }
    }

    /**
     * Words and figures on one line.
     *
     * @param at where its anchor is, halfway up its figures
     * @param phrase what it says
     * @param anchor which part of it is there
     * @param size its height, in shares of the drawing's text height
     * @param ink what it is drawn on
     * @param upwards whether it reads from bottom to top
     * @param clear whether the lines behind it are cleared away
     */
    record Text(Point at, Phrase phrase, Anchor anchor, double size, Ink ink, boolean upwards, boolean clear)
            implements Mark {}

    /** Which part of a text is at its place. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /**
     * A number in a disc.
     *
     * @param centre its middle
     * @param radius its radius
     * @param label what stands in it
     */
    record Disc(Point centre, Length radius, String label) implements Mark {}

    /**
     * Marks that belong to one piece, lit together with it.
     *
     * @param piece the id of the piece
     * @param label what it is called
     * @param marks what is drawn
     */
    record Group(String piece, String label, List<Mark> marks) implements Mark {
        /** Copies the marks. */
        public Group {
            marks = List.copyOf(marks);
        }
    }
}
