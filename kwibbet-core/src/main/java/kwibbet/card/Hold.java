package kwibbet.card;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;

/** Where on a piece its adhesive goes. Edges are those of the piece as it lies itself, its up face up; what is not held hangs free. */
public sealed interface Hold {

    /** On all of it. */
    static Hold allOver() {
        return new AllOver();
    }

    /**
     * The parts of a box it takes.
     *
     * @param box all there is to stick
     * @param deep how far it reaches in from an edge it runs along; more than zero
     */
    List<Rect> of(Rect box, Length deep);

    /** The same on a piece turned over sideways, as one sees it with its back up. */
    Hold turnedOver();

    /** Where that is, after what is put there, as {@code along the top edge of}; nothing for all of it. */
    String where();

    /** The only edge it is held by, so that the rest can be lifted. */
    default Set<Edge> hinges() {
        return Set.of();
    }

    /** On all of it. */
    record AllOver() implements Hold {
        @Override
        public List<Rect> of(Rect box, Length deep) {
            return List.of(box);
        }

        @Override
        public Hold turnedOver() {
            return this;
        }

        @Override
        public String where() {
            return "";
        }
    }

    /**
     * In a strip along edges.
     *
     * @param edges which; at least one
     */
    record Along(Set<Edge> edges) implements Hold {
        /**
         * Copies the set.
         *
         * @throws IllegalArgumentException when it is empty
         */
        public Along {
            if (edges.isEmpty()) {
                throw new IllegalArgumentException("adhesive along edges runs along at least one");
            }
            edges = Set.copyOf(EnumSet.copyOf(edges));
        }

        @Override
        public List<Rect> of(Rect box, Length deep) {
            return Stream.of(Edge.values())
                    .filter(edges::contains)
                    .map(edge -> at(edge, box, deep))
                    .toList();
        }

        @Override
        public Hold turnedOver() {
            return new Along(edges.stream().map(Hold::seenFromBehind).collect(Collectors.toSet()));
        }

        @Override
        public Set<Edge> hinges() {
            return edges.size() == 1 ? edges : Set.of();
        }

        @Override
        public String where() {
            List<String> words = Stream.of(Edge.values())
                    .filter(edges::contains)
                    .map(Edge::word)
                    .toList();
            String last = words.get(words.size() - 1);
            String all = words.size() == 1
                    ? last
                    : String.join(", the ", words.subList(0, words.size() - 1)) + " and the " + last;
            return "along the " + all + " edge of";
        }
    }

    /**
     * On the half beside an edge.
     *
     * @param edge the edge
     */
    record Half(Edge edge) implements Hold {
        @Override
        public List<Rect> of(Rect box, Length deep) {
            return List.of(at(
                    edge,
                    box,
                    (edge.isUpright() ? box.size().width() : box.size().height()).half()));
        }

        @Override
        public Hold turnedOver() {
            return new Half(seenFromBehind(edge));
        }

        @Override
        public String where() {
            return "on the " + edge.word() + " half of";
        }
    }

    /** At the four corners. */
    record Corners() implements Hold {
        @Override
        public List<Rect> of(Rect box, Length deep) {
            Length across = Length.min(deep, box.size().width().half());
            Length down = Length.min(deep, box.size().height().half());
            return Stream.of(Edge.LEFT, Edge.RIGHT)
                    .map(edge -> at(edge, box, across))
                    .flatMap(side -> Stream.of(at(Edge.TOP, side, down), at(Edge.BOTTOM, side, down)))
                    .toList();
        }

        @Override
        public Hold turnedOver() {
            return this;
        }

        @Override
        public String where() {
            return "at the corners of";
        }
    }

    private static Edge seenFromBehind(Edge edge) {
        return edge.isUpright() ? edge.opposite() : edge;
    }

    private static Rect at(Edge edge, Rect box, Length deep) {
        Length width = edge.isUpright()
                ? Length.min(deep, box.size().width())
                : box.size().width();
        Length height = edge.isUpright()
                ? box.size().height()
                : Length.min(deep, box.size().height());
        Length left = edge == Edge.RIGHT ? box.right().minus(width) : box.left();
        Length top = edge == Edge.BOTTOM ? box.bottom().minus(height) : box.top();
        return Rect.of(left, top, width, height);
    }
}
